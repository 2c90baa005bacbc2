import { isDeepStrictEqual } from 'node:util';
import { caseOutcomes, type CaseOutcome } from '@trowel/core/contract';
import { actionClasses } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId, storedUnder } from './ids';
import { any, insert, jsonText, maybeOne, run } from './rows';

/** The last weighing in short, so that lists need not weigh again. */
export const readingShort = z.object({
  causes: z.array(z.object({ id: storedId('causes'), probability: z.number() })),
  conditions: z.array(z.object({ id: storedId('conditions'), probability: z.number() })),
  depth: z.number(),
  action: z.enum(actionClasses),
});
export type ReadingShort = z.infer<typeof readingShort>;

const caseRow = z.object({
  id: z.string(),
  name: z.string(),
  pattern: z.number(),
  bed_id: z.string(),
  planting_id: z.string().nullable(),
  opened_on: z.string(),
  status: z.enum(['open', 'closed']),
  closed_on: z.string().nullable(),
  outcome: z.enum(caseOutcomes).nullable(),
  late_look_on: z.string().nullable(),
  reading: jsonText(readingShort),
});
export type CaseRow = z.infer<typeof caseRow>;

const observationRow = z.object({
  sign: storedId('signs'),
  state: z.enum(['seen', 'absent', 'not-looked']),
  amount: z.number().nullable(),
  sure: z.number().nullable(),
});
export interface EvidenceRow {
  readonly sign: string;
  readonly state: 'seen' | 'absent';
  readonly amount: number | null;
  /** How sure the reading of the words is; null where it was tapped. */
  readonly sure: number | null;
}

export const anyOpenCases = (db: Db): CaseRow[] =>
  any(db, caseRow, "SELECT * FROM cases WHERE status = 'open' ORDER BY opened_on, id");
export const maybeOneCase = (db: Db, id: string): CaseRow | undefined =>
  maybeOne(db, caseRow, 'SELECT * FROM cases WHERE id = ?', id);
/** @throws Error when there is none. */
export function oneCase(db: Db, id: string): CaseRow {
  const row = maybeOneCase(db, id);
  if (!row) throw new Error(`there is no case "${id}"`);
  return row;
}
export const countCases = (db: Db): number =>
  maybeOne(db, z.object({ n: z.number() }), 'SELECT COUNT(*) AS n FROM cases')?.n ?? 0;

export function addCase(
  db: Db,
  row: Pick<CaseRow, 'id' | 'name' | 'pattern' | 'bed_id' | 'planting_id' | 'opened_on' | 'reading'>,
): void {
  run(
    db,
    "INSERT INTO cases (id, name, pattern, bed_id, planting_id, opened_on, reading, status) VALUES (?, ?, ?, ?, ?, ?, ?, 'open')",
    row.id,
    row.name,
    row.pattern,
    row.bed_id,
    row.planting_id,
    row.opened_on,
    JSON.stringify(row.reading),
  );
}

/** Writes nothing where it reads as it did: what rests on it stands. */
export function saveReading(db: Db, id: string, reading: ReadingShort): void {
  const row = maybeOneCase(db, id);
  if (isDeepStrictEqual(row?.reading, reading)) return;
  run(db, 'UPDATE cases SET reading = ? WHERE id = ?', JSON.stringify(reading), id);
  // What its jobs taught is told of the cause that it is now.
  if (row?.status === 'closed')
    run(db, 'UPDATE job SET settled = settled WHERE case_id = ? AND settled IS NOT NULL', id);
}

/** Cases of a bed, the newest first. */
export const anyCasesIn = (db: Db, bedId: string, most: number): CaseRow[] =>
  any(db, caseRow, 'SELECT * FROM cases WHERE bed_id = ? ORDER BY opened_on DESC, id LIMIT ?', bedId, most);

/** The newest reading of a place itself; undefined where nobody has walked it. */
export const maybeNewestWalk = (db: Db, bedId: string): CaseRow | undefined =>
  maybeOne(
    db,
    caseRow,
    `SELECT * FROM cases WHERE bed_id = ? AND planting_id IS NULL AND outcome IS NOT 'mistaken'
     ORDER BY opened_on DESC, rowid DESC LIMIT 1`,
    bedId,
  );

/** In which cases were opened, the newest first. */
export const yearsOfCases = (db: Db): number[] =>
  any(
    db,
    z.object({ year: z.string() }),
    // From one year to the next by the index, so that ten years are ten looks.
    `WITH RECURSIVE found (year) AS (
       SELECT substr(MIN(opened_on), 1, 4) FROM cases
       UNION ALL
       SELECT substr((SELECT MIN(opened_on) FROM cases WHERE opened_on > found.year || '-12-31'), 1, 4) FROM found
       WHERE found.year IS NOT NULL)
     SELECT year FROM found WHERE year IS NOT NULL ORDER BY year DESC`,
  ).map(({ year }) => Number(year));

/** Where a list of closed cases goes on: after this one. */
export interface ClosedPlace {
  readonly on: string;
  readonly id: string;
}
/** The name, place, plant or cause that is sought in closed cases; causes and plants by the ids that they have. */
/** From this chance on a case counts as having been that cause. */
export const countsAs = 0.5;

export interface ClosedSought {
  readonly words: string;
  readonly causes: readonly string[];
}

const soughtIn = `(c.name LIKE @like ESCAPE '\\' OR b.name LIKE @like ESCAPE '\\' OR p.label LIKE @like ESCAPE '\\'
  OR c.id IN (SELECT case_id FROM case_cause WHERE cause IN (SELECT value FROM json_each(@causes))
              AND probability >= ${countsAs}))`;
const closedFrom = `FROM cases AS c JOIN bed AS b ON b.id = c.bed_id LEFT JOIN planting AS p ON p.id = c.planting_id
  WHERE c.status = 'closed'`;
const likePattern = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`;

/** Closed cases, the last closed first. */
export const anyClosedCases = (
  db: Db,
  sought: ClosedSought | undefined,
  after: ClosedPlace | undefined,
  most: number,
): CaseRow[] =>
  sought
    ? any(
        db,
        caseRow,
        `SELECT c.* ${closedFrom} AND ${soughtIn} AND (c.closed_on, c.id) < (@on, @id)
         ORDER BY c.closed_on DESC, c.id DESC LIMIT @most`,
        {
          like: likePattern(sought.words),
          causes: JSON.stringify(sought.causes),
          on: after?.on ?? '9999',
          id: after?.id ?? '',
          most,
        },
      )
    : any(
        db,
        caseRow,
        `SELECT * FROM cases WHERE status = 'closed' AND (closed_on, id) < (?, ?)
         ORDER BY closed_on DESC, id DESC LIMIT ?`,
        after?.on ?? '9999',
        after?.id ?? '',
        most,
      );

export const countClosed = (db: Db): number =>
  maybeOne(db, z.object({ n: z.number() }), "SELECT COUNT(*) AS n FROM cases WHERE status = 'closed'")?.n ?? 0;

/** What a place had, cause by cause, in cases that came to an end and were what they were taken for. */
export interface PastOfBed {
  readonly bedId: string;
  readonly cause: string;
  readonly times: number;
  readonly lastOn: string;
}
const pastRow = z
  .object({ bed_id: z.string(), cause: storedId('causes'), times: z.number(), last_on: z.string() })
  .transform(({ bed_id, cause, times, last_on }): PastOfBed => ({ bedId: bed_id, cause, times, lastOn: last_on }));
const pastOf = (where: string) => `SELECT bed_id, cause, COUNT(*) AS times, MAX(opened_on) AS last_on
  FROM past WHERE ${where} GROUP BY bed_id, cause ORDER BY MIN(opened_on)`;
export const anyPastOfBed = (db: Db, bedId: string, exceptCase = ''): PastOfBed[] =>
  asToday(any(db, pastRow, pastOf('bed_id = ? AND case_id <> ?'), bedId, exceptCase));
export const anyPast = (db: Db): PastOfBed[] => asToday(any(db, pastRow, pastOf('TRUE')));

/** What was stored under an old and a new id is one. */
function asToday(rows: readonly PastOfBed[]): PastOfBed[] {
  const found = new Map<string, PastOfBed>();
  for (const row of rows) {
    const key = `${row.bedId} ${row.cause}`;
    const known = found.get(key);
    found.set(key, {
      ...row,
      times: row.times + (known?.times ?? 0),
      lastOn: known && known.lastOn > row.lastOn ? known.lastOn : row.lastOn,
    });
  }
  return [...found.values()];
}

/** What the leading cause of a case is, where it counts as that. */
export const leadingCause = `(SELECT cause FROM case_cause WHERE case_id = c.id AND probability >= ${countsAs}
  ORDER BY probability DESC, cause LIMIT 1)`;

/** Causes that cases were, each once. */
export const leadingCauses = (db: Db): string[] => [
  ...new Set(
    any(
      db,
      z.object({ cause: storedId('causes') }),
      `SELECT cause FROM case_cause WHERE probability >= ${countsAs} GROUP BY cause`,
    ).map(({ cause }) => cause),
  ),
];

/** What a year's cases come to: narrow, so that it is cheap to see that none of them changed. */
const caseOfYear = z.object({
  id: z.string(),
  bed_id: z.string(),
  opened_on: z.string(),
  outcome: z.string().nullable(),
  /** The likeliest, where it counts as that. */
  cause: storedId('causes').nullable(),
});
export type CaseOfYear = z.output<typeof caseOfYear>;
export const anyCasesOfYear = (db: Db, year: string): CaseOfYear[] =>
  any(
    db,
    caseOfYear,
    `SELECT c.id, c.bed_id, c.opened_on, c.outcome, ${leadingCause} AS cause FROM cases AS c
     WHERE c.opened_on BETWEEN ? AND ? ORDER BY c.opened_on, c.id`,
    `${year}-01-01`,
    `${year}-12-31`,
  );

/** Cases opened between two days of the year (MM-DD; over its turn too), with what each was. */
export function anyHappened(db: Db, from: string, to: string): { bed: string; cause: string; on: string }[] {
  const isOverTheTurn = from > to;
  return any(
    db,
    z.object({ bed: z.string(), cause: storedId('causes').nullable(), on: z.string() }),
    `SELECT c.bed_id AS bed, c.opened_on AS "on", ${leadingCause} AS cause FROM cases AS c
     WHERE (substr(c.opened_on, 6) >= ? ${isOverTheTurn ? 'OR' : 'AND'} substr(c.opened_on, 6) <= ?)
       AND c.outcome IS NOT 'mistaken'
     ORDER BY c.opened_on, c.id`,
    from,
    to,
  ).flatMap(({ cause, ...row }) => (cause === null ? [] : [{ ...row, cause }]));
}

/** Closed cases whose late look falls within a range of days. */
export const anyLateLooks = (db: Db, from: string, to: string): CaseRow[] =>
  any(
    db,
    caseRow,
    // By its index; the plus keeps that of the status out of it, under which nearly all stand.
    "SELECT * FROM cases WHERE +status = 'closed' AND late_look_on BETWEEN ? AND ? ORDER BY late_look_on",
    from,
    to,
  );

export function closeCase(db: Db, id: string, outcome: CaseOutcome, on: string, lateLookOn: string | null): void {
  run(
    db,
    "UPDATE cases SET status = 'closed', outcome = ?, closed_on = ?, late_look_on = ? WHERE id = ?",
    outcome,
    on,
    lateLookOn,
    id,
  );
}

export function reopenCase(db: Db, id: string): void {
  run(db, "UPDATE cases SET status = 'open', outcome = NULL, closed_on = NULL, late_look_on = NULL WHERE id = ?", id);
}

/** What holds now: the row of the latest day of each sign, without those taken back. A renamed sign is one with what it was. */
export function anyEvidence(db: Db, caseId: string): EvidenceRow[] {
  const rows = any(
    db,
    observationRow,
    `SELECT sign, state, amount, sure FROM observation AS o
     WHERE case_id = ?
       AND id = (SELECT id FROM observation WHERE case_id = o.case_id AND sign = o.sign
                 ORDER BY observed_on DESC, id DESC LIMIT 1)
     ORDER BY id`,
    caseId,
  );
  const newest = new Map(rows.map((row) => [row.sign, row]));
  return [...newest.values()].flatMap(({ sign, state, amount, sure }) =>
    state === 'not-looked' ? [] : [{ sign, state, amount, sure }],
  );
}

export function addObservation(
  db: Db,
  row: {
    caseId: string;
    sign: string;
    state: string;
    amount?: number | undefined;
    said?: string | undefined;
    /** Left out where it was tapped or measured. */
    sure?: number | undefined;
    on: string;
  },
): number {
  return insert(
    db,
    'INSERT INTO observation (case_id, sign, state, amount, said, sure, observed_on) VALUES (?, ?, ?, ?, ?, ?, ?)',
    row.caseId,
    row.sign,
    row.state,
    row.amount ?? null,
    row.said ?? null,
    row.sure ?? null,
    row.on,
  );
}

const triedRow = z.object({
  remedy: storedId('remedies'),
  helped: z.number().nullable(),
  on_date: z.string().nullable(),
});
/** What was done about a case before, as the gardener says, outside of any job. */
export const anyTried = (db: Db, caseId: string): z.infer<typeof triedRow>[] =>
  any(db, triedRow, 'SELECT remedy, helped, on_date FROM tried WHERE case_id = ? ORDER BY rowid', caseId);

const triedInBedRow = triedRow.extend({ planting_id: z.string().nullable(), on_date: z.string() });
/** The same of every case of a bed, where a day is known. */
export const anyTriedInBed = (db: Db, bedId: string, since: string): z.infer<typeof triedInBedRow>[] =>
  any(
    db,
    triedInBedRow,
    `SELECT t.remedy, t.helped, t.on_date, c.planting_id FROM tried AS t JOIN cases AS c ON c.id = t.case_id
     WHERE c.bed_id = ? AND t.on_date >= ? ORDER BY t.on_date, t.rowid`,
    bedId,
    since,
  );

/** What is said anew stands; what is left unsaid stays as it was. */
export function addTried(
  db: Db,
  caseId: string,
  row: { readonly remedy: string; readonly helped?: boolean | undefined; readonly on?: string | undefined },
): void {
  run(
    db,
    `INSERT INTO tried (case_id, remedy, helped, on_date) VALUES (?, ?, ?, ?)
     ON CONFLICT (case_id, remedy) DO UPDATE
     SET helped = COALESCE(excluded.helped, helped), on_date = COALESCE(excluded.on_date, on_date)`,
    caseId,
    row.remedy,
    row.helped === undefined ? null : Number(row.helped),
    row.on ?? null,
  );
}

export const dropTried = (db: Db, caseId: string, remedy: string): void =>
  run(db, 'DELETE FROM tried WHERE case_id = ? AND remedy = ?', caseId, remedy);

const observationWhole = z.object({
  case_id: z.string(),
  case_name: z.string(),
  observed_on: z.string(),
  sign: storedId('signs'),
  state: z.enum(['seen', 'absent', 'not-looked']),
  amount: z.number().nullable(),
  said: z.string().nullable(),
});
/** Every look that was ever noted, case by case. */
export const everyObservation = (db: Db): z.infer<typeof observationWhole>[] =>
  any(
    db,
    observationWhole,
    `SELECT o.case_id, c.name AS case_name, o.observed_on, o.sign, o.state, o.amount, o.said
     FROM observation AS o JOIN cases AS c ON c.id = o.case_id ORDER BY c.opened_on, c.id, o.observed_on, o.id`,
  );

export const caseNames = (db: Db): ReadonlyMap<string, string> =>
  new Map(
    any(db, z.object({ id: z.string(), name: z.string() }), 'SELECT id, name FROM cases').map(({ id, name }) => [
      id,
      name,
    ]),
  );

/** Cases of a name; there may be several. */
export const casesCalled = (db: Db, name: string): CaseRow[] =>
  any(db, caseRow, 'SELECT * FROM cases WHERE name = ? ORDER BY opened_on DESC', name);

export const anyChecksDone = (db: Db, caseId: string): string[] =>
  any(
    db,
    z.object({ check_id: storedId('checks') }),
    'SELECT DISTINCT check_id FROM check_done WHERE case_id = ?',
    caseId,
  ).map(({ check_id }) => check_id);

export function addCheckDone(db: Db, row: { caseId: string; check: string; answer: string; on: string }): void {
  run(
    db,
    'INSERT INTO check_done (case_id, check_id, answer, done_on) VALUES (?, ?, ?, ?)',
    row.caseId,
    row.check,
    row.answer,
    row.on,
  );
}

/** The last count of each sign before the newest one, with its day. */
export const anyEarlierCounts = (db: Db, caseId: string): { sign: string; amount: number; on: string }[] =>
  any(
    db,
    z
      .object({ sign: storedId('signs'), amount: z.number(), observed_on: z.string() })
      .transform(({ observed_on, ...row }) => ({ ...row, on: observed_on })),
    `SELECT sign, amount, observed_on FROM observation AS o
     WHERE case_id = ? AND amount IS NOT NULL
       AND id = (SELECT MAX(id) FROM observation AS earlier
                 WHERE earlier.case_id = o.case_id AND earlier.sign = o.sign AND earlier.amount IS NOT NULL
                   AND earlier.observed_on < (SELECT MAX(observed_on) FROM observation AS newest
                                              WHERE newest.case_id = o.case_id AND newest.sign = o.sign
                                                AND newest.amount IS NOT NULL))`,
    caseId,
  );

/** The day of the newest count of a sign. */
export const maybeCountedOn = (db: Db, caseId: string, sign: string): string | undefined =>
  maybeOne(
    db,
    z.object({ observed_on: z.string() }),
    `SELECT observed_on FROM observation
     WHERE case_id = ? AND sign IN (SELECT value FROM json_each(?)) AND amount IS NOT NULL
     ORDER BY observed_on DESC, id DESC LIMIT 1`,
    caseId,
    storedUnder('signs', sign),
  )?.observed_on;
