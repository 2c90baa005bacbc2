import { caseOutcomes, type CaseOutcome } from '@trowel/core/contract';
import { actionClasses } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId, storedUnder } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

/** The last weighing in short, so that lists need not weigh again. */
export const readingShort = z.object({
  causes: z.array(z.object({ id: storedId('causes'), probability: z.number() })),
  conditions: z.array(z.object({ id: storedId('conditions'), probability: z.number() })),
  depth: z.number(),
  action: z.enum(actionClasses),
});
export type ReadingShort = z.infer<typeof readingShort>;

const caseRow = z.object({
  id: z.string(),
  name: z.string(),
  pattern: z.number(),
  bed_id: z.string(),
  planting_id: z.string().nullable(),
  opened_on: z.string(),
  status: z.enum(['open', 'closed']),
  closed_on: z.string().nullable(),
  outcome: z.enum(caseOutcomes).nullable(),
  late_look_on: z.string().nullable(),
  reading: jsonText(readingShort),
});
export type CaseRow = z.infer<typeof caseRow>;

const observationRow = z.object({
  sign: storedId('signs'),
  state: z.enum(['seen', 'absent', 'not-looked']),
  amount: z.number().nullable(),
  sure: z.number().nullable(),
});
export interface EvidenceRow {
  readonly sign: string;
  readonly state: 'seen' | 'absent';
  readonly amount: number | null;
  /** How sure the reading of the words is; null where it was tapped. */
  readonly sure: number | null;
}

/** Open cases first, newest first. */
export const anyCases = (db: Db): CaseRow[] =>
  any(db, caseRow, "SELECT * FROM cases ORDER BY status = 'closed', COALESCE(closed_on, opened_on) DESC, id");
export const anyOpenCases = (db: Db): CaseRow[] =>
  any(db, caseRow, "SELECT * FROM cases WHERE status = 'open' ORDER BY opened_on, id");
export const maybeOneCase = (db: Db, id: string): CaseRow | undefined =>
  maybeOne(db, caseRow, 'SELECT * FROM cases WHERE id = ?', id);
/** @throws Error when there is none. */
export function oneCase(db: Db, id: string): CaseRow {
  const row = maybeOneCase(db, id);
  if (!row) throw new Error(`there is no case "${id}"`);
  return row;
}
export const countCases = (db: Db): number =>
  maybeOne(db, z.object({ n: z.number() }), 'SELECT COUNT(*) AS n FROM cases')?.n ?? 0;

export function addCase(
  db: Db,
  row: Pick<CaseRow, 'id' | 'name' | 'pattern' | 'bed_id' | 'planting_id' | 'opened_on' | 'reading'>,
): void {
  run(
    db,
    "INSERT INTO cases (id, name, pattern, bed_id, planting_id, opened_on, reading, status) VALUES (?, ?, ?, ?, ?, ?, ?, 'open')",
    row.id,
    row.name,
    row.pattern,
    row.bed_id,
    row.planting_id,
    row.opened_on,
    JSON.stringify(row.reading),
  );
}

export const saveReading = (db: Db, id: string, reading: ReadingShort): void =>
  run(db, 'UPDATE cases SET reading = ? WHERE id = ?', JSON.stringify(reading), id);

/** Earlier cases of a bed that came to an end and were what they were taken for. */
export const anyPastCases = (db: Db, bedId: string): CaseRow[] =>
  any(
    db,
    caseRow,
    "SELECT * FROM cases WHERE bed_id = ? AND status = 'closed' AND outcome <> 'mistaken' ORDER BY opened_on",
    bedId,
  );

/** Closed cases whose late look falls within a range of days. */
export const anyLateLooks = (db: Db, from: string, to: string): CaseRow[] =>
  any(
    db,
    caseRow,
    "SELECT * FROM cases WHERE status = 'closed' AND late_look_on BETWEEN ? AND ? ORDER BY late_look_on",
    from,
    to,
  );

export function closeCase(db: Db, id: string, outcome: CaseOutcome, on: string, lateLookOn: string | null): void {
  run(
    db,
    "UPDATE cases SET status = 'closed', outcome = ?, closed_on = ?, late_look_on = ? WHERE id = ?",
    outcome,
    on,
    lateLookOn,
    id,
  );
}

export function reopenCase(db: Db, id: string): void {
  run(db, "UPDATE cases SET status = 'open', outcome = NULL, closed_on = NULL, late_look_on = NULL WHERE id = ?", id);
}

/** What holds now: the newest row of each sign, without those taken back. A renamed sign is one with what it was. */
export function anyEvidence(db: Db, caseId: string): EvidenceRow[] {
  const rows = any(
    db,
    observationRow,
    `SELECT sign, state, amount, sure FROM observation AS o
     WHERE case_id = ?
       AND id = (SELECT MAX(id) FROM observation WHERE case_id = o.case_id AND sign = o.sign)
     ORDER BY id`,
    caseId,
  );
  const newest = new Map(rows.map((row) => [row.sign, row]));
  return [...newest.values()].flatMap(({ sign, state, amount, sure }) =>
    state === 'not-looked' ? [] : [{ sign, state, amount, sure }],
  );
}

export function addObservation(
  db: Db,
  row: {
    caseId: string;
    sign: string;
    state: string;
    amount?: number | undefined;
    said?: string | undefined;
    /** Left out where it was tapped or measured. */
    sure?: number | undefined;
    on: string;
  },
): void {
  run(
    db,
    'INSERT INTO observation (case_id, sign, state, amount, said, sure, observed_on) VALUES (?, ?, ?, ?, ?, ?, ?)',
    row.caseId,
    row.sign,
    row.state,
    row.amount ?? null,
    row.said ?? null,
    row.sure ?? null,
    row.on,
  );
}

export const anyChecksDone = (db: Db, caseId: string): string[] =>
  any(
    db,
    z.object({ check_id: storedId('checks') }),
    'SELECT DISTINCT check_id FROM check_done WHERE case_id = ?',
    caseId,
  ).map(({ check_id }) => check_id);

export function addCheckDone(db: Db, row: { caseId: string; check: string; answer: string; on: string }): void {
  run(
    db,
    'INSERT INTO check_done (case_id, check_id, answer, done_on) VALUES (?, ?, ?, ?)',
    row.caseId,
    row.check,
    row.answer,
    row.on,
  );
}

/** The last count of each sign before the newest one, with its day. */
export const anyEarlierCounts = (db: Db, caseId: string): { sign: string; amount: number; on: string }[] =>
  any(
    db,
    z
      .object({ sign: storedId('signs'), amount: z.number(), observed_on: z.string() })
      .transform(({ observed_on, ...row }) => ({ ...row, on: observed_on })),
    `SELECT sign, amount, observed_on FROM observation AS o
     WHERE case_id = ? AND amount IS NOT NULL
       AND id = (SELECT MAX(id) FROM observation AS earlier
                 WHERE earlier.case_id = o.case_id AND earlier.sign = o.sign AND earlier.amount IS NOT NULL
                   AND earlier.observed_on < (SELECT MAX(observed_on) FROM observation AS newest
                                              WHERE newest.case_id = o.case_id AND newest.sign = o.sign
                                                AND newest.amount IS NOT NULL))`,
    caseId,
  );

/** The day of the newest count of a sign. */
export const maybeCountedOn = (db: Db, caseId: string, sign: string): string | undefined =>
  maybeOne(
    db,
    z.object({ observed_on: z.string() }),
    `SELECT observed_on FROM observation
     WHERE case_id = ? AND sign IN (SELECT value FROM json_each(?)) AND amount IS NOT NULL ORDER BY id DESC LIMIT 1`,
    caseId,
    storedUnder('signs', sign),
  )?.observed_on;
