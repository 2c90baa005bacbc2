import fc from 'fast-check';
import { drawWorlds } from './draw';
import { bruteForce, caseOf } from './random-networks';
import { sweep } from './sweep';
import { TablePool } from './table-pool';

describe('worlds drawn from the posterior', () => {
  test('each node is on as often as summing over every world says (60 random networks, seed 9)', () => {
    const count = 2000;
    fc.assert(
      fc.property(caseOf, ({ net, observed, hub }) => {
        const { marginals } = bruteForce(net, observed);
        const worlds = drawWorlds(net, observed, hub ? [0] : [], { seed: 5, count });
        expect(worlds).toHaveLength(count);
        marginals.forEach((expected, node) => {
          const share = worlds.filter((world) => world[node] === 1).length / count;
          // Five standard errors: of some five hundred comparisons none is expected beyond.
          const error = Math.sqrt((expected * (1 - expected)) / count);
          expect(Math.abs(share - expected)).toBeLessThan(5 * error + 1e-3);
        });
      }),
      { seed: 9, numRuns: 60 },
    );
  });

  test('the same seed draws the same worlds', () => {
    const [{ net, observed }] = fc.sample(caseOf, { seed: 3, numRuns: 1 }) as [Case];
    const draw = (seed: number) => drawWorlds(net, observed, [], { seed, count: 40 }).map((world) => [...world]);
    expect(draw(1)).toEqual(draw(1));
  });
});

type Case = typeof caseOf extends fc.Arbitrary<infer Value> ? Value : never;

describe('borrowed tables', () => {
  test('what an earlier sweep left in them never shows: the same numbers to the last bit', () => {
    const cases = fc.sample(caseOf, { seed: 21, numRuns: 80 });
    const once = () => cases.map(({ net, observed, hub }) => sweep(net, observed, hub ? [0] : []));
    const first = once();
    // Backwards, so that every table comes from another borrower.
    const second = [...cases].reverse().map(({ net, observed, hub }) => sweep(net, observed, hub ? [0] : []));
    expect(second.reverse()).toEqual(first);
  });

  test('a table given back is lent again, by size, and no more is kept than allowed', () => {
    const pool = new TablePool(12);
    const small = pool.take(4);
    const large = pool.take(8);
    const other = pool.take(8);
    pool.give(small);
    pool.give(large);
    pool.give(other);
    expect(pool.take(8)).toBe(large);
    expect(pool.take(8)).not.toBe(other);
    expect(pool.take(4)).toBe(small);
    expect(pool.take(4)).toHaveLength(4);
  });
});
