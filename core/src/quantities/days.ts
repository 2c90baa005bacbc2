/** Calendar days as ISO dates ("2026-06-10"); no clock, no zone. */
export type IsoDate = string;

const dayMs = 86_400_000;

/** Cut out by hand: the planner asks thousands of times, and parsing dates is slow. NaN where it is no number. */
const utc = (date: IsoDate) => Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8)));

export const addDays = (date: IsoDate, days: number): IsoDate =>
  new Date(utc(date) + days * dayMs).toISOString().slice(0, 10);

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: IsoDate, to: IsoDate): number => Math.round((utc(to) - utc(from)) / dayMs);

export const isIsoDate = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(utc(text)) && addDays(text, 0) === text;

/** The first day of the next such month (1–12); today where it is that month already. */
export function firstDayOf(month: number, today: IsoDate): IsoDate {
  const [year = 0, now = 0] = today.split('-').map(Number);
  if (month === now) return today;
  return `${month > now ? year : year + 1}-${String(month).padStart(2, '0')}-01`;
}
