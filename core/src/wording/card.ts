import { celsius, inWords, kmh, type MeasureSystem } from '../quantities';
import type { RemedyRow, WindowSpec } from '../tables';
import { capital, counted, lowerFirst } from './everyday/language';

/** What stands on a mixing card beside the amounts, so that it can be followed by itself. */
export interface CardWords {
  readonly before: string[];
  readonly wear: string[];
  readonly putOn: string[];
  readonly after: string[];
  readonly limits: string[];
  readonly expect: string;
}

const partWords: Record<WindowSpec['part'], string> = {
  any: 'any time',
  day: 'by day',
  morning: 'in the morning',
  evening: 'in the evening',
};

/** "in the evening, out of the sun, two dry hours after, wind under 15 km/h, 5–30 °C". */
export function windowWords(
  { part, sun, dryBefore, dryAfter, windBelow, between, soil }: WindowSpec,
  system: MeasureSystem,
): string {
  const hours = (count: number) => counted(count, 'dry hour', 'dry hours');
  return [
    partWords[part],
    ...(sun === 'needed' ? ['in sun'] : sun === 'avoid' ? ['out of the sun'] : []),
    ...(dryBefore ? [`${hours(dryBefore)} before`] : []),
    ...(dryAfter ? [`${hours(dryAfter)} after`] : []),
    ...(windBelow === undefined ? [] : [`wind under ${inWords(kmh(windBelow), system)}`]),
    ...(between ? [inWords(celsius(between[0], between[1]), system)] : []),
    ...(soil ? [`soil ${inWords(celsius(soil[0], soil[1]), system)}`] : []),
  ].join(', ');
}

/** How long what is mixed keeps; nothing where nothing is mixed. */
export function keepsWords({ days, says, how }: RemedyRow['facts']['keeps']): string[] {
  if (how === 'nothing') return [];
  if (days > 0) return [`What is left keeps: ${says}`];
  return [how === 'one-go' ? capital(says) : `Use it ${says}`];
}

/** Everything on the card of a remedy: before, what to wear, putting it on, afterwards, limits, and what to expect. */
export function cardWords(remedy: RemedyRow, system: MeasureSystem): CardWords {
  const { facts, steps, repeat, expect, preHarvestDays } = remedy;
  const first = steps.findIndex(({ applies }) => applies);
  const apply = steps[first];
  const look = steps.find(({ phase }) => phase === 'look');
  const [low, high] = expect.reduction;
  return {
    before: [
      ...facts.prepare.map(({ does, minutes }) => `${does} (${minutes} min)`),
      ...steps
        .slice(0, Math.max(0, first))
        .map(({ does, why, after, gap }) =>
          withWhy(after && gap[0] > 0 ? `After ${counted(gap[0], 'day', 'days')}: ${lowerFirst(does)}` : does, why),
        ),
    ],
    wear: [...facts.wear],
    putOn: apply
      ? [
          withWhy(apply.does, apply.why),
          `Where: ${facts.where}`,
          `How much: ${remedy.rate}`,
          `When: ${windowWords(apply.window, system)}`,
          `About ${apply.minutes} min`,
        ]
      : [],
    after: [
      ...(look ? [`Look again after ${daysWords(look.gap)}: ${lowerFirst(look.does)}`] : []),
      ...(repeat
        ? [`Again every ${daysWords(repeat.everyDays)}, at most ${repeat.most} times in ${repeat.inDays} days`]
        : []),
      ...(preHarvestDays > 0 ? [`Wait ${counted(preHarvestDays, 'day', 'days')} before picking, then wash`] : []),
      ...keepsWords(facts.keeps),
    ],
    limits: [...remedy.limits],
    expect: `Usually ${low}–${high} % fewer (${expect.what}) ${expect.days[0]}–${expect.days[1]} days on.`,
  };
}

/** A question stays one, and its reason is a sentence of its own. */
const withWhy = (does: string, why: string): string =>
  does.endsWith('?') ? `${does} ${capital(why)}` : `${does}: ${why}`;

const daysWords = ([from, to]: readonly [number, number]): string =>
  from === to ? counted(from, 'day', 'days') : `${from}–${to} days`;
