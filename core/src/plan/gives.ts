import { addDays, type IsoDate } from '../quantities/days';
import {
  earliestFor,
  lastDayFor,
  offerOf,
  stepsToLay,
  type Job,
  type Plan,
  type PlannedStep,
  type PlanProblem,
} from './schedule';

/** A rule that could give: what else is put on there, the day of picking, or the days on which nobody is there. */
export type Giving =
  { readonly kind: 'other'; readonly job: string } | { readonly kind: 'harvest' } | { readonly kind: 'away' };

/** A smallest set of rules that would have to give, and the first day and hour that would then do. */
export interface CouldGive {
  readonly gives: readonly Giving[];
  readonly on: IsoDate;
  readonly hour: number;
}

export interface NoDay {
  /** The first day that would do with every rule kept, however late; undefined within a year. */
  readonly earliest: IsoDate | undefined;
  /** The smallest first; none of them holds another. */
  readonly couldGive: readonly CouldGive[];
}

/** The first day that would do is looked for so far ahead: every season comes round. */
const yearAhead = 366;
/** More at once nobody gives up for one step. */
const atMost = 2;

/**
 * What meets head-on where a step has no day: every set of up to two rules of which each has to give, and no part of
 * which would do alone. Undefined where the step is not open, or the one before it has no day either.
 */
export function whatGives(
  problem: PlanProblem,
  plan: Pick<Plan, 'steps'>,
  { job: jobId, step: stepId }: { readonly job: string; readonly step: string },
): NoDay | undefined {
  const job = problem.jobs.find(({ id }) => id === jobId);
  const step = job && stepsToLay(job).find(({ id }) => id === stepId);
  if (!job || !step) return undefined;
  const others = plan.steps.filter((item) => item.job !== jobId || item.step.id !== stepId);
  const earliest = earliestFor(job, step, problem, others);
  if (earliest === undefined) return undefined;
  const lastDay = lastDayFor(job, step, earliest, problem, others);
  const firstDay = (gives: readonly Giving[], to: IsoDate): Omit<CouldGive, 'gives'> | undefined => {
    const relaxed = without(problem, job, others, gives);
    for (let date = earliest; date <= to; date = addDays(date, 1)) {
      const { hours } = offerOf(relaxed.job, step, date, relaxed.problem, relaxed.steps);
      const wanted = problem.usualHour ?? hours[0] ?? 0;
      const hour = [...hours].sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
      if (hour !== undefined) return { on: date, hour };
    }
    return undefined;
  };
  const found: CouldGive[] = [];
  for (const gives of setsOf(rulesOf(problem, job, others), atMost)) {
    if (found.some((smaller) => smaller.gives.every((one) => gives.includes(one)))) continue;
    const day = firstDay(gives, lastDay);
    if (day) found.push({ gives, ...day });
  }
  return { earliest: firstDay([], addDays(problem.today, yearAhead))?.on, couldGive: found };
}

/** The rules that bear on a job and could give. */
function rulesOf({ jobs, daysAway = [] }: PlanProblem, job: Job, others: readonly PlannedStep[]): Giving[] {
  const beside = jobs.filter(
    ({ id, places }) =>
      id !== job.id &&
      places.some((place) => job.places.includes(place)) &&
      others.some((item) => item.job === id && item.step.applies),
  );
  return [
    ...beside.map(({ id }): Giving => ({ kind: 'other', job: id })),
    ...(job.harvestOn === undefined ? [] : [{ kind: 'harvest' } as const]),
    ...(daysAway.length === 0 ? [] : [{ kind: 'away' } as const]),
  ];
}

/** The problem as it would stand if those rules gave. */
function without(problem: PlanProblem, job: Job, steps: readonly PlannedStep[], gives: readonly Giving[]) {
  const gone = new Set(gives.flatMap((one) => (one.kind === 'other' ? [one.job] : [])));
  const { harvestOn, ...anyDay } = job;
  const picked = harvestOn === undefined || gives.some(({ kind }) => kind === 'harvest') ? {} : { harvestOn };
  return {
    job: { ...anyDay, ...picked },
    problem: gives.some(({ kind }) => kind === 'away') ? { ...problem, daysAway: [] } : problem,
    steps: steps.filter((item) => !gone.has(item.job) || item.step.applies !== true),
  };
}

/** Every set of one thing, then of two, up to so many. */
function setsOf<T>(things: readonly T[], most: number): T[][] {
  const sets: T[][] = [[]];
  for (const thing of things) for (const set of [...sets]) if (set.length < most) sets.push([...set, thing]);
  return sets.filter(({ length }) => length > 0).sort((a, b) => a.length - b.length);
}
