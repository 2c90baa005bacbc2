import { bedSize, visitsSchema } from '@trowel/core/contract';
import { measureSystems } from '@trowel/core/quantities';
import { climates, nearFacts, settings, tapTreatments } from '@trowel/core/tables';
import { z } from 'zod';
import type { Db } from '../database';
import { storedId } from './ids';
import { any, jsonText, maybeOne, run } from './rows';

const gardenRow = z.object({
  name: z.string(),
  latitude: z.number(),
  longitude: z.number(),
  time_zone: z.string(),
  measures: z.enum(measureSystems),
  tap_hardness: z.number(),
  butt_hardness: z.number(),
  tap_treatment: z.enum(tapTreatments),
  usual_hour: z.number(),
  climate: z.enum(climates).nullable(),
  forbids: jsonText(z.array(z.string())),
  only_cupboard: z.number().transform((value) => value === 1),
  schools: jsonText(z.record(storedId('remedies'), z.string())),
  visits: z
    .string()
    .nullable()
    .transform((text) => (text === null ? null : visitsSchema.parse(JSON.parse(text)))),
});
export type GardenRow = z.infer<typeof gardenRow>;

const bedRow = z.object({
  id: z.string(),
  name: z.string(),
  setting: z.enum(settings),
  note: z.string(),
  walking_order: z.number(),
  size: z
    .string()
    .nullable()
    .transform((text) => (text === null ? null : bedSize.parse(JSON.parse(text)))),
  at_x: z.number().nullable(),
  at_y: z.number().nullable(),
  near: jsonText(z.array(z.enum(nearFacts))),
  removed_on: z.string().nullable(),
});
export type BedRow = z.infer<typeof bedRow>;

const plantingRow = z.object({
  id: z.string(),
  bed_id: z.string(),
  plant: storedId('plants'),
  label: z.string(),
  planted_on: z.string(),
  removed_on: z.string().nullable(),
  harvest_on: z.string().nullable(),
  number: z.number().nullable(),
  sprouted_on: z.string().nullable(),
  has_castings: z.number().transform((value) => value === 1),
  bloom_until: z.string().nullable(),
  /** What one pot or tray holds, mL; null in open ground, or where nobody has said. */
  pot_ml: z.number().nullable(),
});
export type PlantingRow = z.infer<typeof plantingRow>;

export const maybeGarden = (db: Db): GardenRow | undefined =>
  maybeOne(db, gardenRow, 'SELECT * FROM garden WHERE id = 1');

/** The garden this file holds. @throws Error when it was never set up. */
export function oneGarden(db: Db): GardenRow {
  const row = maybeGarden(db);
  if (!row) throw new Error('the garden has not been set up');
  return row;
}

export const isSetUp = (db: Db): boolean =>
  maybeOne(db, z.object({ id: z.number() }), 'SELECT id FROM garden WHERE id = 1') !== undefined;

/** Where the garden lies and how it is measured; its rules for choosing are saved by themselves. */
export type GardenPlace = Omit<GardenRow, 'forbids' | 'only_cupboard' | 'schools' | 'visits'>;

export function saveGarden(db: Db, garden: GardenPlace): void {
  run(
    db,
    `INSERT INTO garden (id, name, latitude, longitude, time_zone, measures, tap_hardness, butt_hardness, usual_hour, climate,
       tap_treatment)
     VALUES (1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (id) DO UPDATE SET name = excluded.name, latitude = excluded.latitude, longitude = excluded.longitude,
       time_zone = excluded.time_zone, measures = excluded.measures, tap_hardness = excluded.tap_hardness,
       butt_hardness = excluded.butt_hardness, usual_hour = excluded.usual_hour,
       climate = excluded.climate, tap_treatment = excluded.tap_treatment`,
    garden.name,
    garden.latitude,
    garden.longitude,
    garden.time_zone,
    garden.measures,
    garden.tap_hardness,
    garden.butt_hardness,
    garden.usual_hour,
    garden.climate,
    garden.tap_treatment,
  );
}

/** @param visits null: at any time */
export const saveVisits = (db: Db, visits: GardenRow['visits']): void =>
  run(db, 'UPDATE garden SET visits = ? WHERE id = 1', visits === null ? null : JSON.stringify(visits));

const awayRow = z.object({ id: z.string(), from_on: z.string(), until_on: z.string() });
export type AwayRow = z.infer<typeof awayRow>;
/** Times away that are not over. */
export const anyAway = (db: Db, since: string): AwayRow[] =>
  any(db, awayRow, 'SELECT * FROM away WHERE until_on >= ? ORDER BY from_on', since);
export const addAway = (db: Db, { id, from_on, until_on }: AwayRow): void =>
  run(db, 'INSERT INTO away (id, from_on, until_on) VALUES (?, ?, ?)', id, from_on, until_on);
export const dropAway = (db: Db, id: string): void => run(db, 'DELETE FROM away WHERE id = ?', id);

export const savePreferences = (db: Db, row: Pick<GardenRow, 'forbids' | 'only_cupboard' | 'schools'>): void =>
  run(
    db,
    'UPDATE garden SET forbids = ?, only_cupboard = ?, schools = ? WHERE id = 1',
    JSON.stringify(row.forbids),
    row.only_cupboard ? 1 : 0,
    JSON.stringify(row.schools),
  );

export const anyBeds = (db: Db): BedRow[] =>
  any(db, bedRow, 'SELECT * FROM bed WHERE removed_on IS NULL ORDER BY walking_order, name');
export const anyBedsGone = (db: Db): BedRow[] =>
  any(db, bedRow, 'SELECT * FROM bed WHERE removed_on IS NOT NULL ORDER BY removed_on DESC, name');
export const maybeOneBed = (db: Db, id: string): BedRow | undefined =>
  maybeOne(db, bedRow, 'SELECT * FROM bed WHERE id = ?', id);
export const maybeOneBedNamed = (db: Db, name: string): BedRow | undefined =>
  maybeOne(db, bedRow, 'SELECT * FROM bed WHERE name = ?', name);

export function addBed(db: Db, bed: Pick<BedRow, 'id' | 'name' | 'setting' | 'note'>): void {
  run(
    db,
    'INSERT INTO bed (id, name, setting, note, walking_order) VALUES (?, ?, ?, ?, (SELECT COALESCE(MAX(walking_order), 0) + 1 FROM bed))',
    bed.id,
    bed.name,
    bed.setting,
    bed.note,
  );
}

export const changeBed = (db: Db, bed: Pick<BedRow, 'id' | 'name' | 'setting' | 'note' | 'near'>): void =>
  run(
    db,
    'UPDATE bed SET name = ?, setting = ?, note = ?, near = ? WHERE id = ?',
    bed.name,
    bed.setting,
    bed.note,
    JSON.stringify(bed.near),
    bed.id,
  );
export const setSpot = (db: Db, bedId: string, at: { readonly x: number; readonly y: number } | null): void =>
  run(db, 'UPDATE bed SET at_x = ?, at_y = ? WHERE id = ?', at?.x ?? null, at?.y ?? null, bedId);
export const setWalkingPlace = (db: Db, bedId: string, place: number): void =>
  run(db, 'UPDATE bed SET walking_order = ? WHERE id = ?', place, bedId);
/** @param on the day it was taken out; null takes it back in */
export const setBedGone = (db: Db, bedId: string, on: string | null): void =>
  run(db, 'UPDATE bed SET removed_on = ? WHERE id = ?', on, bedId);

/** Of every bed, those out of use too. */
export const bedNames = (db: Db): ReadonlyMap<string, string> =>
  new Map([...anyBeds(db), ...anyBedsGone(db)].map(({ id, name }) => [id, name]));

/** Plants of a bed by id or by label, also what grows there no longer. */
export const plantingsCalled = (
  db: Db,
  bedId: string,
  by: { readonly id: string } | { readonly label: string },
): PlantingRow[] =>
  any(
    db,
    plantingRow,
    `SELECT * FROM planting WHERE bed_id = ? AND ${'id' in by ? 'id' : 'label'} = ? COLLATE NOCASE ORDER BY removed_on IS NOT NULL, planted_on DESC`,
    bedId,
    'id' in by ? by.id : by.label,
  );

export const addPlantingWhole = (
  db: Db,
  planting: Omit<PlantingRow, 'sprouted_on' | 'has_castings' | 'bloom_until' | 'pot_ml'>,
): void =>
  run(
    db,
    `INSERT INTO planting (id, bed_id, plant, label, planted_on, removed_on, harvest_on, number)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
    planting.id,
    planting.bed_id,
    planting.plant,
    planting.label,
    planting.planted_on,
    planting.removed_on,
    planting.harvest_on,
    planting.number,
  );

/** Also what grows there no longer. */
export const everyPlanting = (db: Db): PlantingRow[] => any(db, plantingRow, 'SELECT * FROM planting ORDER BY label');
export const anyPlantingsBefore = (db: Db, bedId: string): PlantingRow[] =>
  any(
    db,
    plantingRow,
    'SELECT * FROM planting WHERE bed_id = ? AND removed_on IS NOT NULL ORDER BY removed_on DESC, label',
    bedId,
  );
/** @param on the day it was taken out; null puts it back */
export const setPlantingGone = (db: Db, plantingId: string, on: string | null): void =>
  run(db, 'UPDATE planting SET removed_on = ? WHERE id = ?', on, plantingId);
export const anyPlantings = (db: Db): PlantingRow[] =>
  any(db, plantingRow, 'SELECT * FROM planting WHERE removed_on IS NULL ORDER BY label');
export const anyPlantingsIn = (db: Db, bedId: string): PlantingRow[] =>
  any(db, plantingRow, 'SELECT * FROM planting WHERE bed_id = ? AND removed_on IS NULL ORDER BY label', bedId);
export const maybeOnePlanting = (db: Db, id: string): PlantingRow | undefined =>
  maybeOne(db, plantingRow, 'SELECT * FROM planting WHERE id = ?', id);

export function addPlanting(
  db: Db,
  planting: Omit<
    PlantingRow,
    'removed_on' | 'harvest_on' | 'number' | 'sprouted_on' | 'has_castings' | 'bloom_until' | 'pot_ml'
  >,
): void {
  run(
    db,
    'INSERT INTO planting (id, bed_id, plant, label, planted_on) VALUES (?, ?, ?, ?, ?)',
    planting.id,
    planting.bed_id,
    planting.plant,
    planting.label,
    planting.planted_on,
  );
}

export const setSize = (db: Db, bedId: string, size: BedRow['size']): void =>
  run(db, 'UPDATE bed SET size = ? WHERE id = ?', size === null ? null : JSON.stringify(size), bedId);
export const setPot = (db: Db, plantingId: string, ml: number | null): void =>
  run(db, 'UPDATE planting SET pot_ml = ? WHERE id = ?', ml, plantingId);
export const setNumber = (db: Db, plantingId: string, number: number | null): void =>
  run(db, 'UPDATE planting SET number = ? WHERE id = ?', number, plantingId);
export const setSprouted = (db: Db, plantingId: string, on: string | null, hasCastings: boolean): void =>
  run(db, 'UPDATE planting SET sprouted_on = ?, has_castings = ? WHERE id = ?', on, hasCastings ? 1 : 0, plantingId);
export const setBloom = (db: Db, plantingId: string, until: string | null): void =>
  run(db, 'UPDATE planting SET bloom_until = ? WHERE id = ?', until, plantingId);
export const setHarvest = (db: Db, plantingId: string, on: string | null): void =>
  run(db, 'UPDATE planting SET harvest_on = ? WHERE id = ?', on, plantingId);
