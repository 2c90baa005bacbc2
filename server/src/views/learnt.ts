import type { CaseOutcome } from '@trowel/core/contract';
import { endOf, learntOf, toldAround, type Happened, type Learnt, type Trial } from '@trowel/core/learn';
import { verdictNow } from '@trowel/core/follow';
import { addDays } from '@trowel/core/quantities';
import { asksWater } from '@trowel/core/jobs';
import { usualWater, type CauseId, type Tables, type TrialEnd } from '@trowel/core/tables';
import { isLateLook } from '@trowel/core/wording';
import type { Db } from '../database';
import { anyHappened, countsAs, maybeOneCase, oneCase, type CaseRow } from '../store/cases';
import {
  anyApplications,
  anyJobs,
  anyNotSettled,
  anyTrials,
  anyUnsettled,
  settle,
  type JobRow,
  type Settled,
} from '../store/jobs';
import { maybeDoing } from '../store/moves';
import { workedOut } from '../store/remembered';
import { jobRemedy } from './job';
import { judgedBy } from './verdict';

/** A trial, with the job and the case in which it was made. */
export interface TrialIn extends Trial {
  readonly jobId: string;
  readonly caseId: string;
}

export const causeOf = ({ reading }: CaseRow): CauseId | undefined =>
  reading.causes.find(({ probability }) => probability >= countsAs)?.id;

/** What an outcome says of the remedies that were put on; given up, left alone or mistaken says nothing. */
const byOutcome: Partial<Record<CaseOutcome, TrialEnd>> = {
  solved: 'worked',
  'no-change': 'failed',
  worse: 'failed',
  'plant-harmed': 'harmed',
};

/** Every time that a remedy was put on in a case, against some causes, or first in some year; of neither, all. */
export function trialsOf(
  db: Db,
  tables: Tables,
  { causes, year }: { readonly causes?: readonly CauseId[]; readonly year?: string } = {},
): readonly TrialIn[] {
  const settled = anyTrials(db, { causes, year }).map((row): TrialIn => ({
    remedy: row.remedy,
    cause: row.cause ?? undefined,
    end: row.end,
    isCounted: row.is_counted,
    strength: row.strength ?? undefined,
    water: row.water ?? undefined,
    on: row.on_date,
    jobId: row.job_id,
    caseId: row.case_id,
  }));
  const open = workedOut(db, tables, 'trials under way', [], () =>
    anyNotSettled(db).flatMap((job): TrialIn[] => {
      const row = maybeOneCase(db, job.case_id ?? '');
      return row ? trialIn(job, settledBy(db, tables, row, job), causeOf(row), row) : [];
    }),
  );
  return [...settled, ...open].filter(
    ({ cause, on }) =>
      (causes === undefined || (cause !== undefined && causes.includes(cause))) &&
      (year === undefined || on.startsWith(`${year}-`)),
  );
}

const trialIn = (
  { id, remedy }: Pick<JobRow, 'id' | 'remedy'>,
  { trial }: Settled,
  cause: CauseId | undefined,
  of: Pick<CaseRow, 'id'>,
): TrialIn[] =>
  trial && remedy !== null
    ? [
        {
          remedy,
          cause,
          end: trial.end,
          isCounted: trial.isCounted,
          strength: trial.strength,
          water: trial.water,
          on: trial.on,
          jobId: id,
          caseId: of.id,
        },
      ]
    : [];

/** How a job stands, by its counts, else by the gardener's word at the end of its case. */
export function settledBy(db: Db, tables: Tables, row: CaseRow, job: JobRow): Settled {
  const judged = judgedBy(db, tables, job);
  const now = judged && verdictNow(judged.input);
  const verdict =
    judged && now ? { verdict: now.verdict, finding: now.finding, isLate: isLateLook(now, judged.remedy) } : null;
  const remedy = jobRemedy(tables, job);
  const applied = anyApplications(db, job.id);
  // Chosen is not tried: it was put on at least once, or it was to wait.
  if (!remedy || job.remedy === null || (applied.length === 0 && remedy.rung !== 'leave'))
    return { trial: null, verdict };
  const wasMissed = (maybeDoing(db, job.id)?.missed.length ?? 0) > 0;
  const counted = now && endOf(now, wasMissed);
  const said = row.status === 'closed' && row.outcome !== null ? byOutcome[row.outcome] : undefined;
  // Counts that leave it open are settled by what the gardener says at the end.
  const isCounted = counted !== undefined && counted !== 'open';
  const strength = applied[applied.length - 1]?.strength ?? undefined;
  return {
    verdict,
    trial: {
      end: isCounted ? counted : (said ?? 'open'),
      isCounted,
      ...(strength === undefined ? {} : { strength }),
      // Only where hard water binds some of it does the water bear on the rate.
      ...(strength !== undefined && asksWater(remedy) ? { water: job.water ?? usualWater } : {}),
      on: applied[0]?.on_date ?? job.chosen_on,
    },
  };
}

/** Keeps how the jobs of a closed case ended; of one opened again it is open again. */
export function settleCase(db: Db, tables: Tables, caseId: string): void {
  const row = oneCase(db, caseId);
  for (const job of anyJobs(db, caseId))
    settle(db, job.id, row.status === 'closed' ? settledBy(db, tables, row, job) : null);
}

/** Settles a few of the jobs that were closed before that was kept. @returns how many */
export function settleOld(db: Db, tables: Tables, most: number): number {
  const old = anyUnsettled(db, most);
  for (const job of old) {
    const row = maybeOneCase(db, job.case_id ?? '');
    // Of a case that cannot be read nothing is said.
    settle(db, job.id, row ? settledBy(db, tables, row, job) : { trial: null, verdict: null });
  }
  return old.length;
}

/** What this garden has learnt of each remedy against a cause. */
export function learntAgainst(db: Db, tables: Tables, causes: readonly CauseId[]): Learnt[] {
  const meant = new Set<string>(causes);
  const trials = trialsOf(db, tables, { causes });
  return [...new Set(trials.map(({ remedy }) => remedy))].flatMap((id) => {
    const row = tables.remedies.find((remedy) => remedy.id === id);
    const fits = Math.max(0.3, ...(row?.targets ?? []).filter(({ of }) => meant.has(of)).map((one) => one.fits));
    return (row && learntOf(row, trials, fits)) ?? [];
  });
}

/** What each place had at this time of other years, for what comes again. */
export function happenedAround(db: Db, today: string): Happened[] {
  const { ahead, stillFor } = toldAround;
  // The day after the last of February is another one in leap years.
  return anyHappened(db, addDays(today, -stillFor - 1).slice(5), addDays(today, ahead + 1).slice(5));
}
