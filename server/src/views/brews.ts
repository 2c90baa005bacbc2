import { drawnMl, nextBrewOn, type Drawing } from '@trowel/core/jobs';
import { batchState, type BatchChore, type BatchState } from '@trowel/core/mix';
import type { Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import { anyBatchEvents, type BatchRow } from '../store/bench';
import { anyOpenJobs } from '../store/jobs';
import { anyBrews, batchOf, brewOf, jobRemedy, mixOf, roundOf } from './job';

/** A brew as it stands, with what it wants, by what jobs under way will draw from it. */
export function brewStands(db: Db, tables: Tables, row: BatchRow, today: string): BatchState {
  const state = batchState(batchOf(row, anyBatchEvents(db, row.id)), today);
  if (state.stage === 'gone') return state;
  const jobs = drawings(db, tables, row.id, today);
  const byJobs = jobs.length === 0 ? undefined : nextBrewOn(batchOf(row, anyBatchEvents(db, row.id)), jobs, today);
  // By its jobs where it has some, else at the pace it was used so far.
  const { startNextBy: byPace, ...rest } = state;
  const on = jobs.length === 0 ? byPace : byJobs;
  const isFollowed = anyBrews(db).some(
    ({ id, batch }) =>
      id !== row.id &&
      batch.kind === row.kind &&
      batch.startedOn >= row.started_on &&
      ['working', 'ready'].includes(batchState(batch, today).stage),
  );
  if (on === undefined || isFollowed) return rest;
  const next: BatchChore[] = jobs.length > 0 && on <= today ? [{ kind: 'begin-next', due: true }] : [];
  return { ...rest, chores: [...rest.chores, ...next], startNextBy: on };
}

/** What jobs that come again will draw from a brew. */
function drawings(db: Db, tables: Tables, batchId: string, today: string): Drawing[] {
  return anyOpenJobs(db).flatMap((row): Drawing[] => {
    if (row.batch_id === null || row.every_days === null || brewOf(db, row, today)?.id !== batchId) return [];
    const remedy = jobRemedy(tables, row);
    const card = remedy && mixOf(db, tables, row, remedy, today);
    if (!remedy || card?.kind !== 'mix') return [];
    const { begins, isOver } = roundOf(db, tables, row, remedy);
    if (isOver) return [];
    return [
      {
        takesMl: drawnMl(remedy, card.parts),
        everyDays: row.every_days,
        nextOn: begins > today ? begins : today,
        until: row.until_on,
      },
    ];
  });
}
