import { daysBetween, type IsoDate } from '../../quantities/days';
import { listWords } from './language';

/** Days and hours in words, through Intl; the calendar is the garden's, so everything is reckoned in UTC. */
export const format = (options: Intl.DateTimeFormatOptions) => {
  const words = new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options });
  return (date: IsoDate): string => words.format(new Date(`${date}T00:00:00Z`));
};

/** "Wednesday" */
export const weekdayOf = format({ weekday: 'long' });
/** "10 June" */
export const dayAndMonth = format({ day: 'numeric', month: 'long' });
/** "10 Jun" */
export const shortDay = format({ day: 'numeric', month: 'short' });
/** "10 June 2026" */
export const fullDate = format({ day: 'numeric', month: 'long', year: 'numeric' });
/** "June 2026" */
export const monthAndYear = format({ month: 'long', year: 'numeric' });
/** "June" */
export const monthName = (month: number): string =>
  format({ month: 'long' })(`2026-${String(month).padStart(2, '0')}-01`);

/** "August to October", "March to May and August": months by number, in the order of the year. */
export function monthsWords(months: readonly number[]): string {
  const has = (month: number) => months.includes(((month + 11) % 12) + 1);
  const spans = [...new Set(months)]
    .sort((a, b) => a - b)
    .filter((month) => !has(month - 1))
    .map((from) => {
      let to = from;
      while (has(to + 1) && to - from < 11) to += 1;
      const [first, last] = [monthName(from), monthName(((to + 11) % 12) + 1)];
      return to === from ? first : `${first} to ${last}`;
    });
  return listWords(spans);
}

/** A weekday this many days off says nothing, and the year does. */
const farOff = 150;

/** "today", "tomorrow", "Thursday", "Thursday 18 June"; far off "18 June 2027". */
export function dayWords(date: IsoDate, today: IsoDate): string {
  const ahead = daysBetween(today, date);
  if (ahead === 0) return 'today';
  if (ahead === 1) return 'tomorrow';
  if (ahead === -1) return 'yesterday';
  if (ahead > 1 && ahead < 7) return weekdayOf(date);
  return Math.abs(ahead) > farOff ? fullDate(date) : `${weekdayOf(date)} ${dayAndMonth(date)}`;
}

/** 7 → "07:00", 18.5 → "18:30". */
export const hourWords = (hour: number): string =>
  `${String(Math.floor(hour)).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;
