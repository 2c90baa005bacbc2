import { recipeDocument, vesselKinds, type RecipeDocument } from '@trowel/core/contract';
import type { Batch } from '@trowel/core/mix';
import { batchEventKinds, batchKinds } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

const cupboardRow = z.object({
  ingredient: storedId('ingredients'),
  amount: z.number().nullable(),
  unit: z.enum(['mL', 'g']),
  pack_size: z.number().nullable(),
  pack_price: z.number().nullable(),
  percent: z.number().nullable(),
  wanted: z.number().transform((value) => value === 1),
});
export type CupboardRow = z.infer<typeof cupboardRow>;

export const anyKept = (db: Db): CupboardRow[] => any(db, cupboardRow, 'SELECT * FROM cupboard ORDER BY ingredient');
export const maybeOneKept = (db: Db, ingredient: string): CupboardRow | undefined =>
  maybeOne(db, cupboardRow, 'SELECT * FROM cupboard WHERE ingredient = ?', ingredient);

export function saveKept(db: Db, row: CupboardRow): void {
  run(
    db,
    `INSERT INTO cupboard (ingredient, amount, unit, pack_size, pack_price, percent, wanted) VALUES (?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (ingredient) DO UPDATE SET amount = excluded.amount, unit = excluded.unit,
       pack_size = excluded.pack_size, pack_price = excluded.pack_price, percent = excluded.percent,
       wanted = excluded.wanted`,
    row.ingredient,
    row.amount,
    row.unit,
    row.pack_size,
    row.pack_price,
    row.percent,
    row.wanted ? 1 : 0,
  );
}
export const dropKept = (db: Db, ingredient: string): void =>
  run(db, 'DELETE FROM cupboard WHERE ingredient = ?', ingredient);

const vesselRow = z.object({
  id: z.string(),
  name: z.string(),
  kind: z.enum(vesselKinds),
  volume_ml: z.number(),
  held: z.string().nullable(),
  classes: jsonText(z.array(z.string())),
  last_on: z.string().nullable(),
});
export type VesselRow = z.infer<typeof vesselRow>;

export const anyVessels = (db: Db): VesselRow[] => any(db, vesselRow, 'SELECT * FROM vessel ORDER BY rowid');
export const maybeOneVessel = (db: Db, id: string): VesselRow | undefined =>
  maybeOne(db, vesselRow, 'SELECT * FROM vessel WHERE id = ?', id);
export const addVessel = (db: Db, row: Pick<VesselRow, 'id' | 'name' | 'kind' | 'volume_ml'>): void =>
  run(
    db,
    'INSERT INTO vessel (id, name, kind, volume_ml) VALUES (?, ?, ?, ?)',
    row.id,
    row.name,
    row.kind,
    row.volume_ml,
  );
export const saveHeld = (
  db: Db,
  id: string,
  held: string | null,
  classes: readonly string[],
  on: string | null,
): void =>
  run(db, 'UPDATE vessel SET held = ?, classes = ?, last_on = ? WHERE id = ?', held, JSON.stringify(classes), on, id);

const shell = z.object({
  grams: z.number(),
  acidPercent: z.number(),
  grain: z.enum(['powder', 'crushed', 'pieces']),
});
const batchRow = z.object({
  id: z.string(),
  kind: z.enum(batchKinds),
  name: z.string(),
  pattern: z.number(),
  started_on: z.string(),
  volume_ml: z.number(),
  warmth: z.number(),
  vessel_id: z.string().nullable(),
  shell: z
    .string()
    .nullable()
    .transform((text) => (text === null ? undefined : shell.parse(JSON.parse(text)))),
});
export type BatchRow = z.infer<typeof batchRow>;

const eventRow = z.object({
  id: z.number(),
  batch_id: z.string(),
  kind: z.enum(batchEventKinds),
  on_date: z.string(),
  ml: z.number().nullable(),
});
export type BatchEventRow = z.infer<typeof eventRow>;

export const anyBatches = (db: Db): BatchRow[] =>
  any(db, batchRow, 'SELECT * FROM batch ORDER BY started_on DESC, rowid DESC');
export const maybeOneBatch = (db: Db, id: string): BatchRow | undefined =>
  maybeOne(db, batchRow, 'SELECT * FROM batch WHERE id = ?', id);
export const anyBatchEvents = (db: Db, batchId: string): BatchEventRow[] =>
  any(db, eventRow, 'SELECT * FROM batch_event WHERE batch_id = ? ORDER BY id', batchId);

export function addBatch(db: Db, row: Omit<BatchRow, 'shell'> & { readonly shell: Batch['shell'] | undefined }): void {
  run(
    db,
    `INSERT INTO batch (id, kind, name, pattern, started_on, volume_ml, warmth, vessel_id, shell)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    row.id,
    row.kind,
    row.name,
    row.pattern,
    row.started_on,
    row.volume_ml,
    row.warmth,
    row.vessel_id,
    row.shell === undefined ? null : JSON.stringify(row.shell),
  );
}
/** @param row with the mix that drew from it, where one did */
export const addBatchEvent = (db: Db, row: Omit<BatchEventRow, 'id'> & { readonly mix_id?: string }): void =>
  run(
    db,
    'INSERT INTO batch_event (batch_id, kind, on_date, ml, mix_id) VALUES (?, ?, ?, ?, ?)',
    row.batch_id,
    row.kind,
    row.on_date,
    row.ml,
    row.mix_id ?? null,
  );
export const dropEventsOfMix = (db: Db, mixId: string): void =>
  run(db, 'DELETE FROM batch_event WHERE mix_id = ?', mixId);
export const dropBatchEvent = (db: Db, id: number): void => run(db, 'DELETE FROM batch_event WHERE id = ?', id);

const recipeRow = z.object({ id: z.string(), document: jsonText(recipeDocument), saved_on: z.string() });
export const anyRecipes = (db: Db): z.infer<typeof recipeRow>[] =>
  any(db, recipeRow, 'SELECT * FROM recipe ORDER BY rowid');
export const maybeOneRecipe = (db: Db, id: string): z.infer<typeof recipeRow> | undefined =>
  maybeOne(db, recipeRow, 'SELECT * FROM recipe WHERE id = ?', id);
export const saveRecipe = (db: Db, id: string, document: RecipeDocument, on: string): void =>
  run(
    db,
    `INSERT INTO recipe (id, document, saved_on) VALUES (?, ?, ?)
     ON CONFLICT (id) DO UPDATE SET document = excluded.document, saved_on = excluded.saved_on`,
    id,
    JSON.stringify(document),
    on,
  );
export const dropRecipe = (db: Db, id: string): void => run(db, 'DELETE FROM recipe WHERE id = ?', id);
