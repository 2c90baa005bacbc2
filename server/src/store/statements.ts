import type Database from 'better-sqlite3';
import type { Db } from '../database';

/** A mark that is another one after anything was written, here or through another connection. */
export const writtenSoFar = (db: Db): string =>
  `${String(mark(db, 'SELECT total_changes()'))} ${String(mark(db, 'PRAGMA data_version'))}`;
const mark = (db: Db, sql: string): unknown => Object.values(statement(db, sql).get() as object)[0];

type Statement = Database.Statement<unknown[]>;

const prepared = new WeakMap<Db, Map<string, Statement>>();

/** Each text is prepared once per database. */
export function statement(db: Db, sql: string): Statement {
  const known = prepared.get(db) ?? new Map<string, Statement>();
  prepared.set(db, known);
  const found = known.get(sql) ?? db.prepare<unknown[]>(sql);
  known.set(sql, found);
  return found;
}
