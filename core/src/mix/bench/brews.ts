import { trim } from '../../measures';
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
  weed: { name: 'Weed brew', ready: 7, keeps: 365, parts: undefined, wait: 14, starch: false },
  'leaf-mould': { name: 'Leaf-mould microbe brew', ready: 2, keeps: 1, parts: 15, wait: 120, starch: true },
  neem: { name: 'Neem leaf, steeped', ready: 2.5, keeps: 2, parts: 1, wait: 7, starch: false },
  compost: { name: 'Compost steeped in water', ready: 7, keeps: 2, parts: 10, wait: 120, starch: false },
} as const;
export type BrewKind = keyof typeof brewKinds;

/** Days until a brew is ready at a warmth; neem leaf only steeps, warmth hardly matters. */
export const daysToReady = (kind: BrewKind, celsius: number): number =>
  kind === 'neem' ? brewKinds.neem.ready : brewKinds[kind].ready / pace(celsius);

/** Parts of water to one of brew, by kind, age and warmth. */
export const brewParts = (kind: BrewKind, days: number, celsius: number): number =>
  brewKinds[kind].parts ?? weedBrewParts(days, celsius);

export const brew = defineTool({
  id: 'brew',
  name: 'A brew by its age',
  plain: 'Is it ready, how far to thin it now, how much it gives, and when to start the next.',
  group: 'feeds',
  fields: {
    kind: choice(
      'Brew',
      Object.fromEntries(Object.entries(brewKinds).map(([id, { name }]) => [id, name])) as Record<BrewKind, string>,
      'weed',
    ),
    days: number('It has stood', 'days', { usual: 14, from: 0, to: 800 }),
    warmth: quantity('temperature', 'Where it stands, on average', { usual: 20, from: 0, to: 45 }),
    have: quantity('volume', 'Brew in hand', { usual: 5000, to: 1e6 }),
    weekly: quantity('volume', 'Ready mix used each week', { usual: 10_000, to: 1e6 }),
    seeds: choice(
      'Seeds or runners in it',
      { no: 'none', seeds: 'seeds', runners: 'bindweed or couch runners' },
      'no',
      {
        when: { field: 'kind', is: ['weed'] },
      },
    ),
    on: choice('Goes', { soil: 'on soil', 'raw-leaves': 'on leaves eaten raw' }, 'soil'),
  },
  work({ kind, days, warmth, have, weekly, seeds, on }) {
    const row = brewKinds[kind];
    if (on === 'raw-leaves')
      return stop('Brews can carry germs: never on leaves or fruit eaten raw.', 'On soil, and wait before harvest.');
    const drowned = seeds === 'seeds' ? 28 : seeds === 'runners' ? 56 : 0;
    if (kind === 'weed' && days < drowned)
      return stop(
        `${seeds === 'seeds' ? 'Seeds live four weeks' : 'Runners live eight weeks'} under water; this has stood ${trim(days, 0)} days.`,
        `Wait ${trim(drowned - days, 0)} days more.`,
      );
    const ready = daysToReady(kind, warmth);
    const parts = brewParts(kind, Math.max(days, ready), warmth);
    const mix = have * (parts + 1);
    const weeks = mix / weekly;
    const isReady = days >= ready;
    const gone = days > ready + row.keeps;
    const start = Math.max(0, weeks * 7 - ready);
    const until = Math.max(days * 1.3, ready * 2, 30);
    return {
      results: [
        result('ready', 'Ready after', ready, 'days', { digits: 1 }),
        result('parts', isReady ? 'Thin it now, 1 part to' : 'When ready, 1 part to', parts, 'parts of water', {
          digits: 0,
          main: true,
        }),
        result('mix', 'It gives', mix / 1000, 'L ready mix', { digits: 0, main: true }),
        result('weeks', 'Lasts for', weeks, 'weeks', { digits: 1 }),
        result('start', 'Start the next in', start, 'days', { digits: 0 }),
        result('keeps', 'From ready it keeps', row.keeps, 'days', { digits: 0 }),
        result('wait', 'Wait before harvest', row.wait, 'days', { digits: 0 }),
      ],
      order: ['Stir it', `One part to ${trim(parts, 0)} of rain water`, 'On moist soil, off the leaves; wash hands'],
      cautions: [
        ...(gone
          ? [caution(`It is past its best (${trim(ready + row.keeps, 0)} days): compost it.`)]
          : isReady
            ? []
            : [note(`Not ready: ${trim(ready - days, 1)} days more at this warmth.`)]),
        ...(row.starch || kind === 'compost'
          ? [
              caution(
                'Can breed harmful germs: soil only, 120 days before harvest (90 where nothing edible touches the soil), never near salad, sprouts or seedlings.',
              ),
            ]
          : [
              note(
                `Soil only, and not in the last ${row.wait} days before harvest. It stinks: gloves, lid loose, outdoors.`,
              ),
            ]),
        note('No chlorine in the water: let it stand open a day, or take rain water (chloramine stays: filter it).'),
      ],
      working: [
        line(
          'Age at 22 °C',
          `${trim(days, 0)} days × 2^((${trim(warmth, 0)} − 22) ÷ 10)`,
          `${trim(days * pace(warmth), 1)} days`,
        ),
        line('Gives', `${trim(have / 1000, 2)} L × (${trim(parts, 0)} + 1)`, `${trim(mix / 1000, 1)} L`),
      ],
      ...(kind === 'weed'
        ? {
            curve: {
              across: 'days',
              up: 'parts of water to one',
              points: Array.from({ length: 30 }, (_, at): [number, number] => {
                const day = (at / 29) * until;
                return [day, weedBrewParts(day, warmth)];
              }),
              here: [days, weedBrewParts(days, warmth)] as [number, number],
            },
          }
        : {}),
      honest: {
        weed: 'A thin, uneven feed: free, and not measured by anybody.',
        'leaf-mould': 'Folk practice; no trial shows that it does what compost does not.',
        neem: 'Weaker than seed oil, and gone within two days; folk to practice.',
        compost: 'Sprayed compost teas did nothing reliable in trials; on soil it is a thin feed.',
      }[kind],
      grade: kind === 'weed' ? 'practice' : 'folk',
    };
  },
});
