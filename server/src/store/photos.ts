import type { SpecksCount, SpottedShare } from '@trowel/core/contract';
import { sickLooks } from '@trowel/core/measure';
import { z } from 'zod';
import type { Db } from '../database';
import { any, maybeOne, run } from './rows';

const photoRow = z.object({
  id: z.string(),
  case_id: z.string().nullable(),
  taken_on: z.string(),
  width: z.number(),
  height: z.number(),
  taken_back: z.number(),
  spotted: z.number().nullable(),
  spotted_low: z.number().nullable(),
  spotted_high: z.number().nullable(),
  spotted_look: z.enum(sickLooks).nullable(),
  specks: z.number().nullable(),
  specks_low: z.number().nullable(),
  specks_high: z.number().nullable(),
});
export type PhotoRow = z.infer<typeof photoRow>;
const columns = Object.keys(photoRow.shape).join(', ');

export const anyPhotos = (db: Db, caseId: string): PhotoRow[] =>
  any(db, photoRow, `SELECT ${columns} FROM photo WHERE case_id = ? AND taken_back = 0 ORDER BY at, id`, caseId);
export const maybeOnePhoto = (db: Db, id: string): PhotoRow | undefined =>
  maybeOne(db, photoRow, `SELECT ${columns} FROM photo WHERE id = ?`, id);

/** The picture itself; undefined where there is none. */
export const maybeJpeg = (db: Db, id: string): Buffer | undefined =>
  maybeOne(db, z.object({ jpeg: z.instanceof(Buffer) }), 'SELECT jpeg FROM photo WHERE id = ?', id)?.jpeg;

export const addPhoto = (
  db: Db,
  row: Pick<PhotoRow, 'id' | 'taken_on' | 'width' | 'height'> & { readonly at: string; readonly jpeg: Buffer },
): void =>
  run(
    db,
    'INSERT INTO photo (id, taken_on, at, width, height, jpeg) VALUES (?, ?, ?, ?, ?, ?)',
    row.id,
    row.taken_on,
    row.at,
    row.width,
    row.height,
    row.jpeg,
  );

export const givePhoto = (db: Db, id: string, caseId: string): void =>
  run(db, 'UPDATE photo SET case_id = ? WHERE id = ?', caseId, id);
export const takeBackPhoto = (db: Db, id: string, isTakenBack: boolean): void =>
  run(db, 'UPDATE photo SET taken_back = ? WHERE id = ?', isTakenBack ? 1 : 0, id);
export const measureLeafOn = (db: Db, id: string, measured: SpottedShare | null): void =>
  run(
    db,
    'UPDATE photo SET spotted = ?, spotted_low = ?, spotted_high = ?, spotted_look = ? WHERE id = ?',
    measured?.share ?? null,
    measured?.low ?? null,
    measured?.high ?? null,
    measured?.look ?? null,
    id,
  );
export const countSpecksOn = (db: Db, id: string, counted: SpecksCount | null): void =>
  run(
    db,
    'UPDATE photo SET specks = ?, specks_low = ?, specks_high = ? WHERE id = ?',
    counted?.count ?? null,
    counted?.low ?? null,
    counted?.high ?? null,
    id,
  );
/** How much of its leaf is sick; null where it was not measured. */
export const spottedOn = ({ spotted, spotted_low, spotted_high, spotted_look }: PhotoRow): SpottedShare | null =>
  spotted === null || spotted_low === null || spotted_high === null
    ? null
    : {
        share: spotted,
        low: spotted_low,
        high: spotted_high,
        ...(spotted_look === null ? {} : { look: spotted_look }),
      };
/** How many specks there are on its card; null where they were not counted. */
export const specksOn = ({ specks, specks_low, specks_high }: PhotoRow): SpecksCount | null =>
  specks === null || specks_low === null || specks_high === null
    ? null
    : { count: specks, low: specks_low, high: specks_high };
/** What was sent and never given to a case. */
export const dropLoosePhotos = (db: Db): void => run(db, 'DELETE FROM photo WHERE case_id IS NULL');
