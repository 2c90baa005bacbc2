import type { Mixed, MixPart } from '../contract/mix';
import {
  bulkWords,
  grams,
  measurePowder,
  measureWater,
  measureWithSpoons,
  millilitres,
  spoonWords,
  type MeasureSystem,
} from '../measures';

/** What is measured out: its name, and for a powder its bulk density in g/mL. */
interface Thing {
  readonly ingredient: string;
  readonly name: string;
  readonly density?: number;
}

/** A liquid as a person can measure it. */
export const liquidPart = (thing: Thing, ml: number, system: MeasureSystem): MixPart =>
  partOf(thing, measureWithSpoons(millilitres(ml), system));

/** A powder in grams, and in spoons through its bulk density. */
export const powderPart = (
  thing: Thing & { readonly density: number },
  weight: number,
  system: MeasureSystem,
): MixPart => partOf(thing, measurePowder(grams(weight), thing.density, system), weight);

function partOf({ ingredient, name }: Thing, measured: ReturnType<typeof measureWithSpoons>, weight?: number): MixPart {
  return {
    ingredient,
    name,
    ml: round(measured.wantedMl, 2),
    ...(weight === undefined ? {} : { grams: round(weight, 2) }),
    pieces: measured.pieces.map((piece) => ({ ...piece })),
    spoons: spoonWords(measured),
    measuredMl: round(measured.measuredMl, 2),
    errorPercent: round(measured.errorPercent, 1),
    approximate: weight !== undefined,
  };
}

/** Water as a jug of that system shows it. */
export function waterFor(ml: number, system: MeasureSystem): Mixed['water'] {
  const bulk = measureWater(millilitres(ml), system);
  return { ml: round(ml, 1), amount: bulk.amount, unit: bulk.unit, says: bulkWords(bulk) };
}

export const round = (value: number, digits: number): number => Number(value.toFixed(digits));
