import type { IsoDate } from '../quantities/days';

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
}
