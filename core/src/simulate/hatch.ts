import type { LifeRow } from '../tables/life';

/** When a spray comes round again, by the life of the pest: whole days after the one before. */
export type Respray =
  /** Most eggs have hatched by then, and none that hatched lays yet. */
  | { readonly kind: 'hatch'; readonly from: number; readonly to: number }
  /** Born alive: there is no hatch to wait for, only what was missed. */
  | { readonly kind: 'live'; readonly from: number; readonly to: number }
  /** Part of the young is out of reach: often, for about a generation. */
  | { readonly kind: 'hidden'; readonly from: number; readonly to: number; readonly times: number }
  /** Too cold to tell within the days that are known. */
  | { readonly kind: 'cold' };

/** Eggs do not all hatch at once, nor do all grow at one pace. */
const [hatched, notYet] = [1.15, 0.85] as const;
const live = [3, 5] as const;
const often = [5, 7] as const;
const mostOften = 5;

/**
 * The window of the next spray. Source: degree-day practice of extension services: after 1.15 of the egg's warmth and before
 * 0.85 of that of young and first laying; where a later stage is out of reach too, every five to seven days for a
 * generation.
 * @param warmth °C·days above the base, day by day from the day after the spray
 */
export function resprayOf(row: LifeRow, warmth: readonly number[]): Respray {
  if (row.egg === 0) return { kind: 'live', from: live[0], to: live[1] };
  const dayAt = (sum: number): number | undefined => {
    let had = 0;
    for (const [at, day] of warmth.entries()) {
      had += day;
      if (had >= sum) return at + 1;
    }
    return undefined;
  };
  if (row.hidden > 0) {
    const generation = dayAt(row.egg + row.young + row.hidden + row.before) ?? warmth.length;
    const times = Math.min(mostOften, Math.max(2, Math.ceil(generation / often[1])));
    return { kind: 'hidden', from: often[0], to: often[1], times };
  }
  const from = dayAt(row.egg * hatched);
  if (from === undefined) return { kind: 'cold' };
  const to = dayAt((row.young + row.before) * notYet) ?? warmth.length;
  return { kind: 'hatch', from, to: Math.max(from, to) };
}
