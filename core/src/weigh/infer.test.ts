import fc from 'fast-check';
import { chanceOn, type Network, type NoisyOr, type Observed } from './network';
import { sample } from './sample';
import { sweep } from './sweep';

/** Sums over every state of the world: slow, and plain enough to trust. */
function bruteForce({ nodes, signs }: Network, observed: Observed): { marginals: number[]; logEvidence: number } {
  const on = nodes.map(() => 0);
  let total = 0;
  for (let world = 0; world < 2 ** nodes.length; world += 1) {
    const isOn = (node: number) => (world & (1 << node)) !== 0;
    let chance = 1;
    nodes.forEach((node, index) => (chance *= isOn(index) ? chanceOn(node, isOn) : 1 - chanceOn(node, isOn)));
    signs.forEach((sign, index) => {
      if (observed[index] === undefined) return;
      chance *= observed[index] ? chanceOn(sign, isOn) : 1 - chanceOn(sign, isOn);
    });
    total += chance;
    nodes.forEach((_, index) => isOn(index) && (on[index] = (on[index] ?? 0) + chance));
  }
  return { marginals: on.map((sum) => sum / total), logEvidence: Math.log(total) };
}

const chance = fc.double({ min: 0.01, max: 0.95, noNaN: true });

const links = (parents: number) =>
  fc
    .uniqueArray(fc.tuple(fc.nat({ max: Math.max(0, parents - 1) }), chance), {
      maxLength: parents === 0 ? 0 : 5,
      selector: ([from]) => from,
    })
    .map((pairs) => pairs.map(([from, strength]) => ({ from, strength })));

const noisyOr = (parents: number): fc.Arbitrary<NoisyOr> => fc.record({ leak: chance, parents: links(parents) });

const network: fc.Arbitrary<Network> = fc
  .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 8 }))
  .chain(([nodeCount, signCount]) =>
    fc.record({
      nodes: fc.tuple(...Array.from({ length: nodeCount }, (_, index) => noisyOr(index))),
      signs: fc.array(noisyOr(nodeCount), { minLength: signCount, maxLength: signCount }),
    }),
  );

const caseOf = network.chain((net) =>
  fc.record({
    net: fc.constant(net),
    observed: fc.array(fc.constantFrom(true, false, undefined), {
      minLength: net.signs.length,
      maxLength: net.signs.length,
    }),
    hub: fc.boolean(),
  }),
);

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
