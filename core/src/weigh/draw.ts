import { seeded } from '../chance';
import { chanceOn, type Network, type NoisyOr, type Observed } from './network';
import { sweepOrder } from './order';
import { reachOf } from './reach';
import { backward, leafBackward, placeBits, type LeafMove } from './moves';
import { widestExactSweep } from './sweep';
import { TablePool } from './table-pool';

/** One state of the world: 1 for every node that is on. */
export type World = Uint8Array;

/**
 * Draws worlds from the exact posterior, each independent of the others (backward sweep, then forward
 * sampling). Nodes that the evidence does not reach are drawn from what their parents make likely.
 * Empty when the evidence is too tangled for the sweep.
 */
export function drawWorlds(
  network: Network,
  observed: Observed,
  hubs: readonly number[],
  { seed, count }: { readonly seed: number; readonly count: number },
): World[] {
  const reach = reachOf(network, observed);
  const order = sweepOrder(network, reach, hubs);
  if (order.width > widestExactSweep) return [];
  const moves = placeBits(order.steps, network, reach);
  // Most tables stay in use to the end, so none outlives this call.
  const pool = new TablePool(2 ** widestExactSweep);
  /** What each entry after the move is worth for the evidence still to come. */
  const worth: Float64Array[] = new Array<Float64Array>(moves.length);
  const whenOn: (Float64Array | undefined)[] = new Array<Float64Array | undefined>(moves.length);
  const before: Float64Array[] = new Array<Float64Array>(moves.length);
  let back: Float64Array = Float64Array.of(1);
  for (let index = moves.length - 1; index >= 0; index -= 1) {
    const move = moves[index]!;
    worth[index] = back;
    if (move.kind === 'leaf') {
      const { all, on } = leafBackward(move, back, pool);
      whenOn[index] = on;
      back = all;
    } else back = backward(move, back, pool);
    const top = back.reduce((most, value) => Math.max(most, value), 0);
    // Each table is only ever compared with itself, but "on" and "all" of a leaf must keep their ratio.
    if (top > 0 && top < 1e-60) {
      back = back.map((value) => value / top);
      whenOn[index] = whenOn[index]?.map((value) => value / top);
    }
    before[index] = back;
  }
  const untold = [...network.nodes.keys()].filter((index) => !reach.isRelevant[index]);
  const { uniform } = seeded(seed);
  return Array.from({ length: count }, () => {
    const world = new Uint8Array(network.nodes.length);
    let state = 0;
    moves.forEach((move, index) => {
      const after = worth[index]!;
      switch (move.kind) {
        case 'node': {
          const half = after.length / 2;
          const off = offGiven(move, state);
          const on = (1 - off) * move.absent * after[state + half]!;
          if (uniform() * (on + off * after[state]!) < on) {
            world[move.node] = 1;
            state += half;
          }
          break;
        }
        case 'leaf': {
          const on = whenOn[index]![state]!;
          if (uniform() * before[index]![state]! < on) {
            world[move.node] = 1;
            state = afterTies(move, state, after, uniform);
          }
          break;
        }
        case 'open-sign': {
          const half = after.length / 2;
          const on = move.leak * after[state + half]!;
          if (uniform() * (on + (1 - move.leak) * after[state]!) < on) state += half;
          break;
        }
        case 'link': {
          const bit = 1 << move.bit;
          if (state & (1 << move.nodeBit) && !(state & bit)) {
            const on = move.strength * after[state | bit]!;
            if (uniform() * (on + (1 - move.strength) * after[state]!) < on) state |= bit;
          }
          break;
        }
        case 'close-sign':
        case 'sum-out': {
          const low = (1 << move.bit) - 1;
          state = ((state >> 1) & ~low) | (state & low);
          break;
        }
        default:
          move satisfies never;
      }
    });
    const isOn = (parent: number) => world[parent] === 1;
    for (const index of untold) if (uniform() < chanceOn(network.nodes[index]!, isOn)) world[index] = 1;
    return world;
  });
}

/** The nodes that are on in a world. */
export function nodesOn(world: World): number[] {
  const on: number[] = [];
  for (let node = 0; node < world.length; node += 1) if (world[node] === 1) on.push(node);
  return on;
}

/**
 * How likely a sign is to be seen (or looked for in vain) in each of some worlds, by which drawn worlds are
 * weighted to stand for what would be believed after that answer.
 * @param worlds the nodes that are on in each
 * @param nodeCount of the network
 */
export function chancesIn(
  { leak, parents }: NoisyOr,
  state: 'seen' | 'absent',
  worlds: readonly (readonly number[])[],
  nodeCount: number,
): Float64Array {
  // Chance that a node which is on leaves the sign off, by node.
  const stays = new Float64Array(nodeCount).fill(1);
  for (const { from, strength } of parents) stays[from] = 1 - strength;
  const chances = new Float64Array(worlds.length);
  worlds.forEach((on, index) => {
    let off = 1 - leak;
    for (let at = 0; at < on.length; at += 1) off *= stays[on[at]!]!;
    chances[index] = state === 'seen' ? 1 - off : off;
  });
  return chances;
}

function offGiven({ leak, parents }: { leak: number; parents: LeafMove['parents'] }, state: number): number {
  let off = 1 - leak;
  for (const { mask, off: stays } of parents) if (state & mask) off *= stays;
  return off;
}

/** Which signs a leaf that is on has switched on, drawn over every combination of those still off. */
function afterTies({ ties }: LeafMove, state: number, after: Float64Array, uniform: () => number): number {
  const open = ties.filter(({ bit }) => !(state & (1 << bit)));
  let total = 0;
  const weights: number[] = [];
  for (let set = 0; set < 1 << open.length; set += 1) {
    let weight = 1;
    let next = state;
    open.forEach(({ bit, strength }, at) => {
      const on = (set >> at) & 1;
      weight *= on ? strength : 1 - strength;
      if (on) next |= 1 << bit;
    });
    weights.push(weight * after[next]!);
    total += weights[set]!;
  }
  let left = uniform() * total;
  const chosen = weights.findIndex((weight) => (left -= weight) < 0);
  return open.reduce((next, { bit }, at) => ((chosen >> at) & 1 ? next | (1 << bit) : next), state);
}
