import fc from 'fast-check';
import {
  grams,
  measurePowder,
  measureSystems,
  measureWater,
  measureWithSpoons,
  millilitres,
  spoonWords,
  systems,
} from './index';

describe('amounts that a person can really measure', () => {
  test.each([
    [15, 'metric', '1 tablespoon'],
    [7.5, 'metric', '1½ teaspoons'],
    [20, 'metric', '1 tablespoon + 1 teaspoon'],
    [20, 'australian', '1 tablespoon'],
    [15, 'australian', '3 teaspoons'],
    [14.7868, 'us', '1 tablespoon'],
    [0.6, 'metric', '0.6 mL by syringe'],
    [150, 'metric', '150 mL by the jug'],
    [236.588, 'us', '1 cup'],
    [378.541, 'us', '1½ cups + 1 tablespoon + 1¾ teaspoons'],
  ] as const)('%s mL in %s is %s', (ml, system, words) => {
    expect(spoonWords(measureWithSpoons(millilitres(ml), system))).toBe(words);
  });

  test('a powder goes through its bulk density: 3.6 g of boric acid at 0.9 g/mL is 4 mL', () => {
    const measured = measurePowder(grams(3.6), 0.9, 'metric');
    expect(measured.wantedMl).toBeCloseTo(4);
    expect(spoonWords(measured)).toBe('¾ teaspoon');
    expect(measured.errorPercent).toBeCloseTo(-6.25);
  });

  test('water is read off the jug: a US gallon less half a cup', () => {
    expect(measureWater(millilitres(3785.41), 'us')).toMatchObject({ amount: 1, unit: 'gal' });
    expect(measureWater(millilitres(1485), 'metric')).toMatchObject({ amount: 1.485, unit: 'L' });
    expect(measureWater(millilitres(300), 'metric')).toMatchObject({ amount: 300, unit: 'mL' });
    expect(measureWater(millilitres(568.261), 'imperial')).toMatchObject({ amount: 1, unit: 'pt' });
  });

  test('never off by more than an eighth of a teaspoon, or half a mark of the jug (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.3, max: 4000, noNaN: true }), fc.constantFrom(...measureSystems), (ml, system) => {
        const measured = measureWithSpoons(millilitres(ml), system);
        expect(Math.abs(measured.measuredMl - ml)).toBeLessThanOrEqual(
          Math.max(systems[system].tsp / 8, system === 'us' || ml < 60 ? 0 : 2.5) + 0.02,
        );
      }),
      { seed: 11 },
    );
  });

  test('more is never shown as less (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.constantFrom(...measureSystems),
        (ml, more, system) => {
          const less = measureWithSpoons(millilitres(ml), system).measuredMl;
          // US: three 4.92892 mL teaspoons are 14.78676, a hair under the 14.7868 mL tablespoon.
          expect(measureWithSpoons(millilitres(ml + more), system).measuredMl).toBeGreaterThanOrEqual(less - 0.02);
        },
      ),
      { seed: 12 },
    );
  });
});
