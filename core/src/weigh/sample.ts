import { seeded } from '../chance';
import type { Network, Observed, Posterior } from './network';
import { reachOf } from './reach';

export interface SampleOptions {
  readonly seed: number;
  /** Rounds over all nodes, after a tenth of them as warm-up. */
  readonly rounds: number;
}

/**
 * Posterior by Gibbs sampling, for evidence too tangled for the exact sweep. Each node in turn is
 * redrawn given all others. The standard error is the largest over the nodes, from batch means, so
 * the answer carries its own bound.
 */
export function sample(network: Network, observed: Observed, { seed, rounds }: SampleOptions): Posterior {
  const reach = reachOf(network, observed);
  const { uniform } = seeded(seed);
  const relevant = network.nodes.flatMap((_, index) => (reach.isRelevant[index] ? [index] : []));
  const isOn = network.nodes.map(() => false);
  const childrenOf = childLists(network, reach.isRelevant);
  const seenOf = network.nodes.map((_, node) =>
    reach.seen.flatMap((sign) => {
      const link = network.signs[sign]?.parents.find(({ from }) => from === node);
      return link ? [{ sign, strength: link.strength }] : [];
    }),
  );
  // For each seen sign, the chance that it stays off given the nodes now on.
  const off = network.signs.map(({ leak }) => 1 - leak);

  const batches = 20;
  const perBatch = Math.max(1, Math.ceil(rounds / batches));
  const batchCounts = Array.from({ length: batches }, () => network.nodes.map(() => 0));
  for (let round = -Math.ceil(rounds / 10); round < perBatch * batches; round += 1) {
    for (const node of relevant) redraw(node);
    const counts = batchCounts[Math.floor(round / perBatch)];
    if (round >= 0 && counts) for (const node of relevant) if (isOn[node]) counts[node] = (counts[node] ?? 0) + 1;
  }
  return summary(batchCounts, perBatch, reach.isRelevant);

  function redraw(node: number): void {
    const own = network.nodes[node];
    if (!own) return;
    const prior = 1 - offOf(own);
    let ratio = Math.log(prior) - Math.log1p(-prior) + Math.log(reach.absentFactor[node] ?? 1);
    for (const { sign, strength } of seenOf[node] ?? []) {
      const without = (off[sign] ?? 1) / (isOn[node] ? 1 - strength : 1);
      ratio += Math.log(1 - without * (1 - strength)) - Math.log(1 - without);
    }
    for (const child of childrenOf[node] ?? []) ratio += childRatio(node, child);
    setNode(node, uniform() < 1 / (1 + Math.exp(-ratio)));
  }

  function offOf({ leak, parents }: { leak: number; parents: readonly { from: number; strength: number }[] }): number {
    return parents.reduce((chance, { from, strength }) => (isOn[from] ? chance * (1 - strength) : chance), 1 - leak);
  }

  function childRatio(node: number, child: number): number {
    const row = network.nodes[child];
    const strength = row?.parents.find(({ from }) => from === node)?.strength ?? 0;
    if (!row) return 0;
    const without = offOf({ leak: row.leak, parents: row.parents.filter(({ from }) => from !== node) });
    const withIt = without * (1 - strength);
    return isOn[child] ? Math.log(1 - withIt) - Math.log(1 - without) : Math.log(1 - strength);
  }

  function setNode(node: number, on: boolean): void {
    if (on === isOn[node]) return;
    isOn[node] = on;
    for (const { sign, strength } of seenOf[node] ?? [])
      off[sign] = on ? (off[sign] ?? 1) * (1 - strength) : (off[sign] ?? 1) / (1 - strength);
  }
}

function childLists({ nodes }: Network, isRelevant: readonly boolean[]): number[][] {
  const lists: number[][] = nodes.map(() => []);
  nodes.forEach(({ parents }, child) => {
    if (isRelevant[child]) for (const { from } of parents) lists[from]?.push(child);
  });
  return lists;
}

function summary(
  batchCounts: readonly (readonly number[])[],
  perBatch: number,
  isRelevant: readonly boolean[],
): Posterior {
  let standardError = 0;
  const marginals = isRelevant.map((relevant, node) => {
    if (!relevant) return undefined;
    const means = batchCounts.map((counts) => (counts[node] ?? 0) / perBatch);
    const mean = means.reduce((sum, value) => sum + value, 0) / means.length;
    const variance = means.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (means.length - 1);
    standardError = Math.max(standardError, Math.sqrt(variance / means.length));
    return mean;
  });
  return { marginals, logEvidence: Number.NaN, method: 'sampled', standardError };
}
