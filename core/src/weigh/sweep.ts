import type { Network, Observed, Posterior } from './network';
import { sweepOrder, type SweepOrder, type SweepStep } from './order';
import { reachOf, type Reach } from './reach';

/** Beyond this the table would not fit the time a tap may take: 2^18 numbers are 2 MB. */
export const widestExactSweep = 18;

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
  const reach = reachOf(network, observed);
  const order = sweepOrder(network, reach, hubs);
  if (order.width > widestExactSweep) return { kind: 'too-wide', width: order.width };
  return { kind: 'exact', ...runSweep(network, reach, order) };
}

interface Tables {
  values: Float64Array;
  logScale: number;
}

function runSweep(network: Network, reach: Reach, order: SweepOrder): Posterior {
  const moves = placeBits(order.steps, network, reach);
  const kept: (Float64Array | undefined)[] = [];
  let table: Tables = { values: Float64Array.of(1), logScale: 0 };
  moves.forEach((move, index) => {
    if (move.kind === 'sum-out') kept[index] = table.values;
    table = rescaled({ values: forward(move, table.values), logScale: table.logScale });
  });

  const marginals: (number | undefined)[] = network.nodes.map(() => undefined);
  let back: Float64Array = Float64Array.of(1);
  for (let index = moves.length - 1; index >= 0; index -= 1) {
    const move = moves[index];
    if (!move) continue;
    back = normalised(backward(move, back));
    const before = kept[index];
    if (move.kind === 'sum-out' && before) marginals[move.node] = shareWithBit(before, back, move.bit);
  }
  const total = table.values[0] ?? 0;
  return {
    marginals,
    logEvidence: Math.log(total) + table.logScale + reach.logAbsentLeaks,
    method: 'exact',
    standardError: 0,
  };
}

type Move =
  | { kind: 'node'; leak: number; parents: { mask: number; off: number }[]; absent: number }
  | { kind: 'open-sign'; leak: number }
  | { kind: 'link'; nodeMask: number; signMask: number; strength: number }
  | { kind: 'close-sign'; bit: number }
  | { kind: 'sum-out'; bit: number; node: number };

/** Gives every open thing a bit of the table's index; what closes hands its bit on. */
function placeBits(steps: readonly SweepStep[], network: Network, reach: Reach): Move[] {
  const open: string[] = [];
  const bitOf = (name: string) => open.indexOf(name);
  return steps.map((step): Move => {
    switch (step.kind) {
      case 'node': {
        const { leak, parents } = network.nodes[step.node] ?? { leak: 0, parents: [] };
        const masks = parents.map(({ from, strength }) => ({ mask: 1 << bitOf(`n${from}`), off: 1 - strength }));
        open.push(`n${step.node}`);
        return { kind: 'node', leak, parents: masks, absent: reach.absentFactor[step.node] ?? 1 };
      }
      case 'open-sign':
        open.push(`s${step.sign}`);
        return { kind: 'open-sign', leak: network.signs[step.sign]?.leak ?? 0 };
      case 'link':
        return {
          kind: 'link',
          nodeMask: 1 << bitOf(`n${step.node}`),
          signMask: 1 << bitOf(`s${step.sign}`),
          strength: step.strength,
        };
      case 'close-sign': {
        const bit = bitOf(`s${step.sign}`);
        open.splice(bit, 1);
        return { kind: 'close-sign', bit };
      }
      case 'sum-out': {
        const bit = bitOf(`n${step.node}`);
        open.splice(bit, 1);
        return { kind: 'sum-out', bit, node: step.node };
      }
      default:
        return step satisfies never;
    }
  });
}

function forward(move: Move, old: Float64Array): Float64Array {
  const size = old.length;
  switch (move.kind) {
    case 'node':
    case 'open-sign': {
      const next = new Float64Array(size * 2);
      for (let index = 0; index < size; index += 1) {
        const value = old[index] ?? 0;
        const on = chance(move, index);
        next[index] = value * (1 - on);
        next[index + size] = value * on * onFactor(move);
      }
      return next;
    }
    case 'link': {
      const next = old.slice();
      const { nodeMask, signMask, strength } = move;
      for (let index = 0; index < size; index += 1) {
        if (!(index & nodeMask) || index & signMask) continue;
        const value = old[index] ?? 0;
        next[index] = value * (1 - strength);
        next[index | signMask] = (next[index | signMask] ?? 0) + value * strength;
      }
      return next;
    }
    case 'close-sign':
    case 'sum-out': {
      const next = new Float64Array(size / 2);
      const bitMask = 1 << move.bit;
      for (let index = 0; index < next.length; index += 1) {
        const off = insertBit(index, bitMask);
        next[index] = (move.kind === 'sum-out' ? (old[off] ?? 0) : 0) + (old[off | bitMask] ?? 0);
      }
      return next;
    }
    default:
      return move satisfies never;
  }
}

/** The transpose of `forward`: what each entry before the move is worth for the evidence after it. */
function backward(move: Move, after: Float64Array): Float64Array {
  const size = after.length;
  switch (move.kind) {
    case 'node':
    case 'open-sign': {
      const before = new Float64Array(size / 2);
      for (let index = 0; index < before.length; index += 1) {
        const on = chance(move, index);
        before[index] = (after[index] ?? 0) * (1 - on) + (after[index + before.length] ?? 0) * on * onFactor(move);
      }
      return before;
    }
    case 'link': {
      const before = after.slice();
      const { nodeMask, signMask, strength } = move;
      for (let index = 0; index < size; index += 1) {
        if (!(index & nodeMask) || index & signMask) continue;
        before[index] = (after[index] ?? 0) * (1 - strength) + (after[index | signMask] ?? 0) * strength;
      }
      return before;
    }
    case 'close-sign':
    case 'sum-out': {
      const before = new Float64Array(size * 2);
      const bitMask = 1 << move.bit;
      for (let index = 0; index < size; index += 1) {
        const off = insertBit(index, bitMask);
        if (move.kind === 'sum-out') before[off] = after[index] ?? 0;
        before[off | bitMask] = after[index] ?? 0;
      }
      return before;
    }
    default:
      return move satisfies never;
  }
}

function chance(move: Extract<Move, { kind: 'node' | 'open-sign' }>, index: number): number {
  if (move.kind === 'open-sign') return move.leak;
  let off = 1 - move.leak;
  for (const parent of move.parents) if (index & parent.mask) off *= parent.off;
  return 1 - off;
}

const onFactor = (move: Extract<Move, { kind: 'node' | 'open-sign' }>) => (move.kind === 'node' ? move.absent : 1);

/** The index with a zero pushed in at the masked bit. */
const insertBit = (index: number, bitMask: number) => ((index & ~(bitMask - 1)) << 1) | (index & (bitMask - 1));

function shareWithBit(forwards: Float64Array, backwards: Float64Array, bit: number): number {
  let on = 0;
  let all = 0;
  for (let index = 0; index < forwards.length; index += 1) {
    const value = (forwards[index] ?? 0) * (backwards[index] ?? 0);
    all += value;
    if (index & (1 << bit)) on += value;
  }
  return on / all;
}

/** Long evidence makes numbers small: scale by the largest entry and keep its logarithm. */
function rescaled({ values, logScale }: Tables): Tables {
  const top = largest(values);
  if (top > 1e-60 || top === 0) return { values, logScale };
  return { values: values.map((value) => value / top), logScale: logScale + Math.log(top) };
}

function normalised(values: Float64Array): Float64Array {
  const top = largest(values);
  return top > 1e-60 || top === 0 ? values : values.map((value) => value / top);
}

function largest(values: Float64Array): number {
  let top = 0;
  for (const value of values) if (value > top) top = value;
  return top;
}
