import type { DayWeather, HourWeather } from '@trowel/core/plan';
import { addDays, type IsoDate } from '@trowel/core/quantities';
import type { Db } from '../database';
import type { GardenRow } from '../store/garden';
import { anyHours } from '../store/weather';
import { standInWeather } from './stand-in';

/** Days at a garden: its own readings where there are any, the stand-in's for every other hour. */
export function skyOver(
  db: Db,
  { latitude, longitude, time_zone }: Pick<GardenRow, 'latitude' | 'longitude' | 'time_zone'>,
  from: IsoDate,
  days: number,
): readonly DayWeather[] {
  const standIn = standInWeather({ latitude, longitude, timeZone: time_zone }, from, days);
  const own = anyHours(db, from, addDays(from, days - 1));
  if (own.length === 0) return standIn;
  const byHour = new Map(own.map(({ date, hour, ...sky }) => [`${date} ${hour}`, sky]));
  return standIn.map(({ date, hours }) => ({
    date,
    hours: hours.map((sky, hour) => byHour.get(`${date} ${hour}`) ?? sky),
  }));
}

/** A day known by its lowest and highest, its rain and its wind alone. */
export interface DayRead {
  /** °C */
  readonly low: number;
  readonly high: number;
  /** mm */
  readonly rain: number;
  /** km/h, the mean of the day; left out where nobody measured it. */
  readonly wind: number | undefined;
}

/**
 * The hours of such a day: the warmth of another day stretched between the two, its rain and wind brought to what was
 * measured. Rain that fell on a day made dry there falls in the night, from which a gauge is read in the morning.
 */
export function hoursOf({ low, high, rain, wind }: DayRead, like: DayWeather): HourWeather[] {
  const warmth = like.hours.map(({ temperature }) => temperature);
  const [least, most] = [Math.min(...warmth), Math.max(...warmth)];
  const fell = like.hours.reduce((sum, hour) => sum + hour.rain, 0);
  const blew = like.hours.reduce((sum, hour) => sum + hour.wind, 0) / like.hours.length;
  return like.hours.map((hour, at) => {
    const share = most === least ? 0.5 : (hour.temperature - least) / (most - least);
    const night = at < nightHours ? rain / nightHours : 0;
    return {
      temperature: round(low + share * (high - low)),
      rain: round(fell > 0 ? (hour.rain / fell) * rain : night),
      wind: wind === undefined ? hour.wind : round(blew > 0 ? (hour.wind / blew) * wind : wind),
      cloud: hour.cloud,
    };
  });
}
const nightHours = 6;
const round = (value: number): number => Number(value.toFixed(2));
