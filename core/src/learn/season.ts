import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import type { CauseId } from '../tables';

/** A trouble that a place had, and when it was first seen. */
export interface Happened {
  readonly bed: string;
  readonly cause: CauseId;
  readonly on: IsoDate;
}

/** A place that had something about now in an earlier year. */
export interface Likely {
  readonly bed: string;
  readonly cause: CauseId;
  /** This year's day of that date. */
  readonly on: IsoDate;
  readonly years: readonly number[];
}

/** Said so many days ahead, and for so many after the day itself. */
export const toldAround = { ahead: 10, stillFor: 7 } as const;

/** What is to be looked out for in these days, because a place had it at this time in an earlier year; soonest first. */
export function likelyAgain(happened: readonly Happened[], today: IsoDate): Likely[] {
  const year = Number(today.slice(0, 4));
  const found = new Map<string, Likely>();
  for (const { bed, cause, on } of happened) {
    const then = Number(on.slice(0, 4));
    if (then >= year) continue;
    // Around the turn of the year the day can lie in the next.
    const [day] = [year, year + 1]
      .map((of) => sameDayIn(of, on))
      .filter((of) => daysBetween(today, of) <= toldAround.ahead && daysBetween(today, of) >= -toldAround.stillFor);
    if (day === undefined) continue;
    const key = `${bed} ${cause}`;
    const known = found.get(key);
    found.set(key, {
      bed,
      cause,
      on: known && known.on < day ? known.on : day,
      years: [...new Set([...(known?.years ?? []), then])].sort((a, b) => a - b),
    });
  }
  return [...found.values()].sort((a, b) => a.on.localeCompare(b.on) || a.bed.localeCompare(b.bed));
}

/** The same day of another year; 29 February is the first of March where there is none. */
function sameDayIn(year: number, on: IsoDate): IsoDate {
  const isLeap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const day = `${year}${on.slice(4)}`;
  return on.endsWith('02-29') && !isLeap ? addDays(`${year}-02-28`, 1) : day;
}
