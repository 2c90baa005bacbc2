import type { Climate, Setting } from './common';

/** When and where something is asked: what the calendar says there. */
export interface Season {
  /** 1–12, as at the garden. */
  readonly month: number;
  /** Degrees; south is negative. */
  readonly latitude: number;
  readonly climate?: Climate;
}

/** The season of a place, as far as it is known. */
export const seasonOfPlace = ({
  month,
  latitude,
  climate,
}: Partial<Season>): { readonly season: Season } | Record<string, never> =>
  month === undefined || latitude === undefined
    ? {}
    : { season: { month, latitude, ...(climate === undefined ? {} : { climate }) } };

/** Months, wind and rain do not reach there. */
export const isSheltered = (setting: Setting | undefined): boolean => setting === 'indoors' || setting === 'greenhouse';

/** The month as a northern one: July in the south is January's weather in the north. */
export function northernMonth(month: number, latitude: number): number {
  return latitude < 0 ? ((month + 5) % 12) + 1 : month;
}

/** Northern months as those of a garden. */
export const monthsAt = (months: readonly number[], latitude: number): number[] =>
  months.map((month) => northernMonth(month, latitude));

/** Within the tropics the calendar says little about what is common. */
const tropics = 20;

export const seasonsTell = (latitude: number, climate?: Climate): boolean =>
  climate === undefined ? Math.abs(latitude) >= tropics : climate !== 'tropical';

/** True where the calendar does not speak against it: no months are named, it tells nothing there, or it is the time. */
export const isTimeFor = (months: readonly number[] | undefined, season: Season | undefined): boolean =>
  !months ||
  !season ||
  !seasonsTell(season.latitude, season.climate) ||
  inSeason(months, northernMonth(season.month, season.latitude), season.climate);

/** The next month, as at the garden, in which it is time for something; undefined where the calendar tells nothing, or it is time now. */
export function nextMonthFor(months: readonly number[] | undefined, season: Season | undefined): number | undefined {
  if (!months || !season || isTimeFor(months, season)) return undefined;
  const ahead = Array.from({ length: 11 }, (_, at) => ((season.month + at) % 12) + 1);
  return ahead.find((month) => isTimeFor(months, { ...season, month }));
}

/** True in the months in which something is common here; a season over half the year is about the cold half. */
export function inSeason(months: readonly number[], month: number, climate: Climate = 'temperate'): boolean {
  const has = (at: number) => months.includes(((at + 11) % 12) + 1);
  if (climate === 'warm') return has(month - 1) || has(month) || has(month + 1);
  if (climate === 'cool' && months.length > 2) return has(month - 1) && has(month) && has(month + 1);
  return has(month);
}
