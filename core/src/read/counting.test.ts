import fc from 'fast-check';
import { countedAgainst, samplePlan } from './counting';

describe('how many more leaves', () => {
  test('far above and far below are told after few leaves', () => {
    expect(countedAgainst([40, 35, 60, 28, 44, 51], 10).says).toBe('above');
    expect(countedAgainst([0, 1, 0, 0, 2, 0], 10).says).toBe('below');
  });

  test('near the threshold it asks for more, and says how many', () => {
    const near = countedAgainst([12, 0, 25, 3, 9, 14], 10);
    expect(near.says).toBe('count-more');
    expect(near.more).toBeGreaterThan(0);
  });

  test('nothing counted is no answer', () => expect(countedAgainst([], 10).says).toBe('nothing-counted'));

  test('by hand: eight leaves of mean 4, variance 10, k = 16/6', () => {
    const counts = [0, 2, 4, 6, 8, 2, 2, 8];
    const mean = 4;
    const variance = counts.reduce((sum, count) => sum + (count - mean) ** 2, 0) / 7;
    const k = mean ** 2 / (variance - mean);
    const half = (1.2816 * Math.sqrt(mean + mean ** 2 / k)) / Math.sqrt(8);
    const found = countedAgainst(counts, 10);
    expect(found.mean).toBe(4);
    expect(found.high - found.mean).toBeCloseTo(half, 9);
    expect(found.says).toBe('below');
  });

  test('more counts of the same kind never unsettle a verdict (seed 12)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat({ max: 60 }), { minLength: 5, maxLength: 12 }),
        fc.integer({ min: 1, max: 30 }),
        (counts, threshold) => {
          const once = countedAgainst(counts, threshold);
          const thrice = countedAgainst([...counts, ...counts, ...counts], threshold);
          expect(once.low).toBeLessThanOrEqual(once.mean);
          expect(once.high).toBeGreaterThanOrEqual(once.mean);
          if (once.says === 'above') expect(thrice.says).toBe('above');
          if (once.says === 'below') expect(thrice.says).toBe('below');
        },
      ),
      { seed: 12, numRuns: 300 },
    );
  });

  test('a plan walks over all plants and heights', () => {
    const plan = samplePlan(5, 15);
    expect(new Set(plan.map(({ plant }) => plant)).size).toBe(5);
    expect(new Set(plan.map(({ height }) => height)).size).toBe(3);
    expect(plan).toHaveLength(15);
  });
});
