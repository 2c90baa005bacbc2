import { inputError } from '@trowel/core/contract';
import { z } from 'zod';
import { migrations, openAt, type Db } from './database';
import { conflict } from './problems';
import { inTransaction } from './store/remembered';
import { run } from './store/rows';
import { statement } from './store/statements';

/**
 * A whole garden as one JSON file: every row of every table, photographs included. Taken into an empty garden it is
 * the same garden, to the last row; one of an earlier version is brought up to date on the way.
 */

const format = 'wise-trowel garden';
const blob = z.strictObject({ base64: z.string() });
const value = z.union([z.string(), z.number(), z.null(), blob]);
export type Value = z.output<typeof value>;
const bundle = z.strictObject({
  format: z.literal(format),
  /** How many migrations had been made. */
  version: z.number().int().min(1),
  made: z.string(),
  tables: z.record(z.string(), z.array(z.record(z.string(), value))),
});
export type Bundle = z.output<typeof bundle>;

interface Column {
  readonly name: string;
  readonly type: string;
  readonly notnull: number;
  /** Its place in the key, from 1; 0: not of it. */
  readonly pk: number;
}
/** The database keeps these itself from others. */
const derived: readonly string[] = ['case_cause', 'trial', 'past'];
export const tablesOf = (db: Db): string[] =>
  db
    .prepare<unknown[], string>(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY rowid",
    )
    .pluck()
    .all()
    .filter((table) => !derived.includes(table));
/** Without, rows stand in the order of their key. */
export const hasRowid = (db: Db, table: string): boolean =>
  !db
    .prepare<unknown[], string>('SELECT sql FROM sqlite_master WHERE name = ?')
    .pluck()
    .get(table)
    ?.includes('WITHOUT ROWID');
/** Without those that follow from others. */
export const columnsOf = (db: Db, table: string): Column[] => db.pragma(`table_info(${table})`) as Column[];

const namesOf = (db: Db, table: string): string[] => columnsOf(db, table).map(({ name }) => name);

/** Everything that a garden holds. */
export function bundleOf(db: Db, now: Date): Bundle {
  const rowsOf = (table: string) =>
    (
      db
        .prepare(`SELECT ${namesOf(db, table).join(', ')} FROM ${table}${hasRowid(db, table) ? ' ORDER BY rowid' : ''}`)
        .all() as Record<string, unknown>[]
    ).map((row) =>
      Object.fromEntries(
        Object.entries(row).map(([name, cell]): [string, Value] => [
          name,
          Buffer.isBuffer(cell) ? { base64: cell.toString('base64') } : (cell as Value),
        ]),
      ),
    );
  return {
    format,
    version: db.pragma('user_version', { simple: true }) as number,
    made: now.toISOString(),
    tables: Object.fromEntries(tablesOf(db).map((table) => [table, rowsOf(table)])),
  };
}

/** @throws InputError naming what does not fit: the file, the table, or the row */
export function readBundle(body: unknown): Bundle {
  const read = bundle.safeParse(body);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw inputError(issue?.path.join('.') || 'file', 'no-bundle', { why: issue?.message ?? '' });
  }
  if (read.data.version > migrations.length)
    throw inputError('version', 'bundle-newer', { given: read.data.version, known: migrations.length });
  return read.data;
}

/** A value as the database takes it. */
export const stored = (cell: Value): string | number | Buffer | null =>
  typeof cell === 'object' && cell !== null ? Buffer.from(cell.base64, 'base64') : cell;

/** Puts every row where it was; what does not fit is named. */
function fill(db: Db, tables: Bundle['tables']): void {
  const known = tablesOf(db);
  for (const [table, rows] of Object.entries(tables)) {
    if (!known.includes(table)) throw inputError(`tables.${table}`, 'row-unfit', { why: 'there is no such table' });
    const names = namesOf(db, table);
    rows.forEach((row, at) => {
      const field = `tables.${table}[${at}]`;
      const strange = Object.keys(row).find((name) => !names.includes(name));
      if (strange !== undefined)
        throw inputError(`${field}.${strange}`, 'row-unfit', { why: 'there is no such column' });
      const given = Object.keys(row);
      const cells = Object.values(row).map(stored);
      try {
        const sql = `INSERT INTO ${table} (${given.join(', ')}) VALUES (${given.map(() => '?').join(', ')})`;
        // Past the store, which would look a hundred thousand times what follows from it; it sees that something did.
        statement(db, sql).run(...cells);
      } catch (error) {
        throw inputError(field, 'row-unfit', { why: (error as Error).message });
      }
    });
  }
  const [lost] = db.pragma('foreign_key_check') as { table: string; rowid: number; parent: string }[];
  if (lost)
    throw inputError(`tables.${lost.table}`, 'row-unfit', { why: `a row names a ${lost.parent} that is not there` });
}

/** The same bundle as this version would have written it: tried out in memory, so that nothing is half taken in. */
export function broughtUpToDate({ version, made, tables }: Bundle): Bundle {
  const trial = openAt(version);
  try {
    // What belongs to a row may stand before it.
    trial.pragma('foreign_keys = OFF');
    // Earlier versions begin with rows of their own.
    tablesOf(trial).forEach((table) => trial.exec(`DELETE FROM ${table}`));
    fill(trial, tables);
    const whole = openAt(migrations.length, trial);
    return bundleOf(whole, new Date(made));
  } finally {
    trial.close();
  }
}

/** Nothing has been entered yet but where the garden lies and how it measures. */
export const isEmpty = (db: Db): boolean =>
  ['bed', 'cases', 'job', 'batch', 'recipe'].every(
    (table) => db.prepare<unknown[], number>(`SELECT COUNT(*) FROM ${table}`).pluck().get() === 0,
  );

/** @param whole brought up to date @throws Problem where something has been entered already @throws InputError naming what does not fit */
export function takeIn(db: Db, { tables }: Bundle): Record<string, number> {
  inTransaction(db, 'write', () => {
    if (!isEmpty(db)) throw conflict('garden-not-empty');
    db.pragma('defer_foreign_keys = ON');
    // The log of a garden with nothing in it gives way.
    withoutGuards(db, () => [...tablesOf(db)].reverse().forEach((table) => run(db, `DELETE FROM ${table}`)));
    fill(db, tables);
  });
  return countsOf(tables);
}

/** The log lets nothing be taken out of it, but for what came in from elsewhere and goes out again. */
export function withoutGuards(db: Db, work: () => void): void {
  const guards = db
    .prepare<unknown[], { name: string; sql: string }>(
      "SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND name LIKE 'log\\_%' ESCAPE '\\'",
    )
    .all();
  guards.forEach(({ name }) => db.exec(`DROP TRIGGER ${name}`));
  work();
  guards.forEach(({ sql }) => db.exec(sql));
}

const countsOf = (tables: Bundle['tables']): Record<string, number> =>
  Object.fromEntries(Object.entries(tables).map(([table, rows]) => [table, rows.length]));

/** The shape of the file, as JSON Schema. */
export function bundleSchema(db: Db): object {
  const types: Readonly<Record<string, object>> = {
    TEXT: { type: 'string' },
    INTEGER: { type: 'integer' },
    REAL: { type: 'number' },
    BLOB: {
      type: 'object',
      properties: { base64: { type: 'string' } },
      required: ['base64'],
      additionalProperties: false,
    },
  };
  const cell = ({ type, notnull }: Column) => {
    const one = types[type] ?? {};
    return notnull === 1 ? one : { anyOf: [one, { type: 'null' }] };
  };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'A garden of Wise Trowel',
    type: 'object',
    required: ['format', 'version', 'made', 'tables'],
    additionalProperties: false,
    properties: {
      format: { const: format },
      version: { type: 'integer', const: migrations.length },
      made: { type: 'string', format: 'date-time' },
      tables: {
        type: 'object',
        additionalProperties: false,
        properties: Object.fromEntries(
          tablesOf(db).map((table) => [
            table,
            {
              type: 'array',
              items: {
                type: 'object',
                additionalProperties: false,
                properties: Object.fromEntries(columnsOf(db, table).map((column) => [column.name, cell(column)])),
              },
            },
          ]),
        ),
      },
    },
  };
}
