import type { Pace } from '../choose';
import { keptName, type Grade, type KeptTable, type RemedyFacts, type RemedyRow, type Tables } from '../tables';
import { counted } from './everyday/language';

const harmWords = { safe: 'spares', some: 'harms some', harm: 'harms' } as const;

/** What a remedy does to helpers, soil and water life, in one sentence. */
export const sparesWords = ({ helpers, soil, water }: RemedyFacts['spares']): string =>
  `Helpers: ${harmWords[helpers]}. Soil life: ${harmWords[soil]}. Water life: ${harmWords[water]}.`;

export const costWords: Readonly<Record<RemedyFacts['cost'], string>> = {
  nothing: 'costs nothing',
  pennies: 'costs pennies',
  some: 'costs about as much as a packet of seed',
  dear: 'costs more than a meal',
};

const shortGrade: Readonly<Record<Grade, string>> = {
  trial: 'trials',
  guideline: 'clinics',
  practice: 'growers',
  folk: 'unproven',
  doubtful: 'doubtful',
};
const shortCost: Readonly<Record<RemedyFacts['cost'], string>> = {
  nothing: 'nothing',
  pennies: 'pennies',
  some: 'a seed packet',
  dear: 'a meal or more',
};
const lives = { helpers: 'helpers', soil: 'soil life', water: 'water life' } as const;
const isLater = (phase: RemedyRow['steps'][number]['phase']) => phase === 'look' || phase === 'after';

/** What one choice is compared with another by: who says so, cost, work of the first round, and what it hurts. */
export interface Glance {
  readonly evidence: string;
  readonly costs: string;
  readonly takes: string;
  readonly harms: string;
}

/** A remedy at a glance, each in a word or two. */
export function glanceOf({ grade, facts, steps }: Pick<RemedyRow, 'grade' | 'facts' | 'steps'>): Glance {
  const first = steps.findIndex(({ applies }) => applies);
  const round = first === -1 ? steps.filter(({ phase }) => !isLater(phase)) : steps.slice(0, first + 1);
  const minutes = [...facts.prepare, ...round].reduce((sum, one) => sum + one.minutes, 0);
  const hurt = (Object.keys(lives) as (keyof typeof lives)[]).filter((of) => facts.spares[of] !== 'safe');
  return {
    evidence: shortGrade[grade],
    costs: shortCost[facts.cost],
    takes: minutes < 90 ? `${minutes} min` : `${halves(minutes / 60)} h`,
    harms: hurt.length === 0 ? 'nothing' : hurt.map((of) => lives[of]).join(', '),
  };
}

/** "1½", "2". */
const halves = (value: number): string => {
  const rounded = Math.round(value * 2) / 2;
  return Number.isInteger(rounded) ? `${rounded}` : `${Math.floor(rounded)}½`;
};

/** The name of something that a garden has kept; what is no longer known says so. */
export function keptWords(tables: Tables, table: KeptTable, id: string): string {
  const { known, name } = keptName(tables, table, id);
  return known ? name : `no longer known: ${name}`;
}

/** How soon what feeds or mends the ground is seen to act, as a heading. */
export const paceWords: Readonly<Record<Pace, string>> = {
  days: 'In days',
  weeks: 'In weeks',
  months: 'In months',
  'next-season': 'Not this season',
};

/** Up to so many days a span is told in days, then in weeks, then in months. */
const inDaysUpTo = 21;
const inWeeksUpTo = 120;

/** "5 to 10 days", "4 to 13 weeks", "2 to 12 months". */
export function spanOfDays([from, to]: readonly [number, number]): string {
  const [length, one, many] =
    to <= inDaysUpTo ? [1, 'day', 'days'] : to <= inWeeksUpTo ? [7, 'week', 'weeks'] : [30, 'month', 'months'];
  const [first, last] = [Math.max(1, Math.round(from / length)), Math.round(to / length)];
  return first === last ? counted(last, one, many) : `${first} to ${counted(last, one, many)}`;
}
