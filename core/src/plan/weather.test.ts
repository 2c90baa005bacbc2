import fc from 'fast-check';
import { addDays } from '../quantities/days';
import type { WindowSpec } from '../tables';
import { soilWarmth } from './soil';
import { washedOff, washesOffFrom } from './washed';
import type { DayWeather, Sky } from './weather';
import { hindrances } from './windows';

const first = '2026-05-01';
/** Days of one warmth each, with rain in some hours. */
const skyOf = (warmth: readonly number[], rainAt: Readonly<Record<number, number>> = {}): Sky => ({
  first,
  days: warmth.map((temperature, day): DayWeather => ({
    date: addDays(first, day),
    hours: Array.from({ length: 24 }, (_, hour) => ({
      temperature,
      rain: rainAt[day * 24 + hour] ?? 0,
      wind: 5,
      cloud: 0.9,
    })),
  })),
});

describe('the warmth of the soil', () => {
  test('of even days it is theirs; of a warm day after cold ones a part', () => {
    expect(soilWarmth(skyOf(Array.from({ length: 12 }, () => 9)), addDays(first, 11))).toBeCloseTo(9);
    // Ten days whose weights fall by e^(1/4) a day: the last weighs (1 − e^−¼) / (1 − e^−10/4) = 0.241.
    const jumped = soilWarmth(skyOf([...Array.from({ length: 11 }, () => 8), 18]), addDays(first, 11));
    expect(jumped).toBeCloseTo(8 + 10 * 0.241, 1);
  });

  test('it lies between the coldest and the warmest of the days before, whatever they were', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -15, max: 38 }), { minLength: 3, maxLength: 20 }), (warmth) => {
        const found = soilWarmth(skyOf(warmth), addDays(first, warmth.length - 1)) ?? NaN;
        expect(found).toBeGreaterThanOrEqual(Math.min(...warmth) - 1e-9);
        expect(found).toBeLessThanOrEqual(Math.max(...warmth) + 1e-9);
      }),
    );
  });

  test('what was measured counts, for that day and those after it', () => {
    const sky = skyOf(Array.from({ length: 8 }, () => 10));
    const measured: Sky = { ...sky, days: sky.days.map((day, at) => (at === 5 ? { ...day, soil: 16 } : day)) };
    expect(soilWarmth(measured, addDays(first, 5))).toBe(16);
    const after = soilWarmth(measured, addDays(first, 6)) ?? 0;
    expect(after).toBeGreaterThan(14);
    expect(after).toBeLessThan(16);
  });

  test('of too few days nothing is said, and nothing stands against an hour then', () => {
    expect(soilWarmth(skyOf([9, 9]), addDays(first, 1))).toBeUndefined();
    expect(soilWarmth(skyOf([9, 9, 9]), addDays(first, 7))).toBeUndefined();
    const window = { part: 'any', soil: [12, 30] } as const;
    const sun = { rise: 5, set: 21, dusk: 22, kind: 'ordinary' } as const;
    expect(hindrances(window, skyOf([9, 9]), sun, addDays(first, 1), 12)).toEqual([]);
    expect(hindrances(window, skyOf([9, 9, 9]), sun, addDays(first, 2), 12)).toEqual(['soil-cold']);
    expect(hindrances(window, skyOf([33, 33, 33]), sun, addDays(first, 2), 12)).toEqual(['soil-hot']);
  });
});

describe('dew', () => {
  const clear = (cloud: number, wind: number): Sky => {
    const sky = skyOf([14, 14]);
    return {
      ...sky,
      days: sky.days.map((day) => ({ ...day, hours: day.hours.map((hour) => ({ ...hour, cloud, wind })) })),
    };
  };
  const sun = { rise: 5, set: 21, dusk: 22, kind: 'ordinary' } as const;
  const dry = { part: 'day', dryBefore: 1 } as const;
  const at = (sky: Sky, hour: number, window: WindowSpec = dry) =>
    hindrances(window, sky, sun, addDays(first, 1), hour);

  test('after a clear, still night leaves are wet until some hours after sunrise, for what needs them dry', () => {
    expect(at(clear(0.1, 4), 7)).toEqual(['dew']);
    expect(at(clear(0.1, 4), 8)).toEqual([]);
    expect(at(clear(0.8, 4), 7)).toEqual([]);
    expect(at(clear(0.1, 15), 7)).toEqual([]);
    expect(at(clear(0.1, 4), 7, { part: 'day' })).toEqual([]);
  });
});

describe('rain after a spray', () => {
  const [contact, stays] = [{ part: 'evening', dryAfter: 2 } as const, { part: 'evening', dryAfter: 4 } as const];
  const evening = { date: first, hour: 19 };
  const three = [15, 15, 15];

  test('within the hours it needs it washes off, and later what works by drying on', () => {
    expect(washedOff(contact, skyOf(three, { 21: 3 }), evening, 30)).toEqual({ kind: 'too-soon', rain: 3, after: 2 });
    expect(washedOff(contact, skyOf(three, { 22: 30 }), evening, 30)).toBeUndefined();
    expect(washedOff(stays, skyOf(three, { 22: 30 }), evening, 30)).toMatchObject({ kind: 'too-soon' });
    expect(washedOff(stays, skyOf(three, { 30: 10, 31: 6 }), evening, 30)).toBeUndefined();
    expect(washedOff(stays, skyOf(three, { 30: 10, 31: 6, 32: 1 }), evening, 30)).toEqual({
      kind: 'since',
      rain: washesOffFrom,
      after: 13,
    });
  });

  test('a drizzle counts for nothing, nor what is still to come, nor what needs no dry hours', () => {
    expect(washedOff(contact, skyOf(three, { 20: 0.4, 21: 0.4 }), evening, 30)).toBeUndefined();
    expect(washedOff(contact, skyOf(three, { 21: 5 }), evening, 1)).toBeUndefined();
    expect(washedOff({ part: 'evening' }, skyOf(three, { 20: 40 }), evening, 30)).toBeUndefined();
  });
});
