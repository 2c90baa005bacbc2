import type { RemedyRow, WindowSpec } from '../tables';

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
export function windowWords({ part, sun, dryBefore, dryAfter, windBelow, between }: WindowSpec): string {
  const hours = (count: number) => `${count} dry ${count === 1 ? 'hour' : 'hours'}`;
  return [
    partWords[part],
    ...(sun === 'needed' ? ['in sun'] : sun === 'avoid' ? ['out of the sun'] : []),
    ...(dryBefore ? [`${hours(dryBefore)} before`] : []),
    ...(dryAfter ? [`${hours(dryAfter)} after`] : []),
    ...(windBelow === undefined ? [] : [`wind under ${windBelow} km/h`]),
    ...(between ? [`${between[0]}–${between[1]} °C`] : []),
  ].join(', ');
}

/** How long what is mixed keeps; nothing where nothing is mixed. */
export function keepsWords({ days, says }: RemedyRow['facts']['keeps']): string[] {
  if (says === 'nothing is mixed') return [];
  if (days > 0) return [`What is left keeps: ${says}`];
  return [says.startsWith('mix only') ? `${says.charAt(0).toUpperCase()}${says.slice(1)}` : `Use it ${says}`];
}

/** Everything on the card of a remedy: before, what to wear, putting it on, afterwards, limits, and what to expect. */
export function cardWords(remedy: RemedyRow): CardWords {
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
        .map(({ does, why, after, gap }) => `${does}${after && gap[0] > 0 ? `, ${gap[0]} days after` : ''}: ${why}`),
    ],
    wear: [...facts.wear],
    putOn: apply
      ? [
          `${apply.does}: ${apply.why}`,
          `Where: ${facts.where}`,
          `How much: ${remedy.rate}`,
          `When: ${windowWords(apply.window)}`,
          `About ${apply.minutes} min`,
        ]
      : [],
    after: [
      ...(look
        ? [`Look again after ${daysWords(look.gap)}: ${look.does.charAt(0).toLowerCase()}${look.does.slice(1)}`]
        : []),
      ...(repeat
        ? [`Again every ${daysWords(repeat.everyDays)}, at most ${repeat.most} times in ${repeat.inDays} days`]
        : []),
      ...(preHarvestDays > 0
        ? [`Wait ${preHarvestDays} ${preHarvestDays === 1 ? 'day' : 'days'} before picking, then wash`]
        : []),
      ...keepsWords(facts.keeps),
    ],
    limits: [...remedy.limits],
    expect: `Usually ${low}–${high} % fewer (${expect.what}) ${expect.days[0]}–${expect.days[1]} days on.`,
  };
}

const daysWords = ([from, to]: readonly [number, number]): string =>
  from === to ? `${from} ${from === 1 ? 'day' : 'days'}` : `${from}–${to} days`;
