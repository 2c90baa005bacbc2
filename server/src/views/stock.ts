import { daysOfParts, drawnMl, partsOf, stockFor } from '@trowel/core/jobs';
import { batchGives } from '@trowel/core/tables';
import { stockWords } from '@trowel/core/wording';
import { oneGarden } from '../store/garden';
import { anyJobsOfRoutine } from '../store/jobs';
import type { RoutineStored } from '../store/routines';
import { jobRemedy, mixOf } from './job';
import type { Deps } from './plan';

/** What a routine needs made ahead for all its rounds together, in words; null where that is nothing, or cannot be told. */
export function stockOf(
  { db, tables }: Pick<Deps, 'db' | 'tables'>,
  { id, kind, way, begins_on, ends_on, begun_on }: RoutineStored,
  today: string,
): string | null {
  const row = tables.routines.find((one) => one.id === kind);
  const parts = row ? partsOf(row, way) : [];
  const begins = parts.find((part) => part.begins !== undefined && part.everyDays === undefined)?.begins;
  if (begins === undefined) return null;
  const planned = daysOfParts(parts, { begins: begins_on, ends: ends_on }, begun_on);
  const drawn = anyJobsOfRoutine(db, id).flatMap((job) => {
    const remedy = jobRemedy(tables, job);
    const rounds = planned.find(({ part }) => part.id === job.part)?.rounds ?? null;
    if (!remedy || rounds === null || remedy.recipe?.ingredient !== batchGives[begins]) return [];
    const card = mixOf(db, tables, job, remedy, today);
    return card?.kind === 'mix' ? [{ ml: drawnMl(remedy, card.parts) * rounds, rounds }] : [];
  });
  const ml = drawn.reduce((sum, one) => sum + one.ml, 0);
  const rounds = drawn.reduce((sum, one) => sum + one.rounds, 0);
  return ml > 0 ? stockWords(begins, stockFor(ml), rounds, oneGarden(db).measures) : null;
}
