import { z } from 'zod';
import type { Db } from '../database';
import { any, jsonText, maybeOne, run } from './rows';

const logRow = z.object({
  id: z.number(),
  at: z.string(),
  on_date: z.string(),
  command: z.string(),
  case_id: z.string().nullable(),
  body: jsonText(z.record(z.string(), z.unknown())),
  result: jsonText(z.unknown()),
});
export type LogRow = z.infer<typeof logRow>;

export const anyLogOfCase = (db: Db, caseId: string): LogRow[] =>
  any(
    db,
    logRow,
    'SELECT id, at, on_date, command, case_id, body, result FROM log WHERE case_id = ? ORDER BY id DESC LIMIT 200',
    caseId,
  );
export const anyLog = (db: Db, limit: number): LogRow[] =>
  any(
    db,
    logRow,
    'SELECT id, at, on_date, command, case_id, body, result FROM log ORDER BY on_date DESC, id DESC LIMIT ?',
    limit,
  );

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
  },
): void {
  run(
    db,
    'INSERT INTO log (command_id, at, on_date, command, case_id, body, result) VALUES (?, ?, ?, ?, ?, ?, ?)',
    row.commandId,
    row.at,
    row.on,
    row.command,
    row.caseId,
    JSON.stringify(row.body ?? {}),
    JSON.stringify(row.result ?? {}),
  );
}
