import { didNothing, levelOfCounts, verdictNow } from '@trowel/core/follow';
import { countsOf, isReminder, judgedIn, serves, type Count, type JobCounts } from '@trowel/core/jobs';
import type { RemedyId, RemedyRow, Tables } from '@trowel/core/tables';
import { isLateLook, verdictWords } from '@trowel/core/wording';
import type { Db } from '../database';
import { anyCounts } from '../store/counts';
import { anyApplications, anyJobs, type ApplicationRow, type JobRow } from '../store/jobs';
import { maybeDoing } from '../store/moves';
import { jobRemedy, strengthOf } from './job';

/** The counts that tell of a job. */
export function jobCounts(
  db: Db,
  tables: Tables,
  row: JobRow,
  remedy: RemedyRow,
  applied: readonly ApplicationRow[] = anyApplications(db, row.id),
): JobCounts {
  const all = anyCounts(db, { caseId: row.case_id, jobId: row.id }).filter((count) =>
    serves(tables, count, { id: row.id, remedy }),
  );
  // What is left alone is counted from the first count on.
  const firstAt = remedy.rung === 'leave' ? all.find(({ isTreated }) => isTreated)?.at : applied[0]?.at;
  return countsOf(all, firstAt, remedy);
}

/** What a job is judged by; undefined while there is nothing to judge by. */
export function judgedBy(db: Db, tables: Tables, row: JobRow) {
  const chosen = jobRemedy(tables, row);
  if (!chosen || isReminder(chosen)) return undefined;
  const applied = anyApplications(db, row.id);
  const dates = [...new Set(applied.map(({ on_date }) => on_date))].sort();
  const appliedOn = dates[0] ?? (chosen.rung === 'leave' ? row.chosen_on : undefined);
  if (appliedOn === undefined) return undefined;
  const { unit, before, after, untreatedBefore, untreatedAfter } = jobCounts(db, tables, row, chosen, applied);
  const remedy = judgedIn(chosen, unit);
  const last = after[after.length - 1];
  if (!before || !last) return undefined;
  const harm = after.filter(({ harmSeen }) => harmSeen).pop();
  const strength = applied[applied.length - 1]?.strength ?? strengthOf(db, tables, row, remedy, appliedOn);
  return {
    remedy,
    lastOn: last.on,
    input: {
      remedy,
      appliedOn,
      ...(dates.length > 0 ? { allAppliedOn: dates } : {}),
      before: { on: before.on, counts: before.counts },
      looks: after.map(({ on, counts }) => ({ on, counts })),
      threshold: remedy.expect.clearBelow,
      ...(untreatedBefore && untreatedAfter.length > 0
        ? {
            untreated: {
              before: untreatedBefore.counts,
              looks: untreatedAfter.map(({ on, counts }) => ({ on, counts })),
            },
          }
        : {}),
      ...(harm ? { harmSeenOn: harm.on } : {}),
      ...(strength === undefined ? {} : { strength }),
    },
  };
}

/** The mean of a count and between what the true one lies, for the chart. */
export function levelView(counts: readonly number[], unit: Count['unit']) {
  const { mean, low, high } = levelOfCounts(counts, unit);
  return { mean: Number(mean.toFixed(2)), low: Number(low.toFixed(2)), high: Number(high.toFixed(2)) };
}

/** The verdict on one job in its words, for lists; undefined while there is nothing to judge by. */
export function verdictFor(db: Db, tables: Tables, row: JobRow): string | undefined {
  if (row.settled)
    return row.settled.verdict ? verdictWords(row.settled.verdict, row.settled.verdict.isLate) : undefined;
  const found = judgedBy(db, tables, row);
  if (!found) return undefined;
  const now = verdictNow(found.input);
  return verdictWords(now, isLateLook(now, found.remedy));
}

/**
 * Remedies that did nothing in a case although they should have, and were done as they should be as far as the gardener
 * says: they speak against what they are for.
 */
export const failedIn = (db: Db, tables: Tables, caseId: string): RemedyId[] =>
  anyJobs(db, caseId).flatMap((row) => {
    const found = judgedBy(db, tables, row);
    if (!found || found.remedy.rung === 'leave') return [];
    const wasMissed = (maybeDoing(db, row.id)?.missed.length ?? 0) > 0;
    return didNothing(verdictNow(found.input)) && !wasMissed ? [found.remedy.id] : [];
  });
