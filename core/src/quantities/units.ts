import { baseUnitOf, fromBase, toBase, unitOf } from './quantity';
import { roundDegrees, roundTo } from './show';
import type { MeasureSystem } from './systems';
import { inBase, unitNamed, type QuantityKind } from './unit-table';

type Usual = Readonly<Record<MeasureSystem, readonly string[]>>;
const everywhere = (...units: string[]): Usual => ({ metric: units, us: units, imperial: units, australian: units });
const by = (here: readonly string[], us: readonly string[], imperial: readonly string[]): Usual => ({
  metric: here,
  australian: here,
  us,
  imperial,
});

/** Units offered as taps, the usual one of that system first; any other may be typed. */
const usual: Readonly<Record<QuantityKind, Usual>> = {
  volume: by(
    ['L', 'mL', 'cup', 'tbsp', 'tsp'],
    ['qt', 'gal', 'cup', 'fl oz', 'tbsp', 'tsp'],
    ['pt', 'gal', 'fl oz', 'cup', 'tbsp', 'tsp'],
  ),
  mass: by(['g', 'kg'], ['oz', 'lb'], ['oz', 'lb']),
  length: by(['m', 'cm'], ['ft', 'in'], ['ft', 'in', 'yd']),
  area: by(['m²'], ['sq ft', 'sq yd'], ['sq yd', 'sq ft']),
  temperature: by(['°C', '°F'], ['°F', '°C'], ['°C', '°F']),
  hardness: by(['mg/L', '°dH', '°fH'], ['gpg', 'mg/L'], ['°Clarke', 'mg/L']),
  speed: by(['km/h'], ['mph'], ['mph']),
  number: everywhere('million'),
  'volume/volume': by(['mL/L', 'tsp/L', 'tbsp/L'], ['tsp/gal', 'tbsp/gal', 'fl oz/gal'], ['fl oz/gal', 'tsp/gal']),
  'mass/volume': by(['g/L', 'mg/L'], ['oz/gal', 'ppm'], ['oz/gal', 'ppm']),
  'volume/area': by(['L/m²'], ['gal/sq yd', 'gal/100 sq ft'], ['gal/sq yd']),
  'mass/area': by(['g/m²'], ['oz/sq yd', 'lb/100 sq ft'], ['oz/sq yd']),
  'volume/length': by(['L/m'], ['gal/yd'], ['gal/yd']),
  'mass/length': by(['g/m'], ['oz/ft'], ['oz/ft']),
  'number/volume': by(['million/L'], ['million/gal'], ['million/gal']),
  'number/area': by(['million/m²'], ['million/1000 sq ft'], ['million/sq yd']),
  'number/length': by(['million/m'], ['million/ft'], ['million/ft']),
};

/** Units that may be tapped for a kind, the usual one first. */
export const unitsOf = (kind: QuantityKind, system: MeasureSystem): string[] => [...usual[kind][system]];

export const usualUnit = (kind: QuantityKind, system: MeasureSystem): string =>
  usual[kind][system][0] ?? baseUnitOf(kind);

const onOneScale: ReadonlySet<QuantityKind> = new Set(['hardness', 'temperature', 'speed']);

/** The tap that suits an amount: small lengths in cm or inches, a spoonful in spoons. */
export function unitFor(kind: QuantityKind, amount: number, system: MeasureSystem): string {
  const figure = (unit: string) => Math.abs(fromBase(kind, amount, unit, system));
  const units = usual[kind][system];
  // Other scales of the same thing are no smaller and larger units: 180 mg/L is not said in German degrees.
  if (onOneScale.has(kind)) return units[0] ?? '';
  const fits = units.filter((unit) => figure(unit) >= 0.5 && figure(unit) < 100);
  return fits.includes(units[0] ?? '') ? (units[0] ?? '') : (fits[0] ?? units[0] ?? '');
}

/** An amount in the base unit; undefined when the unit is none of its kind. */
export const toSi = (kind: QuantityKind, amount: number, unit: string, system: MeasureSystem): number | undefined =>
  toBase(kind, amount, unit, system);

/** A base amount in a unit. */
export const fromSi = (kind: QuantityKind, base: number, unit: string, system: MeasureSystem): number =>
  fromBase(kind, base, unit, system);

/** Any unit a volume may be typed in, in mL. `cup`, `tsp` and `tbsp` depend on the system. */
export const unitInMillilitres = (unit: string, system: MeasureSystem): number | undefined =>
  toBase('volume', 1, unit, system);

/** A usual amount typed afresh in another system would look odd (0.946 qt): this rounds it to what one would type. */
export function roundForTyping(value: number): number {
  const digits = value >= 100 ? 0 : value >= 10 ? 1 : 2;
  return Number(value.toFixed(digits));
}

/** Steps in which people think of a first guess: 2 qt, ½ cup, 15 cm, 70 °F. */
const guesses = [100, 50, 10, 5, 1, 0.5, 0.25, 0.1] as const;
const guessWithin = 0.07;

/** A usual amount as one would say it in that unit: 1500 mL are "1½ qt", not 1.585. */
export function guessIn(kind: QuantityKind, base: number, unit: string, system: MeasureSystem): number {
  const exact = fromBase(kind, base, unit, system);
  if (exact === 0) return 0;
  if (kind === 'temperature') return roundDegrees(exact);
  const step = guesses.find((candidate) => Math.abs(roundTo(exact, candidate) / exact - 1) <= guessWithin);
  return step === undefined || Number.isInteger(exact) ? roundForTyping(exact) : roundTo(exact, step);
}

/** mL in one heaped barrow of that place. */
export function barrowMl(system: MeasureSystem): number {
  const barrow = unitNamed('barrow');
  if (!barrow) throw new Error('the units have no barrow');
  return inBase(barrow, system);
}

export const isUnitOf = (kind: QuantityKind, unit: string): boolean => unitOf(unit, kind)?.kind === kind;
