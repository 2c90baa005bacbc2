import { randomUUID } from 'node:crypto';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import { maybeOneCase, saveReading } from '../store/cases';
import { run } from '../store/rows';
import { addTaking, markUndone, maybeOneTaking } from '../store/takings';
import { takeSheet as takeLines, theSheet } from '../sheets';
import type { Put } from '../sheets/sheet';
import { withoutGuards } from '../bundle';
import { settleCase } from '../views/learnt';
import type { Deps } from '../views/plan';
import { readingOf } from '../views/reading';
import { act } from './command';

/** A table of the garden, taken in whole or not at all. */
export const takeSheet = act('takeSheet', (context, { csv }, name) => {
  const { put, cases, same, taken } = takeLines(context, theSheet(name), csv);
  const id = keepTaking(context.db, name, context.today, put);
  readAnew(context, cases, put);
  return { caseId: null, result: { id, taken, same } };
});

/** Remembers what was put in, so that it can be taken out again. @returns the id of the taking */
export function keepTaking(db: Db, what: string, today: string, put: readonly Put[]): string {
  const id = randomUUID();
  addTaking(db, { id, what, taken_on: today, put: put.map(([table, where]) => [table, { ...where }]) });
  return id;
}

/** Cases whose evidence changed are weighed anew, and those of beds that were measured; what is closed is settled anew. */
export function readAnew(deps: Deps, touched: ReadonlySet<string>, put: readonly Put[]): void {
  const { db, tables } = deps;
  const isGround = put.some(([table]) => table === 'soil_test' || table === 'weather' || table === 'planting');
  const cases = isGround ? new Set([...touched, ...openIds(db)]) : touched;
  for (const id of cases) {
    const row = maybeOneCase(db, id);
    if (!row) continue;
    saveReading(db, id, readingOf(deps, row));
    if (row.status === 'closed') settleCase(db, tables, id);
  }
}

const openIds = (db: Db): string[] =>
  db.prepare<unknown[], string>("SELECT id FROM cases WHERE status = 'open'").pluck().all();

/** Takes everything out again that came in at once; not where something was built on it since. */
export const undoTaking = act('undoTaking', (context, _input, id) => {
  const { db } = context;
  const taking = maybeOneTaking(db, id);
  if (!taking) throw notFound('taking', id);
  if (taking.undone === 1) throw conflict('taken-back-already');
  const cases = casesOf(db, taking.put);
  db.pragma('defer_foreign_keys = ON');
  withoutGuards(db, () => {
    for (const [table, where] of [...taking.put].reverse()) {
      const names = Object.keys(where);
      run(
        db,
        `DELETE FROM ${table} WHERE ${names.map((name) => `${name} = ?`).join(' AND ')}`,
        ...Object.values(where),
      );
    }
  });
  // Where steps stood follows from their jobs.
  run(db, 'DELETE FROM plan_position WHERE job_id NOT IN (SELECT id FROM job)');
  const [kept] = db.pragma('foreign_key_check') as { table: string }[];
  if (kept) throw conflict('taking-in-use');
  markUndone(db, id);
  readAnew(context, cases, taking.put);
  return { caseId: null, result: {} };
});

/** Cases that rows of a taking belong to. */
function casesOf(db: Db, put: readonly Put[]): ReadonlySet<string> {
  const found = new Set<string>();
  for (const [table, { id }] of put)
    if ((table === 'observation' || table === 'count') && id !== undefined) {
      const of = db.prepare<unknown[], string | null>(`SELECT case_id FROM ${table} WHERE id = ?`).pluck().get(id);
      if (of != null) found.add(of);
    }
  return found;
}

export const acts = { takeSheet, undoTaking };
