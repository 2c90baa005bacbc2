import { remembered, seeded } from '../chance';

export interface Summary {
  readonly mean: number;
  readonly standardError: number;
  readonly n: number;
}

/** Mean and standard error of counts, one number per leaf (or plant, or minute). */
export function summarise(counts: readonly number[]): Summary {
  const n = counts.length;
  const mean = counts.reduce((sum, value) => sum + value, 0) / n;
  const variance = n < 2 ? 0 : counts.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (n - 1);
  return { mean, standardError: Math.sqrt(variance / n), n };
}

/** A reduction in per cent (negative: more than before) with its 90 % interval. */
export interface Change {
  readonly reduction: number;
  readonly low: number;
  readonly high: number;
  /** Corrected by an untreated row (Henderson–Tilton). */
  readonly againstUntreated: boolean;
}

export type ChangeResult =
  | ({ readonly kind: 'change' } & Change)
  | { readonly kind: 'cannot-tell'; readonly because: 'nothing-before' | 'too-few' };

const resamples = 2000;
/** Every page that lists cases asks for the same verdicts again; a verdict is two milliseconds of work. */
const seriesKept = 500;

/**
 * Change of counts that clump. Pests sit in clusters, so the interval comes from resampling the
 * leaves themselves (percentile bootstrap, fixed seed), which asks nothing of their distribution.
 * With none left the bootstrap would claim certainty; then the upper bound of the mean is 3/n
 * ("rule of three", 95 %). With an untreated row: Henderson–Tilton, 1 − (Ta·Cb)/(Tb·Ca).
 */
export const changeOf = remembered(workOutChange, seriesKept);

function workOutChange(
  before: readonly number[],
  after: readonly number[],
  untreated?: { readonly before: readonly number[]; readonly after: readonly number[] },
): ChangeResult {
  if (before.length < 3 || after.length < 3) return { kind: 'cannot-tell', because: 'too-few' };
  if (sum(before) === 0) return { kind: 'cannot-tell', because: 'nothing-before' };
  // Half an insect is added where the untreated row has none: the ratio is undefined at zero.
  const drift = untreated
    ? Math.max(0.5, sum(untreated.after)) /
      untreated.after.length /
      (Math.max(0.5, sum(untreated.before)) / untreated.before.length)
    : 1;
  const ratio = mean(after) / mean(before) / drift;
  const draws = resampledRatios(before, after)
    .map((value) => value / drift)
    .sort((a, b) => a - b);
  const none = sum(after) === 0;
  const highRatio = none ? 3 / after.length / mean(before) / drift : (draws[Math.floor(resamples * 0.95)] ?? ratio);
  const lowRatio = none ? 0 : (draws[Math.floor(resamples * 0.05)] ?? ratio);
  return {
    kind: 'change',
    reduction: (1 - ratio) * 100,
    low: (1 - highRatio) * 100,
    high: (1 - lowRatio) * 100,
    againstUntreated: untreated !== undefined,
  };
}

function resampledRatios(before: readonly number[], after: readonly number[]): number[] {
  const { upTo } = seeded(before.length * 1000 + after.length);
  const draw = (counts: readonly number[]) => {
    let total = 0;
    for (let index = 0; index < counts.length; index += 1) total += counts[upTo(counts.length - 1)] ?? 0;
    return total / counts.length;
  };
  return Array.from({ length: resamples }, () => draw(after) / Math.max(draw(before), 0.5 / before.length));
}

const sum = (counts: readonly number[]) => counts.reduce((total, value) => total + value, 0);
const mean = (counts: readonly number[]) => sum(counts) / counts.length;
