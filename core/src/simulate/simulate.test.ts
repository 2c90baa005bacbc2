import { degreeDaysOf } from '../quantities/warmth';
import type { LifeRow } from '../tables/life';
import { layoutOf, passDay, resprayOf, settled, visible, whatIf, type Known, type Scenario } from './index';

const soft = { egg: 0, young: 0.85, hidden: 0, adult: 0.85 };
const row = (over: Partial<LifeRow>): LifeRow => ({
  id: 'mite',
  name: 'Mite',
  causes: ['spider-mites'],
  base: 11.6,
  egg: 52,
  young: 75,
  hidden: 0,
  before: 18,
  lays: 130,
  brood: [80, 120],
  off: 0.12,
  reach: soft,
  source: 'trials',
  grade: 'guideline',
  ...over,
});
const mite = row({});
const aphid = row({ id: 'aphid', base: 4, egg: 0, young: 128, before: 12, lays: 230, brood: [40, 70] });

describe('a population in stages', () => {
  /** Days from a batch of eggs until the mean one is grown, at a warmth that stays the same. */
  const daysToGrown = (of: LifeRow, warmth: number): number => {
    // Grown ones stay for good, so that they can be counted.
    const layout = layoutOf({ ...of, lays: 1e9 });
    const kind = { row: of, pace: 1, brood: 0, dies: 0, helpers: 0, room: Infinity };
    const boxes = new Float64Array(layout.size);
    boxes[0] = 1;
    let [before, sum] = [0, 0];
    const grown = () => boxes.reduce((total, one, at) => total + (layout.stageOf[at] === 3 ? one : 0), 0);
    for (let day = 1; day < 400; day += 1) {
      passDay(layout, kind, boxes, warmth, 0);
      sum += (grown() - before) * day;
      before = grown();
    }
    return sum / before;
  };

  test.each([
    // °C·days from egg to grown over those of a day: 127 / (25 − 11.6), 128 / (20 − 4).
    ['mite at 25 °C', mite, 25, 127 / 13.4],
    ['aphid at 20 °C', aphid, 20, 128 / 16],
    ['whitefly at 21 °C', row({ base: 8.3, egg: 115, young: 175, hidden: 90 }), 21, 380 / 12.7],
    ['cabbage white at 21 °C', row({ base: 10, egg: 55, young: 170, hidden: 115 }), 21, 340 / 11],
  ])('%s is grown after the days of the sources', (_, of, celsius, days) => {
    expect(daysToGrown(of, celsius - of.base)).toBeGreaterThan(days * 0.9);
    expect(daysToGrown(of, celsius - of.base)).toBeLessThan(days * 1.1 + 1);
  });

  test('nobody is lost or made on the way: without death and laying the number stays', () => {
    const layout = layoutOf(row({ lays: 1e12 }));
    const boxes = new Float64Array(layout.size).fill(1);
    const kind = { row: row({ lays: 1e12 }), pace: 1, brood: 0, dies: 0, helpers: 0, room: Infinity };
    for (let day = 0; day < 60; day += 1) passDay(layout, kind, boxes, 14, 0);
    expect(boxes.reduce((sum, one) => sum + one, 0)).toBeCloseTo(layout.size, 6);
  });

  test('in the cold nothing moves, and a settled mixture grows at one rate', () => {
    const layout = layoutOf(mite);
    const kind = { row: mite, pace: 1, brood: 100, dies: 0.1, helpers: 0, room: Infinity };
    const boxes = settled(layout, kind, 12, 10);
    expect(visible(layout, boxes)).toBeCloseTo(10, 6);
    const before = boxes.slice();
    passDay(layout, { ...kind, dies: 0 }, boxes, 0, 0);
    expect([...boxes]).toEqual([...before]);
    const rates = Array.from({ length: 10 }, () => {
      const was = visible(layout, boxes);
      passDay(layout, kind, boxes, 12, 0);
      return visible(layout, boxes) / was;
    });
    expect(Math.max(...rates) / Math.min(...rates)).toBeLessThan(1.1);
  });
});

describe('degree-days', () => {
  test('what lies above the upper end counts no more: 16–40 °C between 10 and 31 °C', () => {
    const byMinutes = Array.from({ length: 1440 }, (_, minute) => 28 + 12 * Math.sin((2 * Math.PI * minute) / 1440))
      .map((celsius) => Math.min(31, celsius) - 10)
      .reduce((sum, one) => sum + one / 1440, 0);
    expect(degreeDaysOf(16, 40, 10, 31)).toBeCloseTo(byMinutes, 2);
    expect(degreeDaysOf(16, 30, 10, 31)).toBe(degreeDaysOf(16, 30, 10));
  });
});

describe('when to spray again', () => {
  const at = (celsius: number, of: LifeRow) => Array.from({ length: 60 }, () => celsius - of.base);

  test('mites at 21 °C: after most eggs have hatched, before the first of them lay: day 7 to 9', () => {
    // 1.15 · 52 / 9.4 = 6.4 and 0.85 · 93 / 9.4 = 8.4, in whole days that are over.
    expect(resprayOf(mite, at(21, mite))).toEqual({ kind: 'hatch', from: 7, to: 9 });
  });
  test('aphids bear live young: no hatch to wait for', () =>
    expect(resprayOf(aphid, at(20, aphid))).toEqual({ kind: 'live', from: 3, to: 5 }));
  test('whitefly, with pupae out of reach: every five to seven days for a generation', () => {
    const whitefly = row({ base: 8.3, egg: 115, young: 175, hidden: 90, before: 20 });
    expect(resprayOf(whitefly, at(21, whitefly))).toMatchObject({ kind: 'hidden', from: 5, to: 7, times: 5 });
  });
  test('where it stays cold, no day is named', () => expect(resprayOf(mite, at(12, mite))).toEqual({ kind: 'cold' }));
});

describe('what if', () => {
  const ten = [12, 3, 30, 0, 18, 21, 9, 17, 2, 14];
  const known = (over: Partial<Known> = {}): Known => ({
    row: aphid,
    takes: soft,
    warmth: Array.from({ length: 50 }, () => 12),
    today: 0,
    looks: [{ day: 0, counts: ten }],
    sprayed: [],
    threshold: 10,
    hurtsHelpers: 0.3,
    ...over,
  });
  const scenarios: Scenario[] = [
    { id: 'nothing', sprays: [] },
    { id: 'once', sprays: [0] },
    { id: 'at-hatch', sprays: [0, 4, 8] },
    { id: 'no-undersides', sprays: [0, 4, 8], missesUndersides: true },
    { id: 'ants-left', sprays: [0, 4, 8], hasAnts: true },
  ];
  const run = (of: Known, more = {}) => whatIf(of, scenarios, { runs: 300, seed: 5, ...more });
  const clearOn = (result: ReturnType<typeof run>, id: string, day: number) =>
    result.outcomes.find((outcome) => outcome.id === id)?.clear[day] ?? -1;

  test('the same asked twice is the same answer; progress goes up to one', () => {
    const told: number[] = [];
    expect(run(known())).toEqual(run(known(), { progress: (share: number) => told.push(share) }));
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told[told.length - 1]).toBe(1);
  });

  test('more sprays clear more; undersides missed and ants left clear less', () => {
    const result = run(known());
    expect(clearOn(result, 'once', 3)).toBeGreaterThan(clearOn(result, 'nothing', 3) + 0.3);
    expect(clearOn(result, 'at-hatch', 10)).toBeGreaterThan(clearOn(result, 'once', 10));
    expect(clearOn(result, 'no-undersides', 10)).toBeLessThan(clearOn(result, 'at-hatch', 10));
    expect(clearOn(result, 'ants-left', 20)).toBeLessThanOrEqual(clearOn(result, 'at-hatch', 20));
  });

  test('bands are in order, begin at what was counted, and nothing is below zero or without end', () => {
    const { outcomes } = run(known());
    for (const { bands } of outcomes) {
      expect(bands[0]?.middle).toBeGreaterThan(8);
      expect(bands[0]?.middle).toBeLessThan(18);
      for (const { low, middle, high } of bands) {
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(middle);
        expect(middle).toBeLessThanOrEqual(high);
        expect(high).toBeLessThan(2000);
      }
    }
  });

  test('counts that doubled in five days make tomorrow worse than counts that halved by themselves', () => {
    const after = (factor: number) =>
      run(
        known({
          today: 5,
          looks: [
            { day: 0, counts: ten },
            { day: 5, counts: ten.map((one) => Math.round(one * factor)) },
          ],
        }),
      );
    const [grew, fell] = [after(2.5), after(0.5)];
    const middle = (result: ReturnType<typeof run>) => result.outcomes[0]?.bands[7]?.middle ?? 0;
    expect(middle(grew)).toBeGreaterThan(middle(fell) * 3);
    expect(grew.runsThatFit).toBeGreaterThan(20);
  });

  test('without a count there is nothing to begin from', () =>
    expect(() => run(known({ looks: [] }))).toThrow(/no count/));
});
