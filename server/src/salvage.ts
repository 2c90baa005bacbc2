import fs from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import type { Salvaged } from '@trowel/core/contract';
import { columnsOf, hasRowid, tablesOf } from './bundle';
import { openAt, versionOf, type Db } from './database';
import { keepings, mustBeWhole, setAside } from './keep';

type Row = Record<string, unknown>;
/** What SQLite finds wrong with the pages of a file; undefined where it is sound. */
export function damageIn(file: string): string | undefined {
  let db: Db | undefined;
  try {
    db = new Database(file, { readonly: true, fileMustExist: true });
    const found = db.pragma('quick_check(1)', { simple: true });
    return found === 'ok' ? undefined : String(found);
  } catch (error) {
    if (isDamage(error)) return (error as Error).message;
    throw error;
  } finally {
    db?.close();
  }
}

const isDamage = (error: unknown): boolean =>
  /^SQLITE_(CORRUPT|NOTADB)/.test(String((error as { code?: unknown } | null)?.code));

/** What was saved last in a folder; undefined where nothing had to be. */
export function salvagedIn(file: string): Salvaged | undefined {
  const told = tellsIn(file);
  return fs.existsSync(told) ? (JSON.parse(fs.readFileSync(told, 'utf8')) as Salvaged) : undefined;
}
const tellsIn = (file: string): string => `${file}.salvaged.json`;
/** It was read, and need not be told any more. */
export const forgetSalvaged = (file: string): void => fs.rmSync(tellsIn(file), { force: true });

/**
 * Builds a garden anew from a file with damaged pages: every row that can be read, what only the newest whole backup
 * still has in the gaps, and nothing that names a row which is gone. The damaged file is moved aside, never deleted.
 * @throws Error where not even the list of its tables can be read; then nothing is changed
 */
export function salvage(file: string, now: Date): Salvaged {
  const half = `${file}.half`;
  fs.rmSync(half, { force: true });
  const damaged = new Database(file, { readonly: true });
  const backup = newestWhole(file, damaged);
  const into = openAt(versionOf(file), new Database(half));
  const old = backup === undefined ? undefined : new Database(backup, { readonly: true });
  const tables: Salvaged['tables'] = [];
  try {
    into.pragma('foreign_keys = OFF');
    into.transaction(() => {
      // What keeps a log from being changed, and what is kept from other rows, must not stand in the way.
      const triggers = into
        .prepare<unknown[], { name: string; sql: string }>("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")
        .all();
      const guards = triggers.filter(({ name }) => name.startsWith('log_'));
      guards.forEach(({ name }) => into.exec(`DROP TRIGGER ${name}`));
      for (const table of tablesOf(into)) {
        into.exec(`DELETE FROM ${table}`);
        const { rows, lost, mayBeMore } = readIn(damaged, table, old);
        const fromBackup = stillIn(old, table, lost);
        const unfit = [...rows, ...fromBackup].filter((row) => !put(into, table, row)).length;
        if (lost.length > 0 || mayBeMore || unfit > 0)
          tables.push({
            table,
            fromBackup: fromBackup.length,
            lost: lost.length - fromBackup.length + unfit,
            mayBeMore,
          });
      }
      for (const [table, lost] of dropOrphans(into)) {
        const told = tables.find((one) => one.table === table);
        if (told) told.lost += lost;
        else tables.push({ table, fromBackup: 0, lost, mayBeMore: false });
      }
      guards.forEach(({ sql }) => into.exec(sql));
    })();
    into.pragma('journal_mode = DELETE');
  } finally {
    [damaged, into, old].forEach((db) => db?.close());
  }
  mustBeWhole(half);
  const aside = setAside(file, now) ?? '';
  fs.renameSync(half, file);
  const saved: Salvaged = { at: now.toISOString(), aside: path.basename(aside), tables };
  fs.writeFileSync(tellsIn(file), JSON.stringify(saved));
  return saved;
}

const rowid = '"row here"';
const idOf = (row: Row): number => Number(row['row here']);
const withRowid = (table: string): string => `SELECT rowid AS ${rowid}, * FROM ${table}`;

/** What a row is known by in every copy of a file: its key. A copy may count its rows anew, so without a key there is none. */
type Key = readonly unknown[];
const keyNames = (db: Db, table: string): string[] =>
  columnsOf(db, table).flatMap(({ name, pk }) => (pk > 0 ? [name] : []));
const keyOf = (names: readonly string[], row: Row): Key => names.map((name) => row[name]);
const byKey = (table: string, names: readonly string[]): string =>
  `${withRowid(table)} WHERE ${names.map((name) => `${name} = ?`).join(' AND ')}`;

interface Read {
  readonly rows: Row[];
  /** Rows that are there and cannot be read, by their key, as far as it can be told which they were. */
  readonly lost: readonly Key[];
  /** There may have been more than those. */
  readonly mayBeMore: boolean;
}

/**
 * Rows of a table from both ends up to where they can be read, and those between them one by one: an index still knows
 * which there were, else the backup does.
 */
function readIn(db: Db, table: string, old: Db | undefined): Read {
  if (!tablesOf(db).includes(table)) return { rows: [], lost: [], mayBeMore: false };
  if (!hasRowid(db, table)) {
    const { rows, isWhole } = until(db, `SELECT * FROM ${table}`);
    return { rows, lost: [], mayBeMore: !isWhole };
  }
  const up = until(db, `${withRowid(table)} ORDER BY rowid`);
  if (up.isWhole) return { rows: up.rows, lost: [], mayBeMore: false };
  const down = until(db, `${withRowid(table)} ORDER BY rowid DESC`);
  const rows = new Map([...up.rows, ...down.rows].map((row) => [idOf(row), row]));
  const inOrder = () => [...rows.values()].sort((a, b) => idOf(a) - idOf(b));
  const names = keyNames(db, table);
  if (names.length === 0) return { rows: inOrder(), lost: [], mayBeMore: true };
  const keys = `SELECT ${names.join(', ')} FROM ${table}`;
  const known = until(db, keys);
  const before = old && tablesOf(old).includes(table) ? until(old, keys).rows : [];
  const here = new Set([...rows.values()].map((row) => JSON.stringify(keyOf(names, row))));
  const one = db.prepare<unknown[], Row>(byKey(table, names));
  const lost = new Map<string, Key>();
  for (const row of [...known.rows, ...before]) {
    const key = keyOf(names, row);
    const text = JSON.stringify(key);
    if (here.has(text)) continue;
    try {
      const found = one.get(...key);
      // What was taken out since the backup stays out.
      if (found) rows.set(idOf(found), found);
    } catch (error) {
      if (!isDamage(error)) throw error;
      lost.set(text, key);
    }
  }
  return { rows: inOrder(), lost: [...lost.values()], mayBeMore: !known.isWhole };
}

/** What a walk through rows gives until it comes to a page that cannot be read. */
function until(db: Db, sql: string): { rows: Row[]; isWhole: boolean } {
  const rows: Row[] = [];
  try {
    for (const row of db.prepare<unknown[], Row>(sql).iterate()) rows.push(row);
    return { rows, isWhole: true };
  } catch (error) {
    if (!isDamage(error)) throw error;
    return { rows, isWhole: false };
  }
}

/** Of some lost rows those that a backup still has. */
function stillIn(old: Db | undefined, table: string, lost: readonly Key[]): Row[] {
  if (!old || lost.length === 0 || !tablesOf(old).includes(table)) return [];
  const one = old.prepare<unknown[], Row>(byKey(table, keyNames(old, table)));
  return lost.flatMap((key): Row[] => {
    const row = one.get(...key);
    return row ? [row] : [];
  });
}

/** @returns whether it fits; what was garbled does not */
function put(db: Db, table: string, row: Row): boolean {
  const names = columnsOf(db, table).flatMap(({ name }) => (name in row ? [name] : []));
  try {
    db.prepare(`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`).run(
      ...names.map((name) => row[name]),
    );
    return true;
  } catch {
    return false;
  }
}

/** Takes out what names a row that is gone, until nothing does. @returns how many of each table */
function dropOrphans(db: Db): Map<string, number> {
  const names = db
    .prepare<unknown[], { child: string; of: string; parent: string; key: string }>(
      `SELECT m.name AS child, f."from" AS of, f."table" AS parent, f."to" AS key
       FROM sqlite_master AS m, pragma_foreign_key_list(m.name) AS f WHERE m.type = 'table'`,
    )
    .all();
  const dropped = new Map<string, number>();
  for (let wasAny = true; wasAny;) {
    wasAny = false;
    for (const { child, of, parent, key } of names) {
      const { changes } = db
        .prepare(`DELETE FROM ${child} WHERE ${of} IS NOT NULL AND ${of} NOT IN (SELECT ${key} FROM ${parent})`)
        .run();
      wasAny ||= changes > 0;
      // What the database keeps from others is no loss of its own.
      if (changes > 0 && tablesOf(db).includes(child)) dropped.set(child, (dropped.get(child) ?? 0) + changes);
    }
  }
  return dropped;
}

/**
 * The newest copy that is whole itself and of this garden: what was set aside at a reset lies beside it too, and its
 * rows are none of this one's. The log is only ever added to, so that of a copy is the beginning of this one's.
 */
function newestWhole(file: string, damaged: Db): string | undefined {
  // From both ends: the first lines may be the ones that cannot be read.
  const lines = (db: Db) =>
    ['ASC', 'DESC'].flatMap((order) =>
      until(db, `SELECT id, command_id FROM log ORDER BY id ${order}`).rows.map(
        ({ id, command_id }) => [id, command_id] as const,
      ),
    );
  const here = new Map(lines(damaged));
  return keepings(file)
    .map(({ name }) => path.join(path.dirname(file), name))
    .find((kept) => {
      try {
        mustBeWhole(kept);
      } catch {
        return false;
      }
      const copy = new Database(kept, { readonly: true });
      try {
        const both = lines(copy).filter(([id]) => here.has(id));
        return both.length > 0 && both.every(([id, command]) => here.get(id) === command);
      } finally {
        copy.close();
      }
    });
}
