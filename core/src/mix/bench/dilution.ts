import { bulkWords, measureWater, millilitres, trim } from '../../measures';
import { choice, maybe, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** mL of stock in `ml` of ready mix at 1 part to `parts`: V / (N + 1). Source: definition of "1 to N". */
export const stockFor = (ml: number, parts: number): number => ml / (parts + 1);

/**
 * 1 to N of two dilutions one after the other: one part in (N₁+1)(N₂+1), so "to" one less.
 * Source: dilutions multiply.
 */
export const bothDilutions = (first: number, second: number): number => (first + 1) * (second + 1) - 1;

/** Volume of stock for a wanted strength, C₁V₁ = C₂V₂; strengths in the same unit, volumes in mL. */
export const stockByStrength = (ml: number, wanted: number, has: number): number => (ml * wanted) / has;

export const dilute = defineTool({
  id: 'dilute',
  name: 'Thin a stock',
  plain: 'One part stock to so many of water, once or twice over.',
  group: 'liquids',
  fields: {
    ready: quantity('volume', 'Ready mix wanted', { usual: 1500, to: 1e6 }),
    parts: number('Water to one part of stock', 'parts', { usual: 10, to: 100_000 }),
    again: maybe(number('Thinned again, to', 'parts', { to: 100_000, hint: 'Only where the recipe has two steps.' })),
  },
  work({ ready, parts, again }, bench) {
    if (again === undefined) {
      const stock = stockFor(ready, parts);
      const unlike = ready / parts;
      return {
        results: [
          result('stock', 'Stock', stock, 'mL', { main: true }),
          result('water', 'Water', ready - stock, 'mL'),
          result('one-to', 'One part to', parts, 'parts of water'),
        ],
        parts: [bench.pour('stock', stock)],
        waterMl: ready - stock,
        order: [
          `Pour in ${trim(stock, 1)} mL of stock`,
          `Fill up with ${bench.water(ready - stock)?.says} of water`,
          'Stir',
        ],
        cautions:
          parts < 20
            ? [
                note(
                  `“1 to ${trim(parts, 1)}” is not “1 in ${trim(parts, 1)}”: that would be ${trim(unlike, 1)} mL of stock.`,
                ),
              ]
            : [],
        working: [line('Stock', `${trim(ready, 1)} mL ÷ (${trim(parts, 1)} + 1)`, `${trim(stock, 2)} mL`)],
      };
    }
    const between = stockFor(ready, again);
    const stock = stockFor(between, parts);
    const both = bothDilutions(parts, again);
    const bulk = (ml: number) => bulkWords(measureWater(millilitres(ml), bench.measures));
    return {
      results: [
        result('stock', 'Stock', stock, 'mL', { main: true, digits: 3 }),
        result('between', 'First mix', between, 'mL'),
        result('water', 'Water in all', ready - stock, 'mL'),
        result('one-to', 'In all, one part to', both, 'parts of water', { digits: 1 }),
      ],
      parts: [bench.pour('stock', stock)],
      waterMl: ready - stock,
      order: [
        `Measure ${trim(stock, 2)} mL of stock`,
        `Fill up with ${bulk(between - stock)} of water: the first mix, ${bulk(between)}`,
        `Pour all of it into ${bulk(ready - between)} of water`,
        'Stir',
      ],
      working: [
        line('First mix needed', `${trim(ready, 1)} mL ÷ (${trim(again, 1)} + 1)`, `${trim(between, 2)} mL`),
        line('Stock in it', `${trim(between, 2)} mL ÷ (${trim(parts, 1)} + 1)`, `${trim(stock, 3)} mL`),
        line('In all', `(${trim(parts, 1)} + 1) × (${trim(again, 1)} + 1) − 1`, `1 to ${trim(both, 1)}`),
      ],
    };
  },
});

export const strengthChange = defineTool({
  id: 'strength',
  name: 'Change a strength',
  plain: 'From what the bottle says to what is wanted: percent, grams per litre or milligrams per litre.',
  group: 'liquids',
  fields: {
    ready: quantity('volume', 'Ready mix wanted', { usual: 1000, to: 1e6 }),
    has: number('The bottle holds', '', { usual: 3 }),
    wanted: number('Wanted', '', { usual: 0.3 }),
    unit: choice('Both in', { percent: '%', 'g/L': 'g/L', 'mg/L': 'mg/L' }, 'percent'),
  },
  work({ ready, has, wanted, unit }, bench) {
    const unitWord = unit === 'percent' ? '%' : unit;
    if (wanted > has)
      return stop(
        `A bottle of ${trim(has, 3)} ${unitWord} cannot give ${trim(wanted, 3)} ${unitWord}: water only weakens.`,
        'Find a stronger bottle, or make less of it weaker.',
      );
    const stock = stockByStrength(ready, wanted, has);
    return {
      results: [
        result('stock', 'Stock', stock, 'mL', { main: true }),
        result('water', 'Water', ready - stock, 'mL'),
        result('one-to', 'One part to', has / wanted - 1, 'parts of water', { digits: 1 }),
      ],
      parts: [bench.pour('stock', stock)],
      waterMl: ready - stock,
      order: [
        `Fill in ${bench.water(ready - stock)?.says} of water`,
        `Add ${trim(stock, 1)} mL from the bottle`,
        'Stir',
      ],
      working: [
        line(
          'Stock (C₁V₁ = C₂V₂)',
          `${trim(ready, 1)} mL × ${trim(wanted, 3)} ÷ ${trim(has, 3)}`,
          `${trim(stock, 2)} mL`,
        ),
      ],
    };
  },
});

/** What a use of peroxide may reach, % (reviewed caps): leaves 0.3, roots 0.3, seedlings 0.1. */
const peroxideUses = {
  leaf: { label: 'Leaves', most: 0.3, usual: 0.3, why: 'leaves bear 0.3 %; 0.5 % only after a test leaf' },
  'leaf-tested': {
    label: 'Leaves that bore a test',
    most: 0.5,
    usual: 0.5,
    why: 'even tested leaves burn above 0.5 %',
  },
  root: { label: 'Roots, grown plants', most: 0.3, usual: 0.3, why: 'roots bear 0.3 %; growers’ 1 % kills root hairs' },
  seedling: { label: 'Seedlings', most: 0.1, usual: 0.06, why: 'seedlings bear 0.1 %' },
  seed: { label: 'Seed, 15–30 minutes', most: 0.3, usual: 0.06, why: 'seed is soaked at 0.06 %, at most 0.3 %' },
  pot: { label: 'Empty pots', most: 3, usual: 1, why: 'nothing stronger than 3 % is needed' },
  tool: { label: 'Tools', most: 3, usual: 3, why: 'nothing stronger than 3 % is needed' },
} as const;
type PeroxideUse = keyof typeof peroxideUses;

export const peroxide = defineTool({
  id: 'peroxide',
  name: 'Peroxide by its bottle',
  plain: 'From the strength on the label. A tired bottle is replaced, never made up for by more.',
  group: 'liquids',
  fields: {
    ready: quantity('volume', 'Ready mix wanted', { usual: 1000, to: 1e5 }),
    use: choice(
      'For',
      Object.fromEntries(Object.entries(peroxideUses).map(([id, { label }]) => [id, label])) as Record<
        PeroxideUse,
        string
      >,
      'root',
    ),
    bottle: number('The label says', '%', { usual: 3, to: 100 }),
    wanted: maybe(number('Wanted', '%', { to: 100, hint: 'Left empty: the usual for this use.' })),
    fizz: choice(
      'A drop on cut potato',
      { strong: 'fizzes at once', weak: 'hardly fizzes', untried: 'not tried' },
      'untried',
      { hint: 'Potato splits peroxide: no fizz, no peroxide.' },
    ),
  },
  work({ ready, use, bottle, wanted, fizz }, bench) {
    const { most, usual, why } = peroxideUses[use];
    const strength = wanted ?? usual;
    if (bottle > 12)
      return stop(
        `${trim(bottle, 1)} % peroxide burns skin and eyes and feeds fires; in many places it is not sold to the public.`,
        'Buy a 3 % bottle.',
      );
    if (strength > most) return stop(`${trim(strength, 2)} % is too strong here: ${why}.`, `Use ${trim(usual, 2)} %.`);
    if (strength > bottle)
      return stop(
        `A ${trim(bottle, 2)} % bottle cannot give ${trim(strength, 2)} %.`,
        'Use the bottle as it is, or a fresh 3 % one.',
      );
    const stock = stockByStrength(ready, strength, bottle);
    return {
      results: [
        result('stock', 'Peroxide', stock, 'mL', { main: true }),
        result('water', 'Water', ready - stock, 'mL'),
        result('one-to', 'One part to', bottle / strength - 1, 'parts of water', { digits: 1 }),
        result('strength', 'Ready strength at the label', strength, '%'),
      ],
      parts: [bench.pour('peroxide', stock)],
      waterMl: ready - stock,
      order: [
        `Fill in ${bench.water(ready - stock)?.says} of water`,
        `Add ${trim(stock, 1)} mL of peroxide`,
        'Use it within the hour; pour nothing back into the bottle',
      ],
      cautions: [
        ...(bottle >= 6 ? [caution('6–12 % whitens and burns skin: gloves and goggles until it is thinned.')] : []),
        ...(fizz === 'weak'
          ? [
              caution(
                'This bottle is spent. More of it is a guess that can burn.',
                'Open a fresh bottle; the amount stays as it is.',
              ),
            ]
          : fizz === 'untried'
            ? [note('An opened bottle weakens within months. Try a drop on cut potato before you rely on it.')]
            : []),
        note(
          'It kills soil life and helpers too: a week either way from living products. Never in one vessel with vinegar or bleach.',
        ),
      ],
      working: [
        line(
          'Peroxide (C₁V₁ = C₂V₂)',
          `${trim(ready, 1)} mL × ${trim(strength, 3)} ÷ ${trim(bottle, 2)}`,
          `${trim(stock, 2)} mL`,
        ),
      ],
      honest:
        use === 'root'
          ? 'Against gnats and root rot growers report help; trials are few and doubtful.'
          : use === 'leaf' || use === 'leaf-tested'
            ? 'Mixed on mildew, doubtful on insects; it holds for minutes.'
            : 'It cleans what it wets; virus on tools needs bleach 1 to 9 or skim milk.',
      grade: use === 'tool' || use === 'pot' ? 'practice' : 'doubtful',
    };
  },
});
