import type { PassedOver, PlannedStep } from '../plan';
import { addDays, daysBetween, type IsoDate } from '../plan/days';

const hindranceWords: Record<PassedOver['because'], string> = {
  dark: 'no light at the right time',
  rain: 'rain',
  'rain-after': 'rain too soon after',
  'wet-before': 'leaves wet from rain',
  wind: 'too windy',
  hot: 'too hot',
  cold: 'too cold',
  sun: 'strong sun at that hour',
  dull: 'no sun, which it needs',
  'wrong-part': 'not at the right time of day',
  away: 'you are away',
  'keep-apart': 'too near another remedy',
  past: 'the right hours were over',
};

export const hindranceSays = (because: PassedOver['because']): string => hindranceWords[because];

const weekdays = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const monthNames = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

export const weekdayOf = (date: IsoDate): string => weekdays[new Date(`${date}T00:00:00Z`).getUTCDay()] ?? '';

/** "10 June" */
export const dayAndMonth = (date: IsoDate): string =>
  `${Number(date.slice(8))} ${monthNames[Number(date.slice(5, 7)) - 1] ?? ''}`;

/** "10 June 2026" */
export const fullDate = (date: IsoDate): string => `${dayAndMonth(date)} ${date.slice(0, 4)}`;

/** "today", "tomorrow", "Thursday", "Thursday 18 June"; far off "18 June 2027". */
export function dayWords(date: IsoDate, today: IsoDate): string {
  const ahead = daysBetween(today, date);
  if (ahead === 0) return 'today';
  if (ahead === 1) return 'tomorrow';
  if (ahead === -1) return 'yesterday';
  if (ahead > 1 && ahead < 7) return weekdayOf(date);
  // A weekday half a year off says nothing, and the year does.
  return Math.abs(ahead) > 150 ? fullDate(date) : `${weekdayOf(date)} ${dayAndMonth(date)}`;
}

/** 7 → "07:00", 18.5 → "18:30". */
export const hourWords = (hour: number): string =>
  `${String(Math.floor(hour)).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;

/** Why a step is on that day at that hour, in a sentence or two. */
export function whyThen({ reason, passedOver, date, step, sureness }: PlannedStep, today: IsoDate): string {
  const parts: string[] = [];
  const first = passedOver[0];
  const last = passedOver[passedOver.length - 1];
  if (first && last) {
    const until =
      first.date === last.date
        ? `${dayWords(first.date, today)} would not do`
        : `nothing suits until ${dayWords(addDays(last.date, 1), today)}`;
    const causes = [...new Set(passedOver.map(({ because }) => hindranceSays(because)))].slice(0, 2).join(', ');
    const rule = passedOver.find((passed) => passed.rule)?.rule;
    parts.push(`${capital(until)}: ${causes}${rule ? ` (${rule.why})` : ''}.`);
  }
  switch (reason.kind) {
    case 'first-fit':
      if (!first)
        parts.push(
          step.window.part === 'any'
            ? 'The first day it may be done.'
            : `The first ${partWords[step.window.part]} that suits.`,
        );
      break;
    case 'together':
      parts.push(`On the same round as “${reason.withStep}”.`);
      break;
    case 'kept':
      break;
    case 'later-than-wanted':
      parts.push(`${reason.days} ${reason.days === 1 ? 'day' : 'days'} later than best.`);
      break;
    default:
      reason satisfies never;
  }
  if (sureness === 0 && daysBetween(today, date) > 0 && step.window.part !== 'any')
    parts.push('Beyond the forecast: the hour may move.');
  return parts.join(' ');
}

const partWords = { any: 'hour', morning: 'morning', evening: 'evening', day: 'daylight hour' } as const;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
