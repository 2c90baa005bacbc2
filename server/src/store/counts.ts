import type { Count } from '@trowel/core/jobs';
import { countUnits } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

const countRow = z
  .object({
    id: z.string(),
    case_id: z.string().nullable(),
    job_id: z.string().nullable(),
    sign: storedId('signs').nullable(),
    unit: z.enum(countUnits),
    is_treated: z.number(),
    counted_on: z.string(),
    at: z.string(),
    counts: jsonText(z.array(z.number())),
    harm_seen: z.number(),
    taken_back: z.number(),
  })
  .transform((row) => ({
    id: row.id,
    caseId: row.case_id,
    jobId: row.job_id,
    sign: row.sign,
    unit: row.unit,
    isTreated: row.is_treated === 1,
    on: row.counted_on,
    at: row.at,
    counts: row.counts,
    harmSeen: row.harm_seen === 1,
    isTakenBack: row.taken_back === 1,
  }));
export type CountRow = z.infer<typeof countRow>;

/** Every count of a case, or of a job of no case, in order; what was taken back is left out. */
export const anyCounts = (db: Db, { caseId, jobId }: { caseId: string | null; jobId: string }): CountRow[] =>
  caseId === null
    ? any(db, countRow, 'SELECT * FROM count WHERE job_id = ? AND taken_back = 0 ORDER BY at, rowid', jobId)
    : anyCountsOfCase(db, caseId);
export const anyCountsOfCase = (db: Db, caseId: string): CountRow[] =>
  any(db, countRow, 'SELECT * FROM count WHERE case_id = ? AND taken_back = 0 ORDER BY at, rowid', caseId);
export const maybeOneCount = (db: Db, id: string): CountRow | undefined =>
  maybeOne(db, countRow, 'SELECT * FROM count WHERE id = ?', id);

/** Every count of a case that holds. */
export const everyCount = (db: Db): CountRow[] =>
  any(db, countRow, 'SELECT * FROM count WHERE case_id IS NOT NULL AND taken_back = 0 ORDER BY at, rowid');

export const addCount = (db: Db, row: Count & { readonly caseId: string | null }): void =>
  run(
    db,
    `INSERT INTO count (id, case_id, job_id, sign, unit, is_treated, counted_on, at, counts, harm_seen)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    row.id,
    row.caseId,
    row.jobId,
    row.sign,
    row.unit,
    row.isTreated ? 1 : 0,
    row.on,
    row.at,
    JSON.stringify(row.counts),
    row.harmSeen ? 1 : 0,
  );
export const takeBackCount = (db: Db, id: string): void => run(db, 'UPDATE count SET taken_back = 1 WHERE id = ?', id);
