import type { CountUnit } from '../tables';
import type { Cell } from './levels';
import { trendOf } from './trend';

/** What became of intervals in series whose truth is known: for tests. */
export interface Tried {
  /** Series in which a change was told, and those of them whose interval holds the truth. */
  readonly told: number;
  readonly held: number;
  /** Series in which nothing had changed, and those of them in which a change was claimed. */
  readonly none: number;
  readonly claimed: number;
}

/** How many series of each of three effects (none, 60 %, 90 % fewer) are drawn for a setting. */
const rounds = 40;

/** Draws series of a known effect, and judges them. Where something is left as it is, both grow by half. */
export function tried({
  unit,
  level,
  isCompared,
  draw,
}: {
  readonly unit: CountUnit;
  /** The mean before. */
  readonly level: number;
  readonly isCompared: boolean;
  /** One look, whose true mean is that. */
  readonly draw: (mean: number) => Cell;
}): Tried {
  let [held, claimed, told, none] = [0, 0, 0, 0];
  for (const ratio of [1, 0.4, 0.1])
    for (let round = 0; round < rounds; round += 1) {
      const growth = isCompared ? 1.5 : 1;
      const [change] = trendOf({
        unit,
        least: 1,
        before: draw(level),
        looks: [{ day: 6, counts: draw(level * growth * ratio) }],
        ...(isCompared
          ? { untreated: { before: draw(level), looks: [{ day: 6, counts: draw(level * growth) }] } }
          : {}),
      }).changes;
      if (change?.kind !== 'change') continue;
      const truth = (1 - ratio) * 100;
      told += 1;
      if (change.low <= truth && truth <= change.high) held += 1;
      if (ratio === 1) none += 1;
      if (ratio === 1 && (change.low > 0 || change.high < 0)) claimed += 1;
    }
  return { held, claimed, told, none };
}

/** A share over several settings. */
export const shareOf = (rows: readonly Tried[], part: 'held' | 'claimed', of: 'told' | 'none'): number =>
  rows.reduce((sum, row) => sum + row[part], 0) / rows.reduce((sum, row) => sum + row[of], 0);
