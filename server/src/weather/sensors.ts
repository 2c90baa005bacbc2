import { soilWarmth } from '@trowel/core/plan';
import { addDays, daysBetween, type IsoDate } from '@trowel/core/quantities';
import type { Db } from '../database';
import { maybeOneBed, type GardenRow } from '../store/garden';
import { anySensorReadings, maybeSensorIn, type SensorReading, type SensorRow } from '../store/weather';
import { madeUpReadings, reckonedFrom } from './made-up-sensor';
import { skyOver } from './sky';

export interface Now {
  readonly today: IsoDate;
  readonly hourNow: number;
}

/** What a sensor has said over so many days up to now, hour by hour. */
export function readingsOf(db: Db, garden: GardenRow, sensor: SensorRow, days: number, now: Now): SensorReading[] {
  const { today } = now;
  const from = addDays(today, 1 - days);
  const first = from < sensor.put_on ? sensor.put_on : from;
  const isOver = ({ date, hour }: { date: string; hour: number }) =>
    date >= first && (date < today || (date === today && hour <= now.hourNow));
  if (sensor.kind === 'own') return anySensorReadings(db, sensor.id, first, today).filter(isOver);
  const bed = maybeOneBed(db, sensor.bed_id);
  if (!bed) return [];
  const settled = reckonedFrom(today);
  const sky = { first: settled, days: skyOver(db, garden, settled, daysBetween(settled, today) + 1, today) };
  return madeUpReadings(sky, garden.latitude, bed.setting, from, days).filter(isOver);
}

/** A reading older than this says nothing of now, hours. */
const fresh = 6;

/** What the sensor of a bed says now; undefined where there is none, or it has been silent too long. */
export function readNow(db: Db, garden: GardenRow, bedId: string, now: Now): SensorReading | undefined {
  const sensor = maybeSensorIn(db, bedId);
  const last = sensor && readingsOf(db, garden, sensor, 2, now).at(-1);
  const age = last && (last.date === now.today ? now.hourNow - last.hour : 24 + now.hourNow - last.hour);
  return age !== undefined && age <= fresh ? last : undefined;
}

/** Under this a bed is thirsty: plants begin to have to work for what is left (judgement), per cent. */
export const thirstyUnder = 25;

/**
 * °C by which the soil of these beds is warmer than it is reckoned from the air, by their sensors over a day; the
 * coldest of them counts. Undefined where none says so.
 */
export function soilShiftOf(db: Db, garden: GardenRow, bedIds: readonly string[], now: Now): number | undefined {
  const measured = bedIds.flatMap((bedId) => {
    const sensor = maybeSensorIn(db, bedId);
    const warm = sensor ? readingsOf(db, garden, sensor, 2, now).slice(-24) : [];
    const felt = warm.flatMap(({ soil }) => soil ?? []);
    return felt.length === 0 ? [] : [felt.reduce((sum, one) => sum + one, 0) / felt.length];
  });
  if (measured.length === 0) return undefined;
  const from = addDays(now.today, -10);
  const reckoned = soilWarmth({ first: from, days: skyOver(db, garden, from, 11, now.today) }, now.today);
  return reckoned === undefined ? undefined : Number((Math.min(...measured) - reckoned).toFixed(1));
}
