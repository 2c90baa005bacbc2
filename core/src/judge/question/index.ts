import type { IngredientRow, PlantRow, SceneFact, Tables } from '../../tables';
import { onlyOnce, type CautionFound } from '../caution';
import { againstPlant, notOnPlant, standsNear, testLeafFor, tryALeaf } from '../on-plant';
import { mentions, type Mention } from '../mentions';
import type { Scene } from '../safety';
import { percentsIn } from './figures';
import { factsIn, isBeside, nameable } from './names';
import { apartIn, daysToHarvestIn, heldIn, keptApart } from './order';
import { strengthsOf } from './strengths';
import { unknownIn } from './unknown';

export { percentIn } from './figures';

/** One thing that was read from a question. */
export type ReadOf =
  | { readonly kind: 'ingredient'; readonly id: string }
  | { readonly kind: 'plant'; readonly id: string }
  | { readonly kind: 'percent'; readonly percent: number }
  | { readonly kind: 'fact'; readonly fact: SceneFact }
  | { readonly kind: 'apart'; readonly days: number };

/** A question in a gardener's words, as far as it is understood. */
export interface Asked {
  readonly scene: Scene;
  /** What plants, limits of strength and days to keep apart have to say, besides the rules. */
  readonly cautions: readonly CautionFound[];
  /** What was read. */
  readonly understood: readonly ReadOf[];
  /** Words that may be a substance or a place nobody here knows. */
  readonly notUnderstood: readonly string[];
}

/** Reads a question such as "may I put 20 % vinegar on weeds near the pond". Unknown words are handed back, not guessed. */
export function readQuestion(tables: Tables, line: string): Asked {
  const lower = line.toLowerCase();
  const named = mentions(nameable(tables), lower);
  const things = named.flatMap((found) => (found.row.kind === 'ingredient' ? [{ ...found, row: found.row.row }] : []));
  const plants = named.flatMap((found) => (found.row.kind === 'plant' ? [{ ...found, row: found.row.row }] : []));
  const isAboutWeeds = named.some(({ row }) => row.kind === 'weed');
  const facts = factsIn(tables, lower, plants, isAboutWeeds);
  const said = things.map((thing) => strengthsOf(tables, thing, things, lower, facts));
  const apart = apartIn(lower, things);
  const earlier = new Set(apart?.earlier ?? []);
  const daysToHarvest = daysToHarvestIn(lower);
  const held = heldIn(lower, things);
  const used = said.filter(({ mention }) => !earlier.has(mention) && !held.includes(mention));
  return {
    scene: {
      things: used.map(({ thing }) => thing),
      facts,
      before: [
        ...said
          .filter(({ mention }) => earlier.has(mention))
          .flatMap(({ thing: { classes } }) =>
            (['plant', 'bed'] as const).map((where) => ({ classes, where, daysAgo: apart?.days ?? 0 })),
          ),
        ...held.map(({ row: { classes } }) => ({ classes, where: 'tank' as const, daysAgo: 0 })),
      ],
      ...(daysToHarvest === undefined ? {} : { daysToHarvest }),
    },
    cautions: onlyOnce([
      ...used.flatMap(({ beyond }) => beyond ?? []),
      ...used.flatMap(({ mention }) => plants.flatMap((plant) => onPlant(tables, mention.row, plant, lower))),
      ...(apart ? keptApart(tables, apart) : []),
    ]),
    understood: [
      ...things.map(({ row: { id } }) => ({ kind: 'ingredient', id }) as const),
      ...percentsIn(lower).map(({ percent }) => ({ kind: 'percent', percent }) as const),
      ...plants.map(({ row: { id } }) => ({ kind: 'plant', id }) as const),
      ...facts.map((fact) => ({ kind: 'fact', fact }) as const),
      ...(apart ? [{ kind: 'apart', days: apart.days } as const] : []),
    ],
    notUnderstood: unknownIn(tables, lower, named),
  };
}

/** What remedies of the same first class say about a plant: a stop where none of them may go on it. */
function onPlant(tables: Tables, row: IngredientRow, plant: Mention<PlantRow>, line: string): CautionFound[] {
  const alike = tables.remedies.filter(
    ({ classes, recipe, rung }) =>
      rung !== 'care' && (recipe?.ingredient === row.id || (classes[0] !== undefined && classes[0] === row.classes[0])),
  );
  if (alike.length === 0) return [];
  const against = alike.map((remedy) => againstPlant(tables, remedy, plant.row.id));
  const why = against.every((reason) => reason !== undefined) ? against[0] : undefined;
  if (why !== undefined) return [isBeside(plant, line) ? standsNear(plant.row, why) : notOnPlant(plant.row, why)];
  const test = alike.map((remedy) => testLeafFor(tables, remedy, plant.row.id)).find((reason) => reason !== undefined);
  return test === undefined ? [] : [tryALeaf(plant.row, test)];
}
