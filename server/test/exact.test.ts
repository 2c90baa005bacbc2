import {
  bestPlan,
  hindrances,
  layoutCost,
  layoutFrom,
  modelOf,
  schedule,
  sunHours,
  type Job,
  type Plan,
  type PlanProblem,
} from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import type { RemedyRow, StepSpec } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge/reader';
import fc from 'fast-check';
import { solveIn } from '../src/solver';
import { standInWeather } from '../src/weather/stand-in';

const at = { latitude: 52, longitude: -4, timeZone: 'UTC' };
const today = '2026-06-10';
const horizon = 4;

const anyStep = fc.record({
  gap: fc
    .tuple(fc.integer({ min: 0, max: 2 }), fc.integer({ min: 0, max: 2 }))
    .map(([from, more]) => [from, from + more] as const),
  part: fc.constantFrom('any' as const, 'morning' as const, 'evening' as const),
  dry: fc.boolean(),
  applies: fc.boolean(),
  minutes: fc.constantFrom(5, 20, 40),
});
const anyJob = fc.record({
  steps: fc.array(anyStep, { minLength: 1, maxLength: 2 }),
  place: fc.constantFrom('a', 'b'),
  kind: fc.constantFrom('soap', 'oil', 'living'),
  urgent: fc.boolean(),
});
const anyProblem = fc.record({
  jobs: fc.array(anyJob, { minLength: 1, maxLength: 2 }),
  wet: fc.array(fc.boolean(), { minLength: horizon + 2, maxLength: horizon + 2 }),
  visits: fc.option(
    fc.record({
      mornings: fc.subarray([0, 1, 2, 3, 4, 5, 6]),
      evenings: fc.subarray([0, 1, 2, 3, 4, 5, 6]),
      minutes: fc.constantFrom(30, 60),
    }),
    { nil: undefined },
  ),
});

/** Soap and what lives, two days; soap and oil, one; oil and oil, none said. */
const keepApart = [
  { id: 'one', a: 'soap', b: 'living', days: 2, why: 'it kills them', scope: 'plant' },
  { id: 'two', a: 'soap', b: 'oil', days: 1, why: 'they burn', scope: 'plant' },
];

function problemOf({
  jobs,
  wet,
  visits,
}: typeof anyProblem extends fc.Arbitrary<infer Value> ? Value : never): PlanProblem {
  return {
    today,
    hourNow: 6,
    horizonDays: horizon,
    at,
    weather: wet.map((isWet, day) => ({
      date: addDays(today, day),
      hours: Array.from({ length: 24 }, () => ({ temperature: 16, rain: isWet ? 1 : 0, wind: 5, cloud: 0.9 })),
    })),
    jobs: jobs.map(({ steps, place, kind, urgent }, index): Job => {
      const specs = steps.map(({ gap, part, dry, applies, minutes }, order): StepSpec => ({
        id: `s${order}`,
        phase: applies ? 'apply' : 'before',
        does: `s${order}`,
        why: 'because',
        gap,
        minutes,
        window: { part, ...(dry ? { dryAfter: 1 } : {}) },
        ...(applies ? { applies } : {}),
        ...(order > 0 ? { after: `s${order - 1}` } : {}),
      }));
      const remedy = { id: `r${index}-${kind}`, name: kind, classes: [kind], steps: specs } as unknown as RemedyRow;
      return { id: `j${index}`, places: [place], remedy, chosenOn: today, done: [], skipped: [], urgent };
    }),
    recent: [],
    tables: { keepApart: keepApart as never, remedies: [], ingredients: [], paces: [] },
    ...(visits ? { visits } : {}),
  };
}

interface Half {
  readonly day: number;
  readonly half: number;
}

/** Everything again by trying out all there is, with rules and prices of its own. */
function cheapest(problem: PlanProblem): number {
  const steps = problem.jobs.flatMap((job) => job.remedy.steps.map((step) => ({ job, step })));
  const hoursIn = steps.map(({ step }) =>
    Array.from({ length: horizon + 1 }, (_, day) => {
      const date = addDays(today, day);
      const sun = sunHours(date, at);
      const sky = { first: today, days: problem.weather };
      return Array.from({ length: 24 }, (__, hour) => hour).filter(
        (hour) => (day > 0 || hour >= problem.hourNow) && hindrances(step.window, sky, sun, date, hour).length === 0,
      );
    }),
  );
  const inHalf = (hour: number, half: number) => (half === 0 ? hour < 12 : hour >= 12);
  const chosen: (Half | undefined)[] = [];
  let best = Infinity;
  const canBe = (index: number): boolean => {
    const { job, step } = steps[index]!;
    const here = chosen[index];
    const before = step.after === undefined ? undefined : index - 1;
    if (before !== undefined && !chosen[before]) return here === undefined;
    if (!here) return true;
    const base = before === undefined ? 0 : chosen[before]!.day;
    if (here.day < base + step.gap[0] || here.day > Math.max(base + step.gap[1], 0) + 28) return false;
    // The first two of a chain on one half-day: some hour of the later must not lie before one of the earlier.
    const mine = hoursIn[index]![here.day]!.filter((hour) => inHalf(hour, here.half));
    if (mine.length === 0) return false;
    if (before !== undefined && chosen[before]!.day === here.day) {
      if (chosen[before]!.half > here.half) return false;
      const theirs = hoursIn[before]![here.day]!.filter((hour) => inHalf(hour, chosen[before]!.half));
      if (Math.max(...mine) < Math.min(...theirs)) return false;
    }
    return chosen.slice(0, index).every((other, at24) => {
      const one = steps[at24]!;
      if (!other || !step.applies || !one.step.applies || one.job.places[0] !== job.places[0]) return true;
      const kinds = [one.job.remedy.classes[0], job.remedy.classes[0]];
      return keepApart.every(
        ({ a, b, days }) =>
          !(kinds.includes(a) && kinds.includes(b) && a !== b && kinds[0] !== kinds[1]) ||
          Math.abs(other.day - here.day) >= days,
      );
    });
  };
  const costNow = (): number => {
    let cost = 0;
    const visits = new Set<string>();
    const minutes = new Map<number, number>();
    steps.forEach(({ job, step }, index) => {
      const here = chosen[index];
      if (!here) return void (cost += 400);
      const base = step.after === undefined ? 0 : chosen[index - 1]!.day;
      cost += (job.urgent ? 3 : 1) * here.day + (job.urgent ? 18 : 6) * Math.max(0, here.day - base - step.gap[1]);
      const weekday = new Date(`${addDays(today, here.day)}T12:00:00Z`).getUTCDay();
      const times = problem.visits;
      if (times && !(here.half === 0 ? times.mornings : times.evenings).includes(weekday)) cost += 8;
      if ('dryAfter' in step.window) cost += 2 * (1 - Math.max(0.2, Math.min(1, 1 - (here.day - 2) / 10)));
      visits.add(`${here.day} ${here.half}`);
      minutes.set(here.day, (minutes.get(here.day) ?? 0) + step.minutes);
    });
    for (const taken of minutes.values()) cost += 0.2 * Math.max(0, taken - (problem.visits?.minutes ?? Infinity));
    return cost + 1.6 * visits.size;
  };
  const go = (index: number): void => {
    if (index === steps.length) return void (best = Math.min(best, costNow()));
    const all: (Half | undefined)[] = [undefined];
    for (let day = 0; day <= horizon; day += 1) for (const half of [0, 1]) all.push({ day, half });
    for (const slot of all) {
      chosen[index] = slot;
      if (canBe(index)) go(index + 1);
    }
    chosen.length = index;
  };
  go(0);
  return best;
}

/** Laid out again with all of it as it stands, nothing has to move: every step stands where it may. */
function nothingHasToMove(problem: PlanProblem, plan: Plan): void {
  const previous = plan.steps.map(({ job, step, date, hour }) => ({ job, step: step.id, date, hour, isPinned: true }));
  expect(schedule({ ...problem, previous }).moved).toEqual([]);
}

const solve = solveIn(10);
const near = solveIn(5, 0.05);

describe('the best plan', () => {
  test('costs what the cheapest of all costs, on sixty random gardens; and never more than the first plan', async () => {
    await fc.assert(
      fc.asyncProperty(anyProblem, async (given) => {
        const problem = problemOf(given);
        const first = schedule(problem);
        const { plan, cost, bound } = await bestPlan(problem, first, solve);
        const model = modelOf(problem);
        expect(layoutCost(model, layoutFrom(model, plan))).toBeCloseTo(cost, 4);
        expect(cost).toBeCloseTo(cheapest(problem), 4);
        expect(bound).toBeLessThanOrEqual(cost + 1e-4);
        expect(cost).toBeLessThanOrEqual(layoutCost(model, layoutFrom(model, first)) + 1e-6);
      }),
      { numRuns: 60 },
    );
  }, 120_000);

  test('keeps every rule that the first plan keeps: order to the hour, gaps, and what is kept apart', async () => {
    await fc.assert(
      fc.asyncProperty(anyProblem, async (given) => {
        const problem = problemOf(given);
        const { plan } = await bestPlan(problem, schedule(problem), solve);
        for (const step of plan.steps) {
          const before = plan.steps.find((one) => one.job === step.job && one.step.id === step.step.after);
          if (!before) continue;
          expect(daysBetween(before.date, step.date)).toBeGreaterThanOrEqual(step.step.gap[0]);
          if (before.date === step.date) expect(step.hour).toBeGreaterThanOrEqual(before.hour);
        }
        nothingHasToMove(problem, plan);
      }),
      { numRuns: 40 },
    );
  }, 120_000);

  test('of real remedies, with test leaves, rules and weather, every step still stands where the judge lets it', async () => {
    const chains = knowledge.remedies.filter(({ steps }) => steps.length >= 3);
    await fc.assert(
      fc.asyncProperty(fc.array(fc.nat(chains.length - 1), { minLength: 3, maxLength: 3 }), async (picked) => {
        const problem: PlanProblem = {
          today,
          hourNow: 8,
          horizonDays: 40,
          at,
          weather: standInWeather(at, today, 14),
          jobs: picked.map((index, order): Job => ({
            id: `j${order}`,
            places: ['Long Bed'],
            remedy: chains[index]!,
            chosenOn: today,
            done: [],
            skipped: [],
          })),
          recent: [],
          tables: knowledge,
        };
        const first = schedule(problem);
        const { plan } = await bestPlan(problem, first, near);
        expect(plan.unplaced.length).toBeLessThanOrEqual(first.unplaced.length);
        nothingHasToMove(problem, plan);
      }),
      { numRuns: 6 },
    );
  }, 120_000);
});
