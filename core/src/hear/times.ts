import { daysBetween, type IsoDate } from '../quantities';
import { figureOf, figurePattern } from './figures';
import { outermost } from './outermost';

/** A day that a line names, counted from today: behind it (minus) or ahead. */
export interface HeardDay {
  readonly days: number;
  readonly at: number;
  readonly length: number;
}

export interface HeardTimes {
  readonly days: readonly HeardDay[];
  /** Days from one time to the next: "four times a week" is 1.75. */
  readonly every?: number;
  /** Days that something is left to soak, stand or brew. */
  readonly lasting?: number;
  /** How old something is, in days. */
  readonly age?: number;
  /** So many rounds within so many days: "the fourth spray in two weeks". */
  readonly rounds?: { readonly times: number; readonly inDays: number };
  /** Days since seedlings sprouted. */
  readonly sprouted?: number;
  /** The month that a line names for what is to be done, 1–12. */
  readonly month?: number;
  /** It is done once more. */
  readonly isAgain?: true;
}

const spans: Readonly<Record<string, number>> = {
  minute: 1 / 1440,
  hour: 1 / 24,
  day: 1,
  night: 1,
  week: 7,
  fortnight: 14,
  month: 30,
  year: 365,
};
const span = '(minute|hour|day|night|week|fortnight|month|year)s?';
const weekdays = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const weekday = `(${weekdays.join('|')})`;

const months = [
  ...['january', 'february', 'march', 'april', 'may', 'june'],
  ...['july', 'august', 'september', 'october', 'november', 'december'],
];
const monthName = `(${months.join('|')})`;
/** Whole months back, as days; undefined where nobody knows what month it is. */
const monthsBack = (from: number, to: number | undefined): number | undefined =>
  to === undefined || from === to ? undefined : -30 * ((to - from + 12) % 12);

interface Saying {
  readonly pattern: RegExp;
  /** @param today its weekday, 0 Sunday; @param month 0 January */
  readonly days: (found: RegExpMatchArray, today: number | undefined, month: number | undefined) => number | undefined;
}
const times = (found: RegExpMatchArray, from = 1): number =>
  figureOf(found[from] ?? '') * (spans[(found[from + 1] ?? '').toLowerCase()] ?? Number.NaN);
const said = (pattern: string, days: Saying['days']): Saying => ({ pattern: new RegExp(pattern, 'giu'), days });
const back = (from: number, to: number | undefined) => (to === undefined ? undefined : -(((to - from + 6) % 7) + 1));

const sayings: readonly Saying[] = [
  said(
    String.raw`(?<!\bevery\s)\b(${figurePattern})\s+${span}\s+(?:ago|back|since|earlier|gone)\b`,
    (found) => -times(found),
  ),
  said(
    String.raw`\b(?:last|since|from)\s+${weekday}\b|\b(?:on|this)\s+${weekday}(?=[^.?!]*\b(?:now|today)\b)`,
    (found, today) => back(weekdays.indexOf((found[1] ?? found[2] ?? '').toLowerCase()), today),
  ),
  said(String.raw`\bthe day before yesterday\b`, () => -2),
  said(String.raw`\byesterday\b|\blast (?:night|evening)\b`, () => -1),
  said(
    String.raw`\bthis morning\b|\bearlier today\b|\bjust (?:sprayed|poured|put|used|did|done|hosed|given|gave|finished|washed|fed|watered|soaped|oiled|dusted|limed|drenched|treated)\b`,
    () => 0,
  ),
  said(
    String.raw`\b(?:sprayed|dusted|drenched|soaped|oiled|treated|fed|poured|gave|put|limed)\b[^.;?!]{0,60}\b(?:this evening|this afternoon|tonight|today|at noon|at dawn|at dusk)\b`,
    () => 0,
  ),
  said(
    String.raw`\b(?:sprayed|put|gave|limed|oiled|did|went on|was|were|used|fed|manured|dusted|treated)\b[^.;?!]{0,40}\b(?:in|since|last|back in)\s+${monthName}\b`,
    (found, _, month) => monthsBack(months.indexOf((found[1] ?? '').toLowerCase()), month),
  ),
  // "Sprayed it on Monday" is over; "sprayed, to be picked on Friday" is not.
  said(
    String.raw`\b(?:sprayed|used|tried|put|gave|limed|oiled|did|fed|manured|dusted|treated|drenched|poured|hosed|soaped|picked|wiped)\b(?:(?!\b(?:pick|eat|harvest|cut|serve|and|then|next)\b)[^.,;?!]){0,40}?\bon\s+${weekday}\b`,
    (found, today) => back(weekdays.indexOf((found[1] ?? '').toLowerCase()), today),
  ),
  said(String.raw`\blast week\b`, () => -7),
  said(String.raw`\blast month\b`, () => -30),
  said(String.raw`\btomorrow\b`, () => 1),
  said(String.raw`\bin\s+(${figurePattern})\s+${span}(?:'s? time)?\b`, (found) => times(found)),
  said(String.raw`\b(${figurePattern})\s+${span}\s+(?:from now|later)\b`, (found) => times(found)),
  said(String.raw`\bnext week\b`, () => 7),
  said(String.raw`\bnext fortnight\b`, () => 14),
  said(String.raw`\bnext month\b`, () => 30),
  said(String.raw`\b(?:pick|eat|harvest|cut|serv)\w*\s+(?:\w+\s+){0,2}${weekday}`, (found, today) =>
    today === undefined ? undefined : ((weekdays.indexOf((found[1] ?? '').toLowerCase()) - today + 6) % 7) + 1,
  ),
];

const ordinals: Readonly<Record<string, number>> = {
  ...{ second: 2, third: 3, fourth: 4, fifth: 5, sixth: 6, seventh: 7, eighth: 8, '2nd': 2, '3rd': 3, '4th': 4 },
  ...{ '5th': 5, '6th': 6, '7th': 7, '8th': 8 },
};
const ordinal = Object.keys(ordinals).join('|');
/** An evening comes once a day. */
const lengthOf = (unit: string | undefined): number => spans[(unit ?? '').toLowerCase()] ?? 1;

const often: readonly Saying[] = [
  said(String.raw`\bevery (?:other|second) day\b`, () => 2),
  said(String.raw`\bevery (?:other|second) week\b`, () => 14),
  said(
    String.raw`\b(once|twice|thrice|${figurePattern})\s+(?:times\s+)?(?:an?|per|every|each|in a)\s*${span}\b`,
    (found) => {
      const count = { once: 1, twice: 2, thrice: 3 }[(found[1] ?? '').toLowerCase()] ?? figureOf(found[1] ?? '');
      return (spans[(found[2] ?? '').toLowerCase()] ?? Number.NaN) / count;
    },
  ),
  said(String.raw`\bevery\s+(${figurePattern})\s*(?:(?:-|–|to|or)\s*(?:${figurePattern})\s*)?${span}\b`, (found) =>
    times(found),
  ),
  said(String.raw`\b(?:daily|every (?:single )?day|each day|every (?:morning|evening|night))\b`, () => 1),
  // "For the third evening running", "night after night"; not how long it has been raining.
  said(
    String.raw`(?<!\b(?:rain\w*|wet|dry|hot|warm|cold|frost\w*|froze|sun\w*)\b[^.,;?!]{0,25})\b(?:${ordinal}|(?:${figurePattern})(?: straight| consecutive)?)\s+(day|night|evening|morning|week|month)s?\s+(?:running|in a row|in succession|on the trot|straight|on end)\b`,
    (found) => lengthOf(found[1]),
  ),
  said(String.raw`\b(day|night|evening|morning|week) after (?:day|night|evening|morning|week)\b`, (found) =>
    lengthOf(found[1]),
  ),
  said(String.raw`\b(?:weekly|every week|each week)\b`, () => 7),
  said(String.raw`\b(?:fortnightly|every fortnight)\b`, () => 14),
  said(String.raw`\b(?:monthly|every month)\b`, () => 30),
];

const lasts = new RegExp(
  String.raw`(?<!\b(?:sun(?:ned)?|dry|dried|air|aired|rest) )\b(?:for|left|leave|sit|stand|soak(?:ed|ing)?|steep(?:ed|ing)?)\s+(?:[a-z]+\s+){0,3}?(?:for\s+)?(?:a good |about |only )?(${figurePattern})\s+${span}\b|\b(${figurePattern})[\s-]+${span}\s+(?:soak|steep|dip)\b|\bovernight\b|\ball (?:day|night)\b`,
  'iu',
);
const old = new RegExp(
  String.raw`\b(${figurePattern})[\s-]+${span}[\s-]+old\b|\bleft\s+(?:for\s+)?(${figurePattern})\s+${span}\s+in the\s+(?:\w+\s+)?(?:sprayer|bottle|can|tank|jar|bucket)\b|\b(?:stood|brewed|brewing|stewed|stewing|standing|fermented|fermenting|infused|infusing|been steeping|been soaking|been sitting|been going)\s+(?:for\s+)?(${figurePattern})\s+${span}\b`,
  'iu',
);

const roundIn = new RegExp(
  String.raw`\b(${ordinal})\b[^.;?!]{0,30}\b(?:in|within|over|this|these)\s+(?:the\s+)?(?:last\s+|past\s+)?(?:(${figurePattern})\s+)?(day|week|fortnight|month|season|summer|year)s?\b`,
  'iu',
);
const seasons: Readonly<Record<string, number>> = { season: 120, summer: 120 };

/** "My fourth spray in two weeks", "the third time this month". */
function roundsIn(line: string): HeardTimes['rounds'] {
  const hit = roundIn.exec(line);
  const times = ordinals[(hit?.[1] ?? '').toLowerCase()];
  const unit = (hit?.[3] ?? '').toLowerCase();
  const length = seasons[unit] ?? spans[unit];
  return times === undefined || length === undefined
    ? undefined
    : { times, inDays: (hit?.[2] === undefined ? 1 : figureOf(hit[2])) * length };
}

const came = String.raw`\b(?:sprouted|germinated|emerged|came up|come up|popped up|showed|pricked out)\b`;
const sproutedAgo = new RegExp(
  String.raw`${came}\s+(?:only\s+|just\s+|about\s+)?(${figurePattern})\s+${span}\s+(?:ago|back)\b`,
  'iu',
);

/** "Mixed on Monday", "left over from last week": how long ago it was made. */
const made =
  /\b(?:mixed|made(?! up to)(?: up)?|brewed|steeped|diluted|batch|left ?over|leftover|mix|solution|brew)\b[^.;?!]{0,50}$|\b(?:from|since)\s+$/u;

const keeps = String.raw`\b(?:keep|kept|leave|left|stor(?:e|ed)|sav(?:e|ed))\b`;
const keptThen = new RegExp(
  String.raw`${keeps}[^.;?!]{0,60}\b(?:then|before|until)\b[^.;?!]{0,12}\b(?:us(?:e|ing)|spray\w*|pour\w*)\b`,
  'u',
);
const keptUntil = new RegExp(String.raw`${keeps}[^.;?!]{0,40}\b(?:for|until|till)\s+(?:next|tomorrow|the next)\b`, 'u');

/** "Keep it for a month and then use it", "keep the rest until next week": how old it is by then. */
function keptIn(line: string, days: readonly HeardDay[], lasting: RegExpExecArray | null): number | undefined {
  if (lasting?.[1] && keptThen.test(line)) return times(lasting, 1);
  return keptUntil.test(line) ? days.find((one) => one.days > 0)?.days : undefined;
}

/** "In the middle of May", "this January"; not a month that is over. */
const inMonth = new RegExp(
  String.raw`(?<!\b(?:since|last|back in|back|from)\s)(?:\b(?:in|of|this|during|next|until|till|early|late|mid-?|it'?s|it is|now|an?(?: \w+)?)[\s-]*(?:early |late |mid-?)?${monthName}\b|\b(?!may\b|march\b)${monthName}\b)`,
  'iu',
);

/** Days, paces and lengths of time that a line names. @param today decides what "since Sunday" is; a day named in the line stands before it */
export function timesIn(line: string, today?: IsoDate): HeardTimes {
  const lower = line.toLowerCase();
  const saidToday = new RegExp(
    String.raw`\b(?:it'?s|it is|today is|today's)\s+${weekday}\b|${weekday}\s+(?:now|today)\b|\b(?:today|now),?\s+${weekday}\b`,
    'iu',
  ).exec(lower);
  const now = saidToday
    ? weekdays.indexOf(saidToday[1] ?? saidToday[2] ?? saidToday[3] ?? '')
    : today === undefined
      ? undefined
      : ((daysBetween('2026-01-04', today) % 7) + 7) % 7;
  const saidMonth = new RegExp(String.raw`\b(?:now|it'?s|it is|today is)\s+(?:now\s+)?${monthName}\b`, 'iu').exec(
    lower,
  );
  const month = saidMonth
    ? months.indexOf(saidMonth[1] ?? '')
    : today === undefined
      ? undefined
      : Number(today.slice(5, 7)) - 1;
  const [spoken] = found(often, lower, now, month);
  // "Monday, Wednesday, Friday and again Sunday": so often in a week.
  const named = new Set(weekdays.filter((day) => new RegExp(`\\b${day}s?\\b`).test(lower)));
  const every = spoken ?? (named.size >= 3 ? { days: 7 / named.size } : undefined);
  const days = found(sayings, lower, now, month);
  const lasting = lasts.exec(lower);
  const age = old.exec(lower);
  const rounds = roundsIn(lower);
  const sprout = sproutedAgo.exec(lower);
  const dated = days.find(({ days: ago, at }) => ago < 0 && made.test(lower.slice(0, at)));
  const kept = keptIn(lower, days, lasting);
  const ageAt = [1, 3, 5].find((group) => age?.[group] !== undefined);
  const howOld = age && ageAt !== undefined ? times(age, ageAt) : (kept ?? (dated && -dated.days));
  return {
    days,
    ...(every === undefined ? {} : { every: every.days }),
    ...(lasting ? { lasting: lasting[1] ? times(lasting, 1) : lasting[3] ? times(lasting, 3) : 0.5 } : {}),
    ...(howOld === undefined ? {} : { age: howOld }),
    ...(rounds ? { rounds } : {}),
    ...(sprout ? { sprouted: times(sprout, 1) } : {}),
    ...monthOf(inMonth.exec(lower)),
    ...(/\b(?:again|once more|one more|another (?:round|go|spray|dose)|a second (?:time|round|spray|dose)|repeat\w*)\b/u.test(
      lower,
    )
      ? { isAgain: true }
      : {}),
  };
}

const monthOf = (hit: RegExpExecArray | null): Pick<HeardTimes, 'month'> =>
  hit ? { month: months.indexOf((hit[1] ?? hit[2] ?? '').toLowerCase()) + 1 } : {};

function found(all: readonly Saying[], line: string, today: number | undefined, month: number | undefined): HeardDay[] {
  const hits = all.flatMap(({ pattern, days }) =>
    [...line.matchAll(pattern)].flatMap((hit) => {
      const value = days(hit, today, month);
      return value === undefined || !Number.isFinite(value)
        ? []
        : [{ days: value, at: hit.index ?? 0, length: hit[0].length }];
    }),
  );
  return outermost(hits);
}
