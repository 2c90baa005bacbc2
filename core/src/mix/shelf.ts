import type { RemedyRow, Tables } from '../tables';

/** Recipes that one looks for first, and the rest. */
export interface RecipeShelf {
  /** Made or chosen here, the latest first. */
  readonly last: readonly RemedyRow[];
  /** All that goes in is in the cupboard. */
  readonly atHand: readonly RemedyRow[];
  readonly rest: readonly RemedyRow[];
}

const mostLast = 3;
/** With those used last not more than one can choose from at a glance. */
const mostFirst = 7;

/** @param usedLast ids of remedies, the latest first @param cupboard ids of ingredients */
export function recipeShelf(
  { remedies }: Pick<Tables, 'remedies'>,
  usedLast: readonly string[],
  cupboard: readonly string[],
): RecipeShelf {
  const mixable = remedies.filter(({ recipe }) => recipe).sort((a, b) => a.name.localeCompare(b.name));
  const last = usedLast.flatMap((id) => mixable.filter((row) => row.id === id)).slice(0, mostLast);
  const isAtHand = ({ recipe }: RemedyRow) =>
    recipe !== undefined &&
    'ingredient' in recipe &&
    [recipe.ingredient, ...(recipe.also ?? []).map(({ ingredient }) => ingredient)].every((id) =>
      cupboard.includes(id),
    );
  const atHand = mixable.filter((row) => !last.includes(row) && isAtHand(row)).slice(0, mostFirst - last.length);
  return { last, atHand, rest: mixable.filter((row) => !last.includes(row) && !atHand.includes(row)) };
}

/** Usual bottles and bags, mL or g. */
const usualPacks = [50, 100, 250, 500, 1000, 2500, 5000, 10_000, 25_000];

/**
 * How full it is drawn, 0…1: of its pack where that is known, else of the smallest usual one that it fits in.
 * @param amount mL or g; undefined where nobody measured it
 */
export function levelIn(amount: number | null, packSize: number | null): number | undefined {
  if (amount === null) return undefined;
  const pack =
    packSize !== null && packSize >= amount ? packSize : (usualPacks.find((size) => size >= amount) ?? amount);
  return pack > 0 ? amount / pack : 0;
}
