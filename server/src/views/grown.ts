import { sameFamilyBefore, type GrownBefore } from '@trowel/core/plot';
import type { Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import { anyPlantingsBefore, type PlantingRow } from '../store/garden';

/** What grew in a bed and was taken out, newest first. */
export const grownBefore = (db: Db, bedId: string): (GrownBefore & { readonly id: string })[] =>
  anyPlantingsBefore(db, bedId).map(({ id, plant, label, planted_on, removed_on }) => ({
    id,
    plant,
    label,
    from: planted_on,
    to: removed_on ?? planted_on,
  }));

/** What of a planting's own family grew in its bed lately; undefined where nothing did. */
export const familyBefore = (
  db: Db,
  { plants }: Pick<Tables, 'plants'>,
  { bed_id, plant, planted_on }: Pick<PlantingRow, 'bed_id' | 'plant' | 'planted_on'>,
): GrownBefore | undefined => sameFamilyBefore(plants, plant, planted_on, grownBefore(db, bed_id));
