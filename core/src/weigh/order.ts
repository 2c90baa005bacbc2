import type { Network } from './network';
import type { Reach } from './reach';

/**
 * The sweep brings in one node after the other and keeps a table over what is "open": nodes whose
 * children are still to come, and, for each seen sign with parents still to come, whether something
 * has switched it on yet. The table doubles with everything that is open, so the order matters.
 */
export type SweepStep =
  | { readonly kind: 'node'; readonly node: number }
  | { readonly kind: 'open-sign'; readonly sign: number }
  | { readonly kind: 'link'; readonly node: number; readonly sign: number; readonly strength: number }
  | { readonly kind: 'close-sign'; readonly sign: number }
  | { readonly kind: 'sum-out'; readonly node: number };

export interface SweepOrder {
  readonly steps: readonly SweepStep[];
  /** The most that is ever open at once: the table has 2 to this many entries. */
  readonly width: number;
}

interface Progress {
  readonly placed: Set<number>;
  readonly openNodes: Set<number>;
  readonly openSigns: Set<number>;
}

/** A greedy order: next comes the node (with its missing parents) after which least is open. */
export function sweepOrder(network: Network, reach: Reach, hubs: readonly number[] = []): SweepOrder {
  const graph = linksOf(network, reach);
  const steps: SweepStep[] = [];
  const progress: Progress = { placed: new Set(), openNodes: new Set(), openSigns: new Set() };
  const opened = new Set<number>();
  let width = 0;

  const emit = (step: SweepStep) => {
    steps.push(step);
    if (step.kind === 'node') progress.openNodes.add(step.node);
    if (step.kind === 'open-sign') progress.openSigns.add(step.sign);
    if (step.kind === 'sum-out') progress.openNodes.delete(step.node);
    if (step.kind === 'close-sign') progress.openSigns.delete(step.sign);
    width = Math.max(width, progress.openNodes.size + progress.openSigns.size);
  };

  const openHubs = hubs.filter((node) => reach.isRelevant[node]);
  for (const node of openHubs) place(node);
  for (;;) {
    const next = cheapest(graph, progress);
    if (next === undefined) break;
    for (const node of missingAncestors(network, next, progress.placed)) place(node);
  }
  for (const sign of reach.seen) if (!opened.has(sign)) openSign(sign);
  closeWhatIsDone();
  for (const node of openHubs) emit({ kind: 'sum-out', node });
  return { steps, width };

  function place(node: number): void {
    emit({ kind: 'node', node });
    progress.placed.add(node);
    const isHub = openHubs.includes(node);
    if (!isHub) for (const { sign, strength } of graph.signsOf[node] ?? []) linkSign(node, sign, strength);
    closeWhatIsDone();
  }

  function linkSign(node: number, sign: number, strength: number): void {
    if (!opened.has(sign)) openSign(sign);
    emit({ kind: 'link', node, sign, strength });
  }

  function openSign(sign: number): void {
    opened.add(sign);
    emit({ kind: 'open-sign', sign });
    // A hub stays open throughout, so its link is made when the sign is opened, not before.
    for (const hub of openHubs) {
      const link = graph.signsOf[hub]?.find((candidate) => candidate.sign === sign);
      if (link) emit({ kind: 'link', node: hub, sign, strength: link.strength });
    }
  }

  function closeWhatIsDone(): void {
    for (const sign of [...progress.openSigns])
      if ((graph.parentsOfSign[sign] ?? []).every((parent) => progress.placed.has(parent)))
        emit({ kind: 'close-sign', sign });
    for (const open of [...progress.openNodes])
      if (!openHubs.includes(open) && (graph.childrenOf[open] ?? []).every((child) => progress.placed.has(child)))
        emit({ kind: 'sum-out', node: open });
  }
}

interface RelevantGraph {
  readonly nodes: readonly number[];
  readonly parentsOf: readonly (readonly number[])[];
  readonly childrenOf: readonly (readonly number[])[];
  readonly signsOf: readonly (readonly { readonly sign: number; readonly strength: number }[])[];
  readonly parentsOfSign: Readonly<Record<number, readonly number[]>>;
}

function linksOf({ nodes, signs }: Network, { isRelevant, seen }: Reach): RelevantGraph {
  const childrenOf: number[][] = nodes.map(() => []);
  const signsOf: { sign: number; strength: number }[][] = nodes.map(() => []);
  nodes.forEach(({ parents }, child) => {
    if (isRelevant[child]) for (const { from } of parents) childrenOf[from]?.push(child);
  });
  const parentsOfSign: Record<number, number[]> = {};
  for (const sign of seen) {
    const parents = signs[sign]?.parents ?? [];
    parentsOfSign[sign] = parents.map(({ from }) => from);
    for (const { from, strength } of parents) signsOf[from]?.push({ sign, strength });
  }
  return {
    nodes: nodes.flatMap((_, index) => (isRelevant[index] ? [index] : [])),
    parentsOf: nodes.map(({ parents }) => parents.map(({ from }) => from)),
    childrenOf,
    signsOf,
    parentsOfSign,
  };
}

function cheapest(graph: RelevantGraph, progress: Progress): number | undefined {
  let best: number | undefined;
  let bestCost = Infinity;
  for (const node of graph.nodes) {
    if (progress.placed.has(node)) continue;
    const cost = costOf(node, graph, progress);
    if (cost < bestCost) [best, bestCost] = [node, cost];
  }
  return best;
}

/** How much more is open once this node, with its missing parents, has been brought in. */
function costOf(node: number, graph: RelevantGraph, { placed, openNodes, openSigns }: Progress): number {
  const missingParents = (graph.parentsOf[node] ?? []).filter((parent) => !placed.has(parent));
  const after = new Set([...placed, ...missingParents, node]);
  const stays = (candidate: number) => (graph.childrenOf[candidate] ?? []).some((child) => !after.has(child));
  const touched = new Set((graph.signsOf[node] ?? []).map(({ sign }) => sign));
  const closes = (sign: number) => (graph.parentsOfSign[sign] ?? []).every((parent) => after.has(parent));
  const opened = [...touched].filter((sign) => !openSigns.has(sign) && !closes(sign)).length;
  const closedSigns = [...openSigns].filter((sign) => closes(sign)).length;
  const closedNodes = [...openNodes].filter((open) => !stays(open)).length;
  const newNodes = [...missingParents, node].filter(stays).length;
  return opened + newNodes - closedSigns - closedNodes + 0.01 * touched.size;
}

function missingAncestors(network: Network, node: number, placed: ReadonlySet<number>): number[] {
  const missing: number[] = [];
  const visit = (index: number) => {
    if (placed.has(index) || missing.includes(index)) return;
    for (const { from } of network.nodes[index]?.parents ?? []) visit(from);
    missing.push(index);
  };
  visit(node);
  return missing;
}
