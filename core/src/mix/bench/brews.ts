import { celsius, litres as L, mL, said } from '../../quantities';
import { choice, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/**
 * Water to one part of a weed brew by its age at 22 °C, days → parts: to two weeks 1:10–20, one month
 * 1:30–40, half a year 1:100. Source: growers' practice; between the points on straight lines.
 */
const weedBrew: readonly (readonly [days: number, parts: number])[] = [
  [7, 10],
  [14, 20],
  [30, 35],
  [180, 100],
];

/** Fermenting doubles its pace about every 10 °C (Q₁₀ = 2, usual for microbes), reckoned from 22 °C. */
export const pace = (celsius: number): number => 2 ** ((celsius - 22) / 10);

/** Parts of water to one of brew of an age at a warmth; the ends of the table are kept beyond it. */
export function weedBrewParts(days: number, celsius: number): number {
  const age = days * pace(celsius);
  const first = weedBrew[0]!;
  if (age <= first[0]) return first[1];
  for (let at = 1; at < weedBrew.length; at += 1) {
    const [from, low] = weedBrew[at - 1]!;
    const [to, high] = weedBrew[at]!;
    if (age <= to) return low + ((age - from) / (to - from)) * (high - low);
  }
  return weedBrew[weedBrew.length - 1]![1];
}

/**
 * The brews: days to ready at 22 °C, days it keeps from then on, how it is thinned, and the wait before
 * harvest. Sources: growers' practice; waits as reviewed (starch- or sugar-fed: as raw manure).
 */
export const brewKinds = {
  weed: { ready: 7, keeps: 365, parts: undefined, wait: 14, starch: false },
  'leaf-mould': { ready: 2, keeps: 1, parts: 15, wait: 120, starch: true },
  neem: { ready: 2.5, keeps: 2, parts: 1, wait: 7, starch: false },
  compost: { ready: 7, keeps: 2, parts: 10, wait: 120, starch: false },
} as const;
export type BrewKind = keyof typeof brewKinds;

/** Days until a brew is ready at a warmth; neem leaf only steeps, warmth hardly matters. */
export const daysToReady = (kind: BrewKind, celsius: number): number =>
  kind === 'neem' ? brewKinds.neem.ready : brewKinds[kind].ready / pace(celsius);

/** Parts of water to one of brew, by kind, age and warmth. */
export const brewParts = (kind: BrewKind, days: number, celsius: number): number =>
  brewKinds[kind].parts ?? weedBrewParts(days, celsius);

/** Days under water until what could grow again has drowned (growers; page by kind). */
const drownedAfter = { no: 0, seeds: 28, runners: 56 } as const;

export const brew = defineTool({
  id: 'brew',
  group: 'feeds',
  fields: {
    kind: choice(Object.keys(brewKinds) as BrewKind[], 'weed'),
    days: number('days', { usual: 14, from: 0, to: 800 }),
    warmth: quantity('temperature', { usual: 20, from: 0, to: 45 }),
    have: quantity('volume', { usual: 5000, to: 1e6 }),
    weekly: quantity('volume', { usual: 10_000, to: 1e6 }),
    seeds: choice(['no', 'seeds', 'runners'], 'no', { when: { field: 'kind', is: ['weed'] } }),
    on: choice(['soil', 'raw-leaves'], 'soil'),
  },
  work({ kind, days, warmth, have, weekly, seeds, on }) {
    const row = brewKinds[kind];
    if (on === 'raw-leaves') return stop('germs');
    const drowned = drownedAfter[seeds];
    if (kind === 'weed' && days < drowned)
      return stop(seeds === 'seeds' ? 'seeds-live' : 'runners-live', { days, wait: drowned - days });
    const ready = daysToReady(kind, warmth);
    const parts = brewParts(kind, Math.max(days, ready), warmth);
    const mix = have * (parts + 1);
    const weeks = mix / weekly;
    const isReady = days >= ready;
    const gone = days > ready + row.keeps;
    const until = Math.max(days * 1.3, ready * 2, 30);
    return {
      results: [
        result('ready', ready, { digits: 1 }),
        isReady
          ? result('parts', parts, { digits: 0, main: true })
          : result('parts-when-ready', parts, { digits: 0, main: true }),
        result('mix', L(mix / 1000), { digits: 0, main: true }),
        result('weeks', weeks, { digits: 1 }),
        result('start', Math.max(0, weeks * 7 - ready), { digits: 0 }),
        result('keeps', row.keeps, { digits: 0 }),
        result('wait', row.wait, { digits: 0 }),
      ],
      order: [said('stir'), said('thin', { parts: Math.round(parts) }), said('moist-soil')],
      cautions: [
        ...(gone
          ? [caution('past-best', { days: Math.round(ready + row.keeps) })]
          : isReady
            ? []
            : [note('not-ready', { days: Math.ceil((ready - days) * 10) / 10 })]),
        ...(row.starch || kind === 'compost' ? [caution('can-breed-germs')] : [note('soil-only', { days: row.wait })]),
        note('no-chlorine'),
      ],
      working: [
        line('age', { days, warmth: celsius(warmth), pace: pace(warmth), age: days * pace(warmth) }),
        line('gives', { have: mL(have), parts, mix: mL(mix) }),
      ],
      ...(kind === 'weed'
        ? {
            curve: {
              points: Array.from({ length: 30 }, (_, at): [number, number] => {
                const day = (at / 29) * until;
                return [day, weedBrewParts(day, warmth)];
              }),
              here: [days, weedBrewParts(days, warmth)] as const,
            },
          }
        : {}),
      honest: `honest-${kind}`,
      grade: kind === 'weed' ? 'practice' : 'folk',
    };
  },
});
