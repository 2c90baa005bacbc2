/** What a number of counts says about a threshold. */
export interface CountedAgainst {
  readonly mean: number;
  /** Eighty in a hundred such samples would catch the true mean in here. */
  readonly low: number;
  readonly high: number;
  readonly says: 'above' | 'below' | 'count-more' | 'nothing-counted';
  /** Leaves still to count before it could be told, at the mean and spread so far; 0 when told. */
  readonly more: number;
}

/** z of a two-sided 80 % interval: enough for a decision that can be taken back. */
const z = 1.2816;
/** Clumping of insects between leaves where too few are counted to estimate it (negative binomial k; typical for aphids). */
const usualK = 0.8;
const most = 60;

/**
 * Sequential sampling against a threshold. Counts are clumped, so their variance is that of a negative
 * binomial, m + m²/k, with k from the sample by moments where it can be told (variance above the mean).
 */
export function countedAgainst(counts: readonly number[], threshold: number): CountedAgainst {
  const n = counts.length;
  if (n === 0) return { mean: 0, low: 0, high: 0, says: 'nothing-counted', more: 10 };
  const mean = counts.reduce((sum, count) => sum + count, 0) / n;
  const variance = n > 1 ? counts.reduce((sum, count) => sum + (count - mean) ** 2, 0) / (n - 1) : 0;
  const k = n >= 5 && variance > mean ? mean ** 2 / (variance - mean) : usualK;
  // Never less than one count's worth of doubt, so that five empty leaves are not certainty.
  const spread = Math.sqrt(Math.max(mean, 1 / n) + mean ** 2 / k);
  const halfWidth = (z * spread) / Math.sqrt(n);
  const low = Math.max(0, mean - halfWidth);
  const high = mean + halfWidth;
  if (n >= 5 && low > threshold) return { mean, low, high, says: 'above', more: 0 };
  if (n >= 5 && high < threshold) return { mean, low, high, says: 'below', more: 0 };
  const apart = Math.max(Math.abs(mean - threshold), 0.05 * threshold, 0.05);
  const needed = Math.min(most, Math.max(5, Math.ceil(((z * spread) / apart) ** 2)));
  return { mean, low, high, says: 'count-more', more: Math.max(1, needed - n) };
}

/** Which leaves to count: spread over the plants, alternately from three heights, undersides too. */
export function samplePlan(plants: number, leaves: number): { plant: number; height: 'top' | 'middle' | 'low' }[] {
  const heights = ['top', 'middle', 'low'] as const;
  return Array.from({ length: leaves }, (_, index) => ({
    plant: 1 + Math.floor((index * Math.max(1, plants)) / leaves),
    height: heights[index % 3] ?? 'top',
  }));
}
