/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import { remembered, seeded } from '../chance';
import type { CountUnit } from '../tables';
import { areasOf } from './areas';

/** Counts of one cell: one look at the treated, or at what was left as it is. */
export type Cell = readonly number[];

/** To which side shares are taken where few leaves leave it open: as they are, or as low or as high as an exact test would. */
export type Lean = 'none' | 'low' | 'high';

export interface Levels {
  /** For every cell, draws of the natural logarithm of its mean; the same place in each list is one and the same draw. */
  readonly logs: readonly Float64Array[];
  /** How strongly counts clump: 1/k of the negative binomial, the mean of what is likely; 0 for shares and areas. */
  readonly clumping: number;
}

/** Enough for the ends of an interval to a tenth of its width. */
const draws = 1000;

/**
 * What is thought of clumping (φ = 1/k) before anything is counted: with 35 in 100 none (Poisson), else lognormal
 * round 1.3 with a spread of 1.2 in the logarithm, k ≈ 0.1–10, which holds what is usually found for aphids, mites,
 * whitefly and thrips per leaf. Judgement: the three figures were set so that intervals hold in simulated series of
 * k from 0.5 to Poisson with as few as five leaves.
 */
const prior = { none: 0.35, median: 1.3, spread: 1.2 } as const;
const clumpings = [0, 0.03, 0.1, 0.2, 0.35, 0.55, 0.8, 1.15, 1.6, 2.3, 3.3, 5] as const;

const priorWeights = (() => {
  const weights = clumpings.map((clumping, at) => {
    if (at === 0) return 0;
    const here = Math.log(clumping);
    const below = at > 1 ? Math.log(clumpings[at - 1] ?? clumping) : here - 1;
    const above = at < clumpings.length - 1 ? Math.log(clumpings[at + 1] ?? clumping) : here + 0.4;
    return Math.exp(-((here - Math.log(prior.median)) ** 2) / (2 * prior.spread ** 2)) * (above - below);
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight, at) => (at === 0 ? prior.none : (weight / total) * (1 - prior.none)));
})();

/**
 * The means behind counts, with all that is uncertain about them, as draws (fixed seed).
 *
 * Numbers: negative binomial with one clumping for all cells. Given it, and Jeffreys' prior, a mean is k·Γ(S+½)/Γ(nk),
 * S the sum of n counts; how likely a clumping is comes from how each sum is spread over its leaves, which does not
 * depend on the mean. The interval of a ratio of two or four cells is meant to hold the truth in ninety of 100 (measured in the tests).
 *
 * Shares: binomial. Leaning as an exact test does (Fisher's, as beta distributions: Altham 1969) keeps a claim honest
 * with ten leaves; without a lean, Jeffreys' prior.
 *
 * Areas: ordered classes (`areasOf`).
 * @param leans for shares, one for each cell
 */
export function levelsOf(cells: readonly Cell[], unit: CountUnit, leans?: readonly Lean[]): Levels {
  const { uniform } = seeded(cells.reduce((seed, cell) => seed * 31 + sum(cell) * 7 + cell.length, 7) % 2 ** 31);
  jStat.setRandom(uniform);
  switch (unit) {
    case 'yes-no':
      return sharesOf(cells, leans);
    case 'number':
      return numbersOf(cells);
    case 'area':
      // In per cent, as they are counted.
      return {
        logs: areasOf(cells, draws, uniform).map((logs) => logs.map((log) => log + Math.log(100))),
        clumping: 0,
      };
    default:
      return unit satisfies never;
  }
}

function sharesOf(cells: readonly Cell[], leans: readonly Lean[] = []): Levels {
  const logs = cells.map((cell, at) => {
    const lean = leans[at] ?? 'none';
    const yes = sum(cell) + (lean === 'none' ? 0.5 : lean === 'high' ? 1 : 0);
    const no = cell.length - sum(cell) + (lean === 'none' ? 0.5 : lean === 'low' ? 1 : 0);
    // None at all is not certainly none: half a leaf stands in where the exact test would put all on one point.
    return Float64Array.from({ length: draws }, () => {
      const one = jStat.randg(Math.max(yes, 0.5));
      return Math.log(one / (one + jStat.randg(Math.max(no, 0.5))));
    });
  });
  return { logs, clumping: 0 };
}

function numbersOf(cells: readonly Cell[]): Levels {
  const chances = clumpingGiven(cells);
  const shapes = cells.map((cell) => sum(cell) + 0.5);
  const logs = cells.map(() => new Float64Array(draws));
  let at = 0;
  let reached = chances[0] ?? 1;
  for (let draw = 0; draw < draws; draw += 1) {
    // Clumpings in proportion to their chance, in order: no draw is spent on which one it is.
    while (at < clumpings.length - 1 && reached < (draw + 0.5) / draws) {
      at += 1;
      reached += chances[at] ?? 0;
    }
    const clumping = clumpings[at] ?? 0;
    cells.forEach((cell, index) => {
      const rate = clumping === 0 ? cell.length : clumping * jStat.randg(cell.length / clumping);
      // A draw of a nearly empty cell can be too small for a number; its logarithm has to stay one.
      const log = Math.log(Math.max(jStat.randg(shapes[index] ?? 0.5), Number.MIN_VALUE) / Math.max(rate, 1e-12));
      (logs[index] as Float64Array)[draw] = log;
    });
  }
  return {
    logs,
    clumping: clumpings.reduce((total: number, value, index) => total + value * (chances[index] ?? 0), 0),
  };
}

/** The chance of each clumping, given how every sum is spread over its leaves. */
function clumpingGiven(cells: readonly Cell[]): number[] {
  const { gammaln } = jStat;
  const logs = clumpings.map((clumping, at) =>
    cells.reduce(
      (total, cell) => {
        const [n, all] = [cell.length, sum(cell)];
        if (clumping === 0)
          return total - all * Math.log(n) - cell.reduce((log, one) => log + gammaln(one + 1), 0) + gammaln(all + 1);
        const k = 1 / clumping;
        return (
          total +
          gammaln(all + 1) +
          gammaln(n * k) -
          gammaln(all + n * k) +
          cell.reduce((log, one) => log + gammaln(one + k) - gammaln(k) - gammaln(one + 1), 0)
        );
      },
      Math.log(priorWeights[at] ?? 0),
    ),
  );
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const total = sum(weights);
  return weights.map((weight) => weight / total);
}

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/** Between which a thing lies nine times in ten. */
export function nineInTen(values: Float64Array): Interval {
  const sorted = Float64Array.from(values).sort();
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? Number.NaN;
  return { low: at(0.05), high: at(0.95) };
}

/** The share of draws for which something holds. */
export function chanceThat(values: Float64Array, holds: (value: number) => boolean): number {
  let yes = 0;
  for (const value of values) if (holds(value)) yes += 1;
  return yes / values.length;
}

export interface Level extends Interval {
  readonly mean: number;
}

/** The mean behind the counts of one look, with its 90 % interval. */
export const levelOfCounts = remembered((cell: Cell, unit: CountUnit): Level => {
  const [logs] = levelsOf([cell], unit).logs;
  const { low, high } = nineInTen(logs ?? new Float64Array());
  return { mean: mean(cell), low: Math.exp(low), high: Math.exp(high) };
}, 2000);

/** @returns the mean of squares of what each is away from the mean; 0 of none */
export function variance(values: Float64Array): number {
  if (values.length === 0) return 0;
  const middle = values.reduce((total, value) => total + value, 0) / values.length;
  return values.reduce((total, value) => total + (value - middle) ** 2, 0) / values.length;
}

export const mean = (values: readonly number[]) => sum(values) / values.length;
export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
