import type { z } from 'zod';
import { planRequest, type PlanResponse, type visitsSchema } from '../contract/plan';
import { goesOnByDay, waitsForBloom } from '../judge';
import { batchState } from '../mix';
import { inputError, parseInput } from '../problem';
import {
  bestPlan,
  schedule,
  whatGives,
  type DayWeather,
  type Job,
  type Place,
  type Plan,
  type PlanProblem,
  type Solved,
  type Visits,
} from '../plan';
import type { IsoDate } from '../quantities/days';
import { spokenIn } from '../quantities';
import { rowById, type RemedyRow, type Tables } from '../tables';
import { givesWords, hindranceSays, whyThen } from '../wording';

/** Weather for so many days from a day on, and before them some that are over, for requests that bring none. */
export type WeatherSource = (at: Place, from: IsoDate, days: number) => readonly DayWeather[];

/**
 * Plans a request as it comes from a file or over HTTP.
 * @throws InputError naming the field, for input that does not fit.
 */
export function answerPlan(raw: Tables, body: unknown, weatherFor: WeatherSource): PlanResponse {
  const { tables, problem } = problemFrom(raw, body, weatherFor);
  return sayPlan(tables, schedule(problem), problem);
}

/**
 * The same, as good as it can be: with what the plan costs, and how low any could lie.
 * @param solve takes a linear model in text
 */
export async function answerBestPlan(
  raw: Tables,
  body: unknown,
  weatherFor: WeatherSource,
  solve: (lp: string) => Promise<Solved>,
): Promise<PlanResponse> {
  const { tables, problem } = problemFrom(raw, body, weatherFor);
  const { plan, cost, bound } = await bestPlan(problem, schedule(problem), solve);
  const rounded = (value: number) => Number(value.toFixed(2));
  return { ...sayPlan(tables, plan, problem), cost: rounded(cost), bound: rounded(bound) };
}

const forecastDays = 14;

function problemFrom(raw: Tables, body: unknown, weatherFor: WeatherSource): { tables: Tables; problem: PlanProblem } {
  const request = parseInput(planRequest, body);
  const tables = spokenIn(raw, request.measures);
  const remedyOf = (id: string, field: string): RemedyRow => {
    const row = tables.remedies.find((candidate) => candidate.id === id);
    if (!row)
      throw inputError(field, 'unknown-of', {
        given: id,
        known: tables.remedies.map((remedy) => remedy.id).join(', '),
      });
    return row;
  };
  const ids = new Set<string>();
  const jobs = request.jobs.map((job, index) => {
    if (ids.has(job.id)) throw inputError(`jobs[${index}].id`, 'stands-twice', { given: job.id });
    ids.add(job.id);
    const remedy = remedyOf(job.remedy, `jobs[${index}].remedy`);
    for (const { step } of job.done)
      if (!remedy.steps.some(({ id }) => id === step))
        throw inputError(`jobs[${index}].done`, 'no-step-of', {
          given: step,
          remedy: remedy.id,
          known: remedy.steps.map(({ id }) => id).join(', '),
        });
    const { harvestOn, by, bloomUntil, place, places, brew, sprouted, soilShift, ...rest } = job;
    const isByDay = rest.keepLeavesDryAtNight || goesOnByDay(remedy);
    if ((place === undefined) === (places === undefined)) throw inputError(`jobs[${index}].place`, 'place-or-places');
    if (by !== undefined && by < request.today)
      throw inputError(`jobs[${index}].by`, 'not-before', { earliest: request.today });
    return {
      ...rest,
      places: places ?? [place ?? ''],
      remedy,
      chosenOn: job.chosenOn ?? request.today,
      ...(harvestOn === undefined ? {} : { harvestOn }),
      ...(bloomUntil !== undefined && waitsForBloom(tables, remedy, isByDay) ? { bloomUntil } : {}),
      ...(by === undefined ? {} : { by }),
      ...(brew === undefined ? {} : { brew: readinessOf(brew, request.today) }),
      ...(sprouted === undefined ? {} : { sprouted }),
      ...(soilShift === undefined ? {} : { soilShift }),
    };
  });
  const problem: PlanProblem = {
    today: request.today,
    hourNow: request.hourNow,
    horizonDays: request.days,
    at: request.at,
    ...(request.climate === undefined ? {} : { climate: request.climate }),
    weather: request.weather ?? weatherFor(request.at, request.today, Math.min(request.days, forecastDays)),
    jobs,
    recent: request.recent.map(({ place, remedy, on }, index) => ({
      place,
      on,
      remedy: remedyOf(remedy, `recent[${index}].remedy`),
    })),
    tables,
    daysAway: request.daysAway,
    ...(request.visits ? { visits: visitsOf(request.visits) } : {}),
    usualHour: request.usualHour,
    previous: request.previous.map(({ isPinned, ...one }) => ({ ...one, ...(isPinned ? { isPinned } : {}) })),
  };
  return { tables, problem };
}

/** When a brew is ready and past its best, as told or by how it was begun. */
function readinessOf(
  brew: NonNullable<z.output<typeof planRequest>['jobs'][number]['brew']>,
  today: IsoDate,
): NonNullable<Job['brew']> {
  if ('readyOn' in brew) return brew;
  const { readyOn, bestBefore } = batchState({ ...brew, volumeMl: aBucket, events: [] }, today);
  return { readyOn, bestBefore };
}
/** How much there is bears on neither day, mL. */
const aBucket = 10_000;

const visitsOf = ({ minutes, ...visits }: z.output<typeof visitsSchema>): Visits => ({
  ...visits,
  ...(minutes === undefined ? {} : { minutes }),
});

/** A plan in words. */
export function sayPlan(tables: Tables, plan: Plan, problem: PlanProblem): PlanResponse {
  const { today } = problem;
  return {
    steps: plan.steps.map((item) => ({
      job: item.job,
      place: item.places[0] ?? '',
      places: [...item.places],
      remedy: item.remedy,
      remedyName: rowById(tables.remedies, item.remedy, 'remedies').name,
      step: item.step.id,
      phase: item.step.phase,
      does: item.step.does,
      date: item.date,
      hour: item.hour,
      minutes: item.step.minutes,
      why: item.step.why,
      whyThen: whyThen(item, today),
      sureness: Number(item.sureness.toFixed(2)),
    })),
    unplaced: plan.unplaced.map(({ job, remedy, step, passedOver }) => ({
      job,
      remedy,
      step: step.id,
      does: step.does,
      why:
        passedOver.length > 0
          ? `No day suits: ${[...new Set(passedOver.map(({ because }) => hindranceSays(because)))].join(', ')}.`
          : 'It waits for a step that has no day yet.',
      ...sayGives(problem, plan, { job, step: step.id }),
    })),
    moved: plan.moved.map(({ job, step, from, to, because }) => ({
      job,
      step,
      from,
      to,
      why: because === undefined ? 'the step before it moved' : hindranceSays(because),
    })),
  };
}

/** What would have to give for a step that has no day. */
function sayGives(problem: PlanProblem, plan: Plan, asked: { job: string; step: string }) {
  const found = whatGives(problem, plan, asked);
  const nameOf = (id: string) => problem.jobs.find((job) => job.id === id)?.remedy.name ?? id;
  return {
    ...(found?.earliest === undefined ? {} : { earliest: found.earliest }),
    couldGive: (found?.couldGive ?? []).map((one) => ({
      gives: one.gives.map((give) => ({ ...give })),
      on: one.on,
      hour: one.hour,
      says: givesWords(one, nameOf, problem.today),
    })),
  };
}
