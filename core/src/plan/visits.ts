import type { IsoDate } from '../quantities/days';

/** Half-days by day of the week (0 Sunday … 6 Saturday), and how long a day's work may be. */
export interface Visits {
  readonly mornings: readonly number[];
  readonly evenings: readonly number[];
  /** Minutes of work on a day; left out, as much as there is. */
  readonly minutes?: number;
}

/** The hour at which a day's second half begins. */
export const noon = 12;

/** Is the gardener there at that hour? Without times of their own, at any. */
export function isVisit(visits: Visits | undefined, date: IsoDate, hour: number): boolean {
  if (!visits) return true;
  const weekday = new Date(`${date}T12:00:00Z`).getUTCDay();
  return (hour < noon ? visits.mornings : visits.evenings).includes(weekday);
}
