import fc from 'fast-check';
import { doubted } from './model';
import { chanceOn } from './network';

/** The likelihood of a report, by its definition: with chance s it means the sign, otherwise it says nothing of it. */
const likelihood = (on: number, isSeen: boolean, sure: number) => sure * ((isSeen ? on : 1 - on) / 0.02) + (1 - sure);

const chance = fc.double({ min: 0.02, max: 0.95, noNaN: true });

describe('a report that may mean something else', () => {
  test('seen: a higher leak says exactly what the definition says, but for a factor (any parents, seed 3)', () => {
    fc.assert(
      fc.property(
        chance,
        fc.array(chance, { minLength: 1, maxLength: 4 }),
        fc.double({ min: 0.05, max: 0.99, noNaN: true }),
        (leak, strengths, sure) => {
          const row = { leak, parents: strengths.map((strength, from) => ({ from, strength })) };
          const soft = doubted(row, true, sure);
          const ratios = Array.from({ length: 2 ** strengths.length }, (_, world) => {
            const isOn = (node: number) => (world & (1 << node)) !== 0;
            return chanceOn(soft, isOn) / likelihood(chanceOn(row, isOn), true, sure);
          });
          for (const ratio of ratios) expect(ratio / ratios[0]!).toBeCloseTo(1, 9);
        },
      ),
      { seed: 3, numRuns: 200 },
    );
  });

  test('the less sure, the less it says; a sure one is left as it is', () => {
    const row = { leak: 0.01, parents: [{ from: 0, strength: 0.8 }] };
    const ratio = (isSeen: boolean, sure: number) => {
      const soft = doubted(row, isSeen, sure);
      const on = (parent: boolean) => chanceOn(soft, () => parent);
      return isSeen ? on(true) / on(false) : (1 - on(true)) / (1 - on(false));
    };
    expect(doubted(row, true, 1)).toEqual(row);
    expect(ratio(true, 0.9)).toBeLessThan(ratio(true, 1));
    expect(ratio(true, 0.4)).toBeLessThan(ratio(true, 0.9));
    expect(ratio(true, 0.05)).toBeGreaterThan(1);
    expect(ratio(false, 1)).toBeCloseTo(0.2, 9);
    expect(ratio(false, 0.5)).toBeCloseTo(0.6, 9);
  });
});
