import { layerLitres, sheetsFor, usualSheet } from '../mix';
import type { Layer, RemedyRow, StepSpec } from '../tables';
import type { PlaceSize } from './needs';

/** What is spread over the places of a job, and laid under it. */
export interface Spread {
  readonly of: Layer['of'];
  /** How thick it comes to lie, cm; thinner than wanted where there is not enough. */
  readonly cm: number;
  /** Of each place; null where nobody has measured it. */
  readonly litres: readonly (number | null)[];
  /** Null as soon as one place is not measured: half a sum would only mislead. */
  readonly inAll: number | null;
  /** Whole sheets of card of the usual size; null where none is laid, or a place is not measured. */
  readonly sheets: number | null;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
const allOf = <Value>(values: readonly (Value | null | undefined)[]): Value[] | null =>
  values.every((value) => value !== null && value !== undefined) && values.length > 0 ? (values as Value[]) : null;

/**
 * What a step spreads over places.
 * @param thereMl what there is of it, mL; left out, as much as the layer asks for
 */
export function spreadOver(
  { layer, sheets }: Pick<StepSpec, 'layer' | 'sheets'>,
  places: readonly PlaceSize[],
  thereMl: number | null = null,
): Spread | undefined {
  if (!layer) return undefined;
  const areas = allOf(places.map(({ area }) => area));
  const wanted = areas && sum(areas.map((area) => layerLitres(area, layer.cm, 0)));
  const there = thereMl === null ? null : thereMl / 1000;
  const share = there !== null && wanted !== null && wanted > 0 ? there / wanted : 1;
  const beds = allOf(places.map(({ bed }) => bed));
  return {
    of: layer.of,
    cm: layer.cm * share,
    litres: places.map(({ area }) =>
      area !== null
        ? layerLitres(area, layer.cm * share, 0)
        : there !== null && areas === null
          ? there / places.length
          : null,
    ),
    inAll: there ?? wanted,
    sheets: sheets && beds ? sum(beds.map((bed) => sheetsFor(bed, usualSheet).sheets)) : null,
  };
}

/** Living helpers by the area of their places. */
export interface Helpers {
  readonly areas: readonly number[];
  readonly millions: number;
  /** Water that they go on with, in all and for each place, L. */
  readonly litres: number;
  readonly shares: readonly number[];
}

/** How many of them all places take, and in how much water; undefined where they are not told by area, or one is not measured. */
export function helpersOver({ packed }: Pick<RemedyRow, 'packed'>, places: readonly PlaceSize[]): Helpers | undefined {
  const areas = allOf(places.map(({ area }) => area));
  if (!packed || !areas) return undefined;
  const all = sum(areas);
  return {
    areas,
    millions: all * packed.millionPerM2,
    litres: all * packed.litresPerM2,
    shares: areas.map((area) => area * packed.litresPerM2),
  };
}
