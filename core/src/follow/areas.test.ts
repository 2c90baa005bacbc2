/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import { seeded } from '../chance';
import { areaClasses, areaClassOf } from '../tables';
import { shareOf, tried } from './known-truth';
import { levelOfCounts } from './levels';
import { trendOf } from './trend';

const change = (before: number[], after: number[]) =>
  trendOf({ unit: 'area', least: 3, before, looks: [{ day: 7, counts: after }] }).changes[0];
const ten = (...each: number[]) => Array.from({ length: 10 }, (_, at) => each[at % each.length] ?? 0);

describe('classes of sick leaf area', () => {
  test('they hold every whole per cent once, and what is written down lies in its own class', () => {
    for (let percent = 0; percent <= 100; percent += 1)
      expect(areaClasses.filter(({ from, to }) => percent >= from && percent <= to)).toHaveLength(1);
    expect(areaClasses.map(({ stands }) => areaClassOf(stands))).toEqual([0, 1, 2, 3, 4, 5]);
  });

  test('where within its class a leaf stands makes no difference', () => {
    const low = levelOfCounts(ten(11, 26), 'area');
    const high = levelOfCounts(ten(25, 50), 'area');
    expect([low.low, low.high]).toEqual([expect.closeTo(high.low, 0), expect.closeTo(high.high, 0)]);
  });

  test('all leaves in one class: the mean lies within it, nine times in ten', () => {
    const { low, high } = levelOfCounts(
      Array.from({ length: 20 }, () => 18),
      'area',
    );
    expect(low).toBeGreaterThan(10);
    expect(high).toBeLessThan(26);
  });

  test('from a third of the leaf to hardly any is less, beyond chance; one class on two of ten can be chance', () => {
    const fell = change(ten(38, 18), ten(3, 0));
    expect(fell).toMatchObject({ kind: 'change', reduction: expect.closeTo(94.6, 1) });
    if (fell?.kind === 'change') expect(fell.low).toBeGreaterThan(80);
    const hardly = change(ten(18), [8, 8, ...ten(18).slice(2)]);
    if (hardly?.kind !== 'change') throw new Error('a change was expected');
    expect(hardly.low).toBeLessThan(0);
  });

  test('nothing before, or two leaves, cannot tell', () => {
    expect(change([0, 0, 0], [3, 3, 3])).toEqual({ kind: 'cannot-tell', because: 'nothing-before' });
    expect(change([3, 8], [0, 0])).toEqual({ kind: 'cannot-tell', because: 'too-few' });
  });
});

/** Leaves from a known truth, each written down in its class; @param mean of the area, % */
function leavesOf(uniform: () => number) {
  const beta = (mean: number, shape: number) => {
    jStat.setRandom(uniform);
    const [sick, well] = [jStat.randg(shape), jStat.randg((shape * (1 - mean)) / mean)];
    return sick / (sick + well);
  };
  const kinds = {
    /** All within half and one and a half of the mean. */
    even: (mean: number) => mean * (0.5 + uniform()),
    /** Some much, most little. */
    skewed: (mean: number) => beta(mean, 1),
    /** Four of ten are not reached at all. */
    patchy: (mean: number) => (uniform() < 0.4 ? 0 : beta(mean / 0.6, 1.5)),
  };
  return (kind: keyof typeof kinds, mean: number, leaves: number) =>
    Array.from({ length: leaves }, () => areaClasses[areaClassOf(kinds[kind](mean / 100) * 100)]?.stands ?? 0);
}

describe('leaf area whose truth is known (simulated, seed 17)', () => {
  const leaves = leavesOf(seeded(17).uniform);
  const settings = (['even', 'skewed', 'patchy'] as const).flatMap((kind) =>
    [5, 10, 30].flatMap((many) => [false, true].map((isCompared) => ({ kind, many, isCompared }))),
  );
  const measured = settings.map((setting) => ({
    ...setting,
    ...tried({ ...setting, unit: 'area', level: 20, draw: (mean) => leaves(setting.kind, mean, setting.many) }),
  }));

  test('nine in ten intervals hold the truth, in all and for every kind of disease', () => {
    expect(shareOf(measured, 'held', 'told')).toBeGreaterThan(0.885);
    expect(shareOf(measured, 'held', 'told')).toBeLessThan(0.94);
    for (const kind of ['even', 'skewed', 'patchy']) {
      const rows = measured.filter((row) => row.kind === kind);
      expect([kind, shareOf(rows, 'held', 'told') > 0.86]).toEqual([kind, true]);
    }
  });

  test('where nothing changed, a change is claimed in one of ten at most', () => {
    expect(shareOf(measured, 'claimed', 'none')).toBeLessThan(0.115);
  });
});
