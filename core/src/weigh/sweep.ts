import type { Network, Observed, Posterior } from './network';
import { foldLeaves, type Folded } from './fold';
import { backward, forward, leafBackward, placeBits } from './moves';
import { sweepOrder, type SweepOrder } from './order';
import { reachOf } from './reach';
import { TablePool } from './table-pool';

/** Beyond this the tables would not fit the time a tap may take: 2^17 numbers are 1 MB each. */
export const widestExactSweep = 17;

export type SweepResult =
  ({ readonly kind: 'exact' } & Posterior) | { readonly kind: 'too-wide'; readonly width: number };

/**
 * Exact posterior of every node the evidence reaches.
 *
 * Variable elimination along a path, forwards and backwards (the sum-product sweep over a path
 * decomposition). Noisy-OR children are handled by causal independence: for each seen sign the table
 * remembers only whether something has switched it on yet, so a sign with forty parents costs one
 * bit. All numbers stay positive, so nothing is lost to cancellation, unlike the inclusion–exclusion
 * form of the same sum.
 */
export function sweep(network: Network, observed: Observed, hubs: readonly number[] = []): SweepResult {
  const folded = foldLeaves(network, reachOf(network, observed), hubs);
  const order = sweepOrder(folded.network, folded.reach, hubs);
  if (order.width > widestExactSweep) return { kind: 'too-wide', width: order.width };
  return { kind: 'exact', ...runSweep(folded, order) };
}

/** 2^22 numbers are 32 MB: the tables of all but the widest sweeps. */
const pool = new TablePool(2 ** 22);

function runSweep({ network, reach, fedSigns, restore }: Folded, order: SweepOrder): Posterior {
  const moves = placeBits(order.steps, network, reach);
  /** The table before each move that a marginal is read from. */
  const kept: (Float64Array | undefined)[] = [];
  let values: Float64Array = Float64Array.of(1);
  let logScale = 0;
  moves.forEach((move, index) => {
    const before = values;
    values = forward(move, before, pool);
    const isRead =
      move.kind === 'sum-out' || move.kind === 'leaf' || (move.kind === 'open-sign' && fedSigns.has(move.sign));
    if (isRead) kept[index] = before;
    else pool.give(before);
    // Long evidence makes numbers small: now and then scale by the largest entry and keep its logarithm.
    const top = index % rescaleEvery === 0 ? largest(values) : 1;
    if (top < 1e-60 && top > 0) {
      scale(values, 1 / top);
      logScale += Math.log(top);
    }
  });

  const marginals: (number | undefined)[] = network.nodes.map(() => undefined);
  const leakOn = new Map<number, number>();
  let back: Float64Array = Float64Array.of(1);
  for (let index = moves.length - 1; index >= 0; index -= 1) {
    const move = moves[index]!;
    const before = kept[index];
    const after = back;
    if (move.kind === 'leaf' && before) {
      const { all, on, marginal } = leafBackward(move, after, pool, before);
      marginals[move.node] = marginal;
      pool.give(on);
      back = all;
    } else {
      back = backward(move, after, pool);
      if (move.kind === 'sum-out' && before) marginals[move.node] = shareWithBit(before, back, move.bit);
      if (move.kind === 'open-sign' && before) leakOn.set(move.sign, shareOfLeak(before, after, move.leak));
    }
    pool.give(after);
    if (before) pool.give(before);
    const top = index % rescaleEvery === 0 ? largest(back) : 1;
    if (top < 1e-60 && top > 0) scale(back, 1 / top);
  }
  restore(marginals, leakOn);
  return {
    marginals,
    logEvidence: Math.log(values[0] ?? 0) + logScale + reach.logAbsentLeaks,
    method: 'exact',
    standardError: 0,
  };
}

/** Moves between looks at how small the numbers have become; each move shrinks them by 1e-10 at worst. */
const rescaleEvery = 8;

function shareWithBit(forwards: Float64Array, backwards: Float64Array, bit: number): number {
  let on = 0;
  let all = 0;
  for (let index = 0; index < forwards.length; index += 1) {
    const value = forwards[index]! * backwards[index]!;
    all += value;
    if (index & (1 << bit)) on += value;
  }
  return on / all;
}

/** P(the leak has switched the sign on), the moment the sign opens. */
function shareOfLeak(before: Float64Array, after: Float64Array, leak: number): number {
  let on = 0;
  let off = 0;
  for (let index = 0; index < before.length; index += 1) {
    on += before[index]! * after[index + before.length]!;
    off += before[index]! * after[index]!;
  }
  return (on * leak) / (on * leak + off * (1 - leak));
}

function scale(values: Float64Array, by: number): void {
  for (let index = 0; index < values.length; index += 1) values[index]! *= by;
}

function largest(values: Float64Array): number {
  let top = 0;
  for (let index = 0; index < values.length; index += 1) if (values[index]! > top) top = values[index]!;
  return top;
}
