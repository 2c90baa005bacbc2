import type { IsoDate } from '../quantities';
import {
  clearArea,
  mostOf,
  type CountUnit,
  type Expectation,
  type RemedyRow,
  type SignId,
  type Tables,
  type Tone,
} from '../tables';

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
  readonly unit: CountUnit;
  readonly isTreated: boolean;
  readonly counts: readonly number[];
  readonly harmSeen: boolean;
}

/** How what a remedy should lessen may be counted; the finest first. */
export const unitsOf = ({ unit, area }: Pick<Expectation, 'unit' | 'area'>): readonly CountUnit[] =>
  area === undefined ? [unit] : ['area', unit];

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
  // How much of a leaf is sick tells whether it is.
  const isTold = unit === 'area' ? expect.unit === 'yes-no' : unit === expect.unit;
  return (
    isTold && (sign === expect.sign || countedBy(tables, sign).some((cause) => targets.some(({ of }) => of === cause)))
  );
}

type Judged = Pick<RemedyRow, 'expect'>;

/** A remedy as it is judged by counts in one unit: by leaf area where they tell that, else as it says itself. */
export function judgedIn<Row extends Judged>(remedy: Row, unit: CountUnit | undefined): Row {
  const { expect } = remedy;
  if (unit !== 'area' || expect.area === undefined) return remedy;
  return { ...remedy, expect: { ...expect, unit, what: expect.area.what, clearBelow: clearArea } };
}

export interface WayToCount {
  readonly unit: CountUnit;
  /** What is counted, in words. */
  readonly what: string;
  /** The colour of what is sick, where it is told by drawn leaves. */
  readonly tone?: Tone;
}

/** How the next count may be made, the finest first: as the others were, so that all can be compared. */
export function waysToCount(remedy: Judged, made: readonly Pick<Count, 'unit'>[]): WayToCount[] {
  const alike = unitsOf(remedy.expect).filter((unit) => made.every((count) => count.unit === unit));
  return (alike.length > 0 ? alike : [remedy.expect.unit]).map((unit) => ({
    unit,
    what: judgedIn(remedy, unit).expect.what,
    ...(unit === 'area' && remedy.expect.area ? { tone: remedy.expect.area.tone } : {}),
  }));
}

/**
 * Counts in the coarsest unit among them, and no finer than a remedy is judged in: a leaf with any sick area is one that
 * has it.
 */
export function inOneUnit<Made extends Pick<Count, 'unit' | 'counts'>>(
  counts: readonly Made[],
  { unit: usual, area }: Pick<Expectation, 'unit' | 'area'>,
): Made[] {
  const coarsest = counts.find(({ unit }) => unit !== 'area')?.unit ?? (area === undefined ? usual : 'area');
  return counts.map((count) =>
    count.unit === coarsest || count.unit !== 'area'
      ? count
      : { ...count, unit: coarsest, counts: count.counts.map((percent) => (percent > 0 ? 1 : 0)) },
  );
}

export interface JobCounts {
  /** The last before anything was put on; while nothing has been, the newest. */
  readonly before: Count | undefined;
  readonly after: readonly Count[];
  readonly untreatedBefore: Count | undefined;
  readonly untreatedAfter: readonly Count[];
  /** All of them, as they were made. */
  readonly all: readonly Count[];
  /** In which they stand here: the coarsest of all; undefined while there is none. */
  readonly unit: CountUnit | undefined;
}

/** The counts of a job in one unit, parted by the instant of its first application. @param firstAt undefined: nothing was put on yet */
export function countsOf(counts: readonly Count[], firstAt: string | undefined, { expect }: Judged): JobCounts {
  const inOrder = inOneUnit(counts, expect).sort((a, b) => a.at.localeCompare(b.at));
  const isBefore = ({ at }: Count) => firstAt === undefined || at <= firstAt;
  const treated = inOrder.filter(({ isTreated }) => isTreated);
  const untreated = inOrder.filter(({ isTreated }) => !isTreated);
  return {
    before: treated.filter(isBefore).pop(),
    after: treated.filter((count) => !isBefore(count)),
    untreatedBefore: untreated.filter(isBefore).pop(),
    untreatedAfter: untreated.filter((count) => !isBefore(count)),
    all: counts,
    unit: inOrder[0]?.unit,
  };
}

/** The first of the values that cannot be of that unit; undefined where all can. */
export const strangeCount = (values: readonly number[], unit: CountUnit): number | undefined =>
  values.find((value) => value > (mostOf[unit] ?? Infinity));

/** What is wrong with such a value, as an error's code. */
export const strangeCode = (unit: CountUnit) => (unit === 'area' ? 'not-per-cent' : 'yes-or-no');
