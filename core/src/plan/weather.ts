import { daysBetween, type IsoDate } from '../quantities/days';

/** One hour of forecast. */
export interface HourWeather {
  /** °C */
  readonly temperature: number;
  /** mm in that hour */
  readonly rain: number;
  /** km/h */
  readonly wind: number;
  /** 0 (clear) … 1 (overcast) */
  readonly cloud: number;
}

export interface DayWeather {
  readonly date: IsoDate;
  /** 24 entries, from midnight. */
  readonly hours: readonly HourWeather[];
  /** °C about 10 cm down, the mean of the day, where it was measured. */
  readonly soil?: number;
}

/** Days of weather one after the other; those before today are told as they were. */
export interface Sky {
  readonly first: IsoDate;
  readonly days: readonly DayWeather[];
}

export const dayAt = ({ first, days }: Sky, date: IsoDate): DayWeather | undefined => days[daysBetween(first, date)];

/** An hour counted from the midnight with which a day begins: minus one is the hour before it, 24 the first of the next. */
export function hourAt({ first, days }: Sky, date: IsoDate, hour: number): HourWeather | undefined {
  const shift = Math.floor(hour / 24);
  return days[daysBetween(first, date) + shift]?.hours[((hour % 24) + 24) % 24];
}
