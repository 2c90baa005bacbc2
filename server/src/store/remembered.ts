import type { Db } from '../database';
import { writtenSoFar } from './statements';

/** What was read: as of how often its tables were written, as it stood in the file, and as it was understood. */
interface Answer {
  of: string;
  readonly inFile: string | undefined;
  readonly rows: unknown;
}

/** A read that something rests on: asked again, it gives the very same rows as long as nothing changed there. */
interface Rest {
  readonly again: () => unknown;
  readonly rows: unknown;
}
type Rests = Map<string, Rest>;

/** What was worked out from reads. */
interface Worked {
  readonly value: unknown;
  readonly asOf: string;
  readonly rests: Rests;
  /** As of which writes it is known to hold. */
  mark: string;
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
  /** Tables that are written along with another, by a trigger or with what hangs on its rows. */
  readonly along: ReadonlyMap<string, readonly string[]>;
  /** The mark of everything written that is known of. */
  mark: string;
}
const rememberedOf = new WeakMap<Db, Remembered>();
/** Databases with a transaction under way, and of which kind: only in one do all reads belong together. */
const underWay = new WeakMap<Db, 'read' | 'write'>();
/** Rows kept at once, of each garden. */
const mostRows = 200_000;
/** Rows from which on a list is long. */
const longList = 300;
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
    along: writtenAlong(db),
    mark: writtenSoFar(db),
  };
  rememberedOf.set(db, remembered);
  return remembered;
}

/** What was written past this store, or through another connection, is not known by its table. */
function forgetUnlessKnown(db: Db): void {
  if (rememberedIn(db).mark !== writtenSoFar(db)) rememberedOf.delete(db);
}

/** Which tables change with which, by triggers and by what is deleted with its owner. */
function writtenAlong(db: Db): Map<string, string[]> {
  const also = db
    .prepare<unknown[], { of: string; goes: string; sql: string | null }>(
      `SELECT tbl_name AS of, '' AS goes, sql FROM sqlite_master WHERE type = 'trigger'
       UNION ALL SELECT f."table", m.name, NULL FROM sqlite_master AS m, pragma_foreign_key_list(m.name) AS f
       WHERE m.type = 'table' AND f.on_delete <> 'NO ACTION'`,
    )
    .all()
    .flatMap(({ of, goes, sql }) =>
      (sql === null ? [goes] : tablesIn(sql, written)).map((table) => [of, table] as const),
    );
  const reached = (from: string, seen: ReadonlySet<string>): string[] =>
    also
      .flatMap(([of, table]) => (of === from && !seen.has(table) ? [table] : []))
      .flatMap((table) => [table, ...reached(table, new Set([...seen, table]))]);
  return new Map(also.map(([of]) => [of, reached(of, new Set([of]))]));
}

const written = /\b(?:INTO|UPDATE(?! OF\b)|DELETE FROM)\s+(?:OR\s+\w+\s+)?(\w+)/gi;
const readFrom = /\b(?:FROM|JOIN)\s+(\w+)/gi;
const tablesIn = (sql: string, where: RegExp): string[] => [
  ...new Set([...sql.matchAll(where)].flatMap(([, table]) => table ?? [])),
];

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
  const again = (): Parsed => {
    const of = tablesReadBy(sql)
      .map((table) => remembered.written.get(table) ?? 0)
      .join(' ');
    const known = remembered.answers.get(key);
    if (known?.of === of) return known.rows as Parsed;
    const raw = read();
    // Of a long list it costs more to compare than to read it again.
    const inFile = Array.isArray(raw) && raw.length > longList ? undefined : JSON.stringify(raw);
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
  remembered.workingOut.at(-1)?.set(key, { again, rows });
  return rows;
}

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
  const found = known?.asOf === now && holds(remembered, known) ? known : workOut(remembered, now, work);
  if (kept.size >= mostWorked) kept.clear();
  kept.set(what, found);
  const outer = remembered.workingOut.at(-1);
  if (outer) found.rests.forEach((rest, read) => outer.set(read, rest));
  return found.value as Value;
}

function holds(remembered: Remembered, known: Worked): boolean {
  if (known.mark !== remembered.mark) {
    for (const { again, rows } of known.rests.values()) if (again() !== rows) return false;
    known.mark = remembered.mark;
  }
  return true;
}

function workOut(remembered: Remembered, asOf: string, work: () => unknown): Worked {
  const rests: Rests = new Map();
  remembered.workingOut.push(rests);
  try {
    return { value: work(), asOf, rests, mark: remembered.mark };
  } finally {
    remembered.workingOut.pop();
  }
}

/** Runs what writes, and forgets what was read of the tables that it touches. */
export function writing<Answer>(db: Db, sql: string, write: () => Answer): Answer {
  const remembered = rememberedIn(db);
  const isKnown = remembered.mark === writtenSoFar(db);
  const answer = write();
  const touched = tablesIn(sql, written);
  for (const table of touched.flatMap((name) => [name, ...(remembered.along.get(name) ?? [])]))
    remembered.written.set(table, (remembered.written.get(table) ?? 0) + 1);
  if (!isKnown || touched.length === 0) rememberedOf.delete(db);
  else remembered.mark = writtenSoFar(db);
  return answer;
}
