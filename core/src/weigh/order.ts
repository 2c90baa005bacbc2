import { seeded } from '../chance';
import type { Network } from './network';
import type { Reach } from './reach';

/** A seen sign that a node can switch on. */
export interface SignTie {
  readonly sign: number;
  readonly strength: number;
}

/**
 * The sweep brings in one node after the other and keeps a table over what is "open": nodes whose
 * children are still to come, and, for each seen sign with parents still to come, whether something
 * has switched it on yet. The table doubles with everything that is open, so the order matters. A
 * node without children ("leaf") is brought in and summed out in one step and never opens.
 */
export type SweepStep =
  | { readonly kind: 'node'; readonly node: number }
  | { readonly kind: 'leaf'; readonly node: number; readonly ties: readonly SignTie[] }
  | { readonly kind: 'open-sign'; readonly sign: number }
  | { readonly kind: 'link'; readonly node: number; readonly sign: number; readonly strength: number }
  | { readonly kind: 'close-sign'; readonly sign: number }
  | { readonly kind: 'sum-out'; readonly node: number };

export interface SweepOrder {
  readonly steps: readonly SweepStep[];
  /** The most that is ever open at once: the table has 2 to this many entries. */
  readonly width: number;
  /** Sum of the table's sizes over the steps: what the sweep will cost. */
  readonly cost: number;
}

/** Another greedy order takes about as long as this much of a sweep: no use looking where there is little to save. */
const costOfATry = 40_000;
const mostTries = 12;
/** Tried on 120 made-up cases of 12 signs seen and 12 absent; neither matters by more than a tenth nearby. */
const peakShare = 0.2;
const tieNoise = 0.9;

/** The cheapest of a few greedy orders. Deterministic: tie-breaking is seeded by the number of the try. */
export function sweepOrder(network: Network, reach: Reach, hubs: readonly number[] = []): SweepOrder {
  const graph = graphOf(network, reach, hubs);
  let best = greedyOrder(network, graph, 0);
  const tries = Math.min(mostTries, 1 + Math.floor(best.cost / costOfATry));
  for (let attempt = 1; attempt < tries; attempt += 1) best = greedyOrder(network, graph, attempt, best);
  return best;
}

interface Graph {
  readonly hubs: readonly number[];
  readonly seen: readonly number[];
  readonly leaves: readonly number[];
  readonly parentsOf: readonly (readonly number[])[];
  /** Everything above a node, parents before children. */
  readonly ancestorsOf: readonly (readonly number[])[];
  /** Number of relevant children of each node. */
  readonly childCount: readonly number[];
  readonly tiesOf: readonly (readonly SignTie[] | undefined)[];
  /** Number of relevant parents of each seen sign, hubs left out. */
  readonly parentCountOfSign: Int32Array;
  /** Leaves whose price can change when a sign opens or loses a parent, or when a node is placed. */
  readonly leavesAtSign: readonly (readonly number[] | undefined)[];
  readonly leavesBelow: readonly (readonly number[] | undefined)[];
}

const nobody: number[] = [];
const nothing: readonly SignTie[] = [];

function graphOf(network: Network, { isRelevant, seen }: Reach, hubs: readonly number[]): Graph {
  const size = network.nodes.length;
  const openHubs = hubs.filter((node) => isRelevant[node]);
  const parentsOf: number[][] = [];
  const childCount = new Array<number>(size).fill(0);
  for (let node = 0; node < size; node += 1) {
    parentsOf[node] = isRelevant[node] ? (network.nodes[node]?.parents ?? []).map(({ from }) => from) : nobody;
    for (const parent of parentsOf[node] ?? []) childCount[parent] = (childCount[parent] ?? 0) + 1;
  }
  // Most signs and nodes have nothing to list, so lists are made where something is listed.
  const tiesOf: (SignTie[] | undefined)[] = [];
  const parentCountOfSign = new Int32Array(network.signs.length);
  for (const sign of seen) {
    let parents = 0;
    for (const { from, strength } of network.signs[sign]?.parents ?? []) {
      (tiesOf[from] ??= []).push({ sign, strength });
      if (!openHubs.includes(from)) parents += 1;
    }
    parentCountOfSign[sign] = parents;
  }
  const leaves: number[] = [];
  for (let node = 0; node < size; node += 1)
    if (isRelevant[node] && childCount[node] === 0 && !openHubs.includes(node)) leaves.push(node);
  // Parents stand before children in the network, so one pass suffices.
  const ancestorsOf: (readonly number[])[] = [];
  for (let node = 0; node < size; node += 1) {
    const parents = parentsOf[node] ?? [];
    const hasGrand = parents.some((parent) => (ancestorsOf[parent]?.length ?? 0) > 0);
    ancestorsOf[node] = hasGrand
      ? [...new Set(parents.flatMap((parent) => [...(ancestorsOf[parent] ?? []), parent]))]
      : parents;
  }
  const leavesAtSign: (number[] | undefined)[] = [];
  const leavesBelow: (number[] | undefined)[] = [];
  for (const leaf of leaves) {
    for (const { sign } of tiesOf[leaf] ?? nothing) (leavesAtSign[sign] ??= []).push(leaf);
    for (const node of ancestorsOf[leaf] ?? nobody) {
      for (const { sign } of tiesOf[node] ?? nothing) (leavesAtSign[sign] ??= []).push(leaf);
      (leavesBelow[node] ??= []).push(leaf);
    }
  }
  return {
    hubs: openHubs,
    seen,
    leaves,
    parentsOf,
    ancestorsOf,
    childCount,
    tiesOf,
    parentCountOfSign,
    leavesAtSign,
    leavesBelow,
  };
}

/** Gives the order to beat back as soon as this one has become dearer. */
function greedyOrder(network: Network, graph: Graph, attempt: number, toBeat?: SweepOrder): SweepOrder {
  const steps: SweepStep[] = [];
  const placed = new Uint8Array(network.nodes.length);
  const childrenLeft = [...graph.childCount];
  const parentsLeft = graph.parentCountOfSign.slice();
  const isOpen = new Uint8Array(network.signs.length);
  const touches = new Int32Array(network.signs.length);
  // Seeded, so that the same evidence always gives the same order.
  const { uniform: noise } = seeded(attempt);
  let open = 0;
  let width = 0;
  let cost = 0;

  for (const hub of graph.hubs) {
    emit({ kind: 'node', node: hub }, 1);
    placed[hub] = 1;
  }
  const waiting = [...graph.leaves];
  // Prices change only near what was placed last; each carries its own tie-breaking.
  const price = new Float64Array(network.nodes.length);
  const isStale = new Uint8Array(network.nodes.length).fill(1);
  while (waiting.length > 0) {
    let best = 0;
    for (let at = 0; at < waiting.length; at += 1) {
      const leaf = waiting[at]!;
      if (isStale[leaf]) {
        price[leaf] = priceOf(leaf) + noise() * (attempt === 0 ? 1e-6 : tieNoise);
        isStale[leaf] = 0;
      }
      if (price[leaf]! < price[waiting[best]!]!) best = at;
    }
    const next = waiting[best]!;
    waiting[best] = waiting[waiting.length - 1]!;
    waiting.pop();
    for (const node of graph.ancestorsOf[next] ?? nobody) if (!placed[node]) placeKept(node);
    placeLeaf(next);
    if (toBeat && cost >= toBeat.cost) return toBeat;
  }
  for (const sign of graph.seen)
    if (graph.parentCountOfSign[sign] === 0) {
      openSign(sign);
      closeSign(sign);
    }
  for (const hub of graph.hubs) emit({ kind: 'sum-out', node: hub }, -1);
  return toBeat && cost >= toBeat.cost ? toBeat : { steps, width, cost };

  function emit(step: SweepStep, change: number): void {
    steps.push(step);
    const during = Math.max(open, open + change);
    cost += 2 ** during;
    open += change;
    width = Math.max(width, during);
  }

  /**
   * Change in what is open if this leaf came next, its peak on the way counting a little, less how far it
   * brings what stays open towards closing. The last makes the sweep finish one knot before it begins the
   * next: on 24 signs it costs a third of what it does without.
   */
  function priceOf(leaf: number): number {
    let opens = 0;
    let closes = 0;
    let progress = 0;
    const above = graph.ancestorsOf[leaf] ?? nobody;
    for (let step = 0; step <= above.length; step += 1) {
      const node = above[step] ?? leaf;
      if (placed[node]) continue;
      if (node !== leaf) opens += 1;
      for (const { sign } of graph.tiesOf[node] ?? nothing) {
        if (!isOpen[sign] && touches[sign] === 0) opens += 1;
        touches[sign]! += 1;
      }
      for (const parent of graph.parentsOf[node] ?? nobody)
        if (childrenLeft[parent] === 1) closes += 1;
        else progress += 1 / childrenLeft[parent]!;
    }
    for (let step = 0; step <= above.length; step += 1) {
      const node = above[step] ?? leaf;
      if (placed[node]) continue;
      for (const { sign } of graph.tiesOf[node] ?? nothing) {
        const [touched, left] = [touches[sign]!, parentsLeft[sign]!];
        if (touched === 0) continue;
        if (touched === left) closes += 1;
        else progress += touched / left;
        touches[sign] = 0;
      }
    }
    return opens - closes + peakShare * opens - progress;
  }

  function placeKept(node: number): void {
    emit({ kind: 'node', node }, 1);
    placed[node] = 1;
    for (const { sign, strength } of graph.tiesOf[node] ?? nothing) {
      openSign(sign);
      emit({ kind: 'link', node, sign, strength }, 0);
    }
    settle(node);
  }

  function placeLeaf(node: number): void {
    const ties = graph.tiesOf[node] ?? nothing;
    for (const { sign } of ties) openSign(sign);
    emit({ kind: 'leaf', node, ties }, 0);
    placed[node] = 1;
    settle(node);
  }

  function openSign(sign: number): void {
    if (isOpen[sign]) return;
    isOpen[sign] = 1;
    emit({ kind: 'open-sign', sign }, 1);
    // A hub stays open throughout, so its link is made when the sign is opened, not before.
    for (const hub of graph.hubs) {
      const tie = graph.tiesOf[hub]?.find((candidate) => candidate.sign === sign);
      if (tie) emit({ kind: 'link', node: hub, sign, strength: tie.strength }, 0);
    }
  }

  function closeSign(sign: number): void {
    emit({ kind: 'close-sign', sign }, -1);
    isOpen[sign] = 0;
  }

  /** Closes what has seen its last parent or child. */
  function settle(node: number): void {
    for (const { sign } of graph.tiesOf[node] ?? nothing) {
      const left = (parentsLeft[sign] ?? 0) - 1;
      parentsLeft[sign] = left;
      if (left === 0) closeSign(sign);
      for (const leaf of graph.leavesAtSign[sign] ?? nobody) isStale[leaf] = 1;
    }
    for (const leaf of graph.leavesBelow[node] ?? nobody) isStale[leaf] = 1;
    for (const parent of graph.parentsOf[node] ?? nobody) {
      for (const leaf of graph.leavesBelow[parent] ?? nobody) isStale[leaf] = 1;
      const left = (childrenLeft[parent] ?? 0) - 1;
      childrenLeft[parent] = left;
      if (left === 0 && !graph.hubs.includes(parent)) emit({ kind: 'sum-out', node: parent }, -1);
    }
  }
}
