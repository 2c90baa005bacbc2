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
  | { readonly kind: 'open-sign'; readonly sign: number; readonly leak: number }
  | { readonly kind: 'link'; readonly nodeBit: number; readonly bit: number; readonly strength: number }
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
        return { kind: 'open-sign', sign: step.sign, leak: network.signs[step.sign]?.leak ?? 0 };
      case 'link':
        return { kind: 'link', nodeBit: bitOf(step.node), bit: bitOf(-1 - step.sign), strength: step.strength };
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
      const { low, high } = chancesOff(move, size);
      for (let index = 0; index < size; index += 1) {
        const value = old[index]!;
        const off = value * low[index & lowMask]! * high[index >> lowBits]!;
        next[index] = off;
        next[index + size] = (value - off) * move.absent;
      }
      return next;
    }
    case 'leaf':
      return leafForward(move, old, pool);
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
      switchOn(next, move.bit, move.strength, move.nodeBit);
      return next;
    }
    case 'close-sign': {
      const next = pool.take(size / 2);
      const apart = 1 << move.bit;
      for (let index = 0; index < next.length; index += 1) next[index] = old[withGap(index, apart) + apart]!;
      return next;
    }
    case 'sum-out': {
      const next = pool.take(size / 2);
      const apart = 1 << move.bit;
      for (let index = 0; index < next.length; index += 1) {
        const at = withGap(index, apart);
        next[index] = old[at]! + old[at + apart]!;
      }
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
      const { low, high } = chancesOff(move, half);
      for (let index = 0; index < half; index += 1) {
        const off = low[index & lowMask]! * high[index >> lowBits]!;
        before[index] = after[index]! * off + after[index + half]! * (1 - off) * move.absent;
      }
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
      switchOnBackward(before, move.bit, move.strength, move.nodeBit);
      return before;
    }
    case 'close-sign':
    case 'sum-out': {
      const before = pool.take(size * 2);
      const apart = 1 << move.bit;
      const isSum = move.kind === 'sum-out';
      for (let index = 0; index < size; index += 1) {
        const at = withGap(index, apart);
        before[at] = isSum ? after[index]! : 0;
        before[at + apart] = after[index]!;
      }
      return before;
    }
    default:
      return move satisfies never;
  }
}

/** Off: as it was. On: its absent signs stay off, and its ties switch on. Ties touch sign bits only, never parents. */
function leafForward(move: LeafMove, old: Float64Array, pool: TablePool): Float64Array {
  const size = old.length;
  const { low, high } = chancesOff(move, size);
  const next = pool.take(size);
  const last = move.ties[move.ties.length - 1];
  if (!last) {
    for (let index = 0; index < size; index += 1) {
      const off = low[index & lowMask]! * high[index >> lowBits]!;
      next[index] = old[index]! * (off + (1 - off) * move.absent);
    }
    return next;
  }
  // The last tie is made while the two halves are put together: one pass less over the table.
  let on = old;
  if (move.ties.length > 1) {
    next.set(old);
    for (let tie = 0; tie < move.ties.length - 1; tie += 1)
      switchOn(next, move.ties[tie]!.bit, move.ties[tie]!.strength);
    on = next;
  }
  const apart = 1 << last.bit;
  for (let index = 0; index < size / 2; index += 1) {
    const at = withGap(index, apart);
    const off = low[at & lowMask]! * high[at >> lowBits]!;
    const share = (1 - off) * move.absent;
    const still = on[at]! * share;
    const moved = still * last.strength;
    const already = on[at + apart]! * share;
    next[at] = old[at]! * off + still - moved;
    next[at + apart] = old[at + apart]! * off + already + moved;
  }
  return next;
}

/**
 * `backward` of a leaf, and the share of it in which the leaf is on.
 * @param before the table before the move; with it comes the leaf's marginal.
 */
export function leafBackward(
  move: LeafMove,
  after: Float64Array,
  pool: TablePool,
  before: Float64Array = noTable,
): { all: Float64Array; on: Float64Array; marginal: number } {
  const size = after.length;
  const { low, high } = chancesOff(move, size);
  const on = pool.take(size);
  const all = pool.take(size);
  const isAsked = before !== noTable;
  let onSum = 0;
  let allSum = 0;
  const last = move.ties[move.ties.length - 1];
  let switched = after;
  if (move.ties.length > 1) {
    on.set(after);
    for (let tie = 0; tie < move.ties.length - 1; tie += 1)
      switchOnBackward(on, move.ties[tie]!.bit, move.ties[tie]!.strength);
    switched = on;
  }
  // Without a tie the pairs are any two neighbours, and nothing moves between them.
  const apart = last && size > 1 ? 1 << last.bit : 1;
  const strength = last?.strength ?? 0;
  if (size === 1) {
    const off = low[0]! * high[0]!;
    on[0] = after[0]! * (1 - off) * move.absent;
    all[0] = after[0]! * off + on[0];
    return { all, on, marginal: on[0] / all[0] };
  }
  for (let index = 0; index < size / 2; index += 1) {
    const at = withGap(index, apart);
    const off = low[at & lowMask]! * high[at >> lowBits]!;
    const off2 = last ? off : low[(at + apart) & lowMask]! * high[(at + apart) >> lowBits]!;
    const above = switched[at + apart]!;
    const share = (switched[at]! * (1 - strength) + above * strength) * (1 - off) * move.absent;
    const share2 = above * (1 - off2) * move.absent;
    const both = after[at]! * off + share;
    const both2 = after[at + apart]! * off2 + share2;
    on[at] = share;
    on[at + apart] = share2;
    all[at] = both;
    all[at + apart] = both2;
    if (isAsked) {
      onSum += before[at]! * share + before[at + apart]! * share2;
      allSum += before[at]! * both + before[at + apart]! * both2;
    }
  }
  return { all, on, marginal: onSum / allSum };
}

const noTable = new Float64Array(0);

/** The `index`th entry whose bit `apart` is clear: a gap is made for that bit. */
function withGap(index: number, apart: number): number {
  const below = index & (apart - 1);
  return ((index ^ below) << 1) | below;
}

/** Moves the share `strength` from "not yet on" to "on" in one sign's bit; with a node, only where that is on. */
function switchOn(values: Float64Array, bit: number, strength: number, nodeBit?: number): void {
  const apart = 1 << bit;
  const first = 1 << Math.min(bit, nodeBit ?? bit);
  const second = 1 << Math.max(bit, nodeBit ?? bit);
  const whenNode = nodeBit === undefined ? 0 : 1 << nodeBit;
  const count = values.length / (nodeBit === undefined ? 2 : 4);
  for (let index = 0; index < count; index += 1) {
    const gapped = withGap(index, first);
    const at = nodeBit === undefined ? gapped : withGap(gapped, second) + whenNode;
    const moved = values[at]! * strength;
    values[at] = values[at]! - moved;
    values[at + apart] = values[at + apart]! + moved;
  }
}

function switchOnBackward(values: Float64Array, bit: number, strength: number, nodeBit?: number): void {
  const apart = 1 << bit;
  const first = 1 << Math.min(bit, nodeBit ?? bit);
  const second = 1 << Math.max(bit, nodeBit ?? bit);
  const whenNode = nodeBit === undefined ? 0 : 1 << nodeBit;
  const count = values.length / (nodeBit === undefined ? 2 : 4);
  for (let index = 0; index < count; index += 1) {
    const gapped = withGap(index, first);
    const at = nodeBit === undefined ? gapped : withGap(gapped, second) + whenNode;
    values[at] = values[at]! * (1 - strength) + values[at + apart]! * strength;
  }
}

/** P(off) of an entry is the product of what its low and its high bits say: two small tables instead of a large one. */
const lowBits = 7;
const lowMask = (1 << lowBits) - 1;
const lowTable = new Float64Array(1 << lowBits);
const highTable = new Float64Array(1 << 20);

/** P(off) for every index of a table, by the parents whose bits are set in it. Lent until the next call. */
function chancesOff({ leak, parents }: NodeMove | LeafMove, size: number): { low: Float64Array; high: Float64Array } {
  fillOff(lowTable, Math.min(size, 1 << lowBits), 0, 1 - leak, parents);
  fillOff(highTable, Math.max(1, size >> lowBits), lowBits, 1, parents);
  return { low: lowTable, high: highTable };
}

/** Built up bit by bit, each half from the one below it, so that the number of parents costs nothing. */
function fillOff(off: Float64Array, size: number, shift: number, none: number, parents: readonly ParentBit[]): void {
  off[0] = none;
  for (let half = 1; half < size; half *= 2) {
    const stays = parents.find(({ mask }) => mask === half << shift)?.off;
    if (stays === undefined) off.copyWithin(half, 0, half);
    else for (let at = 0; at < half; at += 1) off[half + at] = off[at]! * stays;
  }
}
