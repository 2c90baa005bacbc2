import type { FollowResult, NextMove } from '../follow';
import type { CountUnit, DoingFault, Finding, RemedyRow, Verdict } from '../tables';
import type { IsoDate } from '../quantities/days';
import { chanceLine, counted, dayAndMonth } from './everyday';
import { dayWords } from './everyday/days';

const verdictNames: Record<Verdict, string> = {
  solved: 'Solved',
  'on-the-way': 'On the way',
  'too-early': 'Too early to say',
  'no-change': 'No change',
  worse: 'Worse',
  'plant-harmed': 'The plant is hurt',
};

/** What is said instead where the verdict alone would mislead. */
const findingNames: Partial<Record<Verdict, Partial<Record<Finding, string>>>> = {
  'on-the-way': { 'came-back': 'Fewer, but coming back', outgrown: 'Held back, but growing' },
  'too-early': { 'by-itself': 'They are going by themselves' },
  'no-change': {
    weak: 'Too little change',
    'came-back': 'They came back',
    'by-itself': 'They are going by themselves',
    'better-left': 'No help here',
  },
  worse: { 'came-back': 'They came back, and more' },
  solved: { 'by-itself': 'Gone by themselves' },
};

/** @param isLate it was looked at when it should have shown: then it is no longer early, but open */
export const verdictWords = ({ verdict, finding }: Pick<FollowResult, 'verdict' | 'finding'>, isLate = false): string =>
  findingNames[verdict]?.[finding] ??
  (verdict === 'too-early' && finding === 'open' && isLate ? 'Cannot be told yet' : verdictNames[verdict]);

type Expecting = Pick<RemedyRow, 'expect'>;

/** Where a look is as late as the remedy needs at most. */
export const isLateLook = ({ day }: Pick<FollowResult, 'day'>, { expect }: Expecting): boolean => day >= expect.days[1];

/** The verdict in a sentence or two, with its numbers. */
export function verdictSays(result: FollowResult, remedy: Expecting): string {
  const { verdict, finding, before, now, change, couldBeChance, day } = result;
  const { expect } = remedy;
  if (verdict === 'plant-harmed')
    return 'Burn within three days of a spray is the spray’s doing. Rinse the plant with plain water and leave it in peace.';
  const say = sayLevel(expect);
  const numbers = `${say(before.mean)} before, ${say(now.mean)} now (${expect.what})`;
  if (verdict === 'solved')
    return `${numbers}: below the level to act on at two looks, ${counted(expect.twiceDaysApart, 'day', 'days')} or more apart.${finding === 'by-itself' ? ` ${notTheRemedy}` : ''}`;
  if (change.kind === 'cannot-tell')
    return change.because === 'nothing-before'
      ? 'None were counted before, so no change can be told.'
      : 'Too few were counted: three leaves at least, ten are better.';
  const changed = changeWords(change.reduction, expect.unit);
  switch (finding) {
    case 'as-it-should':
    case 'slow':
      return `${numbers}: ${changed}, more than chance explains.${expectedWords(result, expect)}`;
    case 'weak':
      return `${numbers}: ${changed}. ${expect.reduction[0]}–${expect.reduction[1]} % is usual by day ${expect.days[1]}: it did something, and less than it should.`;
    case 'came-back': {
      const lowest = result.looks.find(({ on }) => on === result.backSince);
      const then = lowest?.change.kind === 'change' ? ` (${changeWords(lowest.change.reduction, expect.unit)})` : '';
      return `${numbers}. They were down to ${say(lowest?.level.mean ?? 0)}${then} on ${dayAndMonth(result.backSince ?? '')} and have come back since: what hatched or flew in afterwards was not touched. Stronger would not touch it either; again at the right time does.`;
    }
    case 'outgrown':
      return `${numbers}: ${changed} than without it, and still more than before. It holds them back; they grow faster than it is put on.`;
    case 'by-itself':
      return `${numbers}. ${notTheRemedy}`;
    case 'better-left':
      return `${numbers}: where nothing was done they went down further. Perhaps it took the helpers too.`;
    case 'no-effect':
      return `${numbers}: by day ${day} it should have shown.${expectedWords(result, expect)}`;
    case 'more':
      return verdict === 'worse'
        ? `${numbers}: more than before, beyond chance.`
        : `${numbers}: more than before, and it is only day ${day}.`;
    case 'open':
      if (expect.riseUntilDay !== undefined && day <= expect.riseUntilDay)
        return `${numbers}. More in the first days is a good sign: they are carrying it home.`;
      return `${numbers}: ${changed}, ${couldBeChance ? 'but that could still be chance.' : `and it is only day ${day}.`}${tellWords(result, remedy)}`;
    default:
      return finding satisfies never;
  }
}

const notTheRemedy = 'They went down as much where nothing was done: weather or helpers, not the remedy.';

function tellWords({ wouldTell }: FollowResult, remedy: Expecting): string {
  if (wouldTell === undefined) return '';
  return ` ${wouldTell} ${eachWords[remedy.expect.each ?? 'leaf']} at the next look would tell.`;
}

const eachWords = {
  leaf: 'leaves',
  card: 'cards',
  minute: 'minutes',
  square: 'squares',
  whole: 'counts',
  dip: 'dips',
} as const;

/** @param isOnLeaves it is sprayed on them */
export function moveSays(move: NextMove, today: IsoDate, isOnLeaves: boolean): string {
  switch (move.kind) {
    case 'end':
      return `Close it, with one late look ${dayWords(move.lateLookOn, today)}`;
    case 'look-again':
      return `Count again ${dayWords(move.on, today)}`;
    case 'repeat':
      return `Do it again ${dayWords(move.on, today)}${isOnLeaves ? ', undersides most of all' : ''}`;
    case 'let-be':
      return 'Stop treating and let them go; what was not needed need not be done again';
    case 'mend-doing':
      return 'Go through how it was done: was all of it reached, at the right hour, with the right water?';
    case 'step-up':
      return 'Raise the strength one step';
    case 'next-remedy':
      return 'Try the next remedy up the ladder';
    case 'back-to-reading':
      return 'Read the signs again: perhaps it is something else';
    case 'give-up':
      return 'Give the plant up, and sow something else there';
    case 'stop-and-rinse':
      return 'Stop, rinse with plain water, lower the strength';
    default:
      return move satisfies never;
  }
}

/** What may have been missed, as it is asked and ticked. */
export const faultWords: Record<DoingFault, string> = {
  undersides: 'Undersides of the leaves were missed',
  places: 'Some plants or shoots were missed',
  hour: 'It was done at another hour, or in full sun',
  water: 'It was mixed with other water, or weaker',
  rain: 'It rained soon after',
};

/** How a verdict was come by, a sentence for each step; for whoever opens it. */
export function verdictWorking(result: FollowResult, { expect }: Expecting): string[] {
  const { before, looks, clumping, chance, expected, change } = result;
  const say = sayLevel(expect);
  const interval = ({ low, high }: { low: number; high: number }) => `${say(low)}–${say(high)}`;
  return [
    `Before: ${say(before.mean)}; the true mean lies nine times in ten within ${interval(before)}.`,
    ...looks.map(({ on, level, change: at }) =>
      at.kind === 'change'
        ? `${dayAndMonth(on)}: ${say(level.mean)} (${interval(level)}); ${changeWords(at.reduction, expect.unit)}, nine times in ten between ${fewerWords(at.low, expect.unit)} and ${fewerWords(at.high, expect.unit)}${at.againstUntreated ? ', measured against what was left alone' : ''}.`
        : `${dayAndMonth(on)}: ${say(level.mean)} (${interval(level)}).`,
    ),
    ...(chance !== undefined && expected
      ? [`That it did at least the ${Math.round(expected.low)} % that are usual by now: ${chanceLine(chance)}.`]
      : []),
    ...(change.kind === 'change' && !change.againstUntreated
      ? ['Nothing was left alone to compare with: weather and helpers are in this change too.']
      : []),
    expect.unit === 'area'
      ? 'Leaf area is told in classes: where within one a leaf stands is left open, and so is how unevenly the disease is spread. That makes the interval wide.'
      : expect.unit === 'number'
        ? `Counts clump: some leaves have many, most have few${clumping < 0.1 ? '; here hardly' : ` (k about ${one(1 / clumping)})`}. The more they do, the wider the interval.`
        : 'Shares of few leaves are taken cautiously, as an exact test takes them.',
  ];
}

const changeWords = (reduction: number, unit: CountUnit): string =>
  Math.abs(reduction) < 5 ? 'about the same' : fewerWords(reduction, unit);

/** "40 % fewer", "12 % more", "3 times as many"; of leaf area "less" and "much". */
export function fewerWords(reduction: number, unit: CountUnit): string {
  if (reduction >= 0) return `${Math.round(reduction)} % ${unit === 'area' ? 'less' : 'fewer'}`;
  const times = 1 - reduction / 100;
  return times < 2
    ? `${Math.round(-reduction)} % more`
    : `${times < 10 ? one(times) : Math.round(times)} times as ${unit === 'area' ? 'much' : 'many'}`;
}

function expectedWords({ expected, change }: FollowResult, { unit }: RemedyRow['expect']): string {
  if (!expected || change.kind !== 'change') return '';
  const low = Math.round(expected.low);
  const high = Math.round(expected.high);
  const usual = ` By now ${low}–${high} % ${unit === 'area' ? 'less' : 'fewer'} is usual`;
  return change.reduction >= expected.low ? `${usual}.` : `${usual}; this falls short of it.`;
}

/** Shares are told of ten, as they are counted. */
const sayLevel =
  ({ unit }: Pick<RemedyRow['expect'], 'unit'>) =>
  (value: number): string =>
    unit === 'area' ? `${one(value)} %` : one(unit === 'yes-no' ? value * 10 : value);

const one = (value: number) => String(Number(value.toFixed(1)));
