import { z } from 'zod';
import type { Db } from '../database';
import { storedId } from './ids';
import { any, maybeOne, run } from './rows';

const routineRow = z.object({
  id: z.string(),
  kind: storedId('routines'),
  /** Null: as usual. */
  way: z.string().nullable(),
  begun_on: z.string(),
  begins_on: z.string(),
  /** Null: it ends with its last part. */
  ends_on: z.string().nullable(),
  paused_on: z.string().nullable(),
  resumed_on: z.string().nullable(),
});
export type RoutineStored = z.infer<typeof routineRow>;

export const maybeOneRoutine = (db: Db, id: string): RoutineStored | undefined =>
  maybeOne(db, routineRow, 'SELECT * FROM routine WHERE id = ?', id);
/** The newest first. */
export const anyRoutines = (db: Db): RoutineStored[] =>
  any(db, routineRow, 'SELECT * FROM routine ORDER BY begun_on DESC, rowid DESC');
export const addRoutine = (db: Db, row: Omit<RoutineStored, 'paused_on' | 'resumed_on'>): void =>
  run(
    db,
    'INSERT INTO routine (id, kind, way, begun_on, begins_on, ends_on) VALUES (?, ?, ?, ?, ?, ?)',
    row.id,
    row.kind,
    row.way,
    row.begun_on,
    row.begins_on,
    row.ends_on,
  );
/** Rests from a day on. */
export const pauseRoutine = (db: Db, id: string, on: string): void =>
  run(db, 'UPDATE routine SET paused_on = ? WHERE id = ?', on, id);
export const takeUpRoutine = (db: Db, id: string, on: string): void =>
  run(db, 'UPDATE routine SET paused_on = NULL, resumed_on = ? WHERE id = ?', on, id);
