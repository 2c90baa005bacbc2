import { ownRow } from '@trowel/core/jobs';
import { batchState } from '@trowel/core/mix';
import { schedule, type Job, type Plan, type Place } from '@trowel/core/plan';
import { isSheltered, type RemedyRow, type Tables } from '@trowel/core/tables';
import { gardenTime, type Clock } from '../clock';
import type { Db } from '../database';
import { anyOpenCases, type CaseRow } from '../store/cases';
import { maybeOneBed, maybeOnePlanting, oneGarden, type GardenRow } from '../store/garden';
import {
  anyApplicationsInBed,
  anyOpenJobs,
  anyPlaces,
  anyPositions,
  savePositions,
  type JobRow,
  type PlaceRow,
} from '../store/jobs';
import { standInWeather } from '../weather/stand-in';
import { jobRemedy, maybeBrew, roundOf } from './job';
import { maybeRemedy } from './step-safety';

/** What every view and act works on; the tables have their amounts in this garden's measures. */
export interface Deps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
}

/** From this chance on a disease that likes wet leaves moves sprays to the morning. */
const wetLeavesMatterFrom = 0.3;
const forecastDays = 14;
const horizonDays = 70;
export const placeOf = ({ latitude, longitude, time_zone }: GardenRow): Place => ({
  latitude,
  longitude,
  timeZone: time_zone,
});

export interface LaidOut {
  readonly plan: Plan;
  readonly today: string;
  readonly hourNow: number;
  readonly garden: GardenRow;
  readonly cases: ReadonlyMap<string, CaseRow>;
  readonly jobs: ReadonlyMap<string, JobRow>;
}

/** Lays out every open step of every open job. */
export function layOut({ db, tables, clock }: Deps): LaidOut {
  const garden = oneGarden(db);
  const { today, hourNow } = gardenTime(clock(), garden.time_zone);
  const cases = new Map(anyOpenCases(db).map((row) => [row.id, row]));
  const jobs = new Map(anyOpenJobs(db).map((row) => [row.id, row]));
  const plan = schedule({
    today,
    hourNow,
    horizonDays,
    at: placeOf(garden),
    ...(garden.climate === null ? {} : { climate: garden.climate }),
    weather: standInWeather(placeOf(garden), today, forecastDays),
    jobs: [...jobs.values()].flatMap((row): Job[] => {
      const remedy = jobRemedy(tables, row);
      return remedy ? jobsOf(db, tables, remedy, row, cases.get(row.case_id ?? ''), garden, today) : [];
    }),
    recent: recentIn(db, tables, jobs),
    tables,
    usualHour: garden.usual_hour,
    previous: anyPositions(db).map(({ job_id, step, date, hour }) => ({ job: job_id, step, date, hour })),
  });
  return { plan, today, hourNow, garden, cases, jobs };
}

/** The round of a job that is to be laid out; none where nothing more is to come. */
function jobsOf(
  db: Db,
  tables: Tables,
  remedy: RemedyRow,
  row: JobRow,
  owner: CaseRow | undefined,
  { time_zone }: GardenRow,
  today: string,
): Job[] {
  const { progress, begins, isOver, isHalted, events } = roundOf(db, row, remedy);
  if (isOver) return [];
  const places = anyPlaces(db, row.id);
  const harvestOn = places
    .flatMap(({ planting_id }) => (planting_id === null ? [] : (maybeOnePlanting(db, planting_id)?.harvest_on ?? [])))
    .sort()[0];
  // All wait for the youngest: one can is mixed for all.
  const [sprouted] = places
    .flatMap(({ planting_id }) => {
      const row = planting_id === null ? undefined : maybeOnePlanting(db, planting_id);
      return row?.sprouted_on ? [{ on: row.sprouted_on, hasCastings: row.has_castings }] : [];
    })
    .sort((a, b) => b.on.localeCompare(a.on));
  const hourOf = (step: string) => {
    const at = events.find((event) => event.step === step && event.outcome === 'done')?.at;
    return at === undefined ? {} : { hour: Math.floor(gardenTime(new Date(at), time_zone).hourNow) };
  };
  const brew = maybeBrew(db, row.batch_id);
  const stands = brew && batchState(brew.batch, today);
  return [
    {
      id: row.id,
      places: places.map(placeKey),
      remedy,
      chosenOn: begins,
      done: progress.done.map((one) => ({ ...one, ...hourOf(one.step) })),
      skipped: progress.skipped,
      skippedOn: events.flatMap(({ step, outcome, on_date }) => (outcome === 'skipped' ? [{ step, on: on_date }] : [])),
      isHalted,
      ...(stands ? { brew: { readyOn: stands.readyOn, bestBefore: stands.bestBefore } } : {}),
      ...(sprouted ? { sprouted } : {}),
      ...(harvestOn === undefined ? {} : { harvestOn }),
      sheltered: places.length > 0 && places.every(({ bed_id }) => isSheltered(maybeOneBed(db, bed_id)?.setting)),
      urgent: owner?.reading.action === 'treat-now',
      keepLeavesDryAtNight:
        owner?.reading.causes.some(
          ({ id, probability }) =>
            probability >= wetLeavesMatterFrom && tables.causes.some((cause) => cause.id === id && cause.wetLeaves),
        ) ?? false,
    },
  ];
}

/** Keep-apart counts per plant where one is named, else per bed. */
const placeKey = ({ planting_id, bed_id }: Pick<PlaceRow, 'planting_id' | 'bed_id'>) => planting_id ?? bed_id;

/** What other jobs, that are no longer open, have put on the same places. */
function recentIn(db: Db, tables: Tables, open: ReadonlyMap<string, JobRow>) {
  const beds = new Set([...open.keys()].flatMap((id) => anyPlaces(db, id).map(({ bed_id }) => bed_id)));
  return [...beds].flatMap((bedId) =>
    anyApplicationsInBed(db, bedId)
      .filter(({ job_id }) => !open.has(job_id))
      .flatMap((row) => {
        const remedy = row.recipe === null ? maybeRemedy(tables, row.remedy) : ownRow(tables, row.recipe);
        return remedy ? [{ place: placeKey(row), remedy, on: row.on_date }] : [];
      }),
  );
}

/** Remembers where the open steps stand, so that later only what must move moves. */
export function rememberPlan(deps: Deps): void {
  const { plan } = layOut(deps);
  savePositions(
    deps.db,
    plan.steps.map(({ job, step, date, hour }) => ({ job_id: job, step: step.id, date, hour })),
  );
}
