/** How long the best plan takes, and how much better than the first it is: twelve jobs over eight weeks. */
import { bestPlan, layoutCost, layoutFrom, modelOf, schedule, type PlanProblem } from '../core/src/plan';
import { addDays } from '../core/src/quantities';
import { knowledge } from '../knowledge/src/reader';
import { solveIn } from '../server/src/solver';
import { standInWeather } from '../server/src/weather/stand-in';

const today = '2026-06-10';
const at = { latitude: 52, longitude: -4, timeZone: 'UTC' };

/** Twelve remedies of four steps and more, begun on three days, in five beds. */
export const twelveJobs = (): PlanProblem => ({
  today,
  hourNow: 9,
  horizonDays: 56,
  at,
  weather: standInWeather(at, today, 14),
  jobs: Array.from({ length: 12 }, (_, index) => ({
    id: `job-${index}`,
    places: [`bed-${index % 5}`],
    remedy: knowledge.remedies.filter(({ steps }) => steps.length >= 4)[
      index % 12
    ] as (typeof knowledge.remedies)[number],
    chosenOn: addDays(today, -(index % 3)),
    done: [],
    skipped: [],
  })),
  recent: [],
  tables: knowledge,
});

export async function benchPlan(): Promise<{ part: 'plan'; what: string; value: string; aim: string }[]> {
  const problem = twelveJobs();
  const first = schedule(problem);
  const model = modelOf(problem);
  const of = (gap: number) => async () => {
    const from = performance.now();
    const best = await bestPlan(problem, first, solveIn(20, gap));
    return { ...best, ms: performance.now() - from };
  };
  const timed = async (gap: number) => {
    await of(gap)();
    return of(gap)();
  };
  const near = await timed(0.05);
  const proven = await timed(0.0001);
  return [
    {
      part: 'plan',
      what: 'a plan within 5 % of the best, same garden',
      value: `${near.ms.toFixed(0)} ms`,
      aim: '≤ 2000 ms',
    },
    { part: 'plan', what: 'the best plan, proven', value: `${proven.ms.toFixed(0)} ms`, aim: '' },
    {
      part: 'plan',
      what: 'cost of the first plan, of the best, and what none is under',
      value: `${layoutCost(model, layoutFrom(model, first)).toFixed(1)} / ${proven.cost.toFixed(1)} / ${proven.bound.toFixed(1)}`,
      aim: '',
    },
  ];
}
