import { z } from 'zod';
import type { Db } from '../database';
import { countsAs } from './cases';
import { storedUnder } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

const logRow = z.object({
  id: z.number(),
  at: z.string(),
  on_date: z.string(),
  command: z.string(),
  case_id: z.string().nullable(),
  body: jsonText(z.record(z.string(), z.unknown())),
  result: jsonText(z.unknown()),
  device: z.string().nullable(),
});
const line = 'id, at, on_date, command, case_id, body, result, device';
export type LogRow = z.infer<typeof logRow>;

export const anyLogOfCase = (db: Db, caseId: string): LogRow[] =>
  any(db, logRow, `SELECT ${line} FROM log WHERE case_id = ? ORDER BY id DESC LIMIT 200`, caseId);
export const maybeOneLine = (db: Db, id: number): LogRow | undefined =>
  maybeOne(db, logRow, `SELECT ${line} FROM log WHERE id = ?`, id);

/** Of what lines of the log are sought: a place, a plant by its label, a cause, a remedy. */
export interface LogSought {
  readonly bed?: string | undefined;
  readonly plant?: string | undefined;
  readonly cause?: string | undefined;
  readonly remedy?: string | undefined;
}

const jobsIn = (which: string) => `SELECT job_id FROM job_place WHERE ${which}`;
/** The cases, and the jobs, of which a line is that is sought; of a case, its jobs too. */
const soughtBy: Readonly<Record<keyof LogSought, { readonly cases: string; readonly jobs?: string }>> = {
  bed: { cases: 'SELECT id FROM cases WHERE bed_id = @bed', jobs: jobsIn('bed_id = @bed') },
  plant: {
    cases: 'SELECT id FROM cases WHERE planting_id IN (SELECT id FROM planting WHERE label = @plant)',
    jobs: jobsIn('planting_id IN (SELECT id FROM planting WHERE label = @plant)'),
  },
  cause: {
    cases: `SELECT case_id FROM case_cause WHERE cause IN (SELECT value FROM json_each(@cause)) AND probability >= ${countsAs}`,
  },
  remedy: {
    cases: 'SELECT NULL WHERE FALSE',
    jobs: 'SELECT id FROM job WHERE remedy IN (SELECT value FROM json_each(@remedy))',
  },
};

/** Lines from which on what is sought is met on every other page: reading page by page finds it sooner than its index. */
const often = 4000;

/** A page of the log, the newest day first. @param after goes on below this line */
export function anyLog(
  db: Db,
  sought: LogSought,
  after: Pick<LogRow, 'id' | 'on_date'> | undefined,
  most: number,
): LogRow[] {
  const facets = (Object.keys(soughtBy) as (keyof LogSought)[]).filter((facet) => sought[facet] !== undefined);
  const named = Object.fromEntries(
    facets.map((facet) => {
      const value = sought[facet] ?? '';
      if (facet === 'cause') return [facet, storedUnder('causes', value)];
      return [facet, facet === 'remedy' ? storedUnder('remedies', value) : value];
    }),
  );
  // By the indexes of cases and jobs, so that a rare one is found without reading ten years.
  const byIndex = (facet: keyof LogSought) => {
    const { cases, jobs } = soughtBy[facet];
    return `SELECT id FROM log WHERE case_id IN (${cases})${jobs ? ` UNION SELECT id FROM log WHERE job_id IN (${jobs})` : ''}`;
  };
  const isOften = (facet: keyof LogSought) =>
    maybeOne(db, z.object({ n: z.number() }), `SELECT COUNT(*) AS n FROM (${byIndex(facet)} LIMIT ${often})`, {
      [facet]: named[facet],
    })?.n === often;
  const isOf = facets.map((facet) => {
    const { cases, jobs } = soughtBy[facet];
    if (!isOften(facet)) return `AND id IN (${byIndex(facet)})`;
    return `AND (+case_id IN (${cases})${jobs ? ` OR +job_id IN (${jobs})` : ''})`;
  });
  return any(
    db,
    logRow,
    `SELECT ${line} FROM log
     WHERE (on_date, id) < (@on, @id) ${isOf.join(' ')} ORDER BY on_date DESC, id DESC LIMIT @most`,
    { on: after?.on_date ?? '9999', id: after?.id ?? 0, most, ...named },
  );
}

/** The stored answer of a command that was already done; undefined when it is new. */
export function earlierResult(db: Db, commandId: string): unknown {
  const row = maybeOne(
    db,
    z.object({ result: jsonText(z.unknown()) }),
    'SELECT result FROM log WHERE command_id = ?',
    commandId,
  );
  return row?.result;
}

export function addLog(
  db: Db,
  row: {
    commandId: string;
    at: string;
    on: string;
    command: string;
    caseId: string | null;
    body: unknown;
    result: unknown;
    /** Left out: the machine itself. */
    device?: string | undefined;
  },
): void {
  run(
    db,
    'INSERT INTO log (command_id, at, on_date, command, case_id, body, result, device) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
    row.commandId,
    row.at,
    row.on,
    row.command,
    row.caseId,
    JSON.stringify(row.body ?? {}),
    JSON.stringify(row.result ?? {}),
    row.device ?? null,
  );
}
