import { doingFaults } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { any, insert, jsonText, maybeOne, run } from './rows';

const moveRow = z.object({
  id: z.number(),
  job_id: z.string(),
  kind: z.enum(['repeat', 'step-up', 'look-again']),
  round: z.number().nullable(),
  from_on: z.string(),
  strength_before: z.number().nullable(),
  taken_on: z.string(),
  taken_back: z.number(),
});
export type MoveRow = z.infer<typeof moveRow>;

/** What was done upon verdicts and still holds, oldest first. */
export const anyMoves = (db: Db, jobId: string): MoveRow[] =>
  any(db, moveRow, 'SELECT * FROM job_move WHERE job_id = ? AND taken_back = 0 ORDER BY id', jobId);
export const maybeOneMove = (db: Db, id: number): MoveRow | undefined =>
  maybeOne(db, moveRow, 'SELECT * FROM job_move WHERE id = ?', id);

/** @returns the id of the move */
export const addMove = (db: Db, row: Omit<MoveRow, 'id' | 'taken_back'>): number =>
  insert(
    db,
    `INSERT INTO job_move (job_id, kind, round, from_on, strength_before, taken_on) VALUES (?, ?, ?, ?, ?, ?)`,
    row.job_id,
    row.kind,
    row.round,
    row.from_on,
    row.strength_before,
    row.taken_on,
  );
export const takeBackMove = (db: Db, id: number): void =>
  run(db, 'UPDATE job_move SET taken_back = 1 WHERE id = ?', id);

const doingRow = z.object({
  id: z.number(),
  job_id: z.string(),
  missed: jsonText(z.array(z.enum(doingFaults))),
  noted_on: z.string(),
  at: z.string(),
});
export type DoingRow = z.infer<typeof doingRow>;

/** How it was done, as it was said last; undefined where nobody was asked. */
export const maybeDoing = (db: Db, jobId: string): DoingRow | undefined =>
  maybeOne(db, doingRow, 'SELECT * FROM doing WHERE job_id = ? ORDER BY id DESC LIMIT 1', jobId);
export const addDoing = (db: Db, row: Pick<DoingRow, 'job_id' | 'missed' | 'noted_on' | 'at'>): number =>
  insert(
    db,
    'INSERT INTO doing (job_id, missed, noted_on, at) VALUES (?, ?, ?, ?)',
    row.job_id,
    JSON.stringify(row.missed),
    row.noted_on,
    row.at,
  );
