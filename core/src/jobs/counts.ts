import type { IsoDate } from '../quantities';
import type { Expectation, RemedyRow, SignId, Tables } from '../tables';

/** A count, wherever it was made. */
export interface Count {
  readonly id: string;
  readonly on: IsoDate;
  /** Instant, to tell what came first on a day. */
  readonly at: string;
  /** Of what; null in old records, which had only one. */
  readonly sign: SignId | null;
  /** The job it was made for alone; null: for all of the case. */
  readonly jobId: string | null;
  readonly unit: Expectation['unit'];
  readonly isTreated: boolean;
  readonly counts: readonly number[];
  readonly harmSeen: boolean;
}

/** Causes whose pest is counted by that sign: what is counted for one of them tells of every remedy against it. */
const countedBy = (tables: Pick<Tables, 'causes'>, sign: SignId): string[] =>
  tables.causes.filter(({ threshold }) => threshold?.sign === sign).map(({ id }) => id);

/**
 * Does a count tell how a job is doing? Where it was made for the job; or where it counts, in the same way, what the
 * remedy is expected to lessen, or the pest of a cause that the remedy is for.
 */
export function serves(
  tables: Pick<Tables, 'causes'>,
  { jobId, sign, unit }: Pick<Count, 'jobId' | 'sign' | 'unit'>,
  job: { readonly id: string; readonly remedy: Pick<RemedyRow, 'expect' | 'targets'> },
): boolean {
  if (jobId !== null) return jobId === job.id;
  if (sign === null) return true;
  const { expect, targets } = job.remedy;
  if (unit !== expect.unit) return false;
  return sign === expect.sign || countedBy(tables, sign).some((cause) => targets.some(({ of }) => of === cause));
}

export interface JobCounts {
  /** The last before anything was put on; while nothing has been, the newest. */
  readonly before: Count | undefined;
  readonly after: readonly Count[];
  readonly untreatedBefore: Count | undefined;
  readonly untreatedAfter: readonly Count[];
}

/** The counts of a job, parted by the instant of its first application. @param firstAt undefined: nothing was put on yet */
export function countsOf(counts: readonly Count[], firstAt: string | undefined): JobCounts {
  const inOrder = [...counts].sort((a, b) => a.at.localeCompare(b.at));
  const isBefore = ({ at }: Count) => firstAt === undefined || at <= firstAt;
  const treated = inOrder.filter(({ isTreated }) => isTreated);
  const untreated = inOrder.filter(({ isTreated }) => !isTreated);
  return {
    before: treated.filter(isBefore).pop(),
    after: treated.filter((count) => !isBefore(count)),
    untreatedBefore: untreated.filter(isBefore).pop(),
    untreatedAfter: untreated.filter((count) => !isBefore(count)),
  };
}
