import fc from 'fast-check';
import type { KeepApartRow, RemedyRow, StepSpec } from '../tables';
import { addDays, daysBetween } from '../quantities/days';
import { schedule, type Job, type PlanProblem } from './schedule';
import { slotsFor } from './slots';
import { sunHours } from './sun';
import type { DayWeather, HourWeather } from './weather';
import { hindrances } from './windows';

const at = { latitude: 52, longitude: -4, timeZone: 'UTC' };
const fine: HourWeather = { temperature: 16, rain: 0, wind: 8, cloud: 0.7 };
const today = '2026-06-10';

const days = (count: number, hour: (day: number, hour: number) => HourWeather = () => fine): DayWeather[] =>
  Array.from({ length: count }, (_, day) => ({
    date: addDays(today, day),
    hours: Array.from({ length: 24 }, (__, at24) => hour(day, at24)),
  }));

const step = (row: Partial<StepSpec> & { id: string }): StepSpec => ({
  phase: 'apply',
  does: row.id,
  why: 'because',
  gap: [0, 2],
  minutes: 5,
  window: { part: 'any' },
  ...row,
});

const remedy = (id: string, steps: StepSpec[], classes: string[] = []): RemedyRow =>
  ({ id, name: id, classes, steps }) as unknown as RemedyRow;

const spray = remedy(
  'spray',
  [
    step({ id: 'count', phase: 'before' }),
    step({
      id: 'spray',
      after: 'count',
      applies: true,
      window: { part: 'evening', sun: 'avoid', dryAfter: 2, windBelow: 15, between: [5, 30] },
    }),
    step({ id: 'look', phase: 'look', after: 'spray', gap: [2, 2] }),
  ],
  ['soap'],
);
const living = remedy('living', [step({ id: 'pour', applies: true, window: { part: 'evening' } })], ['living']);

const job = (row: Partial<Job> & { id: string; remedy: RemedyRow }): Job => ({
  places: ['Long Bed'],
  chosenOn: today,
  done: [],
  skipped: [],
  ...row,
});
const rules = (keepApart: readonly KeepApartRow[] = [], remedies: readonly RemedyRow[] = []) => ({
  keepApart,
  remedies,
  ingredients: [],
  paces: [],
});
const problem = (row: Partial<PlanProblem>): PlanProblem => ({
  today,
  hourNow: 9,
  horizonDays: 40,
  at,
  weather: days(14),
  jobs: [],
  recent: [],
  tables: rules(),
  ...row,
});
const apart: KeepApartRow = {
  id: 'k',
  a: 'soap',
  b: 'living',
  days: 3,
  why: 'soap kills what is alive',
  scope: 'plant',
  source: 'extension',
  grade: 'guideline',
};

const dateOf = (plan: ReturnType<typeof schedule>, id: string) => plan.steps.find((item) => item.step.id === id)?.date;

describe('sun', () => {
  test('at 52° N on 21 June the sun rises before four and sets after eight, UTC', () => {
    const sun = sunHours('2026-06-21', { latitude: 52, longitude: 0, timeZone: 'UTC' });
    expect(Math.abs(sun.rise - 3.68)).toBeLessThan(0.1);
    expect(Math.abs(sun.set - 20.4)).toBeLessThan(0.1);
  });
  test('the clock is that of the garden', () => {
    const there = sunHours('2026-06-21', { latitude: 52, longitude: 0, timeZone: 'Etc/GMT-2' });
    expect(Math.abs(there.rise - 5.68)).toBeLessThan(0.1);
  });
  test('far north it may not set', () =>
    expect(sunHours('2026-06-21', { latitude: 75, longitude: 0, timeZone: 'UTC' }).kind).toBe('never-sets'));
});

describe('the plan', () => {
  test('lays a chain in order, spraying in the evening and looking two days later', () => {
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: spray })] }));
    expect(plan.steps.map(({ step: { id }, date }) => [id, daysBetween(today, date)])).toEqual([
      ['count', 0],
      ['spray', 0],
      ['look', 2],
    ]);
    expect(plan.steps[1]?.hour).toBeGreaterThanOrEqual(18);
  });

  test('a wet or windy evening is passed over, and said', () => {
    const weather = days(14, (day) => (day === 0 ? { ...fine, rain: 1 } : day === 1 ? { ...fine, wind: 30 } : fine));
    const plan = schedule(problem({ weather, jobs: [job({ id: 'a', remedy: spray })] }));
    expect(dateOf(plan, 'spray')).toBe(addDays(today, 2));
    expect(plan.steps.find((item) => item.step.id === 'spray')?.passedOver.map(({ because }) => because)).toEqual([
      'rain',
      'wind',
    ]);
  });

  test('rain within two hours after is too soon', () => {
    const weather = days(14, (day, hour) => (day === 0 && hour === 22 ? { ...fine, rain: 2 } : fine));
    const sprayed = schedule(problem({ weather, jobs: [job({ id: 'a', remedy: spray })] })).steps.find(
      (item) => item.step.id === 'spray',
    );
    expect(sprayed?.date === today ? (sprayed.hour ?? 99) < 20 : true).toBe(true);
  });

  test('what must not meet is kept apart within a place, not between places', () => {
    const both = (place: string) =>
      schedule(
        problem({
          tables: rules([apart]),
          jobs: [job({ id: 'a', remedy: spray }), job({ id: 'b', remedy: living, places: [place] })],
        }),
      );
    const near = both('Long Bed');
    expect(Math.abs(daysBetween(dateOf(near, 'spray') ?? '', dateOf(near, 'pour') ?? ''))).toBeGreaterThanOrEqual(3);
    const far = both('Gate Bed');
    expect(dateOf(far, 'pour')).toBe(dateOf(far, 'spray'));
  });

  test('what was put on last week counts too', () => {
    const plan = schedule(
      problem({
        tables: rules([apart]),
        recent: [{ place: 'Long Bed', remedy: spray, on: addDays(today, -1) }],
        jobs: [job({ id: 'b', remedy: living })],
      }),
    );
    expect(dateOf(plan, 'pour')).toBe(addDays(today, 2));
  });

  test('steps done are not planned again, and the next counts from the day they were done', () => {
    const plan = schedule(
      problem({
        jobs: [
          job({
            id: 'a',
            remedy: spray,
            chosenOn: addDays(today, -3),
            done: [
              { step: 'count', on: addDays(today, -2) },
              { step: 'spray', on: addDays(today, -1) },
            ],
          }),
        ],
      }),
    );
    expect(plan.steps.map(({ step: { id }, date }) => [id, daysBetween(today, date)])).toEqual([['look', 1]]);
  });

  test('when nothing suits it says so and names what comes after', () => {
    const weather = days(40, () => ({ ...fine, wind: 40 }));
    const plan = schedule(problem({ weather, jobs: [job({ id: 'a', remedy: spray })] }));
    expect(plan.unplaced.map(({ step: { id } }) => id)).toEqual(['spray', 'look']);
    expect(plan.unplaced[0]?.passedOver.length).toBeGreaterThan(5);
  });

  test('changed weather moves only what must move, and says from where to where', () => {
    const jobs = [job({ id: 'a', remedy: spray }), job({ id: 'b', remedy: living, places: ['Gate Bed'] })];
    const first = schedule(problem({ jobs }));
    const previous = first.steps.map((item) => ({
      job: item.job,
      step: item.step.id,
      date: item.date,
      hour: item.hour,
    }));
    const weather = days(14, (day) => (day === 0 ? { ...fine, wind: 25 } : fine));
    const second = schedule(problem({ jobs, weather, previous }));
    expect(second.moved.map(({ step: id, because }) => [id, because])).toEqual([
      ['spray', 'wind'],
      ['look', undefined],
    ]);
    expect(dateOf(second, 'pour')).toBe(dateOf(first, 'pour'));
  });

  test('where wet nights feed a disease, sprays move to the morning', () => {
    const plan = schedule(problem({ hourNow: 5, jobs: [job({ id: 'a', remedy: spray, keepLeavesDryAtNight: true })] }));
    expect(plan.steps.find((item) => item.step.id === 'spray')?.hour).toBeLessThan(11);
  });

  test('whatever the weather and the jobs, no gap, window or keep-apart is broken (random, seed 5)', () => {
    const hour = fc.record({
      temperature: fc.integer({ min: -5, max: 36 }),
      rain: fc.constantFrom(0, 0, 0, 0.1, 1),
      wind: fc.integer({ min: 0, max: 35 }),
      cloud: fc.constantFrom(0.1, 0.7, 1),
    });
    const weatherOf = fc.array(fc.array(hour, { minLength: 24, maxLength: 24 }), { minLength: 12, maxLength: 12 });
    const places = fc.array(fc.tuple(fc.constantFrom('A', 'B'), fc.constantFrom(spray, living)), {
      minLength: 1,
      maxLength: 5,
    });
    fc.assert(
      fc.property(weatherOf, places, (hours, picked) => {
        const weather = hours.map((list, day) => ({ date: addDays(today, day), hours: list }));
        const jobs = picked.map(([place, row], index) => job({ id: String(index), remedy: row, places: [place] }));
        const plan = schedule(problem({ weather, jobs, tables: rules([apart]) }));
        expect(plan.steps.length + plan.unplaced.length).toBe(
          jobs.reduce((sum, { remedy: row }) => sum + row.steps.length, 0),
        );
        for (const item of plan.steps) {
          expect(
            hindrances(
              item.step.window,
              { first: today, days: weather },
              sunHours(item.date, at),
              item.date,
              item.hour,
            ),
          ).toEqual([]);
          const before = plan.steps.find((other) => other.job === item.job && other.step.id === item.step.after);
          if (before) expect(daysBetween(before.date, item.date)).toBeGreaterThanOrEqual(item.step.gap[0]);
          for (const other of plan.steps)
            if (
              item.step.applies &&
              other.step.applies &&
              item.places[0] === other.places[0] &&
              item.remedy !== other.remedy
            )
              expect(Math.abs(daysBetween(item.date, other.date))).toBeGreaterThanOrEqual(3);
        }
      }),
      { seed: 5, numRuns: 150 },
    );
  });

  test('a step stands on the very first day that would do (brute force over days and hours, seed 6)', () => {
    const wet = fc.array(fc.array(fc.boolean(), { minLength: 24, maxLength: 24 }), { minLength: 10, maxLength: 10 });
    fc.assert(
      fc.property(wet, (rain) => {
        const weather = days(10, (day, hour) => ({ ...fine, rain: rain[day]?.[hour] ? 1 : 0 }));
        const only = remedy('r', [
          step({ id: 's', applies: true, gap: [0, 9], window: { part: 'evening', dryAfter: 1 } }),
        ]);
        const found = schedule(problem({ weather, hourNow: 0, jobs: [job({ id: 'a', remedy: only })] })).steps[0]?.date;
        const sky = { first: today, days: weather };
        const expected = weather.find(({ date }) =>
          Array.from({ length: 24 }, (_, hour) => hour).some(
            (hour) => hindrances({ part: 'evening', dryAfter: 1 }, sky, sunHours(date, at), date, hour).length === 0,
          ),
        )?.date;
        if (expected !== undefined) expect(found).toBe(expected);
      }),
      { seed: 6, numRuns: 100 },
    );
  });
});

describe('what the judge has against a day', () => {
  const soapy = (id: string) =>
    ({
      ...remedy(id, [step({ id: 'put', applies: true, gap: [0, 30] })], ['soap']),
      repeat: { everyDays: [4, 7], most: 2, inDays: 14 },
      preHarvestDays: 3,
    }) as RemedyRow;
  const one = soapy('one');
  const jobs = ['a', 'b', 'c'].map((id) => job({ id, remedy: one }));
  const daysOf = (plan: ReturnType<typeof schedule>) => plan.steps.map(({ date }) => daysBetween(today, date));

  test('rounds in several cases on one plant keep the pace and the most that one bears', () => {
    const plan = schedule(problem({ jobs, tables: rules([], [one]) }));
    expect(daysOf(plan)).toEqual([0, 4, 14]);
    expect(plan.steps[2]?.passedOver.map(({ because }) => because)).toContain('too-many');
    expect(plan.steps[1]?.passedOver[0]?.because).toBe('too-soon');
  });

  test('on another plant they are no rounds of this one', () => {
    const apartJobs = jobs.map((each) => ({ ...each, places: [each.id] }));
    expect(daysOf(schedule(problem({ jobs: apartJobs, tables: rules([], [one]) })))).toEqual([0, 0, 0]);
  });

  test('nothing goes on within its wait before picking, nor in the week in which picking goes on', () => {
    const made = { ...one, recipe: { kind: 'percent-volume', ingredient: 'soap' } } as unknown as RemedyRow;
    const tables = { ...rules([], [made]), ingredients: [{ id: 'soap', classes: ['soap'] }] as never };
    const harvestOn = addDays(today, 1);
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: made, harvestOn })], tables }));
    expect(dateOf(plan, 'put')).toBe(addDays(harvestOn, 8));
    expect(new Set(plan.steps[0]?.passedOver.map(({ because }) => because))).toEqual(new Set(['wait-to-pick']));
  });

  test('a test leaf has its two whole days, to the hour; nobody waits for one that was left out', () => {
    const tested = remedy('tested', [
      step({ id: 'leaf', kind: 'test-leaf', phase: 'before', window: { part: 'evening' } }),
      step({ id: 'seen', kind: 'test-look', phase: 'before', after: 'leaf', gap: [2, 3] }),
      step({ id: 'whole', after: 'seen', applies: true, gap: [0, 2], window: { part: 'morning' } }),
    ]);
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: tested })] }));
    expect(daysBetween(dateOf(plan, 'leaf') ?? '', dateOf(plan, 'whole') ?? '')).toBe(3);
    // The look comes no sooner than the hour of the test, two days on; the morning of that day is over by then.
    expect(daysBetween(dateOf(plan, 'leaf') ?? '', dateOf(plan, 'seen') ?? '')).toBe(2);
    expect(plan.steps[2]?.passedOver.map(({ because }) => because)).toEqual(['step-before']);
    const without = schedule(problem({ hourNow: 5, jobs: [job({ id: 'a', remedy: tested, skipped: ['leaf'] })] }));
    expect(dateOf(without, 'whole')).toBe(today);
    expect(dateOf(without, 'seen')).toBeUndefined();
  });

  test('where the test leaf was marked nothing more is put on, and nothing that follows it is laid out', () => {
    const tested = remedy('tested', [
      step({ id: 'leaf', kind: 'test-leaf', phase: 'before' }),
      step({ id: 'whole', after: 'leaf', applies: true }),
      step({ id: 'look', after: 'whole', phase: 'look' }),
    ]);
    const done = [{ step: 'leaf', on: addDays(today, -3) }];
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: tested, done, isHalted: true })] }));
    expect(plan.steps).toEqual([]);
    expect(plan.unplaced).toEqual([]);
  });
});

describe('the order of a chain, to the hour', () => {
  const jet = remedy('jet', [
    step({ id: 'count', kind: 'count', phase: 'before', gap: [0, 2] }),
    step({ id: 'jet', after: 'count', applies: true, gap: [0, 2], window: { part: 'morning' } }),
  ]);

  test('what leads to morning work is done in the morning, not at the usual hour of the evening', () => {
    const plan = schedule(problem({ hourNow: 5, usualHour: 18, jobs: [job({ id: 'a', remedy: jet })] }));
    expect(plan.steps.map(({ date }) => date)).toEqual([today, today]);
    expect(plan.steps[0]?.hour ?? 99).toBeLessThanOrEqual(plan.steps[1]?.hour ?? 0);
  });

  test('no step stands before the one that it follows, whatever the weather', () => {
    const weatherOf = fc.array(fc.record({ rain: fc.boolean(), wind: fc.integer({ min: 0, max: 30 }) }), {
      minLength: 24,
      maxLength: 24,
    });
    fc.assert(
      fc.property(weatherOf, fc.integer({ min: 4, max: 22 }), (hours, usualHour) => {
        const weather = days(14, (_, hour) => ({
          ...fine,
          rain: hours[hour]?.rain ? 1 : 0,
          wind: hours[hour]?.wind ?? 0,
        }));
        const plan = schedule(problem({ weather, usualHour, jobs: [job({ id: 'a', remedy: spray })] }));
        const at = (id: string) => {
          const found = plan.steps.find((item) => item.step.id === id);
          return found && `${found.date}T${String(found.hour).padStart(2, '0')}`;
        };
        for (const { id, after } of spray.steps) {
          const [before, now] = [at(after ?? id), at(id)];
          if (before !== undefined && now !== undefined) expect(before <= now).toBe(true);
        }
      }),
    );
  });

  test('what should have been done by now says since when', () => {
    const chosenOn = addDays(today, -10);
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: jet, chosenOn })] }));
    expect(plan.steps.find((item) => item.step.id === 'count')?.overdueSince).toBe(addDays(chosenOn, 2));
  });

  test('what is drawn from a brew waits until that is ready, and has no day once it is past its best', () => {
    const feed = remedy('feed', [step({ id: 'pour', applies: true, gap: [0, 3] })], ['feed']);
    const brew = { readyOn: addDays(today, 4), bestBefore: addDays(today, 6) };
    const plan = schedule(problem({ jobs: [job({ id: 'a', remedy: feed, brew })] }));
    expect(plan.steps[0]?.date).toBe(brew.readyOn);
    expect(new Set(plan.steps[0]?.passedOver.map(({ because }) => because))).toEqual(new Set(['brew-working']));
    const late = schedule(
      problem({ jobs: [job({ id: 'a', remedy: feed, brew: { readyOn: today, bestBefore: addDays(today, -1) } })] }),
    );
    expect(late.steps).toEqual([]);
    expect(late.unplaced[0]?.passedOver[0]?.because).toBe('brew-past');
  });
});

describe('the gardener’s own times', () => {
  const one = remedy('one', [step({ id: 'do', applies: true, gap: [0, 3], minutes: 40 })]);
  const jobsOf = (count: number) =>
    Array.from({ length: count }, (_, at) => job({ id: `j${at}`, remedy: one, places: [`bed ${at}`] }));
  // 10 June 2026 is a Wednesday.
  const saturdays = { mornings: [6], evenings: [6] };

  it('lays work on a day and half-day on which the gardener comes', () => {
    const { steps } = schedule(problem({ jobs: jobsOf(1), visits: { mornings: [6], evenings: [] } }));
    expect(steps).toMatchObject([{ date: '2026-06-13' }]);
    expect(steps[0]?.hour).toBeLessThan(12);
    expect(steps[0]?.passedOver.map(({ because }) => because)).toEqual([
      'not-your-time',
      'not-your-time',
      'not-your-time',
    ]);
  });

  it('goes outside them rather than too late, and says so', () => {
    const { steps } = schedule(problem({ jobs: jobsOf(1), visits: { mornings: [], evenings: [2] } }));
    expect(steps).toMatchObject([{ date: today, reason: { kind: 'outside-times' } }]);
  });

  it('fills no day beyond its minutes while the work can still wait', () => {
    const { steps } = schedule(
      problem({
        jobs: jobsOf(3),
        visits: { mornings: [0, 1, 2, 3, 4, 5, 6], evenings: [0, 1, 2, 3, 4, 5, 6], minutes: 90 },
      }),
    );
    expect(steps.map(({ date }) => date).sort()).toEqual([today, today, '2026-06-11']);
  });

  it('leaves what was put somewhere by hand, as long as it may stand there', () => {
    const previous = [{ job: 'j0', step: 'do', date: '2026-06-12', hour: 9, isPinned: true }];
    const { steps } = schedule(problem({ jobs: jobsOf(1), visits: saturdays, previous }));
    expect(steps).toMatchObject([{ date: '2026-06-12', hour: 9, reason: { kind: 'pinned' } }]);
    const away = schedule(problem({ jobs: jobsOf(1), previous, daysAway: ['2026-06-12'] }));
    expect(away.moved).toMatchObject([{ from: '2026-06-12', because: 'away' }]);
  });

  it('offers for a move exactly the days and hours on which the plan itself would leave it', () => {
    const wet = days(14, (day) => (day % 3 === 0 ? { ...fine, rain: 2 } : fine));
    const base = problem({
      jobs: [job({ id: 'a', remedy: spray, done: [{ step: 'count', on: today }] })],
      weather: wet,
      daysAway: ['2026-06-14'],
    });
    const plan = schedule(base);
    const slots = slotsFor(base, plan, { job: 'a', step: 'spray' }, 35) ?? [];
    expect(slots).toHaveLength(35);
    // Four weeks past its latest there is an end of it.
    expect(slots.find(({ against }) => against?.because === 'too-late')?.date).toBe('2026-07-11');
    for (const { date, hours, against } of slots) {
      expect(hours.length === 0).toBe(against !== undefined);
      const again = (hour: number) =>
        schedule({ ...base, previous: [{ job: 'a', step: 'spray', date, hour, isPinned: true }] }).steps.find(
          (item) => item.step.id === 'spray',
        );
      for (const hour of hours) expect(again(hour)).toMatchObject({ date, hour, reason: { kind: 'pinned' } });
      if (hours.length === 0) expect(again(19)?.reason.kind).not.toBe('pinned');
    }
    expect(slotsFor(base, plan, { job: 'a', step: 'count' }, 5)).toBeUndefined();
  });
});
