import type { Network, Observed, Posterior } from './network';
import { sweepOrder, type SweepOrder, type SweepStep } from './order';
import { reachOf, type Reach } from './reach';

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
  const reach = reachOf(network, observed);
  const order = sweepOrder(network, reach, hubs);
  if (order.width > widestExactSweep) return { kind: 'too-wide', width: order.width };
  return { kind: 'exact', ...runSweep(network, reach, order) };
}

function runSweep(network: Network, reach: Reach, order: SweepOrder): Posterior {
  const moves = placeBits(order.steps, network, reach);
  /** The table before each move that a marginal is read from. */
  const kept: (Float64Array | undefined)[] = [];
  let values: Float64Array = Float64Array.of(1);
  let logScale = 0;
  moves.forEach((move, index) => {
    if (move.kind === 'sum-out' || move.kind === 'leaf') kept[index] = values;
    values = forward(move, values);
    // Long evidence makes numbers small: now and then scale by the largest entry and keep its logarithm.
    const top = index % rescaleEvery === 0 ? largest(values) : 1;
    if (top < 1e-60 && top > 0) {
      values = values.map((value) => value / top);
      logScale += Math.log(top);
    }
  });

  const marginals: (number | undefined)[] = network.nodes.map(() => undefined);
  let back: Float64Array = Float64Array.of(1);
  for (let index = moves.length - 1; index >= 0; index -= 1) {
    const move = moves[index];
    if (!move) continue;
    const before = kept[index];
    if (move.kind === 'leaf' && before) {
      const { all, on } = leafBackward(move, back);
      marginals[move.node] = dot(before, on) / dot(before, all);
      back = all;
    } else {
      back = backward(move, back);
      if (move.kind === 'sum-out' && before) marginals[move.node] = shareWithBit(before, back, move.bit);
    }
    if (index % rescaleEvery === 0) back = normalised(back);
  }
  return {
    marginals,
    logEvidence: Math.log(values[0] ?? 0) + logScale + reach.logAbsentLeaks,
    method: 'exact',
    standardError: 0,
  };
}

/** Moves between looks at how small the numbers have become; each move shrinks them by 1e-10 at worst. */
const rescaleEvery = 8;

interface ParentBit {
  readonly mask: number;
  readonly off: number;
}
interface NodeMove {
  readonly kind: 'node';
  readonly node: number;
  readonly leak: number;
  readonly parents: readonly ParentBit[];
  readonly absent: number;
}
export interface LeafMove {
  readonly kind: 'leaf';
  readonly node: number;
  readonly leak: number;
  readonly parents: readonly ParentBit[];
  readonly absent: number;
  readonly ties: readonly { readonly bit: number; readonly strength: number }[];
}
export type Move =
  | NodeMove
  | LeafMove
  | { readonly kind: 'open-sign'; readonly leak: number }
  | { readonly kind: 'link'; readonly nodeMask: number; readonly bit: number; readonly strength: number }
  | { readonly kind: 'close-sign'; readonly bit: number }
  | { readonly kind: 'sum-out'; readonly bit: number; readonly node: number };

/** Gives every open thing a bit of the table's index; what closes hands its bit on. */
export function placeBits(steps: readonly SweepStep[], network: Network, reach: Reach): Move[] {
  /** Nodes stand as themselves, signs as -1 - sign. */
  const open: number[] = [];
  const bitOf = (thing: number) => open.indexOf(thing);
  const close = (thing: number): number => {
    const bit = bitOf(thing);
    open.splice(bit, 1);
    return bit;
  };
  const nodeOf = (node: number) => {
    const { leak, parents } = network.nodes[node] ?? { leak: 0, parents: [] };
    return {
      leak,
      parents: parents.map(({ from, strength }) => ({ mask: 1 << bitOf(from), off: 1 - strength })),
      absent: reach.absentFactor[node] ?? 1,
    };
  };
  return steps.map((step): Move => {
    switch (step.kind) {
      case 'node': {
        const move = { kind: 'node', node: step.node, ...nodeOf(step.node) } as const;
        open.push(step.node);
        return move;
      }
      case 'leaf':
        return {
          kind: 'leaf',
          node: step.node,
          ...nodeOf(step.node),
          ties: step.ties.map(({ sign, strength }) => ({ bit: bitOf(-1 - sign), strength })),
        };
      case 'open-sign':
        open.push(-1 - step.sign);
        return { kind: 'open-sign', leak: network.signs[step.sign]?.leak ?? 0 };
      case 'link':
        return { kind: 'link', nodeMask: 1 << bitOf(step.node), bit: bitOf(-1 - step.sign), strength: step.strength };
      case 'close-sign':
        return { kind: 'close-sign', bit: close(-1 - step.sign) };
      case 'sum-out':
        return { kind: 'sum-out', bit: close(step.node), node: step.node };
      default:
        return step satisfies never;
    }
  });
}

function forward(move: Move, old: Float64Array): Float64Array {
  const size = old.length;
  switch (move.kind) {
    case 'node': {
      const next = new Float64Array(size * 2);
      const offs = chancesOff(move, size);
      for (let index = 0; index < size; index += 1) {
        const value = old[index]!;
        next[index] = value * offs[index]!;
        next[index + size] = value * (1 - offs[index]!) * move.absent;
      }
      return next;
    }
    case 'leaf': {
      const next = old.slice();
      for (const tie of move.ties) switchOn(next, tie.bit, tie.strength);
      const offs = chancesOff(move, size);
      // Ties touch sign bits only, so the share that is on is the same before and after them.
      for (let index = 0; index < size; index += 1)
        next[index] = old[index]! * offs[index]! + next[index]! * (1 - offs[index]!) * move.absent;
      return next;
    }
    case 'open-sign': {
      const next = new Float64Array(size * 2);
      for (let index = 0; index < size; index += 1) {
        next[index] = old[index]! * (1 - move.leak);
        next[index + size] = old[index]! * move.leak;
      }
      return next;
    }
    case 'link': {
      const next = old.slice();
      switchOn(next, move.bit, move.strength, move.nodeMask);
      return next;
    }
    case 'close-sign':
    case 'sum-out': {
      const next = new Float64Array(size / 2);
      const low = 1 << move.bit;
      let to = 0;
      for (let block = 0; block < size; block += 2 * low)
        for (let at = block; at < block + low; at += 1, to += 1)
          next[to] = move.kind === 'sum-out' ? old[at]! + old[at + low]! : old[at + low]!;
      return next;
    }
    default:
      return move satisfies never;
  }
}

/** The transpose of `forward`: what each entry before the move is worth for the evidence after it. */
export function backward(move: Move, after: Float64Array): Float64Array {
  const size = after.length;
  switch (move.kind) {
    case 'leaf':
      return leafBackward(move, after).all;
    case 'node': {
      const half = size / 2;
      const before = new Float64Array(half);
      const offs = chancesOff(move, half);
      for (let index = 0; index < half; index += 1)
        before[index] = after[index]! * offs[index]! + after[index + half]! * (1 - offs[index]!) * move.absent;
      return before;
    }
    case 'open-sign': {
      const half = size / 2;
      const before = new Float64Array(half);
      for (let index = 0; index < half; index += 1)
        before[index] = after[index]! * (1 - move.leak) + after[index + half]! * move.leak;
      return before;
    }
    case 'link': {
      const before = after.slice();
      switchOnBackward(before, move.bit, move.strength, move.nodeMask);
      return before;
    }
    case 'close-sign':
    case 'sum-out': {
      const before = new Float64Array(size * 2);
      const low = 1 << move.bit;
      let from = 0;
      for (let block = 0; block < before.length; block += 2 * low)
        for (let at = block; at < block + low; at += 1, from += 1) {
          if (move.kind === 'sum-out') before[at] = after[from]!;
          before[at + low] = after[from]!;
        }
      return before;
    }
    default:
      return move satisfies never;
  }
}

export function leafBackward(move: LeafMove, after: Float64Array): { all: Float64Array; on: Float64Array } {
  const on = after.slice();
  for (const tie of move.ties) switchOnBackward(on, tie.bit, tie.strength);
  const all = new Float64Array(after.length);
  const offs = chancesOff(move, after.length);
  for (let index = 0; index < after.length; index += 1) {
    on[index] = on[index]! * (1 - offs[index]!) * move.absent;
    all[index] = after[index]! * offs[index]! + on[index]!;
  }
  return { all, on };
}

/** Moves the share `strength` from "not yet on" to "on" in one sign's bit, where the node's bit is set. */
function switchOn(values: Float64Array, bit: number, strength: number, nodeMask = 0): void {
  const low = 1 << bit;
  for (let block = 0; block < values.length; block += 2 * low)
    for (let at = block; at < block + low; at += 1) {
      if ((at & nodeMask) !== nodeMask) continue;
      const moved = values[at]! * strength;
      values[at] = values[at]! - moved;
      values[at + low] = values[at + low]! + moved;
    }
}

function switchOnBackward(values: Float64Array, bit: number, strength: number, nodeMask = 0): void {
  const low = 1 << bit;
  for (let block = 0; block < values.length; block += 2 * low)
    for (let at = block; at < block + low; at += 1)
      if ((at & nodeMask) === nodeMask) values[at] = values[at]! * (1 - strength) + values[at + low]! * strength;
}

/** P(off) for every index of a table, by the parents whose bits are set in it. */
function chancesOff({ leak, parents }: NodeMove | LeafMove, size: number): Float64Array {
  const off = new Float64Array(size).fill(1 - leak);
  for (const { mask, off: stays } of parents)
    for (let block = mask; block < size; block += 2 * mask)
      for (let at = block; at < block + mask; at += 1) off[at] = off[at]! * stays;
  return off;
}

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

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let index = 0; index < a.length; index += 1) sum += a[index]! * b[index]!;
  return sum;
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
