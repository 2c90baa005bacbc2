import { inputError } from '../problem';
import type { RemedyOrder } from '../contract/mix';
import { g, gPerLitre, mL, mLPerLitre, said, trim, type Said } from '../quantities';
import type { IngredientRow, RecipeSpec } from '../tables';
import { boricAcidInBorax } from './bench/bait';
import { syrupDensity } from './limits';

/** What goes in, before it is measured. */
export interface Amount {
  readonly ingredient: string;
  readonly ml?: number;
  readonly grams?: number;
}

export interface Amounts {
  readonly parts: readonly Amount[];
  readonly waterMl: number;
  readonly working: readonly Said[];
}

/** How much of what for `ml` of ready mix at a strength, in the recipe's own unit. */
export function amountsFor(
  recipe: RecipeSpec,
  value: number,
  ml: number,
  { id: ingredient, label }: Pick<IngredientRow, 'id' | 'label'>,
  order: Pick<RemedyOrder, 'bottlePercent'>,
): Amounts {
  const poured = (stock: number, working: Said): Amounts => ({
    parts: [{ ingredient, ml: stock }],
    waterMl: ml - stock,
    working: [working],
  });
  switch (recipe.kind) {
    case 'percent-volume': {
      const stock = (ml * value) / 100;
      return poured(stock, said('by-volume', { ingredient, ready: mL(ml), percent: value, stock: mL(stock) }));
    }
    case 'one-to-n': {
      const stock = ml / (value + 1);
      return poured(stock, said('one-to', { ingredient, ready: mL(ml), parts: value, stock: mL(stock) }));
    }
    case 'grams-per-litre': {
      const weight = (ml / 1000) * value;
      return {
        parts: [{ ingredient, grams: weight }],
        waterMl: ml,
        working: [said('by-weight', { ingredient, ready: mL(ml), rate: gPerLitre(value), weight: g(weight) })],
      };
    }
    case 'percent-strength': {
      const bottle = bottlePercentOf(order.bottlePercent ?? label?.usual ?? 100, value);
      const stock = (ml * value) / bottle;
      return poured(
        stock,
        said('from-bottle', { ingredient, ready: mL(ml), percent: value, bottle, stock: mL(stock) }),
      );
    }
    case 'bait': {
      const total = ml * syrupDensity;
      const boric = (total * value) / 100;
      const isBorax = ingredient === 'borax';
      const poison = isBorax ? boric / boricAcidInBorax : boric;
      const sugar = (total * recipe.sugarPercent) / 100;
      return {
        parts: [
          { ingredient: 'sugar', grams: sugar },
          { ingredient, grams: poison },
        ],
        waterMl: total - sugar - poison,
        working: [
          said('syrup', { ready: mL(ml), density: syrupDensity, total: g(total) }),
          said('boric', { total: g(total), percent: value, boric: g(boric) }),
          ...(isBorax ? [said('as-borax', { boric: g(boric), share: boricAcidInBorax, borax: g(poison) })] : []),
          said('sugar', { total: g(total), percent: recipe.sugarPercent, sugar: g(sugar) }),
        ],
      };
    }
    default:
      return recipe satisfies never;
  }
}

/** What goes in beside the main thing, measured like it. */
export function withAlso({ also = [] }: RecipeSpec, amounts: Amounts, ml: number): Amounts {
  const litres = ml / 1000;
  const liquid = also.reduce((sum, { perLitre, unit }) => sum + (unit === 'mL' ? perLitre * litres : 0), 0);
  return {
    parts: [
      ...amounts.parts,
      ...also.map(({ ingredient, perLitre, unit }) =>
        unit === 'mL' ? { ingredient, ml: perLitre * litres } : { ingredient, grams: perLitre * litres },
      ),
    ],
    waterMl: amounts.waterMl - liquid,
    working: [
      ...amounts.working,
      ...also.map(({ ingredient, perLitre, unit, why }) =>
        said('also', {
          ingredient,
          why,
          ready: mL(ml),
          rate: unit === 'mL' ? mLPerLitre(perLitre) : gPerLitre(perLitre),
          amount: unit === 'mL' ? mL(perLitre * litres) : g(perLitre * litres),
        }),
      ),
    ],
  };
}

/** How strong a bottle may be at all is a safety rule; here it must only be strong enough. */
function bottlePercentOf(bottlePercent: number, wanted: number): number {
  if (bottlePercent < wanted)
    throw inputError('bottlePercent', 'bottle-too-weak', { has: trim(bottlePercent, 2), wanted: trim(wanted, 2) });
  return bottlePercent;
}
