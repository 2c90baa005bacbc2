import fc from 'fast-check';
import { addDays, type IsoDate } from '../quantities/days';
import type { KeepApartRow, RemedyRow, StepSpec } from '../tables';
import { whatGives, type Giving } from './gives';
import { offerOf, schedule, type Job, type PlanProblem } from './schedule';

const today = '2026-06-10';
const at = { latitude: 52, longitude: -4, timeZone: 'UTC' };
/** Put on once, within two days, at any hour. */
const remedy = (id: string, more: Partial<RemedyRow> = {}): RemedyRow => {
  const step: StepSpec = {
    id: 'put',
    phase: 'apply',
    does: id,
    why: 'because',
    gap: [0, 2],
    minutes: 5,
    window: { part: 'any' },
    applies: true,
  };
  return { id, name: id, classes: [id], steps: [step], preHarvestDays: 0, ...more } as unknown as RemedyRow;
};
const apart = (a: string, b: string, days: number): KeepApartRow => ({
  id: `${a}-${b}`,
  a,
  b,
  days,
  why: 'they must not meet',
  scope: 'plant',
  source: 'extension',
  grade: 'guideline',
});
const job = (id: string, row: RemedyRow, more: Partial<Job> = {}): Job => ({
  id,
  places: ['Long Bed'],
  remedy: row,
  chosenOn: today,
  done: [],
  skipped: [],
  ...more,
});
const problem = (jobs: Job[], keepApart: KeepApartRow[] = [], more: Partial<PlanProblem> = {}): PlanProblem => ({
  today,
  hourNow: 9,
  horizonDays: 40,
  at,
  weather: [],
  jobs,
  recent: [],
  tables: { keepApart, remedies: jobs.map((one) => one.remedy), ingredients: [], paces: [] },
  ...more,
});
const oil = remedy('oil');
const sulphur = remedy('sulphur');
const asked = { job: 'oil', step: 'put' };

describe('what meets head-on where nothing fits', () => {
  test('what must stay sixty days apart: the other gives, or it waits until the sixty are over', () => {
    const jobs = [job('sulphur', sulphur), job('oil', oil)];
    const here = problem(jobs, [apart('oil', 'sulphur', 60)]);
    const plan = schedule(here);
    expect(plan.unplaced.map((one) => one.job)).toEqual(['oil']);
    expect(whatGives(here, plan, asked)).toEqual({
      earliest: addDays(today, 60),
      couldGive: [{ gives: [{ kind: 'other', job: 'sulphur' }], on: today, hour: 9 }],
    });
  });

  test('two in the way: both have to give, and neither alone is said', () => {
    const copper = remedy('copper');
    const jobs = [job('sulphur', sulphur), job('copper', copper), job('oil', oil)];
    const here = problem(jobs, [apart('oil', 'sulphur', 60), apart('oil', 'copper', 60)]);
    const found = whatGives(here, schedule(here), asked);
    expect(found?.couldGive.map(({ gives }) => gives)).toEqual([
      [
        { kind: 'other', job: 'sulphur' },
        { kind: 'other', job: 'copper' },
      ],
    ]);
  });

  test('away all the weeks: somebody would have to go there; what was put on already cannot give', () => {
    const away = Array.from({ length: 45 }, (_, day) => addDays(today, day));
    const here = problem([job('oil', oil)], [], { daysAway: away });
    expect(whatGives(here, schedule(here), asked)?.couldGive).toEqual([
      { gives: [{ kind: 'away' }], on: today, hour: 9 },
    ]);
    const recent = [{ place: 'Long Bed', remedy: sulphur, on: addDays(today, -1) }];
    const after = problem([job('oil', oil)], [apart('oil', 'sulphur', 60)], { recent });
    expect(whatGives(after, schedule(after), asked)).toEqual({ earliest: addDays(today, 59), couldGive: [] });
  });

  test('of a step that waits for one without a day, or that there is not, nothing is said', () => {
    const chain = remedy('oil', {
      steps: [...oil.steps, { ...(oil.steps[0] as StepSpec), id: 'look', after: 'put' }],
    } as Partial<RemedyRow>);
    const here = problem([job('sulphur', sulphur), job('oil', chain)], [apart('oil', 'sulphur', 60)]);
    expect(whatGives(here, schedule(here), { job: 'oil', step: 'look' })).toBeUndefined();
    expect(whatGives(here, schedule(here), { job: 'nobody', step: 'put' })).toBeUndefined();
  });

  test('each set does, and no part of it does: against every subset tried one by one (seed 6)', () => {
    const between = (min: number, max: number) => fc.integer({ min, max });
    const span = fc.constantFrom(0, 10, 50, 80);
    fc.assert(
      fc.property(span, span, span, between(0, 50), (first, second, third, daysAway) => {
        const names = ['a', 'b', 'c'];
        const jobs = [...names.map((id) => job(id, remedy(id))), job('oil', oil)];
        const keepApart = [first, second, third].flatMap((days, at24) =>
          days === 0 ? [] : [apart('oil', names[at24] ?? 'a', days)],
        );
        const away = Array.from({ length: daysAway }, (_, day) => addDays(today, day + 1));
        const here = problem(jobs, keepApart, { daysAway: away });
        const plan = schedule(here);
        const found = whatGives(here, plan, asked);
        if (!plan.unplaced.some((one) => one.job === 'oil')) return;
        const rules: Giving[] = [...names.map((name): Giving => ({ kind: 'other', job: name })), { kind: 'away' }];
        const does = (gives: readonly Giving[]): IsoDate | undefined => {
          const left = plan.steps.filter(
            (item) => item.job !== 'oil' && !gives.some((one) => one.kind === 'other' && one.job === item.job),
          );
          const open = gives.some(({ kind }) => kind === 'away') ? { ...here, daysAway: [] } : here;
          const days = Array.from({ length: 31 }, (_, day) => addDays(today, day));
          return days.find(
            (date) => offerOf(jobs[3] as Job, oil.steps[0] as StepSpec, date, open, left).hours.length > 0,
          );
        };
        const sets = Array.from({ length: 2 ** rules.length }, (_, bits) =>
          rules.filter((__, bit) => bits & (2 ** bit)),
        );
        const minimal = sets.filter(
          (set) =>
            set.length <= 2 &&
            does(set) !== undefined &&
            set.every((one) => does(set.filter((other) => other !== one)) === undefined),
        );
        const text = (set: readonly Giving[]) => JSON.stringify([...set].map((one) => JSON.stringify(one)).sort());
        // Being away is a rule only where somebody is.
        const fair = minimal.filter((set) => daysAway > 0 || set.every(({ kind }) => kind !== 'away'));
        expect(found?.couldGive.map(({ gives }) => text(gives)).sort()).toEqual(fair.map(text).sort());
        for (const { gives, on } of found?.couldGive ?? []) expect(on).toBe(does(gives));
      }),
      { seed: 6, numRuns: 60 },
    );
  });
});
