/**
 * What mixes are made of, and what else people put on plants and soil. Densities in g/mL (powders: bulk density, good
 * to a fifth); active content in g per mL of the product as bought, with the range found on labels.
 */
import type { IngredientRow } from '@trowel/core/tables';
import { bought } from './bought';
import { cleaning } from './cleaning';
import { feeds } from './feeds';
import { household } from './household';
import { kitchen } from './kitchen';
import { materials } from './materials';
import { poisons } from './poisons';
import { soil } from './soil';
import { waterAndBrews } from './water-and-brews';

export const ingredients: readonly IngredientRow[] = [
  ...kitchen,
  ...cleaning,
  ...feeds,
  ...soil,
  ...waterAndBrews,
  ...bought,
  ...poisons,
  ...household,
  ...materials,
];
