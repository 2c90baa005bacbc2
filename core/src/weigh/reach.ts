import type { Network, Observed } from './network';

/** What of a network a given evidence reaches; the rest cannot change the answer and is left out. */
export interface Reach {
  /** Nodes above a sign that was looked at. */
  readonly isRelevant: readonly boolean[];
  /** Indices of the signs seen. */
  readonly seen: readonly number[];
  /** Per node: the chance that all absent signs stay off although the node is on. */
  readonly absentFactor: readonly number[];
  /** log Π (1 − leak) over the absent signs. */
  readonly logAbsentLeaks: number;
}

/**
 * Absent signs factor out: P(all absent | nodes) is a product with one factor per node, so they cost
 * nothing in the sweep. Only seen signs tie nodes together.
 */
export function reachOf({ nodes, signs }: Network, observed: Observed): Reach {
  const isRelevant = nodes.map(() => false);
  const absentFactor = nodes.map(() => 1);
  const seen: number[] = [];
  let logAbsentLeaks = 0;
  signs.forEach(({ leak, parents }, index) => {
    const state = observed[index];
    if (state === undefined) return;
    if (state) seen.push(index);
    else logAbsentLeaks += Math.log1p(-leak);
    for (const { from, strength } of parents) {
      isRelevant[from] = true;
      if (!state) absentFactor[from] = (absentFactor[from] ?? 1) * (1 - strength);
    }
  });
  for (let index = nodes.length - 1; index >= 0; index -= 1) {
    if (!isRelevant[index]) continue;
    for (const { from } of nodes[index]?.parents ?? []) isRelevant[from] = true;
  }
  return { isRelevant, seen, absentFactor, logAbsentLeaks };
}
