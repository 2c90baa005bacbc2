import fc from 'fast-check';
import { foldLeaves } from './fold';
import { bruteForce, caseOf } from './random-networks';
import type { Network, Observed } from './network';
import { reachOf } from './reach';
import { sweep } from './sweep';

/** Two causes of one seen sign without conditions, and two that only an absent sign and a condition speak of. */
const net: Network = {
  nodes: [
    { leak: 0.2, parents: [] },
    { leak: 0.1, parents: [] },
    { leak: 0.3, parents: [] },
    { leak: 0.05, parents: [{ from: 0, strength: 0.5 }] },
    { leak: 0.04, parents: [] },
  ],
  signs: [
    { leak: 0.01, parents: [1, 2].map((from) => ({ from, strength: 0.3 * from })) },
    { leak: 0.02, parents: [3, 4, 1].map((from) => ({ from, strength: 0.6 })) },
  ],
};
const observed: Observed = [true, false];

describe('folding leaves away before the sweep', () => {
  test('what is folded leaves nothing to sweep here, and every marginal is as summing over the worlds says', () => {
    const folded = foldLeaves(net, reachOf(net, observed), []);
    expect(folded.reach.isRelevant.filter(Boolean)).toHaveLength(0);
    expect([...folded.fedSigns]).toEqual([0]);
    const expected = bruteForce(net, observed);
    const result = sweep(net, observed);
    if (result.kind !== 'exact') throw new Error('small networks are exact');
    expect(result.logEvidence).toBeCloseTo(expected.logEvidence, 12);
    result.marginals.forEach((value, node) => expect(value).toBeCloseTo(expected.marginals[node] ?? NaN, 12));
  });

  test('a hub is never folded, and neither is a cause of two seen signs', () => {
    const both = foldLeaves(net, reachOf(net, [true, true]), [2]);
    expect(both.reach.isRelevant[1]).toBe(true);
    expect(both.reach.isRelevant[2]).toBe(true);
    expect(both.reach.isRelevant[4]).toBe(false);
  });

  test('the order of the nodes that are left, and the evidence asked of them, never changes (seed 4)', () => {
    let foldedSomething = 0;
    fc.assert(
      fc.property(caseOf, ({ net: random, observed: seen }) => {
        const reach = reachOf(random, seen);
        const folded = foldLeaves(random, reach, []);
        expect(folded.reach.seen).toEqual(reach.seen);
        folded.reach.isRelevant.forEach((is, node) => expect(is && !reach.isRelevant[node]).toBe(false));
        if (folded.reach.isRelevant.some((is, node) => is !== reach.isRelevant[node])) foldedSomething += 1;
      }),
      { seed: 4, numRuns: 100 },
    );
    expect(foldedSomething).toBeGreaterThan(20);
  });
});
