import { z } from 'zod';
import { commandId, isoDate } from './entries';

/** The sky over the garden as it was read, forecast or made up, and what sensors in its beds say. */

const degrees = z.number().min(-60).max(60);
/** What a thermometer with two needles and a rain gauge say of one day. */
export const noteWeather = z.strictObject({
  commandId,
  on: isoDate,
  low: degrees,
  high: degrees,
  /** mm */
  rain: z.number().min(0).max(500),
  /** km/h, the mean of the day */
  wind: z.number().min(0).max(300).optional(),
  /** About 10 cm down. */
  soil: degrees.optional(),
});

export const sensorKinds = ['made-up', 'own'] as const;
export const putSensor = z.strictObject({ commandId, kind: z.enum(sensorKinds) });

const sensorHour = z.strictObject({
  date: isoDate,
  hour: z.number().int().min(0).max(23),
  /** Per cent of what the soil can hold. */
  moisture: z.number().min(0).max(100).nullable().default(null),
  soil: degrees.nullable().default(null),
  air: degrees.nullable().default(null),
  rain: z.number().min(0).max(500).nullable().default(null),
});
/** Hours that one's own sensor sends; what it sent of an hour before gives way. */
export const noteReadings = z.strictObject({ commandId, readings: z.array(sensorHour).min(1).max(2000) });

/** An hour of a sensor, as it is kept and shown. */
export const sensorHourView = z.object({
  date: z.string(),
  hour: z.number(),
  moisture: z.number().nullable(),
  soil: z.number().nullable(),
  air: z.number().nullable(),
  rain: z.number().nullable(),
});
export type SensorHourView = z.infer<typeof sensorHourView>;

/** Where a day comes from: read by the gardener, a forecast that was brought, or made up. */
export const skySources = ['read', 'forecast', 'stand-in'] as const;
export type SkySource = (typeof skySources)[number];
export const weatherView = z.object({
  today: z.string(),
  /** Some that are over, today, and those to come. °C, mm, km/h. */
  days: z.array(
    z.object({
      date: z.string(),
      low: z.number(),
      high: z.number(),
      rain: z.number(),
      wind: z.number(),
      soil: z.number().nullable(),
      source: z.enum(skySources),
      /** How far it can be relied on, 0 to 1. */
      sureness: z.number(),
    }),
  ),
  sensors: z.array(
    z.object({
      id: z.string(),
      bedId: z.string(),
      bedName: z.string(),
      kind: z.enum(sensorKinds),
      since: z.string(),
      /** What it says last, in words; null where it has said nothing yet. */
      says: z.string().nullable(),
      hours: z.array(sensorHourView),
    }),
  ),
  /** Places without one. */
  free: z.array(z.object({ bedId: z.string(), bedName: z.string() })),
});
export type WeatherView = z.infer<typeof weatherView>;
