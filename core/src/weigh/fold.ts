import type { Network, NoisyOr } from './network';
import type { Reach } from './reach';

/** A network with its simplest leaves folded away, and how to get their marginals back. */
export interface Folded {
  readonly network: Network;
  readonly reach: Reach;
  /** Signs whose leak now stands for folded causes as well. */
  readonly fedSigns: ReadonlySet<number>;
  /**
   * Fills in the marginals of what was folded.
   * @param marginals of the folded network; written to
   * @param leakOn P(the leak has switched the sign on | evidence), for each fed sign
   */
  restore(marginals: (number | undefined)[], leakOn: ReadonlyMap<number, number>): void;
}

type Restorer = (marginals: (number | undefined)[], leakOn: ReadonlyMap<number, number>) => void;

/**
 * Folds away every relevant node without relevant children that
 *
 * - has no parents and feeds one seen sign: to the sign it is one more leak, of
 *   r · strength, where r is its chance to be on given its own absent signs; or
 * - feeds no seen sign and has at most one parent: its absent signs speak for or against the parent, no more.
 *
 * Both are exact. About a third of the leaves go, and with them a third of the passes over the tables.
 */
export function foldLeaves(network: Network, reach: Reach, hubs: readonly number[]): Folded {
  const { nodes } = network;
  const isRelevant = [...reach.isRelevant];
  const absentFactor = [...reach.absentFactor];
  let logScale = reach.logAbsentLeaks;
  const children = new Int32Array(nodes.length);
  nodes.forEach(({ parents }, node) => {
    if (isRelevant[node]) for (const { from } of parents) children[from]! += 1;
  });
  const ties = new Int32Array(nodes.length);
  const tiedTo = new Int32Array(nodes.length);
  const tieStrength = new Float64Array(nodes.length);
  for (const sign of reach.seen)
    for (const { from, strength } of network.signs[sign]?.parents ?? []) {
      ties[from]! += 1;
      tiedTo[from] = sign;
      tieStrength[from] = strength;
    }

  /** By fed sign: log of the chance that neither the leak nor a folded cause switches it on. */
  const stays = new Map<number, number>();
  const restorers: Restorer[] = [];
  // From the last to the first: a parent may become a leaf when its children are gone.
  for (let node = nodes.length - 1; node >= 0; node -= 1) {
    const { leak, parents } = nodes[node]!;
    if (!isRelevant[node] || children[node]! > 0 || hubs.includes(node)) continue;
    const absent = absentFactor[node] ?? 1;
    if (parents.length === 0 && ties[node]! <= 1) {
      const all = 1 - leak + leak * absent;
      const chance = (leak * absent) / all;
      logScale += Math.log(all);
      if (ties[node] === 0) restorers.push((marginals) => void (marginals[node] = chance));
      else {
        const sign = tiedTo[node]!;
        const strength = tieStrength[node]!;
        stays.set(sign, (stays.get(sign) ?? Math.log1p(-network.signs[sign]!.leak)) + Math.log1p(-chance * strength));
        restorers.push((marginals, leakOn) => {
          const switched = leakOn.get(sign) ?? 0;
          const logStill = stays.get(sign) ?? 0;
          const stillByOthers = Math.exp(logStill) / (1 - chance * strength);
          const ifSwitched = (chance * (1 - (1 - strength) * stillByOthers)) / -Math.expm1(logStill);
          const ifStill = (chance * (1 - strength)) / (1 - chance * strength);
          marginals[node] = switched * ifSwitched + (1 - switched) * ifStill;
        });
      }
    } else if (ties[node] === 0 && parents.length === 1) {
      const { from, strength } = parents[0]!;
      const onGiven = (off: number) => ((1 - off) * absent) / (off + (1 - off) * absent);
      const offs = [1 - leak, (1 - leak) * (1 - strength)] as const;
      const [all, allWithParent] = [offs[0] + (1 - offs[0]) * absent, offs[1] + (1 - offs[1]) * absent];
      logScale += Math.log(all);
      absentFactor[from] = (absentFactor[from] ?? 1) * (allWithParent / all);
      children[from]! -= 1;
      restorers.push((marginals) => {
        const parentOn = marginals[from] ?? 0;
        marginals[node] = parentOn * onGiven(offs[1]) + (1 - parentOn) * onGiven(offs[0]);
      });
    } else continue;
    isRelevant[node] = false;
  }

  const fed = new Map<number, NoisyOr>();
  for (const [sign, log] of stays)
    fed.set(sign, {
      leak: -Math.expm1(log),
      parents: network.signs[sign]!.parents.filter(({ from }) => isRelevant[from]),
    });
  return {
    network: { nodes, signs: network.signs.map((row, sign) => fed.get(sign) ?? row) },
    reach: { ...reach, isRelevant, absentFactor, logAbsentLeaks: logScale },
    fedSigns: new Set(stays.keys()),
    // Parents were folded after their children, and so come back before them.
    restore: (marginals, leakOn) => restorers.reverse().forEach((restore) => restore(marginals, leakOn)),
  };
}
