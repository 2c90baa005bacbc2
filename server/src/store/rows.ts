import type Database from 'better-sqlite3';
import { z } from 'zod';
import type { Db } from '../database';

/** What has been read in the transaction that is under way, by text and parameters; until something is written. */
const readSofar = new WeakMap<Db, Map<string, unknown>>();

/**
 * Runs reads or an act in one transaction, in which the same rows are read from the file and parsed once: a page
 * asks for the same beds and steps dozens of times.
 * @param kind 'read' for a view; 'write' takes the lock at once
 */
export function inTransaction<Result>(db: Db, kind: 'read' | 'write', work: () => Result): Result {
  readSofar.set(db, new Map());
  try {
    const transaction = db.transaction(work);
    return kind === 'write' ? transaction.immediate() : transaction();
  } finally {
    readSofar.delete(db);
  }
}

function readOnce<Answer>(db: Db, sql: string, params: readonly unknown[], read: () => Answer): Answer {
  const known = readSofar.get(db);
  if (!known) return read();
  const key = JSON.stringify([sql, params]);
  if (known.has(key)) return known.get(key) as Answer;
  const answer = read();
  known.set(key, answer);
  return answer;
}

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
  const rows = readOnce(db, sql, params, () =>
    statement(db, sql)
      .all(...params)
      .flatMap((row) => readable(db, schema, sql, row)),
  );
  // A list of one's own, which may be sorted.
  return [...rows];
}

export function maybeOne<Schema extends z.ZodType>(
  db: Db,
  schema: Schema,
  sql: string,
  ...params: readonly unknown[]
): z.output<Schema> | undefined {
  return readOnce(db, sql, params, () => {
    const row = statement(db, sql).get(...params);
    return row === undefined ? undefined : readable(db, schema, sql, row)[0];
  });
}

/** A row that is there and cannot be read: pages go on without it, and it is named. */
export interface Unreadable {
  readonly table: string;
  readonly id: string;
  readonly why: string;
}
const setAsideIn = new WeakMap<Db, Map<string, Unreadable>>();
/** Rows that could not be read since the garden was opened. */
export const unreadableIn = (db: Db): Unreadable[] => [...(setAsideIn.get(db)?.values() ?? [])];

/** The row, as a list of one; nothing where it cannot be read. */
function readable<Schema extends z.ZodType>(db: Db, schema: Schema, sql: string, row: unknown): z.output<Schema>[] {
  try {
    return [schema.parse(row)];
  } catch (error) {
    const table = /\bFROM\s+(\w+)/i.exec(sql)?.[1] ?? '?';
    const id = String(Object.values(row as object)[0]);
    const why = error instanceof z.ZodError ? (error.issues[0]?.path.join('.') ?? '') : (error as Error).message;
    const found = setAsideIn.get(db) ?? new Map<string, Unreadable>();
    setAsideIn.set(db, found.set(`${table} ${id}`, { table, id, why }));
    return [];
  }
}

export function run(db: Db, sql: string, ...params: readonly unknown[]): void {
  readSofar.get(db)?.clear();
  statement(db, sql).run(...params);
}

/** The id of the row that was put in. */
export function insert(db: Db, sql: string, ...params: readonly unknown[]): number {
  readSofar.get(db)?.clear();
  return Number(statement(db, sql).run(...params).lastInsertRowid);
}

/** A mark that is another one after anything was written, here or through another connection. */
export const writtenSoFar = (db: Db): string =>
  `${db.prepare<unknown[], number>('SELECT total_changes()').pluck().get()} ${String(db.pragma('data_version', { simple: true }))}`;

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

/** Texts whose meaning is remembered, for each column: years of closed cases are read again and again. */
const textsKept = 20_000;

/** A column of JSON. The same text is read once; what it says is shared, and never to be changed. */
export function jsonText<Schema extends z.ZodType>(schema: Schema) {
  const known = new Map<string, z.output<Schema>>();
  return z.string().transform((text): z.output<Schema> => {
    if (known.has(text)) return known.get(text) as z.output<Schema>;
    const value = schema.parse(JSON.parse(text));
    if (known.size >= textsKept) known.clear();
    known.set(text, value);
    return value;
  });
}
