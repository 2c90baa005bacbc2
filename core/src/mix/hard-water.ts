import type { RemedyOrder } from '../contract/mix';
import { inputError } from '../problem';
import {
  gPerLitre,
  mgPerLitre,
  milligramsPerLitre,
  mLPerLitre,
  said,
  toSi,
  unitsOf,
  type MeasureSystem,
  type Said,
} from '../quantities';
import type { IngredientRow } from '../tables';
import type { CautionFound } from '../judge/caution';
import type { HardWaterFound } from './found';
import { round } from './parts';
import { sharesLost, soapInWater, surelyBound } from './soap';

/** What hard water does to the soap of a recipe: too much soap is refused, more is offered where it is safe. */
export type HardWater =
  | { readonly kind: 'over-limit'; readonly caution: CautionFound }
  | { readonly kind: 'not-asked' }
  | { readonly kind: 'found'; readonly found: HardWaterFound; readonly working: readonly Said[] };

/** @param cap % of the product at its reference strength; @param value % asked for; @param ml of ready mix */
export function hardWaterFor(
  cap: number,
  value: number,
  ml: number,
  product: Pick<IngredientRow, 'active'>,
  order: Pick<RemedyOrder, 'soapPercent' | 'water' | 'measures'>,
): HardWater {
  const reference = product.active?.gramsPerMl ?? 0;
  const content = order.soapPercent === undefined ? reference : order.soapPercent / 100;
  // The limit is on soap itself: 2 % of a 35 % soap is 7 g/L, and a richer soap reaches it sooner.
  const mostSoap = cap * 10 * reference;
  const perLitre = value * 10;
  if (perLitre * content > mostSoap * 1.0001)
    return {
      kind: 'over-limit',
      caution: {
        level: 'stop',
        ...said('too-much-soap', {
          strength: value,
          content: content * 100,
          put: gPerLitre(perLitre * content),
          most: gPerLitre(mostSoap),
          allowed: mostSoap / content / 10,
        }),
      },
    };
  if (!order.water) return { kind: 'not-asked' };
  const hardness = milligramsPerLitre(hardnessIn(order.water.hardness, order.measures));
  const found = soapInWater(perLitre, content, hardness);
  const useRainWater = found.shareLost >= sharesLost.all;
  // Never so much that, if only half is bound, more than the plant's limit is left free.
  const wantedExtra = found.bound / content;
  const freeIfLittleBound = (perLitre + wantedExtra) * content - found.bound * surelyBound;
  const canAddMore = !useRainWater && found.shareLost > sharesLost.hardlyAny && freeIfLittleBound <= mostSoap;
  return {
    kind: 'found',
    found: {
      shareLost: { low: round(found.shareLost * surelyBound, 3), high: round(found.shareLost, 3) },
      ...(canAddMore ? { extraMl: (wantedExtra * ml) / 1000 } : {}),
      useRainWater,
    },
    working: [
      said('soap-put', { rate: mLPerLitre(perLitre), content, put: gPerLitre(found.put) }),
      said('soap-bound', { hardness: mgPerLitre(hardness), bound: gPerLitre(found.bound) }),
      said('soap-left', { put: gPerLitre(found.put), bound: gPerLitre(found.bound), free: gPerLitre(found.free) }),
    ],
  };
}

function hardnessIn(given: number | { readonly amount: number; readonly unit: string }, system: MeasureSystem): number {
  if (typeof given === 'number') return given;
  const si = toSi('hardness', given.amount, given.unit, system);
  if (si === undefined)
    throw inputError('water.hardness.unit', 'unknown-use', {
      given: given.unit,
      known: unitsOf('hardness', system).join(', '),
    });
  return si;
}
