import { z } from 'zod';
import type { Db } from '../database';
import { any, jsonText, maybeOne, run } from './rows';

const put = z.array(z.tuple([z.string(), z.record(z.string(), z.union([z.string(), z.number()]))]));
const takingRow = z.object({
  id: z.string(),
  what: z.string(),
  taken_on: z.string(),
  put: jsonText(put),
  undone: z.number(),
});
export type TakingRow = z.infer<typeof takingRow>;

export const maybeOneTaking = (db: Db, id: string): TakingRow | undefined =>
  maybeOne(db, takingRow, 'SELECT * FROM taking WHERE id = ?', id);
export const addTaking = (db: Db, row: Omit<TakingRow, 'undone'>): void =>
  run(
    db,
    'INSERT INTO taking (id, what, taken_on, put) VALUES (?, ?, ?, ?)',
    row.id,
    row.what,
    row.taken_on,
    JSON.stringify(row.put),
  );
export const markUndone = (db: Db, id: string): void => run(db, 'UPDATE taking SET undone = 1 WHERE id = ?', id);

/** The last ones that still stand, the newest first. */
export const lastTakings = (db: Db): { id: string; what: string; on: string; rows: number }[] =>
  any(
    db,
    z.object({ id: z.string(), what: z.string(), on: z.string(), rows: z.number() }),
    `SELECT id, what, taken_on AS "on", json_array_length(put) AS rows FROM taking WHERE undone = 0
     ORDER BY rowid DESC LIMIT 5`,
  );
