import type { Expectation } from '../tables';
import { follow, verdictNow, type FollowInput } from './index';

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

  test('as many as before by day 9: no change: first how it was done, then a stronger mix within the limit', () => {
    const result = follow(input({ looks: [day(9, [20, 6, 38, 1, 17, 29, 12, 25, 3, 15])] }));
    expect(result.verdict).toBe('no-change');
    expect(result.next.slice(0, 2)).toEqual([{ kind: 'mend-doing' }, { kind: 'step-up', to: 'strong' }]);
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
      isPlanned: false,
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
    expect(follow(input({ looks, against: atMost(1.5) as never })).next).toContainEqual({
      kind: 'step-up',
      to: 'strong',
    });
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

  describe('series whose story is known', () => {
    const ten = (of: number) => [0.2, 0.5, 2, 1.4, 0.6, 1, 1.8, 0.4, 1.1, 1].map((share) => Math.round(share * of));
    const left = (before: number, ...looks: [number, number][]) => ({
      before: ten(before),
      looks: looks.map(([n, of]) => day(n, ten(of))),
    });
    const told = (row: Partial<FollowInput>) => {
      const { verdict, finding, couldBeChance, next } = follow(input(row));
      return { verdict, finding, couldBeChance, next: next.map(({ kind }) => kind) };
    };
    const from = (of: number, ...looks: [number, number][]) => ({
      before: { on: '2026-06-10', counts: ten(of) },
      looks: looks.map(([n, mean]) => day(n, ten(mean))),
    });

    test('4, then 6, then 9.5 a leaf is not solved, though each is below ten', () => {
      expect(told(from(4, [2, 6], [9, 9.5]))).toMatchObject({ verdict: 'worse', finding: 'more' });
    });

    test('one and then two a leaf, far below ten, is solved', () => {
      expect(told(from(20, [2, 1], [7, 2])).verdict).toBe('solved');
    });

    test('95 % fewer on day 2 and back on day 9: they came back, and stronger is not the answer', () => {
      const result = told(from(20, [2, 1], [9, 19]));
      expect(result).toMatchObject({ verdict: 'no-change', finding: 'came-back' });
      expect(result.next[0]).toBe('repeat');
      expect(result.next).not.toContain('step-up');
    });

    test('back, and clearly more than at first: worse, and still no stronger mix', () => {
      const result = told(from(12, [2, 1], [9, 60]));
      expect(result).toMatchObject({ verdict: 'worse', finding: 'came-back' });
      expect(result.next).not.toContain('step-up');
    });

    test('19 → 1.4 while none are left where nothing was done: by itself, not worse', () => {
      const result = told({ ...from(19, [9, 12]), untreated: left(20, [9, 0]) });
      expect(result).toMatchObject({ finding: 'better-left' });
      const fallen = told({ ...from(19, [9, 1.4]), threshold: 1, untreated: left(20, [9, 0]) });
      expect(fallen).toMatchObject({ verdict: 'no-change', finding: 'by-itself', next: ['let-be', 'look-again'] });
    });

    test('gone in both rows, twice: solved, and not by the remedy', () => {
      expect(told({ ...from(19, [2, 3], [9, 1]), untreated: left(20, [2, 3], [9, 1]) })).toMatchObject({
        verdict: 'solved',
        finding: 'by-itself',
      });
    });

    test('27 % fewer by day 12 where 50–95 % is usual, well counted: too little, not on the way', () => {
      const even = (of: number) => Array.from({ length: 30 }, (_, at) => of + (at % 3) - 1);
      const result = told({
        before: { on: '2026-06-10', counts: even(40) },
        looks: [day(12, even(29))],
      });
      expect(result).toMatchObject({ verdict: 'no-change', finding: 'weak' });
      expect(result.next.slice(0, 2)).toEqual(['mend-doing', 'step-up']);
    });

    test('the same by day 4 is on the way: slow, not weak', () => {
      const even = (of: number) => Array.from({ length: 30 }, (_, at) => of + (at % 3) - 1);
      expect(told({ before: { on: '2026-06-10', counts: even(40) }, looks: [day(4, even(29))] })).toMatchObject({
        verdict: 'on-the-way',
        finding: 'slow',
      });
    });

    test('twice as many, six times where nothing was done: held back, outgrown, again', () => {
      const result = told({ ...from(15, [6, 40]), untreated: left(15, [6, 160]) });
      expect(result).toMatchObject({ verdict: 'on-the-way', finding: 'outgrown' });
      expect(result.next[0]).toBe('repeat');
    });

    test('half as many on three leaves, late: open, with a number of leaves that would tell; not a failure', () => {
      const few = input({ before: { on: '2026-06-10', counts: [30, 12, 18] }, looks: [day(9, [9, 12, 15])] });
      const result = follow(few);
      expect(result).toMatchObject({ verdict: 'too-early', finding: 'open', couldBeChance: true });
    });

    test('the chance that it did what it should is small without effect and large with it', () => {
      expect(follow(input(from(20, [9, 20]))).chance).toBeLessThan(0.2);
      expect(follow(input(from(20, [9, 2]))).chance).toBeGreaterThan(0.95);
    });

    test('the list says the same as the page', () => {
      const row = input(from(20, [2, 1], [9, 19]));
      expect(verdictNow(row)).toMatchObject({ verdict: follow(row).verdict, finding: follow(row).finding });
    });
  });
});
