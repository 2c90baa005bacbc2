import { z } from 'zod';
import type { Db } from '../database';
import { storedId } from './ids';
import { any, maybeOne, run } from './rows';

const treatmentRow = z.object({
  id: z.string(),
  case_id: z.string(),
  remedy: storedId('remedies'),
  strength: z.number().nullable(),
  chosen_on: z.string(),
  ended_on: z.string().nullable(),
});
export type TreatmentRow = z.infer<typeof treatmentRow>;

const stepRow = z.object({
  treatment_id: z.string(),
  step: z.string(),
  outcome: z.enum(['done', 'skipped']),
  on_date: z.string(),
});
export type StepRow = z.infer<typeof stepRow>;

const positionRow = z.object({ treatment_id: z.string(), step: z.string(), date: z.string(), hour: z.number() });
export type PositionRow = z.infer<typeof positionRow>;

export const anyTreatments = (db: Db, caseId: string): TreatmentRow[] =>
  any(db, treatmentRow, 'SELECT * FROM treatment WHERE case_id = ? ORDER BY chosen_on, rowid', caseId);
export const anyOpenTreatments = (db: Db): TreatmentRow[] =>
  any(
    db,
    treatmentRow,
    "SELECT t.* FROM treatment AS t JOIN cases AS c ON c.id = t.case_id WHERE c.status = 'open' AND t.ended_on IS NULL ORDER BY t.chosen_on, t.rowid",
  );
const markedRow = treatmentRow.extend({ case_name: z.string(), pattern: z.number() });
export type MarkedRow = z.infer<typeof markedRow>;
/** Marked for a month to come in cases that are closed by now, and due by that day. */
export const anyMarkedInClosed = (db: Db, by: string): MarkedRow[] =>
  any(
    db,
    markedRow,
    "SELECT t.*, c.name AS case_name, c.pattern FROM treatment AS t JOIN cases AS c ON c.id = t.case_id WHERE c.status = 'closed' AND t.ended_on IS NULL AND t.chosen_on <= ? ORDER BY t.chosen_on, t.rowid",
    by,
  );
export const anyTreatmentsInBed = (db: Db, bedId: string): TreatmentRow[] =>
  any(db, treatmentRow, 'SELECT t.* FROM treatment AS t JOIN cases AS c ON c.id = t.case_id WHERE c.bed_id = ?', bedId);
export const maybeOneTreatment = (db: Db, id: string): TreatmentRow | undefined =>
  maybeOne(db, treatmentRow, 'SELECT * FROM treatment WHERE id = ?', id);

/** @throws Error when there is none. */
export function oneTreatment(db: Db, id: string): TreatmentRow {
  const row = maybeOneTreatment(db, id);
  if (!row) throw new Error(`there is no treatment "${id}"`);
  return row;
}

export function addTreatment(db: Db, row: Omit<TreatmentRow, 'ended_on'>): void {
  run(
    db,
    'INSERT INTO treatment (id, case_id, remedy, strength, chosen_on) VALUES (?, ?, ?, ?, ?)',
    row.id,
    row.case_id,
    row.remedy,
    row.strength,
    row.chosen_on,
  );
}

export function endTreatment(db: Db, id: string, on: string): void {
  run(db, 'UPDATE treatment SET ended_on = ? WHERE id = ? AND ended_on IS NULL', on, id);
  run(db, 'DELETE FROM plan_position WHERE treatment_id = ?', id);
}

/** What holds now of each step: its newest event, without those undone. */
export const anyStepsOf = (db: Db, treatmentId: string): StepRow[] =>
  any(
    db,
    stepRow,
    `SELECT treatment_id, step, outcome, on_date FROM step_event AS e
     WHERE treatment_id = ? AND outcome <> 'undone'
       AND id = (SELECT MAX(id) FROM step_event WHERE treatment_id = e.treatment_id AND step = e.step)
     ORDER BY id`,
    treatmentId,
  );

export function addStepEvent(db: Db, row: { treatmentId: string; step: string; outcome: string; on: string }): void {
  run(
    db,
    'INSERT INTO step_event (treatment_id, step, outcome, on_date) VALUES (?, ?, ?, ?)',
    row.treatmentId,
    row.step,
    row.outcome,
    row.on,
  );
}

export const anyPositions = (db: Db): PositionRow[] => any(db, positionRow, 'SELECT * FROM plan_position');

/** Remembers where the open steps stand now. */
export function savePositions(db: Db, positions: readonly PositionRow[]): void {
  run(db, 'DELETE FROM plan_position');
  for (const { treatment_id, step, date, hour } of positions)
    run(
      db,
      'INSERT INTO plan_position (treatment_id, step, date, hour) VALUES (?, ?, ?, ?)',
      treatment_id,
      step,
      date,
      hour,
    );
}
