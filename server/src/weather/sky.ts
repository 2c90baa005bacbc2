import type { SkySource } from '@trowel/core/contract';
import type { DayWeather, HourWeather } from '@trowel/core/plan';
import { addDays, daysBetween, type IsoDate } from '@trowel/core/quantities';
import type { Db } from '../database';
import type { GardenRow } from '../store/garden';
import { anyForecast, anyHours, anySoilWarmth, type HourRow } from '../store/weather';
import { standInForecast, standInWeather } from './stand-in';

/**
 * Days at a garden: its own readings where there are any, else a forecast that was brought, else the stand-in's. What
 * lies ahead of today is what the stand-in forecasts today.
 */
export const skyOver = (...asked: Parameters<typeof sourcedSky>): readonly DayWeather[] =>
  sourcedSky(...asked).map(({ day }) => day);

export function sourcedSky(
  db: Db,
  { latitude, longitude, time_zone }: Pick<GardenRow, 'latitude' | 'longitude' | 'time_zone'>,
  from: IsoDate,
  days: number,
  today: IsoDate,
): readonly { readonly day: DayWeather; readonly source: SkySource }[] {
  const place = { latitude, longitude, timeZone: time_zone };
  const to = addDays(from, days - 1);
  const over = Math.min(days, Math.max(0, daysBetween(from, today)));
  const ahead = Math.max(0, daysBetween(today, to) + 1);
  const standIn = [
    ...standInWeather(place, from, over),
    ...standInForecast(place, today, 0, ahead).slice(Math.max(0, daysBetween(today, from))),
  ];
  const brought = byHour(anyForecast(db, from, to));
  const own = byHour(anyHours(db, from, to));
  const soil = new Map(anySoilWarmth(db, from, to).map(({ date, warmth }) => [date, warmth]));
  return standIn.map((day) => {
    const { date } = day;
    const hours = day.hours.map((sky, hour) => own.get(keyOf(date, hour)) ?? brought.get(keyOf(date, hour)) ?? sky);
    const isOf = (rows: ReadonlyMap<string, HourWeather>) => day.hours.some((_, hour) => rows.has(keyOf(date, hour)));
    const warmth = soil.get(date);
    return {
      day:
        own.size + brought.size + soil.size === 0
          ? day
          : { date, hours, ...(warmth === undefined ? {} : { soil: warmth }) },
      source: isOf(own) ? 'read' : isOf(brought) ? 'forecast' : 'stand-in',
    };
  });
}

const keyOf = (date: IsoDate, hour: number): string => `${date} ${hour}`;
/** Of an hour that stands twice the last counts. */
const byHour = (rows: readonly HourRow[]): ReadonlyMap<string, HourWeather> =>
  new Map(
    rows.map(({ date, hour, temperature, rain, wind, cloud }) => [
      keyOf(date, hour),
      { temperature, rain, wind, cloud },
    ]),
  );

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
