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
import { judge, type Act, type ActThing } from './judge';
import { plantStop, plantTest } from './on-plant';
import { waysIn } from './timing';

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

interface Mixed {
  readonly strength?: number | undefined;
  /** What stands in for the recipe's usual ingredient. */
  readonly product?: IngredientRow;
  /** % on the label of its bottle. */
  readonly label?: number | undefined;
}

/** What a remedy puts on, as the judge takes it: what its recipe is named for, and what else goes in. */
export function thingsOf(
  tables: Pick<Tables, 'ingredients'>,
  remedy: Pick<RemedyRow, 'classes' | 'recipe'>,
  { strength, product, label }: Mixed = {},
): ActThing[] {
  const { recipe } = remedy;
  if (!recipe) return [{ classes: remedy.classes }];
  const rowOf = (id: string) => rowById(tables.ingredients, id, 'ingredients');
  const row = product ?? rowOf(recipe.ingredient);
  return [
    {
      ingredient: row.id,
      classes: [...new Set([...row.classes, ...remedy.classes])],
      ...(label === undefined ? {} : { percent: label }),
      ...(strength === undefined ? {} : { dose: doseOf(recipe, strength) }),
    },
    ...(recipe.also ?? []).map(({ ingredient, perLitre }) => ({
      ingredient,
      classes: [...new Set([...rowOf(ingredient).classes, ...waysIn(remedy.classes)])],
      dose: perLitre / 10,
    })),
  ];
}

/** Putting a remedy on, as the judge takes it. @param scene what else is known of it */
export function remedyAct(
  tables: Pick<Tables, 'ingredients' | 'plants'>,
  remedy: RemedyRow,
  { strength, product, label, ...scene }: Mixed & Omit<Act, 'things' | 'remedy' | 'use' | 'strength'> = {},
): Act {
  const use = remedyUse(remedy);
  const isYoung = tables.plants.some(({ id, groups }) => scene.plants?.includes(id) && groups.includes('seedling'));
  return {
    ...scene,
    facts: [...(scene.facts ?? []), ...(remedy.scene ?? [])],
    remedy: remedy.id,
    things: thingsOf(tables, remedy, { strength, label, ...(product === undefined ? {} : { product }) }),
    ...(strength === undefined ? {} : { strength }),
    ...(use === undefined ? {} : { use }),
    ...(isYoung ? { isYoung } : {}),
  };
}

/** The strength that is mixed where none is chosen. */
export function usualStrength({ strengths }: Pick<RecipeSpec, 'strengths'>): RecipeSpec['strengths'][number] {
  const found = strengths.find(({ byDefault }) => byDefault) ?? strengths[0];
  if (!found) throw new Error('a recipe has no strength');
  return found;
}

/** What speaks against a remedy itself: stronger than its recipe goes, or never on such a plant, or on a leaf first. */
export function remedyOf(
  tables: Tables,
  { remedy, strength, plants = [], facts = [], isTested, testLeafDaysAgo }: Act,
): CautionFound[] {
  const row = tables.remedies.find(({ id }) => id === remedy);
  if (!row) return [];
  const on = tables.plants.filter(({ id }) => plants.includes(id));
  return [
    ...beyondCap(row, strength),
    ...on.flatMap((plant) => plantStop(tables, row, plant, facts)),
    ...(isTested || testLeafDaysAgo !== undefined ? [] : on.flatMap((plant) => plantTest(tables, row, plant, facts))),
  ];
}

/**
 * The strength to begin with: the recipe's own, or where the judge stops that, the strongest of its others that he
 * lets pass; the recipe's own again where he lets none, so that he is heard.
 */
export function strengthFor(
  tables: Tables,
  remedy: RemedyRow & { readonly recipe: RecipeSpec },
  scene: Parameters<typeof remedyAct>[2] = {},
): RecipeSpec['strengths'][number] {
  const { recipe } = remedy;
  const usual = usualStrength(recipe);
  const passes = ({ value }: { value: number }) =>
    !judge(tables, remedyAct(tables, remedy, { ...scene, strength: value })).some(({ level }) => level === 'stop');
  if (recipe.strengths.length === 1 || passes(usual)) return usual;
  const byDose = [...recipe.strengths].sort((a, b) => doseOf(recipe, b.value) - doseOf(recipe, a.value));
  return byDose.find(passes) ?? usual;
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
