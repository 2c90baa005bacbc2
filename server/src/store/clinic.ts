import { soilFound, type SoilFound } from '@trowel/core/contract';
import type { PracticeCard } from '@trowel/core/practice';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId, storedUnder } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

const soilTestRow = z.object({
  id: z.string(),
  bed_id: z.string(),
  tested_on: z.string(),
  found: jsonText(soilFound),
  source: z.enum(['jar', 'lab', 'strip', 'import']),
});
export type SoilTestRow = z.infer<typeof soilTestRow>;

/** Newest first. */
export const anySoilTests = (db: Db, bedId: string): SoilTestRow[] =>
  any(db, soilTestRow, 'SELECT * FROM soil_test WHERE bed_id = ? ORDER BY tested_on DESC, rowid DESC', bedId);

/** Of every bed, the oldest first. */
export const everySoilTest = (db: Db): SoilTestRow[] =>
  any(db, soilTestRow, 'SELECT * FROM soil_test ORDER BY tested_on, rowid');

export function addSoilTest(
  db: Db,
  row: { id: string; bedId: string; on: string; found: SoilFound; source: SoilTestRow['source'] },
): void {
  run(
    db,
    'INSERT INTO soil_test (id, bed_id, tested_on, found, source) VALUES (?, ?, ?, ?, ?)',
    row.id,
    row.bedId,
    row.on,
    JSON.stringify(row.found),
    row.source,
  );
}

/** The gardener's own thresholds by cause. */
export const thresholds = (db: Db): Record<string, number> =>
  Object.fromEntries(
    any(
      db,
      z.object({ cause: storedId('causes'), act_above: z.number() }),
      'SELECT cause, act_above FROM threshold',
    ).map(({ cause, act_above }) => [cause, act_above]),
  );

export function saveThreshold(db: Db, cause: string, actAbove: number | null, on: string): void {
  if (actAbove === null)
    run(db, 'DELETE FROM threshold WHERE cause IN (SELECT value FROM json_each(?))', storedUnder('causes', cause));
  else
    run(
      db,
      `INSERT INTO threshold (cause, act_above, set_on) VALUES (?, ?, ?)
       ON CONFLICT (cause) DO UPDATE SET act_above = excluded.act_above, set_on = excluded.set_on`,
      cause,
      actAbove,
      on,
    );
}

const cardRow = z
  .object({
    cause: storedId('causes'),
    box: z.number(),
    due_on: z.string(),
    times_right: z.number(),
    times_wrong: z.number(),
    minutes: z.number(),
  })
  .transform(({ due_on, times_right, times_wrong, ...row }) => ({
    ...row,
    dueOn: due_on,
    right: times_right,
    wrong: times_wrong,
  }));

export const anyPracticeCards = (db: Db): (PracticeCard & { minutes: number })[] =>
  any(db, cardRow, 'SELECT * FROM practice_card ORDER BY due_on, cause');
export const maybeOneCard = (db: Db, cause: string): (PracticeCard & { minutes: number }) | undefined =>
  maybeOne(
    db,
    cardRow,
    'SELECT * FROM practice_card WHERE cause IN (SELECT value FROM json_each(?)) ORDER BY due_on DESC LIMIT 1',
    storedUnder('causes', cause),
  );

export function saveCard(db: Db, card: PracticeCard, minutes: number): void {
  run(
    db,
    `INSERT INTO practice_card (cause, box, due_on, times_right, times_wrong, minutes) VALUES (?, ?, ?, ?, ?, ?)
     ON CONFLICT (cause) DO UPDATE SET box = excluded.box, due_on = excluded.due_on,
       times_right = excluded.times_right, times_wrong = excluded.times_wrong, minutes = excluded.minutes`,
    card.cause,
    card.box,
    card.dueOn,
    card.right,
    card.wrong,
    minutes,
  );
}
