import type { Network } from './network';
import type { SweepStep } from './order';
import type { Reach } from './reach';
import type { TablePool } from './table-pool';

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

/** The table after a move, from the table before it. */
export function forward(move: Move, old: Float64Array, pool: TablePool): Float64Array {
  const size = old.length;
  switch (move.kind) {
    case 'node': {
      const next = pool.take(size * 2);
      const offs = chancesOff(move, size, pool);
      for (let index = 0; index < size; index += 1) {
        const value = old[index]!;
        const off = value * offs[index]!;
        next[index] = off;
        next[index + size] = (value - off) * move.absent;
      }
      pool.give(offs);
      return next;
    }
    case 'leaf': {
      const next = pool.take(size);
      next.set(old);
      for (const tie of move.ties) switchOn(next, tie.bit, tie.strength);
      const offs = chancesOff(move, size, pool);
      // Ties touch sign bits only, so the share that is on is the same before and after them.
      for (let index = 0; index < size; index += 1) {
        const off = offs[index]!;
        next[index] = old[index]! * off + next[index]! * (1 - off) * move.absent;
      }
      pool.give(offs);
      return next;
    }
    case 'open-sign': {
      const next = pool.take(size * 2);
      for (let index = 0; index < size; index += 1) {
        const on = old[index]! * move.leak;
        next[index] = old[index]! - on;
        next[index + size] = on;
      }
      return next;
    }
    case 'link': {
      const next = pool.take(size);
      next.set(old);
      switchOn(next, move.bit, move.strength, move.nodeMask);
      return next;
    }
    case 'close-sign':
    case 'sum-out': {
      const next = pool.take(size / 2);
      const low = 1 << move.bit;
      const isSum = move.kind === 'sum-out';
      let to = 0;
      for (let block = 0; block < size; block += 2 * low)
        for (let at = block; at < block + low; at += 1, to += 1)
          next[to] = isSum ? old[at]! + old[at + low]! : old[at + low]!;
      return next;
    }
    default:
      return move satisfies never;
  }
}

/** The transpose of `forward`: what each entry before the move is worth for the evidence after it. */
export function backward(move: Move, after: Float64Array, pool: TablePool): Float64Array {
  const size = after.length;
  switch (move.kind) {
    case 'leaf': {
      const { all, on } = leafBackward(move, after, pool);
      pool.give(on);
      return all;
    }
    case 'node': {
      const half = size / 2;
      const before = pool.take(half);
      const offs = chancesOff(move, half, pool);
      for (let index = 0; index < half; index += 1) {
        const off = offs[index]!;
        before[index] = after[index]! * off + after[index + half]! * (1 - off) * move.absent;
      }
      pool.give(offs);
      return before;
    }
    case 'open-sign': {
      const half = size / 2;
      const before = pool.take(half);
      for (let index = 0; index < half; index += 1)
        before[index] = after[index]! * (1 - move.leak) + after[index + half]! * move.leak;
      return before;
    }
    case 'link': {
      const before = pool.take(size);
      before.set(after);
      switchOnBackward(before, move.bit, move.strength, move.nodeMask);
      return before;
    }
    case 'close-sign':
    case 'sum-out': {
      const before = pool.take(size * 2);
      const low = 1 << move.bit;
      const isSum = move.kind === 'sum-out';
      let from = 0;
      for (let block = 0; block < before.length; block += 2 * low)
        for (let at = block; at < block + low; at += 1, from += 1) {
          before[at] = isSum ? after[from]! : 0;
          before[at + low] = after[from]!;
        }
      return before;
    }
    default:
      return move satisfies never;
  }
}

/**
 * `backward` of a leaf, and the share of it in which the leaf is on.
 * @param before the table before the move; with it comes the leaf's marginal.
 */
export function leafBackward(
  move: LeafMove,
  after: Float64Array,
  pool: TablePool,
  before?: Float64Array,
): { all: Float64Array; on: Float64Array; marginal: number } {
  const size = after.length;
  const on = pool.take(size);
  on.set(after);
  for (const tie of move.ties) switchOnBackward(on, tie.bit, tie.strength);
  const all = pool.take(size);
  const offs = chancesOff(move, size, pool);
  let onSum = 0;
  let allSum = 0;
  for (let index = 0; index < size; index += 1) {
    const off = offs[index]!;
    const share = on[index]! * (1 - off) * move.absent;
    const both = after[index]! * off + share;
    on[index] = share;
    all[index] = both;
    if (before) {
      onSum += before[index]! * share;
      allSum += before[index]! * both;
    }
  }
  pool.give(offs);
  return { all, on, marginal: onSum / allSum };
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

/**
 * P(off) for every index of a table, by the parents whose bits are set in it. Built up bit by bit, each
 * half from the one below it, so that the number of parents costs nothing.
 */
function chancesOff({ leak, parents }: NodeMove | LeafMove, size: number, pool: TablePool): Float64Array {
  const off = pool.take(size);
  off[0] = 1 - leak;
  for (let half = 1; half < size; half *= 2) {
    const stays = parents.find(({ mask }) => mask === half)?.off;
    if (stays === undefined) off.copyWithin(half, 0, half);
    else for (let at = 0; at < half; at += 1) off[half + at] = off[at]! * stays;
  }
  return off;
}
