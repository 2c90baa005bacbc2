/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import { areaClasses, areaClassOf } from '../tables/counting';
import type { Cell } from './levels';

// Taken once: these are asked for thousands of times.
const { log, exp, max, floor } = Math;

/**
 * The sick area of a leaf as an ordered class (`areaClasses`): which of them a leaf falls in is seen, where within it
 * is not. Behind stands a log-odds of the area that is spread normally over the leaves of a cell, with one spread for
 * all cells (the ordered probit whose cutpoints are known, since the classes are given in per cent), and a share of
 * leaves that the disease does not reach, the same in all cells. A leaf without any is one of those, or one of less
 * than half a per cent.
 */
const middles = grid(-9, 2.6, 70);
const [lowest, step] = [middles[0] as number, (middles[1] as number) - (middles[0] as number)];
/**
 * What is thought of both before anything is seen: the spread lognormal round 1.4; in every second garden all leaves
 * are within reach. Judgement, set so that intervals hold in simulated series of even and of patchy disease with as
 * few as five leaves.
 */
const spreads = [0.25, 0.45, 0.7, 1, 1.4, 1.9, 2.5, 3.3] as const;
const spared = [0, 0.15, 0.3, 0.45, 0.6, 0.75] as const;
const prior = { middle: 1.4, width: 0.8, allReached: 0.5 } as const;

interface Shape {
  /** Logarithm of what is thought of it beforehand. */
  readonly before: number;
  /** For each middle: how likely each class is (its logarithm), and the logarithm of the mean area. */
  readonly rows: readonly { readonly logs: readonly number[]; readonly logMean: number }[];
}

/** Every spread with every share that is spared; worked out when it is first asked for. */
const shapes = once((): readonly Shape[] => {
  const cuts = areaClasses.slice(0, -1).map(({ to }) => logit((to + 0.5) / 100));
  return spreads.flatMap((spread) => {
    const rows = middles.map((middle) => {
      const below = [0, ...cuts.map((cut) => jStat.normal.cdf(cut, middle, spread)), 1];
      return {
        shares: areaClasses.map((_, at) => (below[at + 1] as number) - (below[at] as number)),
        mean: meanArea(middle, spread),
      };
    });
    const ofSpread = -((log(spread) - log(prior.middle)) ** 2) / (2 * prior.width ** 2);
    return spared.map((healthy): Shape => {
      const weight = healthy === 0 ? prior.allReached : (1 - prior.allReached) / (spared.length - 1);
      return {
        before: ofSpread + log(weight),
        rows: rows.map(({ shares, mean }) => ({
          logs: shares.map((share, at) => log(max((1 - healthy) * share + (at === 0 ? healthy : 0), 1e-300))),
          logMean: log((1 - healthy) * mean),
        })),
      };
    });
  });
});

/**
 * Draws of the natural logarithm of the mean sick area (as a share) behind each cell; the same place in each list is
 * one and the same draw of the shape that they have in common. @param uniform a source of numbers in [0, 1)
 */
export function areasOf(cells: readonly Cell[], draws: number, uniform: () => number): Float64Array[] {
  const all = shapes();
  const likely = cells.map((cell) => {
    const tally = areaClasses.map((_, at) => cell.filter((one) => areaClassOf(one) === at).length);
    return all.map(({ rows }) =>
      rows.map(({ logs }) => tally.reduce((sum, many, at) => sum + (many > 0 ? many * (logs[at] as number) : 0), 0)),
    );
  });
  // How likely each shape is: over all cells, whatever their middles.
  const chances = normal(
    all.map(({ before }, at) => likely.reduce((sum, cell) => sum + logSum(cell[at] as number[]), before)),
  );
  const running = likely.map((cell) => cell.map((logs) => runningSum(normal(logs))));
  const found = cells.map(() => new Float64Array(draws));
  let [at, reached] = [0, chances[0] as number];
  for (let draw = 0; draw < draws; draw += 1) {
    // Shapes in proportion to their chance, in order: no draw is spent on which one it is.
    while (at < all.length - 1 && reached < (draw + 0.5) / draws) {
      at += 1;
      reached += chances[at] as number;
    }
    found.forEach((logs, cell) => {
      const middle = middleAt((running[cell] as number[][])[at] as number[], uniform());
      logs[draw] = logMeanAt((all[at] as Shape).rows, middle);
    });
  }
  return found;
}

/** Where the running sum reaches a share, between the points of the grid. */
function middleAt(sums: readonly number[], share: number): number {
  let [low, high] = [0, sums.length - 1];
  while (low < high) {
    const half = (low + high) >> 1;
    if ((sums[half] as number) >= share) high = half;
    else low = half + 1;
  }
  const before = low === 0 ? 0 : (sums[low - 1] as number);
  const within = (share - before) / max((sums[low] as number) - before, 1e-12);
  return (middles[low] as number) + (within - 0.5) * step;
}

/** The logarithm of the mean area at a middle between two points of the grid. */
function logMeanAt(rows: Shape['rows'], middle: number): number {
  const place = max(0, (middle - lowest) / step);
  const at = Math.min(floor(place), middles.length - 2);
  const [low, high] = [rows[at]?.logMean as number, rows[at + 1]?.logMean as number];
  return low + (high - low) * (place - at);
}

function logit(share: number): number {
  return log(share / (1 - share));
}

/** So many numbers from one end to the other. */
function grid(from: number, to: number, many: number): number[] {
  return Array.from({ length: many }, (_, at) => from + ((to - from) * at) / (many - 1));
}

/** Middles of forty slices of even chance of the standard normal. */
const slices = once(() => Array.from({ length: 40 }, (_, at) => jStat.normal.inv((at + 0.5) / 40, 0, 1)));

/** The mean of the logistic of a normal. */
function meanArea(middle: number, spread: number): number {
  const all = slices();
  return all.reduce((sum, z) => sum + 1 / (1 + exp(-(middle + spread * z))), 0) / all.length;
}

/** Worked out at the first call and kept. */
function once<T>(work: () => T): () => T {
  let kept: { readonly value: T } | undefined;
  return () => (kept ??= { value: work() }).value;
}

const logSum = (logs: readonly number[]): number => {
  const most = max(...logs);
  return most + log(logs.reduce((sum, one) => sum + exp(one - most), 0));
};
const normal = (logs: readonly number[]): number[] => {
  const all = logSum(logs);
  return logs.map((one) => exp(one - all));
};
const runningSum = (shares: readonly number[]): number[] => {
  let sum = 0;
  return shares.map((share) => (sum += share));
};
