import { sensorHourView, sensorKinds, type SensorHourView } from '@trowel/core/contract';
import type { HourWeather } from '@trowel/core/plan';
import { z } from 'zod';
import type { Db } from '../database';
import { any, maybeOne, run } from './rows';

const hourRow = z.object({
  date: z.string(),
  hour: z.number(),
  temperature: z.number(),
  rain: z.number(),
  wind: z.number(),
  cloud: z.number(),
});
export type HourRow = z.infer<typeof hourRow>;
type Hour = HourWeather & Pick<HourRow, 'date' | 'hour'>;

/** The gardener's own hours of some days, in order. */
export const anyHours = (db: Db, from: string, to: string): HourRow[] =>
  any(db, hourRow, 'SELECT * FROM weather WHERE date BETWEEN ? AND ? ORDER BY date, hour', from, to);
export const addHour = (db: Db, { date, hour, ...sky }: Hour): void =>
  run(
    db,
    'INSERT INTO weather (date, hour, temperature, rain, wind, cloud) VALUES (?, ?, ?, ?, ?, ?)',
    date,
    hour,
    sky.temperature,
    sky.rain,
    sky.wind,
    sky.cloud,
  );
export const dropHours = (db: Db, date: string): void => run(db, 'DELETE FROM weather WHERE date = ?', date);

const forecastRow = hourRow.extend({ issued_on: z.string() });
export type ForecastRow = z.infer<typeof forecastRow>;

/** The forecasts that were brought, for some days; those made last come last. */
export const anyForecast = (db: Db, from: string, to: string): ForecastRow[] =>
  any(db, forecastRow, 'SELECT * FROM forecast WHERE date BETWEEN ? AND ? ORDER BY date, hour, issued_on', from, to);
export const addForecast = (db: Db, issuedOn: string, { date, hour, ...sky }: Hour): void =>
  run(
    db,
    'INSERT INTO forecast (issued_on, date, hour, temperature, rain, wind, cloud) VALUES (?, ?, ?, ?, ?, ?, ?)',
    issuedOn,
    date,
    hour,
    sky.temperature,
    sky.rain,
    sky.wind,
    sky.cloud,
  );

const warmthRow = z.object({ date: z.string(), warmth: z.number() });

/** The soil as it was measured, by day. */
export const anySoilWarmth = (db: Db, from: string, to: string): z.infer<typeof warmthRow>[] =>
  any(db, warmthRow, 'SELECT * FROM soil_warmth WHERE date BETWEEN ? AND ? ORDER BY date', from, to);
/** @param warmth °C; null: it was not measured */
export function saveSoilWarmth(db: Db, date: string, warmth: number | null): void {
  run(db, 'DELETE FROM soil_warmth WHERE date = ?', date);
  if (warmth !== null) run(db, 'INSERT INTO soil_warmth (date, warmth) VALUES (?, ?)', date, warmth);
}

const sensorRow = z.object({
  id: z.string(),
  bed_id: z.string(),
  kind: z.enum(sensorKinds),
  put_on: z.string(),
  gone_on: z.string().nullable(),
});
export type SensorRow = z.infer<typeof sensorRow>;

/** Those that still stand in a bed. */
export const anySensors = (db: Db): SensorRow[] =>
  any(db, sensorRow, 'SELECT * FROM sensor WHERE gone_on IS NULL ORDER BY put_on, id');
export const maybeOneSensor = (db: Db, id: string): SensorRow | undefined =>
  maybeOne(db, sensorRow, 'SELECT * FROM sensor WHERE id = ?', id);
export const maybeSensorIn = (db: Db, bedId: string): SensorRow | undefined =>
  maybeOne(db, sensorRow, 'SELECT * FROM sensor WHERE bed_id = ? AND gone_on IS NULL ORDER BY put_on, id', bedId);
export const addSensor = (db: Db, { id, bed_id, kind, put_on }: Omit<SensorRow, 'gone_on'>): void =>
  run(db, 'INSERT INTO sensor (id, bed_id, kind, put_on) VALUES (?, ?, ?, ?)', id, bed_id, kind, put_on);
export const setSensorGone = (db: Db, id: string, on: string | null): void =>
  run(db, 'UPDATE sensor SET gone_on = ? WHERE id = ?', on, id);

export type SensorReading = SensorHourView;

export const anySensorReadings = (db: Db, id: string, from: string, to: string): SensorReading[] =>
  any(
    db,
    sensorHourView,
    'SELECT date, hour, moisture, soil, air, rain FROM sensor_reading WHERE sensor_id = ? AND date BETWEEN ? AND ? ORDER BY date, hour',
    id,
    from,
    to,
  );
/** What was sent for that hour before gives way. */
export const saveSensorReading = (db: Db, id: string, row: SensorReading): void =>
  run(
    db,
    'INSERT OR REPLACE INTO sensor_reading (sensor_id, date, hour, moisture, soil, air, rain) VALUES (?, ?, ?, ?, ?, ?, ?)',
    id,
    row.date,
    row.hour,
    row.moisture,
    row.soil,
    row.air,
    row.rain,
  );
