import { z } from 'zod';
import type { Db } from '../database';
import { readOnce, writing } from './remembered';
import { statement } from './statements';

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
  const rows = readOnce(
    db,
    'all',
    sql,
    params,
    () => statement(db, sql).all(...params),
    (raw) => raw.flatMap((row) => readable(db, schema, sql, row)),
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
  return readOnce(
    db,
    'first',
    sql,
    params,
    () => statement(db, sql).get(...params),
    (row) => (row === undefined ? undefined : readable(db, schema, sql, row)[0]),
  );
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
  writing(db, sql, () => statement(db, sql).run(...params));
}

/** The id of the row that was put in. */
export function insert(db: Db, sql: string, ...params: readonly unknown[]): number {
  return Number(writing(db, sql, () => statement(db, sql).run(...params)).lastInsertRowid);
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
