import type { RoutineView, OutputOf } from '@trowel/core/contract';
import { partNamed, partsOf, roundsOf } from '@trowel/core/jobs';
import { calledForWords, capital, keptWords, lowerFirst, partDaysWords } from '@trowel/core/wording';
import { maybeOneBed } from '../store/garden';
import { anyJobsOfRoutine, anyPlaces, anyStepsOf, type JobRow } from '../store/jobs';
import type { RoutineRow } from '@trowel/core/tables';
import { anyRoutines, maybeOneRoutine } from '../store/routines';
import { jobRemedy, roundOf } from './job';
import { stepsOf } from './jobs';
import { layOut, type Deps, type LaidOut } from './plan';
import { stockOf } from './stock';

/** Is nothing of a job to come? */
function isOver({ db, tables }: Deps, row: JobRow): boolean {
  const remedy = jobRemedy(tables, row);
  return row.ended_on !== null || !remedy || roundOf(db, tables, row, remedy).isOver;
}

/** Every routine, those under way first. */
export function routinesViewOf(deps: Deps): OutputOf<'routines'> {
  const { db, tables } = deps;
  const { today } = layOut(deps);
  return anyRoutines(db)
    .map((row) => {
      const jobs = anyJobsOfRoutine(db, row.id);
      const places = [...new Set(jobs.flatMap(({ id }) => anyPlaces(db, id).map(({ bed_id }) => bed_id)))];
      return {
        id: row.id,
        name: keptWords(tables, 'routines', row.kind),
        says: [
          ...places.flatMap((id) => maybeOneBed(db, id)?.name ?? []),
          partDaysWords({ from: row.begins_on, rounds: null }, undefined, today),
        ].join(' · '),
        isOver: jobs.every((job) => isOver(deps, job)),
        isPaused: row.paused_on !== null,
      };
    })
    .sort((a, b) => Number(a.isOver) - Number(b.isOver));
}

/** A routine with its parts, as they are planned and as far as they have come; undefined where there is none. */
export function routineViewOf(deps: Deps, id: string): RoutineView | undefined {
  const { db, tables } = deps;
  const stored = maybeOneRoutine(db, id);
  if (!stored) return undefined;
  const laidOut = layOut(deps);
  const row = tables.routines.find((one) => one.id === stored.kind);
  const jobs = anyJobsOfRoutine(db, id);
  const places = [...new Set(jobs.flatMap((job) => anyPlaces(db, job.id).map(({ bed_id }) => bed_id)))];
  return {
    id,
    routine: stored.kind,
    name: keptWords(tables, 'routines', stored.kind),
    honest: row?.honest ?? '',
    grade: row?.grade ?? null,
    way: row ? wayWords(row, stored.way) : null,
    begunOn: stored.begun_on,
    beginsOn: stored.begins_on,
    endsOn: stored.ends_on,
    pausedOn: stored.paused_on,
    isOver: jobs.every((job) => isOver(deps, job)),
    places: places.flatMap((bedId) => {
      const bed = maybeOneBed(db, bedId);
      return bed ? [{ bedId, bedName: bed.name }] : [];
    }),
    parts: [
      ...jobs.map((job) => partView(deps, laidOut, job)),
      // What waits for a finding has no job yet.
      ...(row ? partsOf(row, stored.way) : [])
        .filter((part) => part.starts.found && !jobs.some((job) => job.part === part.id))
        .map((part) => ({
          jobId: null,
          name: capital(part.name),
          state: 'waits' as const,
          says: calledForWords,
          done: 0,
          carry: null,
          next: null,
        })),
    ],
    stock: stockOf(deps, stored, laidOut.today),
  };
}

/** How it is done, where there is a choice: "Slugs here: many". */
function wayWords({ ways }: RoutineRow, chosen: string | null): string | null {
  const way = ways?.of.find(({ id }) => id === chosen);
  return ways && way ? `${ways.asks}: ${lowerFirst(way.name)}` : null;
}

function partView(deps: Deps, laidOut: LaidOut, job: JobRow): RoutineView['parts'][number] {
  const { db, tables } = deps;
  const part = partNamed(tables, job)?.part;
  const remedy = jobRemedy(tables, job);
  const steps = job.ended_on === null ? stepsOf(deps, laidOut, job) : [];
  const next = steps.find(({ state }) => state === 'planned' || state === 'unplaced') ?? null;
  const main = remedy?.steps.find(({ phase }) => phase === 'apply') ?? remedy?.steps[0];
  const done = anyStepsOf(db, job.id).filter(({ step, outcome }) => outcome === 'done' && step === main?.id).length;
  return {
    jobId: job.id,
    name: capital(part?.name ?? job.wish ?? keptWords(tables, 'remedies', job.remedy ?? '')),
    state:
      job.ended_because === 'stopped'
        ? 'stopped'
        : isOver(deps, job)
          ? 'done'
          : done === 0 && job.chosen_on > laidOut.today
            ? 'waits'
            : 'under-way',
    says: partDaysWords(
      {
        from: job.chosen_on,
        rounds: part ? roundsOf(part, job.chosen_on, job.until_on).rounds : null,
      },
      job.every_days ?? undefined,
      laidOut.today,
    ),
    done,
    carry: steps.find(({ carry }) => carry !== null)?.carry ?? null,
    next,
  };
}
