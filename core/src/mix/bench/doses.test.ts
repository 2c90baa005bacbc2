import fc from 'fast-check';
import type { Worked } from '../../contract/mix';
import { answerMix } from '../../headless/mix';
import type { Tables } from '../../tables';
import { percentOf, potMl } from './doses';
import { degreeDaysOf } from '../../quantities';
import { growthOf } from './growth';

const row = (id: string, form: 'liquid' | 'powder', density: number, cls: string) => ({
  id,
  name: id,
  words: [],
  density,
  form,
  classes: [cls],
  source: 'chemistry',
  grade: 'trial',
});
const limit = (of: string, use: string, most: number, tested?: number) => ({
  id: `${of}-${use}`,
  of,
  use,
  most,
  ...(tested === undefined ? {} : { tested }),
  why: 'it burns',
  instead: 'thin it',
  source: 'extension',
  grade: 'guideline',
});
const tables = {
  ingredients: [
    row('liquid-soap', 'liquid', 1.02, 'soap'),
    row('peroxide', 'liquid', 1.01, 'peroxide'),
    row('vinegar', 'liquid', 1.01, 'acid'),
    row('bicarbonate', 'powder', 1, 'bicarbonate'),
    row('epsom', 'powder', 1, 'salt'),
    row('wood-ash', 'powder', 0.5, 'lime'),
    row('oil', 'liquid', 0.92, 'oil'),
  ],
  limits: [
    limit('soap', 'leaf', 2),
    limit('soap', 'seedling', 1),
    limit('peroxide', 'leaf', 0.3, 0.5),
    limit('bicarbonate', 'leaf', 0.5),
  ],
  remedies: [],
  safetyRules: [],
} as unknown as Tables;

const answer = (tool: string, values: Record<string, unknown>, more: Record<string, unknown> = {}) =>
  answerMix(tables, { tool, values, ...more });
function worked(tool: string, values: Record<string, unknown>, more: Record<string, unknown> = {}): Worked {
  const found = answer(tool, values, more);
  if (found.kind !== 'worked') throw new Error(`expected figures, got ${JSON.stringify(found)}`);
  return found;
}
const figure = (found: Worked, id: string) => found.results.find((one) => one.id === id)?.value ?? Number.NaN;
const says = (found: Worked, id: string) => found.results.find((one) => one.id === id)?.says;

describe('how strong a dose is', () => {
  test.each([
    // two teaspoons (9.86 mL) in a US gallon (3785.4 mL): 9.86 / 3795.3
    [
      'two teaspoons of soap in a gallon',
      { dose: { amount: 2, unit: 'tsp' }, into: { amount: 1, unit: 'gal' } },
      0.2597,
    ],
    // 10 mL filled up to a litre
    ['10 mL made up to a litre', { dose: 10, into: 1000, filled: 'made-up' }, 1],
    // a tablespoon (14.79) in a quart (946.35)
    ['a tablespoon in a quart', { dose: { amount: 1, unit: 'tbsp' }, into: { amount: 1, unit: 'qt' } }, 1.5386],
  ])('%s', (_, values, percent) =>
    expect(
      figure(worked('dose-strength', { of: 'liquid-soap', ...values }, { measures: 'us' }), 'strength'),
    ).toBeCloseTo(percent, 2),
  );

  test('a bottle counts with its label: 100 mL of 3 % in 900 mL is 0.3 %', () => {
    const found = worked('dose-strength', { of: 'peroxide', dose: 100, into: 900, label: 3 });
    expect(figure(found, 'strength')).toBeCloseTo(0.3, 5);
    expect(figure(found, 'ppm')).toBe(3000);
    expect(figure(found, 'one-to')).toBeCloseTo(9, 5);
    expect(says(found, 'borne')).toBe('within the limit');
  });

  test('powder by the spoon weighs by its density, by the scale as it is', () => {
    const spoon = worked('dose-strength', { of: 'bicarbonate', dose: 5, into: 1000 });
    expect(figure(spoon, 'grams')).toBeCloseTo(5, 5);
    expect(figure(spoon, 'strength')).toBeCloseTo(0.5, 5);
    const scale = worked('dose-strength', { of: 'bicarbonate', dose: 5, weight: 8, into: 1000 });
    expect(figure(scale, 'strength')).toBeCloseTo(0.8, 5);
    expect(scale.cautions.map(({ level }) => level)).toEqual(['stop']);
  });

  test('over the limit, only for tested leaves, or by the label: as the judge has it', () => {
    const borne = (values: Record<string, unknown>) =>
      says(worked('dose-strength', { into: 1000, ...values }), 'borne');
    expect(borne({ of: 'liquid-soap', dose: 15, goes: 'leaf' })).toBe('within the limit');
    expect(borne({ of: 'liquid-soap', dose: 15, goes: 'seedling' })).toBe('too strong');
    expect(borne({ of: 'peroxide', dose: 150, label: 3, goes: 'leaf' })).toBe('for tested leaves only');
    expect(borne({ of: 'vinegar', dose: 15, label: 5, goes: 'root' })).toBe('by its label');
  });

  test('more of it than of water is a slip, and said', () =>
    expect(answer('dose-strength', { of: 'oil', dose: 2000, into: 1000 })).toMatchObject({ kind: 'refused' }));

  test('never more than the bottle, and less the more water there is', () => {
    const ml = fc.double({ min: 0.1, max: 1e4, noNaN: true });
    fc.assert(
      fc.property(ml, ml, fc.double({ min: 1, max: 100, noNaN: true }), (dose, water, label) => {
        const strength = percentOf(dose, dose + water, false, false, label);
        expect(strength).toBeLessThan(label);
        expect(percentOf(dose, dose + water * 2, false, false, label)).toBeLessThan(strength);
        expect(percentOf(dose, dose + water, true, false, label)).toBeGreaterThan(strength);
      }),
    );
  });
});

describe('spoons and grams', () => {
  test('a cup of wood ash (236.6 mL) weighs 118 g, and back', () => {
    const there = worked('spoons-grams', { of: 'wood-ash', volume: { amount: 1, unit: 'cup' } }, { measures: 'us' });
    expect(figure(there, 'mass')).toBeCloseTo(118.3, 0);
    // A US cup of 236.6 mL at 0.5 g/mL.
    expect(figure(there, 'cup')).toBeCloseTo(118.3, 0);
    const back = worked('spoons-grams', { of: 'wood-ash', way: 'to-spoons', mass: 118.294 });
    expect(figure(back, 'volume')).toBeCloseTo(236.588, 2);
  });
  test('powders are told to be good to a fifth, liquids are not', () => {
    expect(worked('spoons-grams', { of: 'bicarbonate', volume: 5 }).cautions).toHaveLength(1);
    expect(worked('spoons-grams', { of: 'oil', volume: 5 }).cautions).toEqual([]);
  });
});

describe('a label’s rate', () => {
  test('2 tablespoons a gallon in a quart and a half: 44 mL', () => {
    const found = worked(
      'label-rate',
      { rate: { amount: 2, unit: 'tbsp/gal' }, ready: { amount: 1.5, unit: 'qt' } },
      { measures: 'us' },
    );
    // 2 × 14.787 mL × 1.5 / 4
    expect(figure(found, 'amount')).toBeCloseTo(11.09, 1);
  });
  test('half the rate of a powder', () => {
    const found = worked('label-rate', { form: 'powder', powderRate: 4, ready: 5000, share: 50 });
    expect(figure(found, 'amount')).toBeCloseTo(10, 5);
    expect(figure(found, 'percent')).toBeCloseTo(0.2, 5);
  });
  test('more than the label is refused', () =>
    expect(answer('label-rate', { rate: 8, ready: 1000, share: 150 })).toMatchObject({ kind: 'refused' }));
});

describe('parts and per cent', () => {
  test.each([
    [1, 9, 10],
    [1, 4, 20],
    [2, 3, 40],
    [1, 0, 100],
  ])('%d to %d is %d %%', (part, parts, percent) =>
    expect(figure(worked('parts-percent', { part, parts }), 'percent')).toBeCloseTo(percent, 5),
  );
  test('back again gives the parts one came from', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 5000, noNaN: true }), (parts) => {
        const percent = figure(worked('parts-percent', { part: 1, parts }), 'percent');
        const back = figure(worked('parts-percent', { way: 'to-parts', percent }), 'one-to');
        expect(Math.abs(back - parts) / parts).toBeLessThan(0.02);
      }),
    ));
});

describe('a drench for pots', () => {
  test('a pot 15 cm across and 13 cm deep holds about 1.8 L, by cutting it into a thousand slices', () => {
    const slices = 1000;
    const byHand = Array.from({ length: slices }, (_, at) => {
      const across = 0.15 * (0.75 + (0.25 * (at + 0.5)) / slices);
      return (Math.PI / 4) * across ** 2 * (0.13 / slices) * 1e6;
    }).reduce((sum, one) => sum + one, 0);
    expect(potMl(0.15, 0.13)).toBeCloseTo(byHand, 0);
    const found = worked('pot-drench', { across: 0.15, deep: 0.13, pots: 6, share: 15 });
    expect(figure(found, 'each')).toBeCloseTo(byHand * 0.15, 0);
    expect(figure(found, 'total')).toBeCloseTo(byHand * 0.9, 0);
  });
  test('much of it is said to run through', () => {
    const said = (share: number) => worked('pot-drench', { share }).cautions.map(({ rule }) => rule);
    expect(said(15)).toEqual(['moist-first']);
    expect(said(40)).toEqual(['runs-through']);
  });
});

describe('degree-days', () => {
  /** The same by adding up a sine curve minute by minute. */
  const byMinutes = (low: number, high: number, base: number) => {
    const minutes = 1440;
    return (
      Array.from({ length: minutes }, (_, at) => {
        const now = (low + high) / 2 + ((high - low) / 2) * Math.sin((2 * Math.PI * at) / minutes);
        return Math.max(0, now - base);
      }).reduce((sum, one) => sum + one, 0) / minutes
    );
  };
  test('as by adding up every minute of the day', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 25, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (low, swing) => expect(degreeDaysOf(low, low + swing, 10)).toBeCloseTo(byMinutes(low, low + swing, 10), 2),
      ),
    ));

  test('a week of 12 to 24 °C above 10 °C is 56, and codling eggs wait 17 days in all', () => {
    const found = worked('degree-days', { low: 12, high: 24, base: 10, days: 7, waits: 'codling-eggs' });
    expect(figure(found, 'day')).toBeCloseTo(8, 5);
    expect(figure(found, 'sum')).toBeCloseTo(56, 5);
    expect(figure(found, 'left')).toBeCloseTo(17.4, 0);
  });

  test('in US measures they are Fahrenheit degree-days', () => {
    const found = worked('degree-days', { low: '54 °F', high: '75 °F', base: '50 °F', days: 10 }, { measures: 'us' });
    expect(figure(found, 'sum')).toBeCloseTo(145, 0);
    expect(says(found, 'scale')).toBe('Fahrenheit degree-days');
  });

  test('cold days add nothing, and days turned round are told', () => {
    const cold = worked('degree-days', { low: 1, high: 9, base: 10, days: 7 });
    expect(figure(cold, 'sum')).toBe(0);
    expect(cold.cautions.map(({ rule }) => rule)).toContain('stands-still');
    expect(answer('degree-days', { low: 20, high: 10 })).toMatchObject({ kind: 'refused' });
  });
});

describe('how fast they double', () => {
  test('4 to 16 in six days doubles in three; 64 are reached in six more', () => {
    const found = worked('doubling', { first: 4, later: 16, days: 6, threshold: 64 });
    expect(figure(found, 'doubles')).toBeCloseTo(3, 3);
    expect(figure(found, 'until')).toBeCloseTo(6, 3);
    expect(figure(found, 'a-day')).toBeCloseTo(26, 0);
  });
  test('falling counts halve', () => {
    const found = worked('doubling', { first: 80, later: 20, days: 10 });
    expect(figure(found, 'halves')).toBeCloseTo(5, 3);
    expect(figure(found, 'doubles')).toBeNaN();
  });
  test('level is level, and few are told to be few', () => {
    const found = worked('doubling', { first: 5, later: 5, days: 4 });
    expect(found.cautions.map(({ rule }) => rule)).toEqual(['level', 'too-few']);
  });
  test('growth is what brings the first count to the second', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1000 }),
        fc.integer({ min: 1, max: 1000 }),
        fc.integer({ min: 1, max: 60 }),
        (first, later, days) => expect(first * Math.exp(growthOf(first, later, days) * days)).toBeCloseTo(later, 4),
      ),
    ));
});
