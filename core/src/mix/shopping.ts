import type { IngredientId, RemedyId, RemedyRow } from '../tables';

/** What stands in the cupboard. */
export interface Kept {
  readonly ingredient: IngredientId;
  readonly amount: number | null;
  readonly packSize: number | null;
  readonly packPrice: number | null;
  readonly wanted: boolean;
}

/** Something to buy: put on the list by hand, or for a remedy under way that needs more than is there. */
export type ShoppingItem = { readonly ingredient: IngredientId } & (
  | { readonly kind: 'listed' }
  | {
      readonly kind: 'needed';
      readonly remedy: RemedyId;
      /** mL, or g of a powder. */
      readonly need: number;
      readonly have?: number;
      readonly isPowder: boolean;
    }
);

/** A cup of bait, a small sprayer of anything else, mL. */
const usualBatch = { bait: 100, spray: 1500 } as const;

/** Ready mix made at a time, mL: a small sprayer, or a cup of bait. */
export const usualBatchMl = ({ recipe }: RemedyRow): number =>
  recipe?.kind === 'bait' ? usualBatch.bait : usualBatch.spray;

/** What a job will mix, so many times more. */
export interface Needed {
  readonly remedy: RemedyId;
  readonly parts: readonly {
    readonly ingredient: IngredientId;
    readonly ml: number;
    readonly grams?: number | undefined;
  }[];
  readonly times: number;
}

/**
 * What to buy: what was put on the list, and what the jobs under way will need and the cupboard, where
 * one is kept, does not hold enough of.
 */
export function shoppingList(kept: readonly Kept[], underWay: readonly Needed[]): ShoppingItem[] {
  const list = new Map<IngredientId, ShoppingItem>();
  for (const { ingredient, wanted } of kept) if (wanted) list.set(ingredient, { ingredient, kind: 'listed' });
  if (kept.length === 0) return [...list.values()];
  for (const { remedy, parts, times } of underWay)
    for (const part of parts) {
      if (part.ingredient === 'water' || times === 0) continue;
      const need = (part.grams ?? part.ml) * times;
      const have = kept.find(({ ingredient }) => ingredient === part.ingredient);
      if (have && (have.amount === null || have.amount >= need)) continue;
      list.set(part.ingredient, {
        ingredient: part.ingredient,
        kind: 'needed',
        remedy,
        need,
        ...(have?.amount == null ? {} : { have: have.amount }),
        isPowder: part.grams !== undefined,
      });
    }
  return [...list.values()];
}

/** What a mix costs, from what packs cost; undefined while a price is missing. */
export function costOf(
  parts: readonly { readonly ingredient: string; readonly ml: number; readonly grams?: number | undefined }[],
  kept: readonly Kept[],
): number | undefined {
  let sum = 0;
  for (const { ingredient, ml, grams } of parts) {
    const have = kept.find((row) => row.ingredient === ingredient);
    if (!have?.packSize || have.packPrice === null) return undefined;
    sum += ((grams ?? ml) / have.packSize) * have.packPrice;
  }
  return sum;
}
