import fc from 'fast-check';
import type { Network } from './network';
import { bruteForce, caseOf } from './random-networks';
import { sample } from './sample';
import { sweep } from './sweep';

describe('weighing several causes at once', () => {
  test('the sweep agrees with summing over every world (400 random networks, seed 7)', () => {
    fc.assert(
      fc.property(caseOf, ({ net, observed, hub }) => {
        const expected = bruteForce(net, observed);
        const result = sweep(net, observed, hub ? [0] : []);
        expect(result.kind).toBe('exact');
        if (result.kind !== 'exact') return;
        expect(result.logEvidence).toBeCloseTo(expected.logEvidence, 9);
        result.marginals.forEach((value, index) => {
          // Nodes the evidence does not reach are left out; all others must match.
          if (value !== undefined) expect(value).toBeCloseTo(expected.marginals[index] ?? NaN, 9);
        });
      }),
      { seed: 7, numRuns: 400 },
    );
  });

  test('a node that the evidence does not reach keeps its prior, so it may be left out (seed 8)', () => {
    fc.assert(
      fc.property(caseOf, ({ net, observed }) => {
        const result = sweep(net, observed);
        if (result.kind !== 'exact') throw new Error('small networks are exact');
        const untouched = result.marginals.flatMap((value, index) => (value === undefined ? [index] : []));
        const roots = untouched.filter((index) => net.nodes[index]?.parents.length === 0);
        const expected = bruteForce(net, observed);
        for (const index of roots) expect(expected.marginals[index]).toBeCloseTo(net.nodes[index]?.leak ?? NaN, 9);
      }),
      { seed: 8, numRuns: 100 },
    );
  });

  test('two causes of one sign: seeing the other explains the first away', () => {
    const net: Network = {
      nodes: [
        { leak: 0.1, parents: [] },
        { leak: 0.1, parents: [] },
      ],
      signs: [
        {
          leak: 0.01,
          parents: [
            { from: 0, strength: 0.9 },
            { from: 1, strength: 0.9 },
          ],
        },
        { leak: 0.01, parents: [{ from: 1, strength: 0.9 }] },
      ],
    };
    const alone = sweep(net, [true, undefined]);
    const explained = sweep(net, [true, true]);
    if (alone.kind !== 'exact' || explained.kind !== 'exact') throw new Error('exact expected');
    expect(alone.marginals[0]).toBeGreaterThan(0.45);
    expect(explained.marginals[0]).toBeLessThan(0.2);
  });

  test('seventeen rare signs together lose no precision to cancellation', () => {
    const net: Network = {
      nodes: [{ leak: 1e-4, parents: [] }],
      signs: Array.from({ length: 17 }, () => ({ leak: 1e-4, parents: [{ from: 0, strength: 0.3 }] })),
    };
    const result = sweep(
      net,
      Array.from({ length: 17 }, () => true),
    );
    if (result.kind !== 'exact') throw new Error('exact expected');
    const with0 = Math.log(1e-4) + 17 * Math.log(1 - (1 - 1e-4) * 0.7);
    expect(result.logEvidence).toBeCloseTo(with0, 6);
  });

  test('evidence too tangled for the sweep is refused by it and sampled with its error', () => {
    const net: Network = {
      nodes: Array.from({ length: 30 }, () => ({ leak: 0.05, parents: [] })),
      signs: Array.from({ length: 40 }, (_, sign) => ({
        leak: 0.05,
        parents: Array.from({ length: 30 }, (__, from) => ({ from, strength: (from + sign) % 7 === 0 ? 0.6 : 0.02 })),
      })),
    };
    expect(
      sweep(
        net,
        net.signs.map(() => true),
      ).kind,
    ).toBe('too-wide');
  });

  test('the sampler comes within four of its own standard errors of the exact answer', () => {
    const net: Network = {
      nodes: [
        { leak: 0.2, parents: [] },
        { leak: 0.05, parents: [{ from: 0, strength: 0.4 }] },
        { leak: 0.1, parents: [] },
      ],
      signs: [
        {
          leak: 0.05,
          parents: [
            { from: 1, strength: 0.8 },
            { from: 2, strength: 0.5 },
          ],
        },
        { leak: 0.1, parents: [{ from: 0, strength: 0.7 }] },
        { leak: 0.1, parents: [{ from: 2, strength: 0.6 }] },
      ],
    };
    const observed = [true, undefined, false];
    const drawn = sample(net, observed, { seed: 3, rounds: 20000 });
    const expected = bruteForce(net, observed).marginals;
    expect(drawn.standardError).toBeGreaterThan(0);
    expected.forEach((value, index) =>
      expect(Math.abs((drawn.marginals[index] ?? NaN) - value)).toBeLessThan(4 * drawn.standardError + 1e-3),
    );
  });
});
