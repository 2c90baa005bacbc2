import { systems, type MeasureSystem } from './systems';

/** Kinds of plain quantity, each kept in one unit: mL, g, m, m², °C, mg/L as CaCO₃, km/h, and numbers of things. */
export const plainKinds = ['volume', 'mass', 'length', 'area', 'temperature', 'hardness', 'speed', 'number'] as const;
export type PlainKind = (typeof plainKinds)[number];

/** One amount in another: 5 mL in each litre, 50 g on each m². */
export type RateKind = `${'volume' | 'mass' | 'number'}/${'volume' | 'area' | 'length'}`;
export type QuantityKind = PlainKind | RateKind;

/** The unit in which each kind is reckoned; a rate is reckoned in that of its upper over that of its lower part. */
export const baseUnit: Readonly<Record<PlainKind, string>> = {
  volume: 'mL',
  mass: 'g',
  length: 'm',
  area: 'm²',
  temperature: '°C',
  hardness: 'mg/L',
  speed: 'km/h',
  number: '',
};

export interface Unit {
  readonly id: string;
  readonly kind: PlainKind;
  /** How many of the base unit are in one; by system where kitchens differ. */
  readonly base: number | ((system: MeasureSystem) => number);
  /** As it stands after a figure, for one and for more. */
  readonly one: string;
  readonly many: string;
  /** How else it is written; case does not matter, nor a plural s. */
  readonly words: readonly string[];
  /** Steps that can be read off, coarse to fine; left out, three figures are shown. */
  readonly steps?: readonly number[];
}

const unit = (
  id: string,
  kind: PlainKind,
  base: Unit['base'],
  words: readonly string[],
  { one = id, many = one, steps }: { one?: string; many?: string; steps?: readonly number[] } = {},
): Unit => ({ id, kind, base, one, many, words, ...(steps ? { steps } : {}) });

const kitchen = (tool: 'tsp' | 'tbsp' | 'cup') => (system: MeasureSystem) => systems[system][tool];
const bySystem = (us: number, elsewhere: number) => (system: MeasureSystem) => (system === 'us' ? us : elsewhere);

const quarters = [1, 0.5, 0.25] as const;
const rule = [1, 0.5, 0.25, 0.125, 0.0625, 0.03125] as const;

/**
 * Every unit that an amount may be typed or shown in. Sources: international yard and pound (0.3048 m,
 * 453.59237 g); US customary and imperial volumes (3785.41 and 4546.09 mL to the gallon); water hardness
 * in mg/L as CaCO₃: 1 °dH = 17.85, 1 °fH = 10, 1 °Clarke = 14.25, 1 grain per US gallon = 17.12; a drop
 * is a twentieth of a millilitre (kitchen dropper); barrow: 85 L the usual garden barrow, a US 6 cu ft
 * one (170 L) is rarely heaped, so 113 L (judgement).
 */
export const units: readonly Unit[] = [
  unit('mL', 'volume', 1, ['millilitre', 'milliliter', 'cc', 'ml', 'mil', 'mils']),
  unit('L', 'volume', 1000, ['litre', 'liter', 'l', 'ltr']),
  unit('m³', 'volume', 1e6, ['m3', 'cubic metre', 'cubic meter', 'cu m']),
  unit('drop', 'volume', 0.05, ['drop'], { many: 'drops', steps: [1] }),
  unit('tsp', 'volume', kitchen('tsp'), ['teaspoon', 'teaspoonful'], {
    one: 'teaspoon',
    many: 'teaspoons',
    steps: [...quarters, 0.125],
  }),
  unit('tbsp', 'volume', kitchen('tbsp'), ['tablespoon', 'tablespoonful'], {
    one: 'tablespoon',
    many: 'tablespoons',
    steps: quarters,
  }),
  unit('cup', 'volume', kitchen('cup'), ['cupful', 'mug'], { one: 'cup', many: 'cups', steps: quarters }),
  unit('fl oz', 'volume', bySystem(29.5735, 28.4131), ['floz', 'fluid ounce', 'fl. oz', 'fl.oz'], { steps: quarters }),
  unit('pt', 'volume', bySystem(473.176, 568.261), ['pint'], { one: 'pint', many: 'pints', steps: quarters }),
  unit('qt', 'volume', bySystem(946.353, 1136.52), ['quart'], { one: 'quart', many: 'quarts', steps: quarters }),
  unit('gal', 'volume', bySystem(3785.41, 4546.09), ['gallon'], { one: 'gallon', many: 'gallons', steps: quarters }),
  unit('cu ft', 'volume', 28_316.847, ['cubic foot', 'cubic feet', 'cuft', 'ft3', 'ft³'], { steps: [1, 0.5, 0.25] }),
  unit('cu yd', 'volume', 764_554.86, ['cubic yard', 'cuyd', 'yd3', 'yd³'], { steps: quarters }),
  unit('barrow', 'volume', bySystem(113_000, 85_000), ['barrow load', 'barrowload', 'wheelbarrow', 'barrowful'], {
    one: 'barrow load',
    many: 'barrow loads',
    steps: quarters,
  }),
  unit('bucket', 'volume', bySystem(18_927, 10_000), ['pail', 'bucketful'], {
    one: 'bucket',
    many: 'buckets',
    steps: quarters,
  }),

  unit('mg', 'mass', 0.001, ['milligram', 'milligramme']),
  unit('g', 'mass', 1, ['gram', 'gramme', 'gr', 'gm']),
  unit('kg', 'mass', 1000, ['kilo', 'kilogram', 'kilogramme']),
  unit('oz', 'mass', 28.349523, ['ounce'], { steps: [1, 0.5, 0.25, 0.1, 0.05, 0.02, 0.01, 0.005] }),
  unit('lb', 'mass', 453.59237, ['pound', '#'], { steps: [1, 0.5, 0.25, 0.1, 0.05, 0.01] }),

  unit('mm', 'length', 0.001, ['millimetre', 'millimeter']),
  unit('cm', 'length', 0.01, ['centimetre', 'centimeter']),
  unit('m', 'length', 1, ['metre', 'meter']),
  unit('in', 'length', 0.0254, ['inch', 'inche', '"', '″', '”'], { steps: rule }),
  unit('ft', 'length', 0.3048, ['foot', 'feet', "'", '′', '’'], { steps: [10, 5, 1, 0.5] }),
  unit('yd', 'length', 0.9144, ['yard'], { steps: quarters }),

  unit('cm²', 'area', 1e-4, ['cm2', 'square centimetre', 'square centimeter', 'sq cm']),
  unit('m²', 'area', 1, ['m2', 'sqm', 'square metre', 'square meter', 'sq m']),
  unit('sq ft', 'area', 0.09290304, ['sqft', 'ft2', 'ft²', 'square foot', 'square feet', 'sq. ft', 'sf'], {
    steps: [100, 50, 10, 5, 1, 0.5, 0.25],
  }),
  unit('sq yd', 'area', 0.83612736, ['sqyd', 'yd2', 'yd²', 'square yard'], { steps: quarters }),

  unit('°C', 'temperature', 1, ['c', 'celsius', 'degrees c', 'deg c', 'degree c', 'centigrade']),
  unit('°F', 'temperature', 1, ['f', 'fahrenheit', 'degrees f', 'deg f', 'degree f']),

  unit('mg/L', 'hardness', 1, ['ppm', 'mg/l', 'mg per litre', 'mg per liter']),
  unit('°dH', 'hardness', 17.85, ['dh', 'german degree']),
  unit('°fH', 'hardness', 10, ['fh', 'french degree']),
  unit('°Clarke', 'hardness', 14.25, ['clarke', 'english degree', '°e']),
  unit('gpg', 'hardness', 17.12, ['grain', 'grains per gallon', 'gr/gal'], {
    one: 'grain per gallon',
    many: 'grains per gallon',
    steps: [1, 0.5],
  }),

  unit('km/h', 'speed', 1, ['kmh', 'kph', 'km per hour']),
  unit('mph', 'speed', 1.609344, ['miles per hour', 'mi/h'], { steps: [1] }),

  unit('million', 'number', 1e6, ['mio']),
];

const byWord: ReadonlyMap<string, Unit> = new Map(
  units.flatMap((row) => [row.id, row.one, row.many, ...row.words].map((word) => [word.toLowerCase(), row])),
);
/** "T" is a tablespoon and "t" a teaspoon on recipe cards: the only words where case tells. */
const byCase: Readonly<Record<string, string>> = { T: 'tbsp', Tbs: 'tbsp', TBS: 'tbsp', tbs: 'tbsp', t: 'tsp' };

/** The unit a word stands for; undefined when it is none. */
export function unitNamed(word: string): Unit | undefined {
  const tidy = word.trim().replace(/\s+/g, ' ').replace(/\.$/, '');
  const lower = tidy.toLowerCase();
  return (
    byWord.get((Object.hasOwn(byCase, tidy) ? byCase[tidy] : undefined) ?? lower) ?? byWord.get(lower.replace(/s$/, ''))
  );
}

/** How many of the base unit one of it holds (not for temperature, which has a zero of its own). */
export const inBase = (row: Unit, system: MeasureSystem): number =>
  typeof row.base === 'number' ? row.base : row.base(system);
