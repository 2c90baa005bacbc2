import { systems, unitInMillilitres, type MeasureSystem } from './systems';

/** Kinds of quantity that a gardener types, and the SI unit each is kept in: mL, g, m, m², °C, mg/L as CaCO₃. */
export const quantityKinds = ['volume', 'mass', 'length', 'area', 'temperature', 'hardness'] as const;
export type QuantityKind = (typeof quantityKinds)[number];

export const siUnit: Readonly<Record<QuantityKind, string>> = {
  volume: 'mL',
  mass: 'g',
  length: 'm',
  area: 'm²',
  temperature: '°C',
  hardness: 'mg/L',
};

/**
 * Factors to SI. Sources: international yard and pound (0.3048 m, 453.59237 g); water hardness in mg/L
 * as CaCO₃: 1 °dH = 17.85, 1 °fH = 10, 1 °Clarke = 14.25, 1 grain per US gallon = 17.12.
 */
const factors: Readonly<Record<Exclude<QuantityKind, 'volume' | 'temperature'>, Readonly<Record<string, number>>>> = {
  mass: { mg: 0.001, g: 1, kg: 1000, oz: 28.349523, lb: 453.59237 },
  length: { mm: 0.001, cm: 0.01, m: 1, in: 0.0254, ft: 0.3048, yd: 0.9144 },
  area: { 'cm²': 1e-4, 'm²': 1, 'sq ft': 0.09290304, 'sq yd': 0.83612736 },
  hardness: { 'mg/L': 1, ppm: 1, '°dH': 17.85, '°fH': 10, '°Clarke': 14.25, gpg: 17.12 },
};

const largeVolumes: Readonly<Record<string, number>> = { 'm³': 1e6, 'cu ft': 28316.847, 'cu yd': 764554.86 };

/** Units offered first where nothing is said: what people of that system think in. */
const usual: Readonly<Record<QuantityKind, Readonly<Record<MeasureSystem, string>>>> = {
  volume: { metric: 'L', us: 'qt', imperial: 'pt', australian: 'L' },
  mass: { metric: 'g', us: 'oz', imperial: 'oz', australian: 'g' },
  length: { metric: 'm', us: 'ft', imperial: 'ft', australian: 'm' },
  area: { metric: 'm²', us: 'sq ft', imperial: 'sq yd', australian: 'm²' },
  temperature: { metric: '°C', us: '°F', imperial: '°C', australian: '°C' },
  hardness: { metric: 'mg/L', us: 'gpg', imperial: '°Clarke', australian: 'mg/L' },
};

export const usualUnit = (kind: QuantityKind, system: MeasureSystem): string => usual[kind][system];

/** Units that may be chosen for a kind, the usual one first. */
export function unitsOf(kind: QuantityKind, system: MeasureSystem): string[] {
  const all =
    kind === 'temperature'
      ? ['°C', '°F']
      : kind === 'volume'
        ? system === 'metric' || system === 'australian'
          ? ['mL', 'L', 'cup', 'tbsp', 'tsp']
          : ['fl oz', 'cup', 'pt', 'qt', 'gal', 'mL', 'L']
        : Object.keys(factors[kind]);
  return [...new Set([usual[kind][system], ...all])];
}

/** An amount in SI; undefined when the unit is none of its kind. */
export function toSi(kind: QuantityKind, amount: number, unit: string, system: MeasureSystem): number | undefined {
  if (kind === 'temperature')
    return unit === '°C' || unit === 'C' ? amount : unit === '°F' || unit === 'F' ? ((amount - 32) * 5) / 9 : undefined;
  const factor =
    kind === 'volume'
      ? (largeVolumes[unit] ?? unitInMillilitres(unit, system))
      : (factors[kind][unit] ?? plainUnit(kind, unit));
  return factor === undefined ? undefined : amount * factor;
}

/** "m2" and "sqft" are typed more easily than m² and sq ft. */
function plainUnit(kind: keyof typeof factors, unit: string): number | undefined {
  const same: Readonly<Record<string, string>> = {
    m2: 'm²',
    cm2: 'cm²',
    sqft: 'sq ft',
    sqyd: 'sq yd',
    dH: '°dH',
    fH: '°fH',
  };
  return factors[kind][same[unit] ?? ''];
}

/** An SI amount in a unit. */
export function fromSi(kind: QuantityKind, si: number, unit: string, system: MeasureSystem): number {
  if (kind === 'temperature') return unit === '°F' ? (si * 9) / 5 + 32 : si;
  const one = toSi(kind, 1, unit, system);
  if (one === undefined) throw new Error(`"${unit}" is no unit of ${kind}`);
  return si / one;
}

/** A usual amount typed afresh in another system would look odd (0.946 qt): this rounds it to what one would type. */
export function roundForTyping(value: number): number {
  const digits = value >= 100 ? 0 : value >= 10 ? 1 : 2;
  return Number(value.toFixed(digits));
}

/** mL in one heaped barrow, by habit of the place: 85 L the usual garden barrow, 6 cu ft (170 L) the US one heaped less (judgement). */
export const barrowMl = (system: MeasureSystem): number => (system === 'us' ? 113_000 : 85_000);

export const isMetric = (system: MeasureSystem): boolean => systems[system].bulk.some(({ unit }) => unit === 'L');
