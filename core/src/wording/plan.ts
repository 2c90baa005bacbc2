import type { CouldGive, Hindrance, PassedOver, PlannedStep, Washed } from '../plan';
import { inWords, millimetres, type MeasureSystem } from '../quantities';
import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import { dayWords, hourWords } from './everyday/days';
import { capital, counted, listWords, lowerFirst, sentence } from './everyday/language';
import { resultWords } from './jobs';

const hindranceWords: Record<PassedOver['because'], string> = {
  rain: 'rain',
  'rain-after': 'rain too soon after',
  'wet-before': 'leaves wet from rain',
  wind: 'too windy',
  dew: 'dew on the leaves',
  hot: 'too hot',
  cold: 'too cold',
  'soil-hot': 'the soil is too warm',
  'soil-cold': 'the soil is too cold',
  sun: 'strong sun at that hour',
  dull: 'no sun, which it needs',
  'wrong-part': 'not at the right time of day',
  away: 'you are away',
  'not-your-time': 'not one of your times',
  'not-yet': 'too soon for it',
  'too-late': 'too long after what it follows',
  'day-full': 'the day is full',
  'days-between': 'too near another remedy',
  'too-often': 'too soon again',
  'too-soon': 'too soon after the last round',
  'too-many': 'as many rounds as it bears already',
  'too-young': 'too soon after sprouting',
  'wait-to-pick': 'too near to picking',
  'out-of-season': 'not its season',
  'test-leaf': 'the test leaf needs two days',
  'brew-working': 'the brew is not ready',
  'brew-past': 'the brew is past its best by then',
  'in-flower': 'in flower, and bees come',
  'past-deadline': 'after the day by which it must be done',
  'earlier-fits': 'an earlier day fits now',
  'fits-better': 'it goes better with the rest there',
  'step-before': 'the step before it comes later that day',
  past: 'the right hours were over',
};

/** The same of a code that was kept; undefined where it is none any more. */
export const keptHindranceSays = (code: string): string | undefined =>
  (hindranceWords as Readonly<Record<string, string>>)[code];

export const hindranceSays = (because: PassedOver['because']): string => hindranceWords[because];

/** Why the judge keeps two things apart, where it says. */
const whySaid = (found: PassedOver['found']): string | undefined => {
  const why = found && 'with' in found ? found.with.why : undefined;
  return typeof why === 'string' ? why : undefined;
};

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
    const why = passedOver.map(({ found }) => whySaid(found)).find((one) => one !== undefined);
    parts.push(`${capital(until)}: ${causes}${why ? ` (${why})` : ''}.`);
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
    case 'pinned':
      parts.push('Where you put it.');
      break;
    case 'outside-times':
      parts.push('Outside your times: it cannot wait for one.');
      break;
    case 'later-than-wanted':
      parts.push(`${counted(reason.days, 'day', 'days')} later than best.`);
      break;
    default:
      reason satisfies never;
  }
  if (sureness === 0 && daysBetween(today, date) > 0 && step.window.part !== 'any')
    parts.push('Beyond the forecast: the hour may move.');
  return parts.join(' ');
}

const partWords = { any: 'hour', morning: 'morning', evening: 'evening', day: 'daylight hour' } as const;

/** Why the next round comes early. */
export function washedWords({ kind, rain, after }: Washed, system: MeasureSystem): string {
  const fell = inWords(millimetres(Math.round(rain)), system);
  return kind === 'too-soon'
    ? `it rained ${after === 1 ? 'within the hour' : `within ${after} hours`} of the last round, before that had done its work: the next comes as soon as it may`
    : `${fell} of rain since the last round washed it off: the next comes as soon as it may`;
}

/** Due today, but not at this hour: what is in the way, and from when on it fits. */
export function waitsWords(now: Hindrance | undefined, hour: number): string {
  const why = now === undefined || now === 'wrong-part' ? 'Best' : `${capital(hindranceSays(now))} until then: best`;
  return `${why} from ${hourWords(hour)}`;
}

/** "You are away from Friday to Monday." */
export const awayWords = (from: IsoDate, until: IsoDate, today: IsoDate): string =>
  from === until
    ? `You are away ${dayWords(from, today)}.`
    : from <= today
      ? `You are away until ${dayWords(until, today)}.`
      : `You are away from ${dayWords(from, today)} to ${dayWords(until, today)}.`;

/** "Spray again (Gooseberries) waits until Tuesday." */
export const awayWaitsWords = (does: string, whose: string, date: IsoDate, today: IsoDate): string =>
  `“${does}” (${whose}) waits until ${dayWords(date, today)}.`;

/** "Nettle brew: stir it." */
export const awayChoreWords = (name: string, does: string): string => `${name}: ${lowerFirst(does)}`;

/** "Plum: winter cut": what comes in a month to come, and whose it is. */
export const laterWords = (what: string, whose: string | undefined): string =>
  whose === undefined || whose === what ? what : `${what} (${whose})`;

/** How good a plan is. @param gap by how much the best there can be may be better, as a share */
export const gapWords = (gap: number): string =>
  gap < 0.001
    ? 'No better plan can be found.'
    : `At most ${Math.max(0.1, Number((gap * 100).toFixed(1)))} % short of the best there can be.`;

/** Why a step has no day. */
export function unplacedWords(passedOver: readonly Pick<PassedOver, 'because'>[], isOver: boolean): string {
  if (isOver) return 'Not done.';
  const reasons = [...new Set(passedOver.map(({ because }) => hindranceSays(because)))];
  return reasons.length > 0 ? `No day suits: ${reasons.join(', ')}.` : 'It waits for the step before it.';
}

/** "Friday, about 8:00, if oil spray on the same place were not put on, and picking waited." */
export function givesWords({ gives, on, hour }: CouldGive, nameOf: (job: string) => string, today: IsoDate): string {
  const parts = gives.map((one) => {
    switch (one.kind) {
      case 'other':
        return `${lowerFirst(nameOf(one.job))} were not put on there`;
      case 'harvest':
        return 'picking waited longer';
      case 'away':
        return 'somebody went there while you are away';
      default:
        return one satisfies never;
    }
  });
  return `${capital(dayWords(on, today))}, about ${hourWords(hour)}, if ${listWords(parts)}.`;
}

/** "18:00 to 21:00 suits. Before: strong sun at that hour; to 10:00, too windy." */
export function spellsWords(
  spells: readonly { readonly from: number; readonly to: number; readonly against: string | null }[],
): string {
  const fits = spells.filter(({ against }) => against === null).map(({ from, to }) => spanWords(from, to));
  const not = spells.flatMap(({ from, to, against }) =>
    against === null || againstAlways.has(against) ? [] : [`${spanWords(from, to)} ${against}`],
  );
  return [
    fits.length === 0 ? 'no hour suits.' : `${listWords(fits)} ${fits.length === 1 ? 'suits' : 'suit'}.`,
    ...(not.length === 0 ? [] : [`${capital(listWords(not))}.`]),
  ].join(' ');
}

const spanWords = (from: number, to: number): string => `${hourWords(from)} to ${hourWords(to)}`;
/** What goes without saying: night, and what is over. */
const againstAlways: ReadonlySet<string> = new Set([hindranceWords.past, hindranceWords['wrong-part']]);

/** The first day that would do with everything kept. */
export const earliestWords = (earliest: IsoDate | undefined, today: IsoDate): string =>
  earliest === undefined
    ? 'With everything kept, no day within a year would do.'
    : `With everything kept, the first day that would do is ${dayWords(earliest, today)}.`;

/** What a case is called until somebody names it: its plant, or the ground of its bed. */
export const caseNameFor = (bed: string, plant: string | undefined): string => plant ?? `The ground of ${bed}`;

/** Why nothing more is put on, by what was found. */
export const haltedWords = (found: string | undefined): string =>
  found === undefined || found === 'harmed'
    ? 'The test leaves were marked: not on this plant.'
    : sentence(capital(resultWords(found) ?? found));

/** What else falls on a day of the calendar. */
export const lateLookWords = (name: string): string => `One late look: ${name}`;
export const batchFallsWords = (name: string, what: 'ready' | 'past'): string =>
  what === 'ready' ? `${name} is ready` : `${name} is past its best after today`;
