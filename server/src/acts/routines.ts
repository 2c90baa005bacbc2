import { randomUUID } from 'node:crypto';
import { inputError, type ParsedOf } from '@trowel/core/contract';
import { daysOfParts, endsUsually, feedByLabel, isDrawnFrom, partsOf, type PartDays } from '@trowel/core/jobs';
import { batchState } from '@trowel/core/mix';
import { addDays } from '@trowel/core/quantities';
import type { BatchKind, RoutinePart, RoutineRow } from '@trowel/core/tables';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import * as jobs from '../store/jobs';
import * as routines from '../store/routines';
import { anyBrews, jobRemedy } from '../views/job';
import { act, type ActContext } from './command';
import { beginPart, endJobs, placeRows, tickPart } from './jobs';

/** @throws Problem where there is none */
function theRoutine(db: Db, id: string): routines.RoutineStored {
  const row = routines.maybeOneRoutine(db, id);
  if (!row) throw notFound('routine', id);
  return row;
}

/** Plans a routine: each of its parts as a job, on its days; all of them or, where one must not be, none. */
export const planRoutine = act('planRoutine', (context, input) => {
  const { db, tables, today } = context;
  const { routine, way, begins, places, leaveOut, thereMl } = input;
  const row = tables.routines.find(({ id }) => id === routine);
  if (!row)
    throw inputError('routine', 'unknown-of', {
      given: routine,
      known: tables.routines.map(({ id }) => id).join(', '),
    });
  if (way !== undefined && !row.ways?.of.some(({ id }) => id === way))
    throw inputError('way', 'unknown-of', { given: way, known: row.ways?.of.map(({ id }) => id).join(', ') ?? '' });
  const ends = input.ends ?? endsUsually(row, begins);
  if (ends !== null && ends < begins) throw inputError('ends', 'ends-before', { day: begins });
  if (ends !== null && ends < today) throw inputError('ends', 'day-past', { day: ends });
  if (places.length === 0 && !row.isAnywhere) throw inputError('places', 'no-place');
  const parts = partsOf(row, way ?? null);
  for (const [at, id] of leaveOut.entries())
    if (!parts.some((part) => part.id === id && part.isOptional))
      throw inputError(`leaveOut[${at}]`, 'unknown-of', {
        given: id,
        known: parts.flatMap((part) => (part.isOptional ? [part.id] : [])).join(', '),
      });
  const rows = placeRows(context, places);
  const groupOf = groupsOf(row, places);
  const placesOf = (part: RoutinePart) =>
    rows.filter((_, at) => part.group === undefined || groupOf[at] === part.group);
  const standing = standingFor(context, parts);
  const feed = input.label && feedByLabel(tables, row, input.label);
  const id = randomUUID();
  routines.addRoutine(db, {
    id,
    kind: row.id,
    way: way ?? null,
    begun_on: today,
    begins_on: begins,
    ends_on: ends,
  });
  const skipped = parts.flatMap((part) => (standing.some(({ kind }) => kind === part.begins) ? [part.id] : []));
  const planned = daysOfParts(parts, { begins, ends }, today)
    .filter(({ part }) => !leaveOut.includes(part.id))
    .filter(({ part }) => row.isAnywhere || placesOf(part).length > 0)
    .flatMap((days) => withoutBrew(days, standing, begins, skipped));
  for (const { part, from, until } of planned)
    beginPart(context, id, row, part, {
      places: placesOf(part),
      from,
      until: until !== null && until < today ? today : until,
      ...(row.label?.part === part.id && feed ? { strength: feed.mlPerLitre / 10 } : {}),
      ...(thereMl !== undefined && part.steps?.some(({ layer }) => layer) ? { volumeMl: thereMl } : {}),
    });
  drawFrom(context, id, standing);
  return { caseId: null, result: { id } };
});

/** What is done at each place. @throws InputError naming the one of which nobody says */
function groupsOf({ groups }: RoutineRow, places: ParsedOf<'planRoutine'>['places']): (string | undefined)[] {
  return places.map(({ group }, at) => {
    if (groups === undefined) return undefined;
    if (group === undefined || !groups.some(({ id }) => id === group))
      throw inputError(`places[${at}].group`, 'unknown-of', {
        given: group ?? '',
        known: groups.map(({ id }) => id).join(', '),
      });
    return group;
  });
}

interface Standing {
  readonly kind: BatchKind;
  readonly batchId: string;
  readonly readyOn: string;
}

/** Brews that stand already and that a routine would have begun. */
function standingFor({ db, today }: ActContext, parts: readonly RoutinePart[]): Standing[] {
  return parts.flatMap(({ begins, everyDays }) => {
    if (begins === undefined || everyDays !== undefined) return [];
    const brew = anyBrews(db).find(
      ({ batch }) => batch.kind === begins && ['working', 'ready'].includes(batchState(batch, today).stage),
    );
    return brew ? [{ kind: begins, batchId: brew.id, readyOn: batchState(brew.batch, today).readyOn }] : [];
  });
}

/** A brew that stands is not begun again; what waits for it begins when it is ready. */
function withoutBrew(
  days: PartDays,
  standing: readonly Standing[],
  begins: string,
  skipped: readonly string[],
): PartDays[] {
  const { part } = days;
  if (standing.some(({ kind }) => kind === part.begins)) return [];
  // A routine begins one brew: what follows it follows the one that stands.
  const [brew] = standing;
  if (!brew || !skipped.includes(part.starts.after ?? '')) return [days];
  // What is only done to the new one falls away with it.
  return part.remedy === undefined ? [] : [{ ...days, from: brew.readyOn > begins ? brew.readyOn : begins }];
}

/** Lets the parts that can be drawn from a brew draw from it. What ages into its strength is thinned by its age. */
function drawFrom(
  context: ActContext,
  routineId: string,
  standing: readonly Pick<Standing, 'batchId' | 'kind'>[],
): void {
  const { db, tables, today } = context;
  for (const { batchId, kind } of standing) {
    const brew = anyBrews(db).find(({ id }) => id === batchId);
    for (const row of jobs.anyJobsOfRoutine(db, routineId)) {
      const remedy = row.remedy === null ? undefined : jobRemedy(tables, row);
      if (!brew || !remedy || row.ended_on !== null || !isDrawnFrom(remedy, brew.batch)) continue;
      jobs.addSetting(db, row.id, today, {
        ...row,
        batch_id: batchId,
        strength: kind === 'shell-extract' ? row.strength : null,
      });
    }
  }
}

/** A brew was begun: the step of a routine that waited for it is done, and its parts are drawn from it. */
export function brewBegun(context: ActContext, batchId: string, kind: BatchKind): void {
  const { db, tables, today } = context;
  for (const row of jobs.anyOpenJobs(db)) {
    const routine = tables.routines.find(({ id }) => id === row.routine);
    const part = routine && partsOf(routine, row.way).find(({ id }) => id === row.part);
    if (part?.begins !== kind || row.routine_id === null || row.chosen_on > addDays(today, brewAheadDays)) continue;
    const [step] = part.steps ?? [];
    if (step) tickPart(context, row, step);
    drawFrom(context, row.routine_id, [{ batchId, kind }]);
  }
}
/** A brew begun so many days before a routine wanted it is the one that it wanted. */
const brewAheadDays = 7;

/** Ends a routine with all that is to come of it. */
export const endRoutine = act('endRoutine', (context, _input, id) => {
  const row = theRoutine(context.db, id);
  // What has ended does not rest.
  if (row.paused_on !== null) routines.takeUpRoutine(context.db, id, context.today);
  return { caseId: null, result: { jobs: endJobs(context, jobs.anyJobsOfRoutine(context.db, id), 'stopped') } };
});

/** It rests: nothing of it stands on the plan until it is taken up again. */
export const pauseRoutine = act('pauseRoutine', ({ db, today }, _input, id) => {
  const row = theRoutine(db, id);
  if (row.paused_on !== null) throw conflict('rests-already');
  routines.pauseRoutine(db, row.id, today);
  return { caseId: null, result: {} };
});

/** It goes on: after a rest its rounds begin today at the earliest; what was ended with it is taken up again. */
export const resumeRoutine = act('resumeRoutine', ({ db, today }, _input, id) => {
  const row = theRoutine(db, id);
  const ended = jobs.anyJobsOfRoutine(db, id).filter(({ ended_because }) => ended_because === 'stopped');
  if (row.paused_on === null && ended.length === 0) throw conflict('goes-on-already');
  routines.takeUpRoutine(db, row.id, today);
  if (row.paused_on === null) for (const job of ended) jobs.goOn(db, job.id);
  return { caseId: null, result: {} };
});

export const acts = { planRoutine, endRoutine, pauseRoutine, resumeRoutine };
