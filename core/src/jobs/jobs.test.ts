import fc from 'fast-check';
import { addDays } from '../quantities';
import type { RemedyRow, StepSpec, Tables } from '../tables';
import { openSteps, passedSteps, stepCountedFor, type Progress } from './chain';
import { countsOf, inOneUnit, judgedIn, serves, strangeCount, waysToCount, type Count } from './counts';
import { fillsOf, needOf, placeSize, sharesOf } from './needs';
import { roundNow, roundSteps, type StepDone } from './rounds';

const step = (id: string, row: Partial<StepSpec> = {}): StepSpec => ({
  id,
  phase: 'apply',
  does: id,
  why: 'because',
  gap: [0, 2],
  minutes: 5,
  window: { part: 'any' },
  ...row,
});
const chain: Pick<RemedyRow, 'steps' | 'rung'> = {
  rung: 'home-made',
  steps: [
    step('count', { phase: 'before', kind: 'count' }),
    step('leaf', { phase: 'before', kind: 'test-leaf' }),
    step('seen', { phase: 'before', kind: 'test-look', after: 'leaf' }),
    step('spray', { after: 'seen', applies: true }),
    step('look-1', { phase: 'look', after: 'spray' }),
    step('spray-2', { after: 'spray', applies: true }),
    step('look-2', { phase: 'look', after: 'spray-2' }),
  ],
};
const today = '2026-06-10';
const done = (...steps: string[]): Progress => ({ done: steps.map((id) => ({ step: id, on: today })), skipped: [] });
const ids = (steps: readonly StepSpec[]) => steps.map(({ id }) => id);

describe('what is still to come of a chain', () => {
  test('nothing done: everything; what was to be done before is pointless once it has been put on', () => {
    expect(ids(openSteps(chain, done()))).toEqual(ids(chain.steps));
    expect([...passedSteps(chain, done('leaf', 'seen', 'spray'))]).toEqual(['count']);
  });

  test('the look at a test leaf that was left out goes with it', () => {
    expect([...passedSteps(chain, { done: [], skipped: ['leaf'] })]).toEqual(['seen']);
  });

  test('what a later step stood upon, and looks earlier than one that was taken, are over', () => {
    expect([...passedSteps(chain, done('spray-2'))].sort()).toEqual(['count', 'leaf', 'seen', 'spray']);
    expect(passedSteps(chain, done('spray', 'spray-2', 'look-2')).has('look-1')).toBe(true);
  });

  test('whatever was done and left out, a step is done, left out, passed or open, and never two of them', () => {
    const any = fc.subarray(ids(chain.steps));
    fc.assert(
      fc.property(any, any, (does, leaves) => {
        const skipped = leaves.filter((id) => !does.includes(id));
        const progress = { ...done(...does), skipped };
        const passed = passedSteps(chain, progress);
        const open = ids(openSteps(chain, progress));
        for (const { id } of chain.steps)
          expect(
            [does.includes(id), skipped.includes(id), passed.has(id), open.includes(id)].filter(Boolean),
          ).toHaveLength(1);
      }),
    );
  });

  test('a count answers the count before, then the look that is due; one made in between answers none', () => {
    const on = (days: number) => addDays(today, days);
    expect(stepCountedFor(chain, done(), today)?.id).toBe('count');
    expect(stepCountedFor(chain, done('count'), today)).toBeUndefined();
    expect(stepCountedFor(chain, done('count', 'leaf', 'seen', 'spray'), today)?.id).toBe('look-1');
    expect(stepCountedFor(chain, done('spray', 'look-1', 'spray-2'), today)?.id).toBe('look-2');
    expect(stepCountedFor({ ...chain, rung: 'professional' }, done('spray'), today)).toBeUndefined();
    const bait = {
      rung: 'home-made' as const,
      steps: [
        step('bait', { applies: true }),
        ...[1, 3, 7, 28].map((day) => step(`look-${day}`, { phase: 'look', after: 'bait', gap: [day, day + 1] })),
      ],
    };
    expect(stepCountedFor(bait, done('bait'), today)?.id).toBe('look-1');
    expect(stepCountedFor(bait, done('bait', 'look-1'), on(1))).toBeUndefined();
    expect(stepCountedFor(bait, done('bait', 'look-1'), on(2))?.id).toBe('look-3');
    // Two looks late, the later one is answered and takes the earlier along.
    expect(stepCountedFor(bait, done('bait', 'look-1'), on(8))?.id).toBe('look-7');
  });
});

describe('rounds of a job that comes again', () => {
  const feed = { steps: [step('mix', { phase: 'prepare' }), step('feed', { after: 'mix', applies: true })] };
  const event = (id: string, round: number, on: string, outcome: 'done' | 'skipped' = 'done'): StepDone => ({
    step: id,
    round,
    outcome,
    on,
  });
  const weekly = { chosenOn: today, everyDays: 7, until: null };

  test('the next begins so many days after the last thing that was done, not after the day it was due', () => {
    const late = addDays(today, 4);
    const now = roundNow(feed, [event('mix', 1, today), event('feed', 1, late)], weekly);
    expect(now).toMatchObject({ round: 2, begins: addDays(late, 7), isOver: false, progress: { done: [] } });
    // Begun, it still began then.
    const begun = roundNow(
      feed,
      [event('mix', 1, today), event('feed', 1, late), event('mix', 2, addDays(late, 9))],
      weekly,
    );
    expect(begun).toMatchObject({ round: 2, begins: addDays(late, 7) });
    expect(ids(openSteps(feed, begun.progress))).toEqual(['feed']);
  });

  test('of a remedy with tests, repeats and looks, a round is what leads to putting it on, once', () => {
    expect(ids(roundSteps(chain))).toEqual(['spray']);
    const long = [
      step('soak', { phase: 'prepare' }),
      ...chain.steps,
      step('rinse', { phase: 'after', after: 'spray' }),
    ];
    expect(ids(roundSteps({ steps: long }))).toEqual(['soak', 'spray', 'rinse']);
  });

  test('once is once, and after its last day no round begins', () => {
    const all = [event('mix', 1, today, 'skipped'), event('feed', 1, today)];
    expect(roundNow(feed, all, { ...weekly, everyDays: null })).toMatchObject({ round: 1, isOver: true });
    expect(roundNow(feed, all, { ...weekly, until: addDays(today, 6) }).isOver).toBe(true);
    expect(roundNow(feed, all, { ...weekly, until: addDays(today, 7) }).isOver).toBe(false);
  });

  test('a marked test leaf halts its round and no other', () => {
    const marked = [{ ...event('mix', 1, today), result: 'harmed' }];
    const tried = { steps: feed.steps.map((row) => (row.id === 'mix' ? { ...row, kind: 'test-look' as const } : row)) };
    expect(roundNow(tried, marked, weekly).isHalted).toBe(true);
    expect(roundNow(tried, [...marked, event('feed', 1, today, 'skipped')], weekly).isHalted).toBe(false);
  });
});

describe('which job a count tells of', () => {
  const causes = [
    { id: 'aphids', threshold: { sign: 'clusters' } },
    { id: 'ants', threshold: { sign: 'ants-on-stem' } },
  ] as unknown as Tables['causes'];
  const job = {
    id: 'j',
    remedy: {
      expect: { sign: 'whitefly-cloud', unit: 'number' },
      targets: [{ of: 'aphids' }],
    } as unknown as RemedyRow,
  };
  const count = (more: Partial<Count>) => ({ jobId: null, sign: 'clusters', unit: 'number' as const, ...more });

  test('what it is expected to lessen, or the pest of a cause that it is for, counted the same way', () => {
    expect(serves({ causes }, count({ sign: 'whitefly-cloud' }), job)).toBe(true);
    expect(serves({ causes }, count({}), job)).toBe(true);
    expect(serves({ causes }, count({ sign: 'ants-on-stem' }), job)).toBe(false);
    expect(serves({ causes }, count({ unit: 'yes-no' }), job)).toBe(false);
  });

  test('made for one job, it tells of that one alone; without a sign, of all', () => {
    expect(serves({ causes }, count({ jobId: 'j', sign: 'ants-on-stem' }), job)).toBe(true);
    expect(serves({ causes }, count({ jobId: 'other' }), job)).toBe(false);
    expect(serves({ causes }, count({ sign: null, unit: 'yes-no' }), job)).toBe(true);
  });

  test('leaf area is the finer way of a look for yes or no: gone on with as begun, and read as yes or no where both were made', () => {
    const remedy = {
      expect: { sign: 'x', unit: 'yes-no', what: 'spotted', clearBelow: 0.15, area: { what: 'area', tone: 'brown' } },
      targets: [],
    } as unknown as RemedyRow;
    const made = (unit: Count['unit'], counts: number[]) => ({ unit, counts });
    expect(waysToCount(remedy, []).map(({ unit }) => unit)).toEqual(['area', 'yes-no']);
    expect(waysToCount(remedy, [made('area', [3])])).toEqual([{ unit: 'area', what: 'area', tone: 'brown' }]);
    expect(waysToCount(remedy, [made('yes-no', [1])])).toEqual([{ unit: 'yes-no', what: 'spotted' }]);
    expect(waysToCount(remedy, [made('yes-no', [1]), made('area', [3])])).toEqual([
      { unit: 'yes-no', what: 'spotted' },
    ]);
    expect(inOneUnit([made('area', [3, 0]), made('area', [8])], remedy.expect)).toEqual([
      made('area', [3, 0]),
      made('area', [8]),
    ]);
    // A remedy beside it in the case that is judged by yes or no alone reads the same count as that.
    const plain = { ...remedy, expect: { sign: 'x', unit: 'yes-no' } } as unknown as RemedyRow;
    expect(inOneUnit([made('area', [3, 0])], plain.expect)).toEqual([made('yes-no', [1, 0])]);
    expect(serves({ causes: [] }, { jobId: null, sign: 'x', unit: 'area' }, { id: 'other', remedy: plain })).toBe(true);
    const counted = { ...plain, expect: { sign: 'x', unit: 'number' } } as unknown as RemedyRow;
    expect(serves({ causes: [] }, { jobId: null, sign: 'x', unit: 'area' }, { id: 'other', remedy: counted })).toBe(
      false,
    );
    expect(inOneUnit([made('area', [3, 0, 75]), made('yes-no', [1, 0])], remedy.expect)).toEqual([
      made('yes-no', [1, 0, 1]),
      made('yes-no', [1, 0]),
    ]);
    expect(judgedIn(remedy, 'area').expect).toMatchObject({ unit: 'area', what: 'area', clearBelow: 1 });
    expect(judgedIn(remedy, 'yes-no')).toBe(remedy);
    expect(strangeCount([0, 100], 'area')).toBeUndefined();
    expect(strangeCount([0, 101], 'area')).toBe(101);
    expect(strangeCount([0, 2], 'yes-no')).toBe(2);
  });

  test('before and after are parted by the instant of the first application, treated from untreated', () => {
    const at = (id: string, hour: number, isTreated = true) => ({
      id,
      at: `2026-06-10T${String(hour).padStart(2, '0')}:00:00.000Z`,
      on: today,
      isTreated,
      sign: null,
      jobId: null,
      unit: 'number' as const,
      counts: [1],
      harmSeen: false,
    });
    const all = [at('c', 18), at('a', 6), at('b', 9), at('u1', 7, false), at('u2', 20, false)];
    const found = countsOf(all, '2026-06-10T12:00:00.000Z', job.remedy);
    expect(found.before?.id).toBe('b');
    expect(found.after.map(({ id }) => id)).toEqual(['c']);
    expect([found.untreatedBefore?.id, found.untreatedAfter[0]?.id]).toEqual(['u1', 'u2']);
    expect(countsOf(all, undefined, job.remedy)).toMatchObject({ before: { id: 'c' }, after: [] });
  });
});

/** A bed of which only the area is known, m². */
const squares = (area: number) => ({ shape: 'area' as const, area });

describe('what places take', () => {
  const of = (per: 'plant' | 'm2' | 'station', ml: number) => ({
    recipe: { needs: { per, ml } } as RemedyRow['recipe'],
  });

  test('by area, by plants, by stations; not known of one place, it is not known of all', () => {
    const places = [
      placeSize(squares(3), [{ number: 2 }, { number: 4 }]),
      placeSize(squares(6), [{ number: null }]),
      placeSize(undefined, []),
    ];
    expect(needOf(of('m2', 2000), places.slice(0, 2))).toBe(18_000);
    expect(needOf(of('m2', 2000), places)).toBeUndefined();
    expect(needOf(of('plant', 40), places.slice(0, 1))).toBe(240);
    expect(needOf(of('plant', 40), places)).toBeUndefined();
    expect(needOf(of('station', 10), places)).toBe(30);
    expect(needOf({}, places)).toBeUndefined();
  });

  test('shares are all of the mix, by need where that is known, else alike', () => {
    const area = fc.integer({ min: 1, max: 50 });
    fc.assert(
      fc.property(
        fc.array(fc.option(area, { nil: undefined }), { minLength: 1, maxLength: 6 }),
        area,
        (areas, litres) => {
          const places = areas.map((one) => placeSize(one === undefined ? undefined : squares(one), []));
          const shares = sharesOf(of('m2', 500), places, litres * 1000);
          expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(litres * 1000, 6);
          if (areas.includes(undefined)) expect(new Set(shares.map((one) => one.toFixed(6))).size).toBe(1);
          else expect(shares[0]! / areas[0]!).toBeCloseTo(shares[shares.length - 1]! / areas[areas.length - 1]!, 6);
        },
      ),
    );
  });

  test('fills are whole ones and what is left over', () => {
    expect(fillsOf(17_000, 5000)).toEqual({ whole: 3, lastMl: 2000 });
    expect(fillsOf(15_000, 5000)).toEqual({ whole: 3, lastMl: 0 });
    expect(fillsOf(900, 1500)).toEqual({ whole: 0, lastMl: 900 });
  });
});
