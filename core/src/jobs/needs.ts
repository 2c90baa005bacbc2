import type { BedSize } from '../mix';
import type { RemedyRow } from '../tables';

/** A place as a remedy is measured for it; null where nobody has said how large it is. */
export interface PlaceSize {
  /** m² */
  readonly area: number | null;
  /** Plants that are meant. */
  readonly plants: number | null;
  /** The bed as it is drawn; left out, nobody has measured it. */
  readonly bed?: BedSize | undefined;
  /** What all its pots or trays hold together, mL. */
  readonly potsMl?: number | null;
}

/**
 * The size of a place from the garden book. @param numbers of each planting that is meant; one that is not counted
 * leaves the sum unknown
 */
export const placeSize = (
  bed: BedSize | null | undefined,
  plantings: readonly { readonly number: number | null; readonly potMl?: number | null }[],
): PlaceSize => ({
  area: bed?.area ?? null,
  plants: inAll(plantings.map(({ number }) => number)),
  bed: bed ?? undefined,
  potsMl: inAll(plantings.map(({ number, potMl = null }) => (potMl === null ? null : potMl * (number ?? 1)))),
});
const inAll = (numbers: readonly (number | null)[]): number | null =>
  numbers.length === 0 || numbers.includes(null) ? null : numbers.reduce<number>((sum, one) => sum + (one ?? 0), 0);

/** mL of ready mix that a place takes at a time; undefined where the remedy is not measured so, or the size is not known. */
export function needIn(
  { recipe }: Pick<RemedyRow, 'recipe'>,
  { area, plants, potsMl = null }: PlaceSize,
): number | undefined {
  const needs = recipe?.needs;
  if (!needs) return undefined;
  // What stands in pots is poured by what they hold.
  if (needs.ofPot !== undefined && potsMl !== null) return potsMl * needs.ofPot;
  if (needs.per === 'pot') return undefined;
  const count = needs.per === 'm2' ? area : needs.per === 'plant' ? plants : 1;
  return count === null ? undefined : needs.ml * count;
}

/** mL for all places together; undefined as soon as one is not known: half a sum would only mislead. */
export function needOf(remedy: Pick<RemedyRow, 'recipe'>, places: readonly PlaceSize[]): number | undefined {
  const each = places.map((place) => needIn(remedy, place));
  return each.length === 0 || each.includes(undefined) ? undefined : each.reduce<number>((sum, ml = 0) => sum + ml, 0);
}

/** What each place gets of a mix: by what it needs, where that is known of all; else alike. */
export function sharesOf(remedy: Pick<RemedyRow, 'recipe'>, places: readonly PlaceSize[], totalMl: number): number[] {
  const all = needOf(remedy, places);
  return places.map((place) =>
    all ? (totalMl * (needIn(remedy, place) ?? 0)) / all : totalMl / Math.max(1, places.length),
  );
}

/** Fills of a vessel for a volume: so many whole ones, and mL in the last where it is not whole. */
export function fillsOf(volumeMl: number, vesselMl: number): { readonly whole: number; readonly lastMl: number } {
  const whole = Math.floor(volumeMl / vesselMl + 1e-9);
  const lastMl = volumeMl - whole * vesselMl;
  return { whole, lastMl: lastMl < 1 ? 0 : lastMl };
}
