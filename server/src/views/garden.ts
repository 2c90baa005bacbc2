import type { GardenView, StepView, TodayView } from '@trowel/core/contract';
import { sunHours } from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import { likelyAgain } from '@trowel/core/learn';
import { brewWords, choreWords, hindranceSays, keptHindranceSays, keptWords, likelyWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import { anyCasesIn, anyLateLooks, anyOpenCases, anyPast } from '../store/cases';
import { anyAway, anyBeds, anyBedsGone, anyPlantings, maybeOneBed, oneGarden } from '../store/garden';
import { anyJobsDoneOn, anyMarkedInClosed, anyPlaces, anyPositions } from '../store/jobs';
import { anyBatches, anyVessels } from '../store/bench';
import { skyOver } from '../weather/sky';
import { awaySoon } from './away';
import { keptOf } from './bench';
import { bringOf } from './bring';
import { brewStands } from './brews';
import { anyBrews } from './job';
import { jobName, stepsOf } from './jobs';
import { happenedAround } from './learnt';
import { placeOf } from './life';
import { layOut, type Deps, type LaidOut } from './plan';

/** From here on an earlier reading of the ground is told on the bed's card. */
const groundToldFrom = 0.5;
/** Readings of a place, the newest, that are told on its card. */
const readingsTold = 12;

export function gardenViewOf(deps: Deps): GardenView {
  const { db, tables, clock } = deps;
  const garden = oneGarden(db);
  const dueIn = dueByBed(deps);
  const plantings = anyPlantings(db);
  const open = anyOpenCases(db);
  const past = anyPast(db);
  return {
    name: garden.name,
    latitude: garden.latitude,
    longitude: garden.longitude,
    timeZone: garden.time_zone,
    measures: garden.measures,
    tapHardness: garden.tap_hardness,
    buttHardness: garden.butt_hardness,
    tapTreatment: garden.tap_treatment,
    usualHour: garden.usual_hour,
    visits: garden.visits,
    away: anyAway(db, gardenTime(clock(), garden.time_zone).today).map(({ id, from_on, until_on }) => ({
      id,
      from: from_on,
      until: until_on,
    })),
    climate: garden.climate,
    forbids: garden.forbids,
    onlyFromCupboard: garden.only_cupboard,
    schools: garden.schools,
    cupboard: keptOf(db),
    vessels: anyVessels(db).map(({ id, name, kind, classes, volume_ml }) => ({
      id,
      name,
      kind,
      classes,
      volumeMl: volume_ml,
    })),
    brews: anyBrews(db).map(({ id, name, batch: { events, ...batch } }) => ({
      id,
      name,
      batch: { ...batch, events: events.map((event) => ({ ...event })) },
    })),
    ...gardenTime(clock(), garden.time_zone),
    gone: anyBedsGone(db).map(({ id, name, removed_on }) => ({ id, name, on: removed_on ?? '' })),
    beds: anyBeds(db).map(({ id, name, setting, note, size, at_x, at_y, near }) => {
      const conditions = new Map<string, { id: string; probability: number }>();
      for (const { reading } of anyCasesIn(db, id, readingsTold))
        for (const row of reading.conditions)
          // The newest word on each holds.
          if (row.probability >= groundToldFrom && !conditions.has(row.id)) conditions.set(row.id, row);
      return {
        id,
        name,
        setting,
        note,
        size,
        at: at_x === null || at_y === null ? null : { x: at_x, y: at_y },
        near,
        plantings: plantings
          .filter(({ bed_id }) => bed_id === id)
          .map((row) => ({
            id: row.id,
            plant: row.plant,
            plantName: keptWords(tables, 'plants', row.plant),
            label: row.label,
            plantedOn: row.planted_on,
            number: row.number,
            potMl: row.pot_ml,
          })),
        open: open.flatMap((row) => (row.bed_id === id ? [{ id: row.id, name: row.name, pattern: row.pattern }] : [])),
        due: dueIn.get(id) ?? 0,
        conditions: [...conditions.values()].map((row) => ({
          ...row,
          name: keptWords(tables, 'conditions', row.id),
        })),
        history: past.flatMap(({ bedId, cause, times }) =>
          bedId === id ? [{ cause, name: keptWords(tables, 'causes', cause), times }] : [],
        ),
      };
    }),
  };
}

/** How many steps of the plan stand on today in each bed. */
function dueByBed(deps: Deps): ReadonlyMap<string, number> {
  const { plan, today } = layOut(deps);
  const due = new Map<string, number>();
  for (const { job, date } of plan.steps)
    if (date === today)
      for (const bedId of new Set(anyPlaces(deps.db, job).map(({ bed_id }) => bed_id)))
        due.set(bedId, (due.get(bedId) ?? 0) + 1);
  return due;
}

/** Days of what is coming that Today shows. */
const daysShown = 7;

/** Brews that want something, or have just become ready. */
function brewsToday({ db, tables }: Deps, today: string): TodayView['brews'] {
  return anyBatches(db).flatMap((row) => {
    const state = brewStands(db, tables, row, today);
    const chores = state.chores.filter(({ due }) => due).map(({ kind }) => ({ kind, does: choreWords[kind].does }));
    return chores.length === 0 || state.stage === 'gone'
      ? []
      : [{ id: row.id, name: row.name, pattern: row.pattern, says: brewWords(state, today), chores }];
  });
}

/** Days that a step may be late before its job is folded into one line. */
const graceDays = 2;

/** Jobs with steps that are long overdue, with everything of them that stands on today. */
function overdueJobs(due: readonly StepView[], today: string): TodayView['overdue'] {
  const byJob = new Map<string, StepView[]>();
  for (const step of due) byJob.set(step.jobId, [...(byJob.get(step.jobId) ?? []), step]);
  return [...byJob.values()].flatMap((steps) => {
    const since = steps.flatMap(({ overdueSince }) => overdueSince ?? []).sort()[0];
    const [first] = steps;
    if (!first || since === undefined || daysBetween(since, today) <= graceDays) return [];
    const { jobId, caseId, caseName, remedyName, pattern, bedName } = first;
    return [{ jobId, caseId, name: caseName, remedyName, pattern, bedName, since, steps }];
  });
}

/** Every step of every open job, by day, in walking order. */
export function stepsInOrder(deps: Deps, laidOut: LaidOut): StepView[] {
  const order = new Map(anyBeds(deps.db).map(({ id, walking_order }) => [id, walking_order]));
  // Of several places the first that one comes by.
  const placeIn = ({ bedIds }: StepView) => Math.min(...bedIds.map((id) => order.get(id) ?? 0));
  return [...laidOut.jobs.values()]
    .flatMap((row) => stepsOf(deps, laidOut, row))
    .sort(
      (a, b) => (a.date ?? '').localeCompare(b.date ?? '') || placeIn(a) - placeIn(b) || (a.hour ?? 0) - (b.hour ?? 0),
    );
}

/**
 * What stands elsewhere than it did: because of what changed since the plan was last remembered, and what was moved
 * today by then. What merely followed, or is overdue and so stands on today, is no news.
 */
function movedToday({ db, tables }: Deps, { today, jobs, plan, cases }: LaidOut): TodayView['moved'] {
  const told = new Map<string, { job: string; step: string; from: string; to: string; why: string }>();
  for (const { job_id, step, date, moved_on, moved_from, moved_because } of anyPositions(db)) {
    const why = moved_because === null ? undefined : keptHindranceSays(moved_because);
    if (moved_on === today && moved_from !== null && why !== undefined)
      told.set(`${job_id} ${step}`, { job: job_id, step, from: moved_from, to: date, why });
  }
  for (const { job, step, from, to, because } of plan.moved)
    if (because !== undefined && from >= today)
      told.set(`${job} ${step}`, { job, step, from, to, why: hindranceSays(because) });
  return [...told.values()].flatMap(({ job, step, from, to, why }) => {
    const row = jobs.get(job);
    const does = plan.steps.find((item) => item.job === job && item.step.id === step)?.step.does;
    if (!row || does === undefined) return [];
    return [{ does, caseName: cases.get(row.case_id ?? '')?.name ?? jobName(tables, row), from, to, why }];
  });
}

export function todayViewOf(deps: Deps): TodayView {
  const { db, tables } = deps;
  const laidOut = layOut(deps);
  const { today, hourNow, garden } = laidOut;
  const steps = stepsInOrder(deps, laidOut);
  const at = placeOf(garden);
  const due = steps.filter(({ state, date }) => state === 'planned' && date === today);
  const overdue = overdueJobs(due, today);
  const folded = new Set(overdue.map(({ jobId }) => jobId));
  return {
    today,
    hourNow,
    gardenName: garden.name,
    due: due.filter(({ jobId }) => !folded.has(jobId)),
    away: awaySoon(deps, laidOut),
    bring: bringOf(
      deps,
      laidOut,
      due.filter(({ jobId }) => !folded.has(jobId)),
    ),
    overdue,
    coming: steps.filter(
      ({ state, date }) =>
        state === 'planned' && date !== null && date > today && daysBetween(today, date) <= daysShown,
    ),
    doneToday: [...steps, ...anyJobsDoneOn(db, today).flatMap((row) => stepsOf(deps, laidOut, row))].filter(
      ({ state, date }) => state === 'done' && date === today,
    ),
    stuck: steps.filter(({ stuck }) => stuck === 'no-day'),
    lateLooks: anyLateLooks(db, addDays(today, -14), addDays(today, daysShown)).map(
      ({ id, name, pattern, late_look_on }) => ({ caseId: id, caseName: name, pattern, on: late_look_on ?? today }),
    ),
    marked: anyMarkedInClosed(db, addDays(today, daysShown)).flatMap((row) => {
      const { id, case_id, remedy, case_name, pattern, chosen_on } = row;
      const remedyName = keptWords(tables, 'remedies', remedy ?? '');
      return [{ jobId: id, caseId: case_id, caseName: case_name, pattern, remedyName, on: chosen_on }];
    }),
    moved: movedToday(deps, laidOut),
    sky: skyOver(db, garden, today, daysShown, today).map(({ date, hours }) => {
      const { rise, set } = sunHours(date, at);
      return { date, rise, set, hours: [...hours] };
    }),
    openCases: anyOpenCases(db).length,
    likely: likelyAgain(happenedAround(db, today), today).flatMap((one) => {
      const bed = maybeOneBed(db, one.bed);
      return bed ? [{ bedId: bed.id, says: likelyWords(one, bed.name, keptWords(tables, 'causes', one.cause)) }] : [];
    }),
    brews: brewsToday(deps, today),
  };
}
