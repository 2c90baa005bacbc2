/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import fc from 'fast-check';
import { seeded } from '../chance';
import { levelOfCounts } from './levels';
import { shareOf as share, tried } from './known-truth';
import { trendOf, type Series } from './trend';

const series = (before: number[], after: number[], more: Partial<Series> = {}): Series => ({
  unit: 'number',
  least: 3,
  before,
  looks: [{ day: 6, counts: after }],
  ...more,
});
const changeIn = (asked: Series) => trendOf(asked).changes[asked.looks.length - 1];
const changeOf = (before: number[], after: number[], more?: Partial<Series>) => changeIn(series(before, after, more));
const times = (count: number, value: number) => Array.from({ length: count }, () => value);
const many = [22, 3, 40, 0, 18, 31, 9, 27, 2, 14];

describe('the change of counts', () => {
  test('half as many is 50 % fewer; clumped counts make the interval wide', () => {
    const change = changeOf(
      many,
      many.map((value) => value / 2),
    );
    expect(change).toMatchObject({ kind: 'change', reduction: 50 });
    if (change?.kind === 'change') expect(change.high - change.low).toBeGreaterThan(50);
  });

  test('what was left alone takes out what would have happened anyway (Henderson–Tilton): 1 − (5·10)/(10·20) = 75 %', () => {
    const left = { before: times(6, 10), looks: [{ day: 6, counts: times(6, 20) }] };
    expect(changeOf(times(6, 10), times(6, 5), { untreated: left })).toMatchObject({
      reduction: expect.closeTo(75, 6),
      againstUntreated: true,
    });
  });

  test('what was left alone on another visit does not stand beside this one', () => {
    const left = { before: times(6, 10), looks: [{ day: 1, counts: times(6, 20) }] };
    expect(changeOf(times(6, 10), times(6, 5), { untreated: left })).toMatchObject({
      reduction: expect.closeTo(50, 6),
      againstUntreated: false,
    });
  });

  test('none left of ten leaves is not certainty: by Jeffreys, up to 0.19 a leaf (χ² with one degree)', () => {
    expect(changeOf(times(10, 10), times(10, 0))).toMatchObject({ reduction: 100, low: expect.closeTo(98, 0) });
  });

  test('few even counts are not exact: [10, 10, 10] and [9, 9, 9] could be the same', () => {
    const change = changeOf(times(3, 10), times(3, 9));
    expect(change).toMatchObject({ reduction: expect.closeTo(10, 6) });
    if (change?.kind !== 'change') throw new Error('a change was expected');
    expect(change.low).toBeLessThan(-30);
    expect(change.high).toBeGreaterThan(35);
  });

  test('seven of ten and then three of ten can be chance (Fisher, one side: 0.089); nine and then two cannot (0.003)', () => {
    const ofTen = (yes: number) => [...times(yes, 1), ...times(10 - yes, 0)];
    const isChance = (from: number, to: number) => {
      const change = changeOf(ofTen(from), ofTen(to), { unit: 'yes-no' });
      return change?.kind === 'change' && change.low <= 0 && change.high >= 0;
    };
    expect(isChance(7, 3)).toBe(true);
    expect(isChance(3, 7)).toBe(true);
    expect(isChance(9, 2)).toBe(false);
    expect(isChance(2, 9)).toBe(false);
  });

  test('nothing before, or two leaves, cannot tell; two cards can, where a card is enough', () => {
    expect(changeOf([0, 0, 0], [1, 2, 3])).toEqual({ kind: 'cannot-tell', because: 'nothing-before' });
    expect(changeOf([5, 6], [1, 2])).toEqual({ kind: 'cannot-tell', because: 'too-few' });
    expect(changeOf([50, 60], [1, 2], { least: 1 })).toMatchObject({ kind: 'change' });
  });

  test('fell and came back is told from a fall that only wavers', () => {
    const looks = (last: number[]) => [
      { day: 2, counts: [1, 0, 2, 0, 1, 3, 0, 0, 1, 2] },
      { day: 9, counts: last },
    ];
    expect(trendOf(series(many, [], { looks: looks([12, 7, 25, 3, 18, 14, 9, 19, 4, 6]) })).backSince).toBe(0);
    expect(trendOf(series(many, [], { looks: looks([2, 0, 1, 1, 2, 3, 0, 1, 1, 2]) })).backSince).toBeUndefined();
  });

  test('the interval holds the estimate, is the same each time, and more leaves make it narrower (seed 4)', () => {
    const counts = fc
      .array(fc.integer({ min: 0, max: 60 }), { minLength: 6, maxLength: 12 })
      .filter((list) => list.some((value) => value > 0));
    fc.assert(
      fc.property(counts, counts, (before, after) => {
        const change = changeOf(before, after);
        const often = changeOf([...before, ...before, ...before], [...after, ...after, ...after]);
        if (change?.kind !== 'change' || often?.kind !== 'change') throw new Error('a change was expected');
        expect(change.low).toBeLessThanOrEqual(change.reduction);
        expect(change.high).toBeGreaterThanOrEqual(change.reduction);
        const width = ({ low, high }: { low: number; high: number }) =>
          Math.log((100 - low) / Math.max(1e-9, 100 - high));
        if (after.some((value) => value > 0)) expect(width(often)).toBeLessThan(width(change));
      }),
      { seed: 4, numRuns: 40 },
    );
  });

  test('the mean of one look: [0, 1] tells less than its ten-fold', () => {
    const few = levelOfCounts([0, 1], 'number');
    const more = levelOfCounts([...times(10, 0), ...times(10, 1)], 'number');
    expect(few.mean).toBe(0.5);
    expect(few.high - few.low).toBeGreaterThan(more.high - more.low);
  });
});

/** Counts from a known truth: negative binomial, or Poisson where k is without end. */
function truthful(seed: number) {
  const { uniform } = seeded(seed);
  const poisson = (mean: number) => {
    // Knuth's product, in pieces so that no factor is lost to zero.
    let [left, found] = [mean, -1];
    let product = 1;
    do {
      product *= uniform();
      found += 1;
      while (product < 1e-100 && left > 0) {
        product *= Math.exp(Math.min(left, 200));
        left -= Math.min(left, 200);
      }
    } while (product > Math.exp(-left));
    return found;
  };
  return (mean: number, k: number, leaves: number): number[] =>
    Array.from({ length: leaves }, () => {
      jStat.setRandom(uniform);
      return poisson(k === Infinity ? mean : (jStat.randg(k) / k) * mean);
    });
}

describe('series whose truth is known (simulated, seed 11)', () => {
  const settings = [0.5, 1, 3, Infinity].flatMap((k) =>
    [5, 10, 30].flatMap((leaves) => [false, true].map((isCompared) => ({ k, leaves, isCompared }))),
  );
  const draw = truthful(11);
  const measured = settings.map((setting) => ({
    ...setting,
    ...tried({ ...setting, unit: 'number', level: 12, draw: (mean) => draw(mean, setting.k, setting.leaves) }),
  }));

  test('nine in ten intervals hold the truth, in every setting and in all', () => {
    expect(share(measured, 'held', 'told')).toBeGreaterThan(0.885);
    expect(share(measured, 'held', 'told')).toBeLessThan(0.92);
    // 120 draws a setting: three and a half standard errors (2.7 points each) below ninety.
    for (const row of measured) expect([row, row.held / row.told > 0.805]).toEqual([row, true]);
    for (const isCompared of [true, false]) {
      const of = share(
        measured.filter((row) => row.isCompared === isCompared),
        'held',
        'told',
      );
      expect(of).toBeGreaterThan(0.88);
      expect(of).toBeLessThan(0.925);
    }
  });

  test('where nothing changed, a change is claimed in one of ten at most', () => {
    expect(share(measured, 'claimed', 'none')).toBeLessThan(0.115);
  });
});
