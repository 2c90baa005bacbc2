import { isDeepStrictEqual } from 'node:util';
import type { PlanningView } from '@trowel/core/contract';
import { partNamed, workDone } from '@trowel/core/jobs';
import { fedFrom, goesOnByDay, waitsForBloom } from '@trowel/core/judge';
import { batchState } from '@trowel/core/mix';
import {
  schedule,
  type Job,
  type Plan,
  type PlannedStep,
  type PassedOver,
  type PlanProblem,
  type Visits,
} from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import type { readLine } from '@trowel/core/read';
import { isSheltered, type Tables } from '@trowel/core/tables';
import { gardenTime, type Clock } from '../clock';
import type { Db } from '../database';
import { anyOpenCases, type CaseRow } from '../store/cases';
import { anyAway, maybeOneBed, maybeOnePlanting, oneGarden, type GardenRow } from '../store/garden';
import {
  anyJobsOfRoutine,
  anyStepsOf,
  anyOpenJobs,
  anyPlaces,
  anyPositions,
  savePositions,
  type JobRow,
  type PlaceRow,
} from '../store/jobs';
import { workedOut } from '../store/remembered';
import { soilShiftOf, type Now } from '../weather/sensors';
import { skyOver } from '../weather/sky';
import { brewOf, jobRemedy, roundOf, sproutedAt } from './job';
import { broughtForward, placeOf, timedByLife, washedRound } from './life';
import { putOnIn } from './step-safety';

/** How far the looking for a better plan has come, and a way to end it: what stands goes on standing. */
export interface Planning {
  state(): PlanningView;
  giveUp(): void;
}

/** What every view and act works on; the tables have their amounts in this garden's measures. */
export interface Deps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
  /** Reads a typed line; left out, it is read here and now. */
  readonly read?: typeof readLine | undefined;
  /** Looks for a better plan; left out, nobody does. */
  readonly planning?: Planning | undefined;
  /** Which device of the house asks; left out: the machine itself. */
  readonly device?: string | undefined;
}

/** From this chance on a disease that likes wet leaves moves sprays to the morning. */
const wetLeavesMatterFrom = 0.3;
const forecastDays = 14;
/** Days that are over and still tell: how warm the soil is, whether leaves are wet at midnight. */
const weatherBefore = 10;
const horizonDays = 70;

export interface LaidOut {
  readonly problem: PlanProblem;
  readonly plan: Plan;
  readonly today: string;
  readonly hourNow: number;
  readonly garden: GardenRow;
  readonly cases: ReadonlyMap<string, CaseRow>;
  readonly jobs: ReadonlyMap<string, JobRow>;
}

/** The last plan of each garden, with the problem that it solves. */
const lastPlans = new WeakMap<Db, { readonly problem: PlanProblem; readonly plan: Plan }>();

/** Every open step of every open job, laid out; worked out again only when something that bears on it was written, or an hour is over. */
export function layOut(deps: Deps): LaidOut {
  const { db, tables, clock } = deps;
  const { today, hourNow } = gardenTime(clock(), oneGarden(db).time_zone);
  // The hour that has begun counts until it is over: what stands in it is due now, and a plan does not move by the minute.
  const upTo = Math.floor(hourNow);
  return { ...workedOut(db, tables, 'plan', [today, upTo], () => layOutNow(deps, today, upTo)), hourNow };
}

function layOutNow({ db, tables }: Deps, today: string, hourNow: number): LaidOut {
  const garden = oneGarden(db);
  const cases = new Map(anyOpenCases(db).map((row) => [row.id, row]));
  const jobs = new Map(anyOpenJobs(db).map((row) => [row.id, row]));
  const problem: PlanProblem = {
    today,
    hourNow,
    horizonDays,
    at: placeOf(garden),
    ...(garden.climate === null ? {} : { climate: garden.climate }),
    weather: skyOver(db, garden, addDays(today, -weatherBefore), weatherBefore + forecastDays, today),
    jobs: [...jobs.values()].flatMap((row) => {
      const reading = cases.get(row.case_id ?? '')?.reading;
      return workedOut(db, tables, `job ${row.id}`, [row, reading, today, hourNow], () =>
        jobsOf(db, tables, row, reading, { today, hourNow }),
      );
    }),
    recent: workedOut(db, tables, 'recent', [...jobs.keys(), today], () => recentIn(db, tables, jobs, today)),
    tables,
    usualHour: garden.usual_hour,
    ...(garden.visits === null ? {} : { visits: visitsOf(garden.visits) }),
    daysAway: anyAway(db, today).flatMap(({ from_on, until_on }) => daysFrom(from_on, until_on)),
    previous: anyPositions(db).map(({ job_id, step, date, hour, pinned }) => ({
      job: job_id,
      step,
      date,
      hour,
      ...(pinned ? { isPinned: true } : {}),
    })),
  };
  const last = lastPlans.get(db);
  const plan = last && isDeepStrictEqual(last.problem, problem) ? last.plan : schedule(problem);
  lastPlans.set(db, { problem, plan });
  return { problem, plan, today, hourNow, garden, cases, jobs };
}

const visitsOf = ({ minutes, ...visits }: NonNullable<GardenRow['visits']>): Visits => ({
  ...visits,
  ...(minutes === undefined ? {} : { minutes }),
});

/** Every day from one to another, both included. */
const daysFrom = (from: string, until: string): string[] =>
  Array.from({ length: daysBetween(from, until) + 1 }, (_, at) => addDays(from, at));

/** The round of a job that is to be laid out; none where nothing more is to come. */
function jobsOf(db: Db, tables: Tables, row: JobRow, reading: CaseRow['reading'] | undefined, now: Now): Job[] {
  const { today } = now;
  const remedy = jobRemedy(tables, row);
  if (!remedy) return [];
  const garden = oneGarden(db);
  const { time_zone } = garden;
  const { progress, begins, isOver, isHalted, events } = roundOf(db, tables, row, remedy);
  if (isOver) return [];
  const places = anyPlaces(db, row.id);
  const harvestOn = places
    .flatMap(({ planting_id }) => (planting_id === null ? [] : (maybeOnePlanting(db, planting_id)?.harvest_on ?? [])))
    .sort()[0];
  const bloomUntil = places
    .flatMap(({ planting_id }) => (planting_id === null ? [] : (maybeOnePlanting(db, planting_id)?.bloom_until ?? [])))
    .sort()
    .at(-1);
  // It begins when the first of them are old enough; the others join the can later.
  const [sprouted] = places
    .flatMap((place) => sproutedAt(db, place) ?? [])
    .sort((a, b) => addDays(a.on, fedFrom(a)).localeCompare(addDays(b.on, fedFrom(b))));
  const hourOf = (step: string) => {
    const at = events.find((event) => event.step === step && event.outcome === 'done')?.at;
    return at === undefined ? {} : { hour: Math.floor(gardenTime(new Date(at), time_zone).hourNow) };
  };
  const timed = timedByLife(db, tables, garden, row, remedy, today);
  const washed = washedRound(db, garden, row, remedy, now);
  const washedStep = events.find(({ id }) => id === washed?.event)?.step;
  const keepLeavesDryAtNight =
    reading?.causes.some(
      ({ id, probability }) =>
        probability >= wetLeavesMatterFrom && tables.causes.some((cause) => cause.id === id && cause.wetLeaves),
    ) ?? false;
  const isByDay = keepLeavesDryAtNight || goesOnByDay(remedy);
  const brew = brewOf(db, row, today);
  const stands = brew && batchState(brew.batch, today);
  return [
    {
      id: row.id,
      places: places.map(placeKey),
      remedy: washed
        ? broughtForward(tables, timed, progress.done, washed, { measures: garden.measures, today })
        : timed,
      ...(washed && washedStep !== undefined ? { washed: [washedStep] } : {}),
      chosenOn: latest(begins, waitsForPart(db, tables, row, today)),
      done: progress.done.map((one) => ({ ...one, ...hourOf(one.step) })),
      skipped: progress.skipped,
      skippedOn: events.flatMap(({ step, outcome, on_date }) => (outcome === 'skipped' ? [{ step, on: on_date }] : [])),
      isHalted,
      ...(stands ? { brew: { readyOn: stands.readyOn, bestBefore: stands.bestBefore } } : {}),
      ...(sprouted ? { sprouted } : {}),
      ...(harvestOn === undefined ? {} : { harvestOn }),
      ...(bloomUntil !== undefined && waitsForBloom(tables, remedy, isByDay) ? { bloomUntil } : {}),
      ...soilShift(db, garden, places, now),
      sheltered: places.length > 0 && places.every(({ bed_id }) => isSheltered(maybeOneBed(db, bed_id)?.setting)),
      urgent: reading?.action === 'treat-now',
      keepLeavesDryAtNight,
    },
  ];
}

const latest = (day: string, other: string | undefined): string => (other !== undefined && other > day ? other : day);

/** A part of a routine that follows one which is late begins no sooner than if that were done today. */
function waitsForPart(db: Db, tables: Tables, row: JobRow, today: string): string | undefined {
  const { after, days = 0 } = partNamed(tables, row)?.part.starts ?? {};
  if (after === undefined || row.routine_id === null || anyStepsOf(db, row.id).length > 0) return undefined;
  const before = anyJobsOfRoutine(db, row.routine_id).find(({ part }) => part === after);
  const remedy = before && jobRemedy(tables, before);
  if (!before || !remedy || before.ended_on !== null) return undefined;
  return workDone(remedy, anyStepsOf(db, before.id)).length > 0 ? undefined : addDays(today, days);
}

function soilShift(db: Db, garden: GardenRow, places: readonly PlaceRow[], now: Now): Pick<Job, 'soilShift'> {
  const shift = soilShiftOf(
    db,
    garden,
    places.map(({ bed_id }) => bed_id),
    now,
  );
  return shift === undefined ? {} : { soilShift: shift };
}

/** Keep-apart counts per plant where one is named, else per bed. */
const placeKey = ({ planting_id, bed_id }: Pick<PlaceRow, 'planting_id' | 'bed_id'>) => planting_id ?? bed_id;

/** What other jobs, that are no longer open, have put on the same places. */
function recentIn(db: Db, tables: Tables, open: ReadonlyMap<string, JobRow>, today: string) {
  const beds = new Set([...open.keys()].flatMap((id) => anyPlaces(db, id).map(({ bed_id }) => bed_id)));
  return [...beds].flatMap((bedId) =>
    putOnIn(db, tables, bedId, today)
      .filter(({ job_id }) => job_id === undefined || !open.has(job_id))
      .map((row) => ({ place: placeKey(row), remedy: row.remedy, on: row.on })),
  );
}

/** Remembers where the open steps stand, so that later only what must move moves. */
export function rememberPlan(deps: Deps): void {
  const laidOut = layOut(deps);
  const why = new Map(laidOut.plan.moved.map(({ job, step, because }) => [`${job} ${step}`, because]));
  rememberSteps(deps, laidOut, laidOut.plan.steps, ({ job, step }) => why.get(`${job} ${step.id}`));
}

type Remembered = Pick<PlannedStep, 'job' | 'step' | 'date' | 'hour'>;

/** Remembers where steps stand that were laid out elsewhere. @param because why one stands elsewhere than before */
export function rememberSteps(
  { db, tables }: Deps,
  { jobs, today }: LaidOut,
  steps: readonly Remembered[],
  because: (step: Remembered) => PassedOver['because'] | undefined,
): void {
  savePositions(
    db,
    steps.flatMap((planned) => {
      const { job, step, date, hour } = planned;
      const row = jobs.get(job);
      const remedy = row && jobRemedy(tables, row);
      if (!row || !remedy) return [];
      const { round } = roundOf(db, tables, row, remedy);
      return [{ job_id: job, step: step.id, round, date, hour, because: because(planned) }];
    }),
    today,
  );
}
