import type { HourWeather } from '@trowel/core/plan';
import { z } from 'zod';
import type { Db } from '../database';
import { any, run } from './rows';

const hourRow = z.object({
  date: z.string(),
  hour: z.number(),
  temperature: z.number(),
  rain: z.number(),
  wind: z.number(),
  cloud: z.number(),
});
export type HourRow = z.infer<typeof hourRow>;

/** The gardener's own hours of some days, in order. */
export const anyHours = (db: Db, from: string, to: string): HourRow[] =>
  any(db, hourRow, 'SELECT * FROM weather WHERE date BETWEEN ? AND ? ORDER BY date, hour', from, to);
export const addHour = (db: Db, { date, hour, ...sky }: HourWeather & Pick<HourRow, 'date' | 'hour'>): void =>
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
