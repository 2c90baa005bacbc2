import { randomUUID } from 'node:crypto';
import { inputError, type ParsedOf, type RecipeDocument } from '@trowel/core/contract';
import {
  asksFor,
  brewFor,
  isDrawnFrom,
  openSteps,
  ownRow,
  partName,
  partNamed,
  partRow,
  partsAfter,
  partsFor,
  partsOf,
  roundsOf,
  workDone,
  serves,
  sharesOf,
  stepCountedFor,
  strangeCode,
  strangeCount,
  unitsOf,
  type Count,
} from '@trowel/core/jobs';
import { batchState } from '@trowel/core/mix';
import { onlyWaits } from '@trowel/core/judge';
import { addDays, daysBetween, inWords, mL } from '@trowel/core/quantities';
import {
  countUnits,
  stepResults,
  type RemedyRow,
  type RoutinePart,
  type RoutineRow,
  type StepSpec,
} from '@trowel/core/tables';
import { cautionLine } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import * as bench from '../store/bench';
import * as cases from '../store/cases';
import * as counts from '../store/counts';
import * as garden from '../store/garden';
import * as jobs from '../store/jobs';
import { anyBrews, brewOf, jobRemedy, maybeBrew, mixOf, placesOn, roundOf, sizesOf, strengthOf } from '../views/job';
import { hourOn } from '../views/calendar';
import { jobName } from '../views/jobs';
import { layOut } from '../views/plan';
import { readingOf } from '../views/reading';
import { applyCautions, maybeRemedy, refuseUnread, unread } from '../views/step-safety';
import { act, type ActContext } from './command';
import { giveBack, makeMix } from './mixing';
import { tagPatterns } from './tags';

/** A case, and not a closed one. @throws Problem */
export function theOpenCase(db: Db, id: string): cases.CaseRow {
  const row = cases.maybeOneCase(db, id);
  if (!row) throw notFound('case', id);
  if (row.status === 'closed') throw conflict('case-closed', { name: row.name });
  return row;
}

/** A job, and none of a closed case. @throws Problem */
export function theJob(db: Db, id: string): jobs.JobRow {
  const row = jobs.maybeOneJob(db, id);
  if (!row) throw notFound('job', id);
  if (row.case_id !== null) theOpenCase(db, row.case_id);
  return row;
}

type Setting = Pick<
  ParsedOf<'planJob'>,
  'strength' | 'volumeMl' | 'water' | 'vesselId' | 'batchId' | 'everyDays' | 'until'
>;

/** A setting as it is stored, over the one before it. @throws InputError naming what is not there */
function settingRow(
  { db, today }: ActContext,
  remedy: RemedyRow | undefined,
  given: Setting,
  before?: jobs.SettingRow,
): jobs.SettingRow {
  const { strength, volumeMl, water, vesselId, batchId, everyDays, until } = given;
  if (vesselId && !bench.maybeOneVessel(db, vesselId)) throw inputError('vesselId', 'no-such', { given: vesselId });
  const brew = batchId ? maybeBrew(db, batchId) : undefined;
  if (batchId && !brew) throw inputError('batchId', 'no-such', { given: batchId });
  if (brew && remedy && !isDrawnFrom(remedy, brew.batch))
    throw inputError('batchId', 'not-drawn-from', { brew: brew.name, remedy: remedy.name });
  if (until && until < today) throw inputError('until', 'day-past', { day: until });
  const over = <Value>(next: Value | null | undefined, now: Value | null | undefined): Value | null =>
    next === undefined ? (now ?? null) : next;
  return {
    strength: over(strength, before?.strength),
    volume_ml: over(volumeMl, before?.volume_ml),
    water: over(water, before?.water),
    vessel_id: over(vesselId, before?.vessel_id),
    batch_id: over(batchId, before?.batch_id),
    every_days: over(everyDays, before?.every_days),
    until_on: over(until, before?.until_on),
  };
}

/** What a job must not be: stopped by the judge where it is to be done, or stronger than its recipe goes. */
function mustBeAllowed({ db, tables }: ActContext, row: jobs.JobRow, remedy: RemedyRow, on: string): void {
  const stops = applyCautions(db, tables, row, on).filter((found) => found.level === 'stop' && !onlyWaits(found));
  if (stops.some((found) => 'code' in found && found.code === 'beyond-cap'))
    throw inputError('strength', 'beyond-limit', { why: remedy.limits[0] ?? '' });
  if (stops.length > 0) throw refuseUnread(tables, stops.slice(0, 1), garden.oneGarden(db).measures);
}

interface Beginning {
  readonly caseId: string | null;
  readonly remedy: RemedyRow | undefined;
  readonly wish: string | null;
  /** A recipe of the gardener's own, which `remedy` stands for. */
  readonly recipe?: RecipeDocument | undefined;
  readonly places: readonly jobs.JobPlace[];
  readonly from: string | undefined;
  readonly setting: Setting;
  /** The routine that it is a part of. */
  readonly routine?: { readonly id: string; readonly part: string } | undefined;
}

/** Begins a job. A brew that is ready is drawn from without being asked for. @returns its id */
export function begin(
  context: ActContext,
  { caseId, remedy, wish, recipe, places, from, setting, routine }: Beginning,
): string {
  const { db, today } = context;
  const id = randomUUID();
  const on = from !== undefined && from > today ? from : today;
  // What is for a month to come is drawn from what stands ready then.
  const brew =
    setting.batchId === undefined && remedy && on === today ? brewFor(remedy, anyBrews(db), today) : undefined;
  jobs.addJob(
    db,
    {
      id,
      case_id: caseId,
      remedy: recipe || wish !== null ? null : (remedy?.id ?? null),
      wish,
      recipe: recipe ?? null,
      pattern: jobs.countJobs(db) % tagPatterns,
      chosen_on: on,
      routine_id: routine?.id ?? null,
      part: routine?.part ?? null,
    },
    places,
    settingRow(context, remedy, brew ? { ...setting, batchId: brew.id } : setting),
  );
  settle(context, id, remedy);
  // A rule that would stop it at the bed stops it here already: the plant, what this bed had, how near the harvest is.
  if (remedy && wish === null) mustBeAllowed(context, jobs.oneJob(db, id), remedy, on);
  return id;
}

/** What is drawn from no brew is mixed at one strength from now on: the one that these plants bear. */
function settle({ db, tables, today }: ActContext, id: string, remedy: RemedyRow | undefined): void {
  const row = jobs.oneJob(db, id);
  if (!remedy?.recipe || row.strength !== null || row.batch_id !== null) return;
  const strength = strengthOf(db, tables, row, remedy, today);
  if (strength !== undefined) jobs.addSetting(db, id, row.chosen_on, { ...row, strength });
}

export const chooseRemedy = act('chooseRemedy', (context, input, caseId) => {
  const { remedy, recipeId, from, commandId: _, ...setting } = input;
  const { db, today } = context;
  const row = theOpenCase(db, caseId);
  if ((remedy === undefined) === (recipeId === undefined)) throw inputError('remedy', 'remedy-or-wish');
  const { remedyRow, recipe } = whatIs(context, remedy, recipeId);
  const isSame = (other: jobs.JobRow) => (recipe ? other.recipe?.name === recipe.name : other.remedy === remedy);
  if (jobs.anyJobs(db, row.id).some((other) => isSame(other) && other.ended_on === null))
    throw conflict('under-way', { remedy: remedyRow?.name ?? '' });
  const id = begin(context, {
    caseId: row.id,
    remedy: remedyRow,
    wish: null,
    recipe,
    places: [{ bed_id: row.bed_id, planting_id: row.planting_id }],
    from,
    setting,
  });
  // What was counted in reading lately is the count before.
  const newest = counts.anyCountsOfCase(db, row.id).pop();
  if (newest && daysBetween(newest.on, today) <= countKeepsDays) tickFor(context, jobs.oneJob(db, id), newest);
  return { caseId: row.id, result: { id } };
});

/** The remedy that is named, or the recipe of one's own with what stands for it. @throws InputError naming the field */
function whatIs(
  { db, tables }: ActContext,
  remedy: string | undefined,
  recipeId: string | undefined,
): { remedyRow: RemedyRow | undefined; recipe: RecipeDocument | undefined } {
  if (recipeId !== undefined) {
    const kept = bench.maybeOneRecipe(db, recipeId);
    if (!kept) throw inputError('recipeId', 'no-such', { given: recipeId });
    return { remedyRow: ownRow(tables, kept.document), recipe: kept.document };
  }
  const remedyRow = remedy === undefined ? undefined : maybeRemedy(tables, remedy);
  if (remedy !== undefined && !remedyRow) throw inputError('remedy', 'unknown-remedy', { given: remedy });
  return { remedyRow, recipe: undefined };
}

/** A count made so many days before a remedy is chosen still is the count before. */
const countKeepsDays = 3;

/** The places that are named, each there. @throws InputError naming the one that is not */
export const placeRows = (
  { db }: ActContext,
  places: readonly {
    readonly bedId: string;
    readonly plantingId?: string | undefined;
    readonly isWorst?: boolean | undefined;
  }[],
): jobs.JobPlace[] =>
  places.map(({ bedId, plantingId, isWorst = false }, at) => {
    const bed = garden.maybeOneBed(db, bedId);
    if (!bed) throw inputError(`places[${at}].bedId`, 'no-such-bed', { given: bedId });
    const planting = plantingId === undefined ? undefined : garden.maybeOnePlanting(db, plantingId);
    if (plantingId !== undefined && planting?.bed_id !== bedId)
      throw inputError(`places[${at}].plantingId`, 'not-in-bed', { given: plantingId, bed: bed.name });
    return { bed_id: bedId, planting_id: plantingId ?? null, is_worst: isWorst };
  });

export const planJob = act('planJob', (context, input) => {
  const { remedy, wish, recipeId, places, from, commandId: _, ...setting } = input;
  if ([remedy, wish, recipeId].filter((one) => one !== undefined).length !== 1)
    throw inputError('remedy', 'remedy-or-wish');
  const { remedyRow, recipe } = whatIs(context, remedy, recipeId);
  if (remedyRow && places.length === 0) throw inputError('places', 'no-place');
  const rows = placeRows(context, places);
  const id = begin(context, {
    caseId: null,
    remedy: remedyRow,
    wish: wish ?? null,
    recipe,
    places: rows,
    from,
    setting,
  });
  return { caseId: null, result: { id } };
});

export const changeJob = act('changeJob', (context, { commandId: _, places, ...given }, id) => {
  const row = theJob(context.db, id);
  // A case is of one place; what is of none goes where the gardener says from now on.
  if (places) {
    if (row.case_id !== null) throw inputError('places', 'place-of-case');
    if (row.wish === null && places.length === 0) throw inputError('places', 'no-place');
    jobs.setPlaces(context.db, id, placeRows(context, places));
  }
  setJob(context, row, given);
  return { caseId: row.case_id, result: {} };
});

/** What is still to come of a job is done like this from now on; what was done stays. */
export function setJob(context: ActContext, row: jobs.JobRow, given: Setting): void {
  const { db, tables, today } = context;
  if (row.ended_on !== null) throw conflict('job-ended', { name: jobName(tables, row) });
  const remedy = jobRemedy(tables, row);
  jobs.addSetting(db, row.id, today, settingRow(context, remedy, given, row));
  if (remedy && row.wish === null) mustBeAllowed(context, jobs.oneJob(db, row.id), remedy, today);
}

/** Ends jobs, and tells what is taken off the plan with them. */
export function endJobs(
  { db, tables, today }: ActContext,
  rows: readonly jobs.JobRow[],
  because: NonNullable<jobs.JobRow['ended_because']>,
) {
  return rows
    .filter(({ ended_on }) => ended_on === null)
    .map((row) => {
      const remedy = jobRemedy(tables, row);
      const steps = remedy ? openSteps(remedy, roundOf(db, tables, row, remedy).progress).length : 0;
      jobs.endJob(db, row.id, today, because);
      return { jobId: row.id, name: jobName(tables, row), steps };
    });
}

export const endJob = act('endJob', (context, _input, jobId) => {
  const { db } = context;
  const row = jobs.maybeOneJob(db, jobId);
  if (!row) throw notFound('job', jobId);
  // What was marked in a case that is closed by now can be dropped without opening the case again.
  return { caseId: row.case_id, result: { jobs: endJobs(context, [row], 'stopped') } };
});

/** A job that was stopped by mistake goes on where it stood. */
export const resumeJob = act('resumeJob', ({ db, tables }, _input, jobId) => {
  const row = theJob(db, jobId);
  if (row.ended_on === null) throw conflict('job-open', { name: jobName(tables, row) });
  jobs.goOn(db, row.id);
  return { caseId: row.case_id, result: {} };
});

/** Leaves out the steps that should have been done by now, so that the job goes on with the next. */
export const moveOn = act('moveOn', (context, _input, jobId) => {
  const { db, tables, clock } = context;
  const row = theJob(db, jobId);
  const { plan } = layOut({ db, tables, clock });
  const remedy = jobRemedy(tables, row);
  const overdue = plan.steps.filter(({ job, overdueSince }) => job === row.id && overdueSince !== undefined);
  if (!remedy || overdue.length === 0) throw conflict('nothing-overdue', { name: jobName(tables, row) });
  const { round } = roundOf(db, tables, row, remedy);
  for (const { step } of overdue) note(context, { job_id: row.id, step: step.id, round, outcome: 'skipped' });
  finishIfDone(context, row.id);
  return { caseId: row.case_id, result: { skipped: overdue.map(({ step }) => step.id) } };
});

type Noted = Parameters<typeof jobs.addStepEvent>[1];

/** Writes down what happened to a step, now. @returns the id of the event */
export const note = (
  { db, today, clock }: ActContext,
  event: Pick<Noted, 'job_id' | 'step' | 'round' | 'outcome'> & Partial<Noted>,
): number =>
  jobs.addStepEvent(db, { result: null, count_id: null, ...event, on_date: today, at: clock().toISOString() });

/** A job of no case whose last step is done has come to its end; one that is taken back goes on. */
function finishIfDone({ db, tables, today }: ActContext, id: string): void {
  const row = jobs.oneJob(db, id);
  const remedy = jobRemedy(tables, row);
  if (!remedy || row.case_id !== null) return;
  const { isOver } = roundOf(db, tables, row, remedy);
  if (isOver && row.ended_on === null) jobs.endJob(db, id, today, 'done');
  if (!isOver && row.ended_because === 'done') jobs.goOn(db, id);
}

/**
 * What follows a step of a routine: parts that come so many days after it was first done get their day, and those that
 * what was found calls for begin.
 */
function followOn(context: ActContext, row: jobs.JobRow, spec: StepSpec, result: string | null): void {
  const { db, tables, today } = context;
  const ofRoutine = partNamed(tables, row);
  if (!ofRoutine || row.routine_id === null) return;
  const parts = partsOf(ofRoutine.row, row.way);
  const others = jobs.anyJobsOfRoutine(db, row.routine_id);
  const isFirst = workDone({ steps: [spec] }, jobs.anyStepsOf(db, row.id)).length === 1;
  if (isFirst)
    for (const part of partsAfter(parts, ofRoutine.part.id))
      for (const other of others)
        if (other.part === part.id && jobs.anyStepsOf(db, other.id).length === 0)
          moveBeginning(context, other, part, addDays(today, part.starts.days));
  if (result === null) return;
  for (const part of partsFor(parts, ofRoutine.part.id, result)) {
    if (others.some((other) => other.part === part.id && other.ended_on === null)) continue;
    beginPart(context, row.routine_id, ofRoutine.row, part, {
      places: jobs.anyPlaces(db, row.id),
      from: addDays(today, part.starts.days),
      until: null,
    });
  }
}

/** A part begins on another day than planned, and what goes on for so many days goes on that long from there. */
function moveBeginning({ db, today }: ActContext, row: jobs.JobRow, part: RoutinePart, from: string): void {
  jobs.setChosenOn(db, row.id, from);
  const { until } = roundsOf(part, from, row.until_on);
  if (part.forDays !== undefined) jobs.addSetting(db, row.id, today, { ...row, until_on: until });
}

/** Ticks a step of a routine that was done elsewhere, with what follows it. */
export function tickPart(context: ActContext, row: jobs.JobRow, spec: StepSpec): void {
  const remedy = jobRemedy(context.tables, row);
  if (!remedy) return;
  const { round } = roundOf(context.db, context.tables, row, remedy);
  note(context, { job_id: row.id, step: spec.id, round, outcome: 'done' });
  followOn(context, row, spec, null);
  finishIfDone(context, row.id);
}

/** A tick taken back takes back what it called for, as long as nothing of that was done. */
function takeFollowingBack({ db, tables, today }: ActContext, row: jobs.JobRow, { result }: jobs.StepRow): void {
  const ofRoutine = partNamed(tables, row);
  if (!ofRoutine || row.routine_id === null || result === null) return;
  const called = partsFor(partsOf(ofRoutine.row, row.way), ofRoutine.part.id, result).map(({ id }) => id);
  for (const other of jobs.anyJobsOfRoutine(db, row.routine_id))
    if (other.part !== null && called.includes(other.part) && jobs.anyStepsOf(db, other.id).length === 0)
      jobs.endJob(db, other.id, today, 'stopped');
}

/** Begins a part of a routine. @returns the id of its job; undefined where the knowledge no longer has what it puts on */
export function beginPart(
  context: ActContext,
  routineId: string,
  routine: RoutineRow,
  part: RoutinePart,
  {
    places,
    from,
    until,
    strength,
    volumeMl,
  }: {
    readonly places: readonly jobs.JobPlace[];
    readonly from: string;
    readonly until: string | null;
    readonly strength?: number | undefined;
    readonly volumeMl?: number | undefined;
  },
): string | undefined {
  const remedy = partRow(context.tables, routine, part);
  if (!remedy) return undefined;
  const value = strength ?? remedy.recipe?.strengths.find(({ id }) => id === part.strength)?.value;
  return begin(context, {
    caseId: null,
    remedy,
    wish: part.remedy === undefined ? partName(routine, part) : null,
    places,
    from,
    setting: {
      everyDays: part.everyDays ?? null,
      until,
      ...(value === undefined ? {} : { strength: value }),
      ...(volumeMl === undefined ? {} : { volumeMl }),
    },
    routine: { id: routineId, part: part.id },
  });
}

/** By the gardener's own hand, to a day on which it may be done; what follows it goes with it. */
export const moveStep = act('moveStep', (context, { jobId, step, on, hour }) => {
  const { db, tables } = context;
  const row = theJob(db, jobId);
  const remedy = jobRemedy(tables, row);
  if (!remedy) throw conflict('no-longer-known', { given: row.remedy ?? '' });
  const at = hourOn(layOut(context), jobId, step, on, hour);
  jobs.pinPosition(db, { job_id: jobId, step, round: roundOf(db, tables, row, remedy).round, date: on, hour: at });
  return { caseId: row.case_id, result: {} };
});

export const recordStep = act('recordStep', (context, { jobId, step, outcome, result, reason, acknowledged }) => {
  const { db, tables, today } = context;
  const row = theJob(db, jobId);
  const remedy = jobRemedy(tables, row);
  if (!remedy) throw conflict('no-longer-known', { given: row.remedy ?? '' });
  const spec = remedy.steps.find(({ id }) => id === step);
  if (!spec) throw inputError('step', 'no-such-step', { given: step, remedy: remedy.name });
  if (outcome === 'undone') return undo(context, row, step);
  const { round, events } = roundOf(db, tables, row, remedy);
  if (events.some((event) => event.step === step)) throw conflict('ticked-already');
  const answer =
    outcome === 'done'
      ? answerOf(context, row, remedy, spec, result)
      : { ...nothingFound, result: outcome === 'skipped' ? (reason ?? null) : null };
  if (outcome === 'done' && spec.applies) {
    const { hourNow } = gardenTime(context.clock(), garden.oneGarden(db).time_zone);
    const left = unread(applyCautions(db, tables, row, today, hourNow), acknowledged);
    if (left.length > 0) throw refuseUnread(tables, left, garden.oneGarden(db).measures);
  }
  const eventId = note(context, { job_id: row.id, step, round, outcome, ...answer });
  const put = outcome === 'done' && spec.applies ? putOn(context, row, remedy, eventId) : undefined;
  if (outcome === 'done') followOn(context, row, spec, answer.result);
  finishIfDone(context, row.id);
  return { caseId: row.case_id, result: put ? { put } : {} };
});

const nothingFound = { result: null, count_id: null };

/** What a step found: nothing where it asks for nothing, else what was answered, or the count that was made today. */
function answerOf(
  { db, tables, today }: ActContext,
  row: jobs.JobRow,
  remedy: RemedyRow,
  spec: StepSpec,
  result: string | undefined,
): { result: string | null; count_id: string | null } {
  const asks = asksFor(remedy, spec);
  if (asks === undefined) return nothingFound;
  const known: readonly string[] = stepResults[asks];
  if (result !== undefined && result !== 'counted') {
    if (!known.includes(result)) throw inputError('result', 'one-of', { known: known.join(', ') });
    return { result, count_id: null };
  }
  if (asks !== 'count') throw inputError('result', 'one-of', { known: known.join(', ') });
  const made = counts
    .anyCounts(db, { caseId: row.case_id, jobId: row.id })
    .filter((count) => count.isTreated && count.on === today && serves(tables, count, { id: row.id, remedy }))
    .pop();
  if (!made) throw inputError('result', 'count-first', { what: remedy.expect.what });
  return { result: 'counted', count_id: made.id };
}

/** Writes down what was put on, in each place its share; what was not noted as mixed is mixed with it. */
function putOn(context: ActContext, row: jobs.JobRow, remedy: RemedyRow, eventId: number) {
  const { db, tables, today } = context;
  const mix = remedy.recipe || row.recipe ? mixFor(context, row, remedy, eventId) : undefined;
  const places = sizesOf(db, placesOn(db, tables, row.id, remedy, today));
  const strength = mix?.strength ?? strengthOf(db, tables, row, remedy, today) ?? null;
  const shares = mix
    ? sharesOf(
        remedy,
        places.map(({ size }) => size),
        mix.volume_ml,
      )
    : [];
  for (const [at, { place }] of places.entries())
    jobs.addApplication(db, {
      event_id: eventId,
      job_id: row.id,
      bed_id: place.bed_id,
      planting_id: place.planting_id,
      remedy: remedy.id,
      on_date: today,
      strength,
      volume_ml: shares[at] ?? null,
      mix_id: mix?.id ?? null,
    });
  return {
    remedy: remedy.id,
    strength,
    volumeMl: mix?.volume_ml ?? null,
    brew: maybeBrew(db, mix?.batch_id ?? null)?.name ?? null,
  };
}

/** The mix that stands ready for a job; where none was noted, it was mixed as the job says, just now. */
function mixFor(
  { db, tables, today }: ActContext,
  row: jobs.JobRow,
  remedy: RemedyRow,
  eventId: number,
): jobs.MixRow | undefined {
  const waiting = jobs.maybeMixWaiting(db, row.id, addDays(today, -remedy.facts.keeps.days));
  if (waiting) return waiting;
  const card = mixOf(db, tables, row, remedy, today);
  if (card?.kind === 'refused')
    throw conflict('said', {
      says: card.because.map((found) => cautionLine(tables, found, garden.oneGarden(db).measures)).join(' '),
    });
  if (card?.kind !== 'mix') return undefined;
  const brew = brewOf(db, row, today);
  mustHold(db, brew?.id ?? null, today, remedy, card.parts);
  const id = makeMix(db, tables, {
    remedy,
    card,
    jobId: row.id,
    vessel: row.vessel_id === null ? undefined : bench.maybeOneVessel(db, row.vessel_id),
    batchId: brew?.id ?? null,
    eventId,
    today,
  });
  return jobs.maybeOneMix(db, id);
}

/** A brew cannot give more than stands in it, nor before it is ready. @throws Problem */
export function mustHold(
  db: Db,
  batchId: string | null,
  today: string,
  remedy: RemedyRow,
  parts: readonly { readonly ingredient: string; readonly ml: number }[],
): void {
  const brew = maybeBrew(db, batchId);
  if (!brew) return;
  const need = parts.find(({ ingredient }) => ingredient === remedy.recipe?.ingredient)?.ml ?? 0;
  const state = batchState(brew.batch, today);
  if (state.stage === 'working') throw conflict('not-ready', { name: brew.name, day: { day: state.readyOn } });
  if (state.stage === 'past') throw conflict('brew-past', { name: brew.name, day: { day: state.bestBefore } });
  if (need > state.leftMl + 0.5)
    throw conflict('brew-short', {
      name: brew.name,
      left: inWords(mL(Math.round(state.leftMl)), garden.oneGarden(db).measures),
    });
}

/** Takes a tick back; what was put on with it was not, and what was mixed with it stands where it was. */
function undo(context: ActContext, row: jobs.JobRow, step: string) {
  const { db } = context;
  const event = jobs
    .anyStepsOf(db, row.id)
    .filter((one) => one.step === step)
    .pop();
  if (!event) throw conflict('not-ticked');
  for (const { event_id, mix_id } of jobs.anyApplications(db, row.id)) {
    const mix = event_id === event.id && mix_id !== null ? jobs.maybeOneMix(db, mix_id) : undefined;
    // Noted by itself before, it is still mixed.
    if (mix && mix.taken_back === 0 && isMixedWith(event, mix)) giveBack(db, mix);
  }
  note(context, { job_id: row.id, step, round: event.round, outcome: 'undone' });
  takeFollowingBack(context, row, event);
  finishIfDone(context, row.id);
  return { caseId: row.case_id, result: {} };
}

/** Was it mixed by the tick itself, and not noted at the bench before? */
const isMixedWith = ({ id }: jobs.StepRow, { event_id }: jobs.MixRow): boolean => event_id === id;

export const addCount = act('addCount', (context, input) => {
  const { db, tables, today, clock, commandId } = context;
  const { caseId, jobId, step, sign, isTreated, counts: values, harmSeen } = input;
  const job = jobId === undefined ? undefined : theJob(db, jobId);
  if (job?.case_id && caseId !== undefined && job.case_id !== caseId) throw inputError('jobId', 'other-case');
  const owner = job ? job.case_id : (caseId ?? null);
  if (owner === null && !job) throw inputError('caseId', 'case-or-job');
  if (owner !== null) theOpenCase(db, owner);
  const remedy = job && jobRemedy(tables, job);
  const of = sign ?? remedy?.expect.sign;
  if (sign !== undefined && !tables.signs.some(({ id }) => id === sign))
    throw inputError('sign', 'unknown-sign', { given: sign });
  const units = remedy ? unitsOf(remedy.expect) : countUnits;
  const unit = input.unit ?? remedy?.expect.unit ?? 'number';
  if (!units.includes(unit)) throw inputError('unit', 'one-of', { known: units.join(', ') });
  const strange = strangeCount(values, unit);
  if (strange !== undefined) throw inputError('counts', strangeCode(unit), { given: strange });
  const count: Count = {
    id: counts.maybeOneCount(db, commandId) ? randomUUID() : commandId,
    on: today,
    at: clock().toISOString(),
    sign: of ?? null,
    // One count serves all jobs of its case; of no case, it is the job's alone.
    jobId: owner === null ? (job?.id ?? null) : null,
    unit,
    isTreated,
    counts: values,
    harmSeen,
  };
  const ticked = keepCount(context, count, owner, job && { job, step });
  readAnew(context, owner);
  return { caseId: owner, result: { id: count.id, ticked } };
});

/** A count, or how something was done, can speak against what a case was read as. */
export function readAnew({ db, tables, clock }: ActContext, caseId: string | null): void {
  const row = caseId === null ? undefined : cases.maybeOneCase(db, caseId);
  if (row) cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
}

/**
 * Keeps a count and ticks the steps that asked for it.
 * @param made the job it was made for, and the step on which it was made
 * @returns the steps, by id
 */
export function keepCount(
  context: ActContext,
  count: Count,
  caseId: string | null,
  made?: { readonly job: jobs.JobRow; readonly step: string | undefined },
): string[] {
  const { db } = context;
  counts.addCount(db, { ...count, caseId });
  const rows = caseId === null ? (made ? [made.job] : []) : jobs.anyJobs(db, caseId);
  return rows.flatMap((row) => tickFor(context, row, count, row.id === made?.job.id ? made.step : undefined));
}

/** Ticks the step of a job that a count answers: the one on which it was made, else the one that is due. */
function tickFor(context: ActContext, row: jobs.JobRow, count: Count, madeOn?: string): string[] {
  const { db, tables, today } = context;
  const remedy = jobRemedy(tables, row);
  if (!remedy || row.ended_on !== null || row.chosen_on > today || !count.isTreated) return [];
  if (!serves(tables, count, { id: row.id, remedy })) return [];
  const { round, progress } = roundOf(db, tables, row, remedy);
  const step =
    openSteps(remedy, progress).find((one) => one.id === madeOn && asksFor(remedy, one) === 'count') ??
    stepCountedFor(remedy, progress, today);
  if (!step) return [];
  note(context, { job_id: row.id, step: step.id, round, outcome: 'done', result: 'counted', count_id: count.id });
  return [step.id];
}

/** A count made by mistake: it counts no more, and the steps that it ticked are open again. */
export const takeBackCount = act('takeBackCount', (context, _input, id) => {
  const { db } = context;
  const count = counts.maybeOneCount(db, id);
  if (!count) throw notFound('count', id);
  if (count.isTakenBack) throw conflict('taken-back-already');
  if (count.caseId !== null) theOpenCase(db, count.caseId);
  counts.takeBackCount(db, id);
  for (const event of jobs.anyStepsOfCount(db, id))
    if (jobs.anyStepsOf(db, event.job_id).some((now) => now.id === event.id))
      note(context, { job_id: event.job_id, step: event.step, round: event.round, outcome: 'undone' });
  readAnew(context, count.caseId);
  return { caseId: count.caseId, result: {} };
});

export const acts = {
  chooseRemedy,
  planJob,
  changeJob,
  endJob,
  resumeJob,
  moveOn,
  moveStep,
  recordStep,
  addCount,
  takeBackCount,
};
