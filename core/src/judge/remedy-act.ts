import { said } from '../quantities';
import {
  rowById,
  withinCap,
  type IngredientRow,
  type RecipeSpec,
  type RemedyRow,
  type Tables,
  type Use,
} from '../tables';
import type { CautionFound } from './caution';
import type { ActThing } from './judge';

/** Where a remedy goes. */
export function remedyUse({ classes, recipe }: Pick<RemedyRow, 'classes' | 'recipe'>): Use | undefined {
  if (recipe?.kind === 'bait' || classes.includes('bait')) return 'bait';
  if (classes.includes('spray')) return 'leaf';
  if (classes.includes('hygiene')) return 'tool';
  if (classes.includes('drench')) return classes.includes('soak') ? 'soak' : 'root';
  return recipe ? 'soil' : undefined;
}

/** % of what goes on, as limits count it, for a strength in the recipe's own unit. */
export function doseOf(recipe: RecipeSpec, value: number): number {
  switch (recipe.kind) {
    case 'percent-volume':
    case 'percent-strength':
    case 'bait':
      return value;
    case 'one-to-n':
      return 100 / (1 + value);
    case 'grams-per-litre':
      return value / 10;
    default:
      return recipe satisfies never;
  }
}

/** What a remedy puts on, as the judge takes it. @param product what stands in for the recipe's usual ingredient */
export function thingsOf(
  tables: Pick<Tables, 'ingredients'>,
  remedy: RemedyRow,
  {
    strength,
    product,
    label,
  }: {
    readonly strength?: number | undefined;
    readonly product?: IngredientRow;
    readonly label?: number | undefined;
  } = {},
): ActThing[] {
  const { recipe } = remedy;
  if (!recipe) return [{ classes: remedy.classes }];
  const row = product ?? rowById(tables.ingredients, recipe.ingredient, 'ingredients');
  return [
    {
      ingredient: row.id,
      classes: [...new Set([...row.classes, ...remedy.classes])],
      ...(label === undefined ? {} : { percent: label }),
      ...(strength === undefined ? {} : { dose: doseOf(recipe, strength) }),
    },
  ];
}

/** The strength that is mixed where none is chosen. */
export function usualStrength({ strengths }: Pick<RecipeSpec, 'strengths'>): RecipeSpec['strengths'][number] {
  const found = strengths.find(({ byDefault }) => byDefault) ?? strengths[0];
  if (!found) throw new Error('a recipe has no strength');
  return found;
}

/** Stronger than the recipe of a remedy goes, in the recipe's own unit. */
export function beyondCap({ id, recipe }: Pick<RemedyRow, 'id' | 'recipe'>, value: number | undefined): CautionFound[] {
  if (!recipe || value === undefined || withinCap(recipe, value)) return [];
  return [
    {
      level: 'stop',
      ...said('beyond-cap', { remedy: id, value, most: recipe.cap, usual: usualStrength(recipe).value }),
    },
  ];
}
