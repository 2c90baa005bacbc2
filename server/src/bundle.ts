import { inputError } from '@trowel/core/contract';
import express, { type Request, type Response, type Router } from 'express';
import { z } from 'zod';
import { migrations, openAt, type Db } from './database';
import { conflict } from './problems';
import { inTransaction, run } from './store/rows';

/**
 * A whole garden as one JSON file: every row of every table, photographs included. Taken into an empty garden it is
 * the same garden, to the last row; one of an earlier version is brought up to date on the way.
 */

const format = 'wise-trowel garden';
const blob = z.strictObject({ base64: z.string() });
const value = z.union([z.string(), z.number(), z.null(), blob]);
type Value = z.output<typeof value>;
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
}
const tablesOf = (db: Db): string[] =>
  db
    .prepare<unknown[], string>(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY rowid",
    )
    .pluck()
    .all();
/** Without, rows stand in the order of their key. */
const hasRowid = (db: Db, table: string): boolean =>
  !db
    .prepare<unknown[], string>('SELECT sql FROM sqlite_master WHERE name = ?')
    .pluck()
    .get(table)
    ?.includes('WITHOUT ROWID');
const columnsOf = (db: Db, table: string): Column[] => db.pragma(`table_info(${table})`) as Column[];

/** Everything that a garden holds. */
export function bundleOf(db: Db, now: Date): Bundle {
  const rowsOf = (table: string) =>
    (
      db.prepare(`SELECT * FROM ${table}${hasRowid(db, table) ? ' ORDER BY rowid' : ''}`).all() as Record<
        string,
        unknown
      >[]
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
function readBundle(body: unknown): Bundle {
  const read = bundle.safeParse(body);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw inputError(issue?.path.join('.') || 'file', 'no-bundle', { why: issue?.message ?? '' });
  }
  if (read.data.version > migrations.length)
    throw inputError('version', 'bundle-newer', { given: read.data.version, known: migrations.length });
  return read.data;
}

/** Puts every row where it was; what does not fit is named. */
function fill(db: Db, tables: Bundle['tables']): void {
  const known = tablesOf(db);
  for (const [table, rows] of Object.entries(tables)) {
    if (!known.includes(table)) throw inputError(`tables.${table}`, 'row-unfit', { why: 'there is no such table' });
    const names = columnsOf(db, table).map(({ name }) => name);
    rows.forEach((row, at) => {
      const field = `tables.${table}[${at}]`;
      const strange = Object.keys(row).find((name) => !names.includes(name));
      if (strange !== undefined)
        throw inputError(`${field}.${strange}`, 'row-unfit', { why: 'there is no such column' });
      const given = Object.keys(row);
      const cells = Object.values(row).map((cell) =>
        typeof cell === 'object' && cell !== null ? Buffer.from(cell.base64, 'base64') : cell,
      );
      try {
        run(db, `INSERT INTO ${table} (${given.join(', ')}) VALUES (${given.map(() => '?').join(', ')})`, ...cells);
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
function broughtUpToDate({ version, made, tables }: Bundle): Bundle {
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
const isEmpty = (db: Db): boolean =>
  ['bed', 'cases', 'job', 'batch', 'recipe'].every(
    (table) => db.prepare<unknown[], number>(`SELECT COUNT(*) FROM ${table}`).pluck().get() === 0,
  );

/** @throws Problem where something has been entered already @throws InputError naming what does not fit */
export function takeIn(db: Db, body: unknown): Record<string, number> {
  const { tables } = broughtUpToDate(readBundle(body));
  inTransaction(db, 'write', () => {
    if (!isEmpty(db)) throw conflict('garden-not-empty');
    db.pragma('defer_foreign_keys = ON');
    // The log lets nothing be taken out; that of a garden with nothing in it gives way.
    const guards = db
      .prepare<unknown[], { name: string; sql: string }>("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")
      .all();
    guards.forEach(({ name }) => db.exec(`DROP TRIGGER ${name}`));
    [...tablesOf(db)].reverse().forEach((table) => run(db, `DELETE FROM ${table}`));
    fill(db, tables);
    guards.forEach(({ sql }) => db.exec(sql));
  });
  return countsOf(tables);
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

/** A garden of many photographs. */
const largest = '300mb';

/** The file comes and goes as a whole, beside the table of calls. */
export function bundles({ db, clock, afterMove }: { db: Db; clock: () => Date; afterMove?: () => void }): Router {
  const router = express.Router();
  router.get('/', (_request, response) => {
    const made = clock();
    response.set('Cache-Control', 'no-store');
    response.attachment(`garden-${made.toISOString().slice(0, 10)}.json`);
    response.json(inTransaction(db, 'read', () => bundleOf(db, made)));
  });
  const json = express.json({ limit: largest });
  // What it holds, before it is taken in.
  router.post('/look', json, (request: Request, response: Response) => {
    const { made, tables } = broughtUpToDate(readBundle(request.body));
    response.json({ made, isPossible: isEmpty(db), rows: countsOf(tables) });
  });
  router.post('/', json, (request: Request, response: Response) => {
    const rows = takeIn(db, request.body);
    afterMove?.();
    response.json({ rows });
  });
  return router;
}
