import { isDeepStrictEqual } from 'node:util';
import type { Db } from '../database';
import { writtenSoFar } from './statements';

/** What was read: as of how often its tables were written, as it stood in the file, and as it was understood. */
interface Answer {
  of: string;
  readonly inFile: string | undefined;
  readonly rows: unknown;
}

/** What something rests on: asked again, it gives the very same as long as nothing changed there. */
interface Rest {
  /** Tables that a read reads; left out for what was worked out in its turn, which knows best itself. */
  readonly of?: readonly string[];
  readonly again: () => unknown;
  readonly gave: unknown;
}
type Rests = Map<string, Rest>;

/** What was worked out from reads. */
interface Worked {
  readonly value: unknown;
  readonly asOf: string;
  readonly rests: Rests;
  /** As of which writes it is known to hold, in all and of each table that it rests on. */
  mark: string;
  written: ReadonlyMap<string, number>;
}

/** What is known of a garden's file: what has been read, what was worked out from it, and what was written. */
interface Remembered {
  readonly answers: Map<string, Answer>;
  /** Rows held in all. */
  rows: number;
  /** What was worked out, with which tables of knowledge, by what it is. */
  readonly worked: WeakMap<object, Map<string, Worked>>;
  /** What is being worked out now, the innermost last: each read is noted there. */
  readonly workingOut: Rests[];
  /** How often each table was written through here. */
  readonly written: Map<string, number>;
  /** What writing sets off further. */
  readonly further: readonly Further[];
  /** Tables that a text writes, itself and further. */
  readonly writtenBy: Map<string, readonly string[]>;
  /** The mark of everything written that is known of. */
  mark: string;
}
const rememberedOf = new WeakMap<Db, Remembered>();
/** Databases with a transaction under way, and of which kind: only in one do all reads belong together. */
const underWay = new WeakMap<Db, 'read' | 'write'>();
/** Rows kept at once, of each garden. */
const mostRows = 200_000;
/** Cells from which on a list is long. */
const longList = 6000;
/** Worked-out values kept at once, of each garden. */
const mostWorked = 1000;

/**
 * Runs reads or an act in one transaction. Rows are read from the file and parsed once, until a table that they come
 * from is written: a page asks for the same beds and steps dozens of times, and the next page for most of them again.
 * What is read is shared, and never to be changed.
 * @param kind 'read' for a view; 'write' takes the lock at once
 */
export function inTransaction<Result>(db: Db, kind: 'read' | 'write', work: () => Result): Result {
  underWay.set(db, kind);
  let before = '';
  const transaction = db.transaction(() => {
    before = writtenSoFar(db);
    forgetUnlessKnown(db);
    return work();
  });
  try {
    return kind === 'write' ? transaction.immediate() : transaction();
  } catch (error) {
    // What was read of an act that is taken back never was.
    if (writtenSoFar(db) !== before) rememberedOf.delete(db);
    throw error;
  } finally {
    underWay.delete(db);
  }
}

function rememberedIn(db: Db): Remembered {
  const known = rememberedOf.get(db);
  if (known) return known;
  const remembered: Remembered = {
    answers: new Map(),
    rows: 0,
    worked: new WeakMap(),
    workingOut: [],
    written: new Map(),
    further: furtherIn(db),
    writtenBy: new Map(),
    mark: writtenSoFar(db),
  };
  rememberedOf.set(db, remembered);
  return remembered;
}

/** What was written past this store, or through another connection, is not known by its table. */
function forgetUnlessKnown(db: Db): void {
  if (rememberedIn(db).mark !== writtenSoFar(db)) rememberedOf.delete(db);
}

type Verb = 'INSERT' | 'UPDATE' | 'DELETE';
interface Write {
  readonly verb: Verb;
  readonly table: string;
  /** The text that says so, which names the columns of an update; left out, it may be any. */
  readonly sql?: string;
}
/** A kind of writing, and what it sets off. */
interface Further {
  readonly of: Write;
  /** Of an update, the columns one of which must be named for it; left out, any. */
  readonly columns?: readonly string[];
  readonly sets: readonly Write[];
}

const writes =
  /\b(?:INSERT(?:\s+OR\s+\w+)?|REPLACE)\s+INTO\s+(\w+)|\bUPDATE\s+(?:OR\s+\w+\s+)?(?!SET\b)(\w+)|\bDELETE\s+FROM\s+(\w+)/gi;

/** What a text writes: an insert may update what is there, or put it out first with what hangs on it. */
const writesIn = (sql: string): Write[] =>
  [...sql.matchAll(writes)].flatMap(([whole, inserts, updates, deletes]) => {
    const verbs: (readonly [Verb, string | undefined])[] = [
      ['INSERT', inserts],
      ['UPDATE', updates ?? (/\bDO\s+UPDATE\b/i.test(sql) ? inserts : undefined)],
      ['DELETE', deletes ?? (/\bREPLACE\b/i.test(whole) ? inserts : undefined)],
    ];
    return verbs.flatMap(([verb, table]) => (table === undefined ? [] : [{ verb, table, sql }]));
  });

/** What writing sets off further: triggers, and what goes or changes with its owner. */
function furtherIn(db: Db): Further[] {
  const triggers = db
    .prepare<unknown[], { table: string; sql: string }>(
      `SELECT tbl_name AS "table", sql FROM sqlite_master WHERE type = 'trigger'`,
    )
    .all()
    .map(({ table, sql }): Further => {
      const [head = '', body = ''] = sql.split(/\bBEGIN\b/i);
      const [, verb = '', columns] = /\b(INSERT|UPDATE|DELETE)\b(?:\s+OF\s+([\w\s,]+?))?\s+ON\b/i.exec(head) ?? [];
      const named = columns === undefined ? {} : { columns: columns.split(',').map((name) => name.trim()) };
      return { of: { verb: verb.toUpperCase() as Verb, table }, ...named, sets: writesIn(body) };
    });
  const owners = db
    .prepare<unknown[], { owner: string; table: string; on_delete: string; on_update: string }>(
      `SELECT f."table" AS owner, m.name AS "table", f.on_delete, f.on_update
       FROM sqlite_master AS m, pragma_foreign_key_list(m.name) AS f WHERE m.type = 'table'`,
    )
    .all()
    .flatMap(({ owner, table, on_delete, on_update }): Further[] =>
      (
        [
          ['DELETE', on_delete],
          ['UPDATE', on_update],
        ] as const
      ).flatMap(([verb, action]) => {
        if (action === 'NO ACTION') return [];
        const goes = verb === 'DELETE' && action === 'CASCADE' ? verb : 'UPDATE';
        return [{ of: { verb, table: owner }, sets: [{ verb: goes, table }] }];
      }),
    );
  return [...triggers, ...owners];
}

/** Every table that a text writes, by itself or by what it sets off; each text is looked into once. */
function tablesWrittenBy(sql: string, { further, writtenBy }: Remembered): readonly string[] {
  const known = writtenBy.get(sql);
  if (known) return known;
  const reached = new Set<Write>();
  const reach = (write: Write) => {
    if (reached.has(write)) return;
    reached.add(write);
    for (const { of, columns, sets } of further) {
      const isOf = of.table === write.table && of.verb === write.verb;
      const names = (name: string) => write.sql === undefined || new RegExp(`\\b${name}\\b`, 'i').test(write.sql);
      if (isOf && (!columns || columns.some(names))) sets.forEach(reach);
    }
  };
  writesIn(sql).forEach(reach);
  const tables = [...new Set([...reached].map(({ table }) => table))];
  writtenBy.set(sql, tables);
  return tables;
}

const tablesIn = (sql: string, where: RegExp): string[] => [
  ...new Set([...sql.matchAll(where)].flatMap(([, table]) => table ?? [])),
];
const readFrom = /\b(?:FROM|JOIN)\s+(\w+)/gi;
const tablesRead = new Map<string, readonly string[]>();
/** Tables that a text reads, which is looked into once. */
function tablesReadBy(sql: string): readonly string[] {
  const known = tablesRead.get(sql) ?? tablesIn(sql, readFrom);
  tablesRead.set(sql, known);
  return known;
}

/**
 * @param read the rows as they stand in the file
 * @param parse what they say; where the file holds the same rows still, it is what it was
 */
export function readOnce<Raw, Parsed>(
  db: Db,
  which: 'all' | 'first',
  sql: string,
  params: readonly unknown[],
  read: () => Raw,
  parse: (raw: Raw) => Parsed,
): Parsed {
  if (!underWay.has(db)) return parse(read());
  if (underWay.get(db) === 'write') forgetUnlessKnown(db);
  const remembered = rememberedIn(db);
  const key = JSON.stringify([which, sql, params]);
  const tables = tablesReadBy(sql);
  const again = (): Parsed => {
    const of = tables.map((table) => remembered.written.get(table) ?? 0).join(' ');
    const known = remembered.answers.get(key);
    if (known?.of === of) return known.rows as Parsed;
    const raw = read();
    // Of a long list it costs more to compare than to read it again.
    const inFile = isLong(raw) ? undefined : JSON.stringify(raw);
    if (known && inFile !== undefined && known.inFile === inFile) {
      known.of = of;
      return known.rows as Parsed;
    }
    const rows = parse(raw);
    if (remembered.rows > mostRows) {
      remembered.answers.clear();
      remembered.rows = 0;
    }
    remembered.rows += Array.isArray(rows) ? rows.length + 1 : 1;
    remembered.answers.set(key, { of, inFile, rows });
    return rows;
  };
  const rows = again();
  remembered.workingOut.at(-1)?.set(key, { of: tables, again, gave: rows });
  return rows;
}

const isLong = (raw: unknown): boolean =>
  Array.isArray(raw) && raw.length * Object.keys((raw[0] ?? {}) as object).length > longList;

/**
 * What a work gives, kept until one of the rows that it read is another one: a page of ten years asks the judge, the
 * weigher and the planner for the same again and again.
 * @param tables the knowledge it is worked out with
 * @param what its name: of each, the last is kept
 * @param asOf everything besides rows and knowledge that it depends on: days, hours, what was handed in
 * @param work reads the garden by this store alone, and writes nothing
 */
export function workedOut<Value>(
  db: Db,
  tables: object,
  what: string,
  asOf: readonly unknown[],
  work: () => Value,
): Value {
  if (!underWay.has(db)) return work();
  if (underWay.get(db) === 'write') forgetUnlessKnown(db);
  const remembered = rememberedIn(db);
  const kept = remembered.worked.get(tables) ?? new Map<string, Worked>();
  remembered.worked.set(tables, kept);
  const now = JSON.stringify(asOf);
  const known = kept.get(what);
  const found = known?.asOf === now && holds(remembered, known) ? known : workOut(remembered, now, work, known);
  if (kept.size >= mostWorked) kept.clear();
  kept.set(what, found);
  const again = () => workedOut(db, tables, what, asOf, work);
  remembered.workingOut.at(-1)?.set(JSON.stringify([numberOf(tables), what, now]), { again, gave: found.value });
  return found.value as Value;
}

const numbers = new WeakMap<object, number>();
let lastNumber = 0;
/** Tells tables of knowledge apart. */
function numberOf(tables: object): number {
  const known = numbers.get(tables) ?? (lastNumber += 1);
  numbers.set(tables, known);
  return known;
}

function holds(remembered: Remembered, known: Worked): boolean {
  if (known.mark === remembered.mark) return true;
  const changed = new Set(
    [...known.written].flatMap(([table, times]) => (writtenOf(remembered, table) === times ? [] : [table])),
  );
  // What is asked for here is of this work, not of the one around it.
  remembered.workingOut.push(new Map());
  try {
    for (const { of, again, gave } of known.rests.values())
      if ((!of || of.some((table) => changed.has(table))) && again() !== gave) return false;
  } finally {
    remembered.workingOut.pop();
  }
  known.mark = remembered.mark;
  known.written = writtenFor(remembered, known.rests);
  return true;
}

const writtenOf = ({ written }: Remembered, table: string): number => written.get(table) ?? 0;
const writtenFor = (remembered: Remembered, rests: Rests): ReadonlyMap<string, number> =>
  new Map(
    [...new Set([...rests.values()].flatMap(({ of = [] }) => of))].map((table) => [
      table,
      writtenOf(remembered, table),
    ]),
  );

/** Works it out anew; what comes to the same as before is the very same, so that what rests on it stands. */
function workOut(remembered: Remembered, asOf: string, work: () => unknown, before: Worked | undefined): Worked {
  const rests: Rests = new Map();
  remembered.workingOut.push(rests);
  try {
    const made = work();
    const value = before && isDeepStrictEqual(made, before.value) ? before.value : made;
    return { value, asOf, rests, mark: remembered.mark, written: writtenFor(remembered, rests) };
  } finally {
    remembered.workingOut.pop();
  }
}

/** Runs what writes, and forgets what was read of the tables that it touches. */
export function writing<Answer>(db: Db, sql: string, write: () => Answer): Answer {
  const remembered = rememberedIn(db);
  const isKnown = remembered.mark === writtenSoFar(db);
  const answer = write();
  const touched = tablesWrittenBy(sql, remembered);
  for (const table of touched) remembered.written.set(table, (remembered.written.get(table) ?? 0) + 1);
  if (!isKnown || touched.length === 0) rememberedOf.delete(db);
  else remembered.mark = writtenSoFar(db);
  return answer;
}
