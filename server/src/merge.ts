import { columnsOf, stored, tablesOf, type Bundle, type Value } from './bundle';
import type { Db } from './database';
import { statement } from './store/statements';
import type { Put } from './sheets/sheet';

/**
 * Brings another garden, or another copy of this one, into a garden that is not empty. What has an id is the same where
 * the id is the same, and stays as it is here; what has none (a look, a step, a line of the log) is known by what stands
 * in it, and comes in where there is no such row yet.
 */

type Row = Bundle['tables'][string][number];

/** What came in of one table. */
export interface Brought {
  readonly new: number;
  readonly same: number;
  /** Here under the same id, but otherwise: it stays as it is here. */
  readonly kept: number;
}

/** Follows from other rows, or is of this garden alone. */
const notMerged: readonly string[] = ['garden', 'plan_position', 'taking'];
/** Rows that belong to what they name: they come in with it, and not where it is here already. */
const comesWith: Readonly<Record<string, string>> = { job_place: 'job_id', job_setting: 'job_id' };
/** Numbered here anew, and named by others. */
const renumbered: Readonly<Record<string, string>> = { event_id: 'step_event' };
const caseTables: readonly string[] = ['observation', 'check_done', 'count', 'job', 'step_event', 'application'];

/** @throws Error of the database where a row does not fit */
export function mergeIn(
  db: Db,
  tables: Bundle['tables'],
): { readonly brought: Record<string, Brought>; readonly put: Put[]; readonly cases: Set<string> } {
  db.pragma('defer_foreign_keys = ON');
  const put: Put[] = [];
  const cases = new Set<string>();
  const numbers = new Map<string, Map<Value, number>>();
  const fresh = new Map<string, Set<Value>>();
  const brought: Record<string, Brought> = {};
  for (const table of tablesOf(db)) {
    if (notMerged.includes(table)) continue;
    const columns = columnsOf(db, table);
    const key = columns.filter(({ pk }) => pk > 0).map(({ name }) => name);
    const isNumbered = key.length === 1 && columns.some(({ name, type }) => name === key[0] && type === 'INTEGER');
    const names = columns.map(({ name }) => name).filter((name) => !isNumbered || name !== key[0]);
    const asHere = (row: Row): Row =>
      Object.fromEntries(
        Object.entries(row).map(([name, value]) => {
          const of = renumbered[name];
          return [name, of === undefined ? value : (numbers.get(of)?.get(value) ?? value)];
        }),
      );
    const here = isNumbered || key.length === 0 ? alikeIn(db, table, names) : undefined;
    const [parent] = [comesWith[table]];
    const tally = { new: 0, same: 0, kept: 0 };
    for (const theirs of tables[table] ?? []) {
      const row = asHere(theirs);
      const old = here ? here.take(row) : rowUnder(db, table, key, row);
      if (old !== undefined) {
        if (isNumbered && key[0]) remember(numbers, table, theirs[key[0]] ?? null, Number(old));
        if (here || isAlike(names, row, old as Row)) tally.same += 1;
        else tally.kept += 1;
        continue;
      }
      // Of a job that is here already, where and how it is done stays as it is here.
      if (parent !== undefined && !fresh.get('job')?.has(row[parent] ?? null)) {
        tally.kept += 1;
        continue;
      }
      const given = table === 'bed' ? { ...row, name: freeName(db, String(row.name)) } : row;
      const sql = `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`;
      const { lastInsertRowid } = statement(db, sql).run(...names.map((name) => stored(given[name] ?? null)));
      const id = Number(lastInsertRowid);
      tally.new += 1;
      if (isNumbered && key[0]) {
        remember(numbers, table, theirs[key[0]] ?? null, id);
        put.push([table, { [key[0]]: id }]);
      } else if (key.length > 0) {
        put.push([table, Object.fromEntries(key.map((name) => [name, row[name] as string | number]))]);
        if (key.length === 1) fresh.set(table, (fresh.get(table) ?? new Set()).add(row[key[0] ?? ''] ?? null));
      } else if (parent !== undefined) put.push([table, { [parent]: row[parent] as string }]);
      if (caseTables.includes(table)) caseOf(db, row)?.forEach((of) => cases.add(of));
    }
    brought[table] = tally;
  }
  return { brought, put, cases };
}

function remember(numbers: Map<string, Map<Value, number>>, table: string, theirs: Value, ours: number): void {
  const known = numbers.get(table) ?? new Map<Value, number>();
  numbers.set(table, known.set(theirs, ours));
}

/** The case that a row is of, by itself or by its job. */
function caseOf(db: Db, row: Row): string[] | undefined {
  if (typeof row.case_id === 'string') return [row.case_id];
  const job = statement(db, 'SELECT case_id FROM job WHERE id = ?').get(
    typeof row.job_id === 'string' ? row.job_id : '',
  ) as { case_id: string | null } | undefined;
  return job?.case_id == null ? undefined : [job.case_id];
}

/** A line of the log is the command that it was; every other row without an id of its own, all that stands in it. */
const knownBy = (table: string, names: readonly string[]): readonly string[] =>
  table === 'log' ? ['command_id'] : names;

const keyOf = (names: readonly string[], row: Row): string => JSON.stringify(names.map((name) => row[name] ?? null));

/** The rows of a table by what stands in them; each is given out once, since two that are alike are two. */
function alikeIn(db: Db, table: string, all: readonly string[]): { take(row: Row): number | undefined } {
  const names = knownBy(table, all);
  const found = new Map<string, number[]>();
  // Under a name that no column has.
  const rows = db.prepare<unknown[], Row & { row_here: number }>(
    `SELECT rowid AS row_here, ${names.join(', ')} FROM ${table} ORDER BY rowid`,
  );
  for (const { row_here: at, ...row } of rows.iterate()) {
    const key = keyOf(names, row as Row);
    const known = found.get(key);
    if (known) known.push(at);
    else found.set(key, [at]);
  }
  return { take: (row) => found.get(keyOf(names, row))?.shift() };
}

const rowUnder = (db: Db, table: string, key: readonly string[], row: Row): Row | undefined =>
  statement(db, `SELECT * FROM ${table} WHERE ${key.map((name) => `${name} = ?`).join(' AND ')}`).get(
    ...key.map((name) => row[name] ?? null),
  ) as Row | undefined;

const isAlike = (names: readonly string[], theirs: Row, ours: Row): boolean =>
  names.every((name) => {
    const [one, other] = [stored(theirs[name] ?? null), ours[name] as unknown];
    return Buffer.isBuffer(one) ? Buffer.isBuffer(other) && one.equals(other) : one === (other ?? null);
  });

/** A place of another garden that is called like one here gets a number. */
function freeName(db: Db, name: string): string {
  const isTaken = (wanted: string) => db.prepare('SELECT 1 FROM bed WHERE name = ?').get(wanted) !== undefined;
  let nth = 1;
  while (isTaken(nth === 1 ? name : `${name} (${nth})`)) nth += 1;
  return nth === 1 ? name : `${name} (${nth})`;
}
