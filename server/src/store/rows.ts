import type Database from 'better-sqlite3';
import { z } from 'zod';
import type { Db } from '../database';

/**
 * The verb states the row count: `one` throws when there is none, `maybeOne` gives undefined, `any`
 * may be empty. Every row is parsed on its way out.
 */
export function any<Schema extends z.ZodType>(
  db: Db,
  schema: Schema,
  sql: string,
  ...params: readonly unknown[]
): z.output<Schema>[] {
  return statement(db, sql)
    .all(...params)
    .map((row) => schema.parse(row));
}

export function maybeOne<Schema extends z.ZodType>(
  db: Db,
  schema: Schema,
  sql: string,
  ...params: readonly unknown[]
): z.output<Schema> | undefined {
  const row = statement(db, sql).get(...params);
  return row === undefined ? undefined : schema.parse(row);
}

export function run(db: Db, sql: string, ...params: readonly unknown[]): void {
  statement(db, sql).run(...params);
}

/** The id of the row that was put in. */
export const insert = (db: Db, sql: string, ...params: readonly unknown[]): number =>
  Number(statement(db, sql).run(...params).lastInsertRowid);

type Statement = Database.Statement<unknown[]>;

const prepared = new WeakMap<Db, Map<string, Statement>>();

/** Each text is prepared once per database. */
function statement(db: Db, sql: string): Statement {
  const known = prepared.get(db) ?? new Map<string, Statement>();
  prepared.set(db, known);
  const found = known.get(sql) ?? db.prepare<unknown[]>(sql);
  known.set(sql, found);
  return found;
}

export const jsonText = <Schema extends z.ZodType>(schema: Schema) =>
  z.string().transform((text): z.output<Schema> => schema.parse(JSON.parse(text)));
