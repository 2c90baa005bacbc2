import type { WeatherKind } from '../tables';

/** The weather of about the last ten days at the place. */
export interface RecentWeather {
  readonly days: number;
  /** °C, means of the days' highs and lows, and the lowest. */
  readonly meanHigh: number;
  readonly meanLow: number;
  readonly lowest: number;
  /** mm over all days, and days with 1 mm or more. */
  readonly rain: number;
  readonly wetDays: number;
  /** km/h, the highest hourly mean. */
  readonly strongestWind: number;
}

/**
 * What the weather has been. Thresholds are rules of thumb for temperate gardens: mites speed up above
 * about 25 °C by day, cold roots slow below 8 °C at night, leaf fungi want rain on half the days.
 */
const limits = { hotDay: 25, coldNight: 8, frost: 0, dryRainADay: 0.5, wetShare: 0.5, windy: 40 } as const;

/** Kinds of weather that the last days were; empty for ordinary ones. */
export function weatherKinds({
  days,
  meanHigh,
  meanLow,
  lowest,
  rain,
  wetDays,
  strongestWind,
}: RecentWeather): WeatherKind[] {
  const isDry = rain < limits.dryRainADay * days;
  const kinds: WeatherKind[] = [];
  if (meanHigh >= limits.hotDay && isDry) kinds.push('hot-dry');
  if (isDry) kinds.push('dry');
  if (meanLow <= limits.coldNight) kinds.push('cold');
  if (lowest <= limits.frost) kinds.push('frost');
  if (wetDays >= limits.wetShare * days) kinds.push('wet');
  if (strongestWind >= limits.windy) kinds.push('windy');
  return kinds;
}
