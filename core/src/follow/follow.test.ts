import fc from 'fast-check';
import type { Expectation } from '../tables';
import { changeOf, follow, summarise, type FollowInput } from './index';

const expectSoap: Expectation = {
  what: 'live ones per leaf',
  sign: 'clusters',
  unit: 'number',
  clearBelow: 10,
  reduction: [50, 95],
  days: [2, 8],
  twiceDaysApart: 4,
  lateLookDays: 14,
};
const expectBait: Expectation = { ...expectSoap, clearBelow: 2, days: [14, 56], riseUntilDay: 3, twiceDaysApart: 7 };
const recipe = {
  kind: 'percent-volume',
  ingredient: 'soap',
  cap: 2,
  strengths: [
    { id: 'usual', label: '1 %', value: 1, why: '', byDefault: true },
    { id: 'strong', label: '1.5 %', value: 1.5, why: '' },
  ],
} as const;

const many = [22, 3, 40, 0, 18, 31, 9, 27, 2, 14];
const input = (row: Partial<FollowInput>): FollowInput => ({
  remedy: { id: 'soap', expect: expectSoap, recipe, repeat: { everyDays: [4, 7], most: 3, inDays: 21 } },
  appliedOn: '2026-06-10',
  before: { on: '2026-06-10', counts: many },
  looks: [],
  threshold: 10,
  strength: 1,
  against: () => [],
  ...row,
});

describe('change', () => {
  test('mean and standard error by hand: 2, 4, 6 → 4 ± 1.155', () => {
    expect(summarise([2, 4, 6])).toEqual({ mean: 4, standardError: expect.closeTo(1.1547, 4), n: 3 });
  });

  test('half as many is 50 % fewer; clumped counts make the interval wide', () => {
    const change = changeOf(
      many,
      many.map((value) => value / 2),
    );
    expect(change).toMatchObject({ kind: 'change', reduction: 50 });
    if (change.kind === 'change') expect(change.high - change.low).toBeGreaterThan(30);
  });

  test('an untreated row takes out what would have happened anyway (Henderson–Tilton): 1 − (5·10)/(10·20) = 75 %', () => {
    const same = (value: number) => Array.from({ length: 6 }, () => value);
    expect(changeOf(same(10), same(5), { before: same(10), after: same(20) })).toMatchObject({
      reduction: expect.closeTo(75, 6),
      againstUntreated: true,
    });
  });

  test('none left of ten leaves is not certainty: at most 0.3 a leaf', () => {
    const change = changeOf(Array(10).fill(10), Array(10).fill(0));
    expect(change).toMatchObject({ reduction: 100, low: expect.closeTo(97, 6) });
  });

  test('nothing before, or two leaves, cannot tell', () => {
    expect(changeOf([0, 0, 0], [1, 2, 3])).toEqual({ kind: 'cannot-tell', because: 'nothing-before' });
    expect(changeOf([5, 6], [1, 2])).toEqual({ kind: 'cannot-tell', because: 'too-few' });
  });

  test('the interval holds the estimate, and counting in dozens changes nothing (seed 4)', () => {
    const counts = fc
      .array(fc.integer({ min: 0, max: 60 }), { minLength: 6, maxLength: 15 })
      .filter((list) => list.some((value) => value > 0));
    fc.assert(
      fc.property(counts, counts, (before, after) => {
        const change = changeOf(before, after);
        const scaled = changeOf(
          before.map((value) => value * 12),
          after.map((value) => value * 12),
        );
        if (change.kind !== 'change' || scaled.kind !== 'change') throw new Error('change expected');
        expect(change.low).toBeLessThanOrEqual(change.reduction + 1e-9);
        expect(change.high).toBeGreaterThanOrEqual(change.reduction - 1e-9);
        expect(scaled.reduction).toBeCloseTo(change.reduction, 6);
      }),
      { seed: 4, numRuns: 60 },
    );
  });
});

describe('verdict', () => {
  const day = (n: number, counts: number[]) => ({ on: `2026-06-${10 + n}`, counts });

  test('day 2, somewhat fewer: could be chance, and told when to look again', () => {
    const result = follow(input({ looks: [day(2, [12, 0, 25, 3, 8, 14, 2, 19, 1, 6])] }));
    expect(result).toMatchObject({
      verdict: 'too-early',
      couldBeChance: true,
      next: [{ kind: 'look-again', on: '2026-06-16' }, { kind: 'repeat' }],
    });
  });

  test('day 6, below the threshold for the second time: solved, with one late look', () => {
    const result = follow(
      input({ looks: [day(2, [12, 0, 25, 3, 8, 14, 2, 19, 1, 6]), day(6, [0, 0, 1, 0, 0, 2, 0, 0, 0, 0])] }),
    );
    expect(result).toMatchObject({ verdict: 'solved', next: [{ kind: 'end', lateLookOn: '2026-06-30' }] });
  });

  test('one clean look is not enough', () => {
    expect(follow(input({ looks: [day(2, Array(10).fill(1))] })).verdict).toBe('on-the-way');
  });

  test('as many as before by day 9: no change, first a stronger mix within the limit', () => {
    const result = follow(input({ looks: [day(9, [20, 6, 38, 1, 17, 29, 12, 25, 3, 15])] }));
    expect(result.verdict).toBe('no-change');
    expect(result.next[0]).toEqual({ kind: 'step-up', to: 'strong' });
    expect(result.next.map(({ kind }) => kind)).toContain('back-to-reading');
  });

  test('at the strongest allowed there is no step up', () => {
    const result = follow(input({ strength: 1.5, looks: [day(9, many)] }));
    expect(result.next.map(({ kind }) => kind)).not.toContain('step-up');
  });

  test('another round waits for the first day that suits the judge, and is none once it is stopped', () => {
    const waits = { level: 'caution', code: 'days-between', data: { wanted: 7, wait: 3 } } as const;
    const isFrom = (day: string) => (on: string) => (on < day ? [waits] : []);
    const looks = [day(2, [12, 0, 25, 3, 8, 14, 2, 19, 1, 6])];
    expect(follow(input({ looks, against: isFrom('2026-06-15') as never })).next).toContainEqual({
      kind: 'repeat',
      on: '2026-06-15',
    });
    const stopped = follow(input({ looks, against: () => [{ ...waits, level: 'stop', code: 'too-many' }] as never }));
    expect(stopped.next.map(({ kind }) => kind)).toEqual(['look-again']);
  });

  test('a step up is the mildest that the judge lets pass', () => {
    const looks = [day(9, many)];
    const atMost = (most: number) => (_: string, strength?: number) =>
      (strength ?? 1) > most ? [{ level: 'stop', code: 'over-limit', data: {} }] : [];
    expect(follow(input({ looks, against: atMost(1.2) as never })).next.map(({ kind }) => kind)).not.toContain(
      'step-up',
    );
    expect(follow(input({ looks, against: atMost(1.5) as never })).next[0]).toEqual({ kind: 'step-up', to: 'strong' });
  });

  test('far more than before: worse', () => {
    expect(
      follow(
        input({
          looks: [
            day(
              9,
              many.map((value) => value * 4 + 20),
            ),
          ],
        }),
      ).verdict,
    ).toBe('worse');
  });

  test('burn within three days is harm; later it is something else', () => {
    expect(follow(input({ looks: [day(2, many)], harmSeenOn: '2026-06-12' })).verdict).toBe('plant-harmed');
    expect(follow(input({ looks: [day(9, many)], harmSeenOn: '2026-06-19' })).verdict).not.toBe('plant-harmed');
  });

  test('burn after the second spray is harm as well, and nothing that hurt once is made stronger', () => {
    const twice = input({
      looks: [day(9, many)],
      harmSeenOn: '2026-06-19',
      allAppliedOn: ['2026-06-10', '2026-06-17'],
    });
    expect(follow(twice)).toMatchObject({
      verdict: 'plant-harmed',
      next: [{ kind: 'stop-and-rinse' }, { kind: 'next-remedy' }],
    });
    const later = follow(input({ looks: [day(20, many)], harmSeenOn: '2026-06-25' }));
    expect(later.verdict).toBe('no-change');
    expect(later.next.map(({ kind }) => kind)).not.toContain('step-up');
  });

  test('bait: more ants on day 2 is good, and nothing is called failed before four weeks', () => {
    const bait = { id: 'bait', expect: expectBait };
    const ants = (n: number, counts: number[]) => ({
      on: n < 20 ? `2026-06-${10 + n}` : `2026-07-${String(n - 20).padStart(2, '0')}`,
      counts,
    });
    const before = { on: '2026-06-10', counts: [12, 14, 11, 13] };
    const at = (n: number, counts: number[]) =>
      follow(input({ remedy: bait, before, threshold: 2, looks: [ants(n, counts)] })).verdict;
    expect(at(2, [30, 28, 33, 29])).toBe('too-early');
    expect(at(15, [12, 13, 12, 13])).toBe('too-early');
  });

  test('without a look there is no verdict', () => expect(() => follow(input({}))).toThrow(RangeError));
});
