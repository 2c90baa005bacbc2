import { fromBase, unitOf, type Quantity } from './quantity';
import { systems, type MeasureSystem } from './systems';
import type { QuantityKind } from './unit-table';

/** Units a gardener of a system reads, largest first, each from so many of it on; the last takes what is smaller. */
type Reads = readonly (readonly [unit: string, from: number])[];

const metric: Readonly<Record<QuantityKind, Reads>> = {
  volume: [
    ['m³', 1],
    ['L', 1],
    ['mL', 0],
  ],
  mass: [
    ['kg', 1],
    ['g', 0.1],
    ['mg', 0],
  ],
  length: [
    ['m', 1],
    ['cm', 1],
    ['mm', 0],
  ],
  area: [['m²', 0]],
  temperature: [['°C', 0]],
  hardness: [['mg/L', 0]],
  speed: [['km/h', 0]],
  number: [
    ['million', 0.1],
    ['million', 0],
  ],
  'volume/volume': [['mL/L', 0]],
  'mass/volume': [
    ['g/L', 0.2],
    ['mg/L', 0],
  ],
  'volume/area': [
    ['L/m²', 0.1],
    ['mL/m²', 0],
  ],
  'mass/area': [['g/m²', 0]],
  'volume/length': [['L/m', 0]],
  'mass/length': [['g/m', 0]],
  'number/volume': [['million/L', 0]],
  'number/area': [['million/m²', 0]],
  'number/length': [['million/m', 0]],
};

const inches: Pick<Record<QuantityKind, Reads>, 'mass' | 'length' | 'speed' | 'mass/length' | 'volume/length'> = {
  mass: [
    ['lb', 1],
    ['oz', 0],
  ],
  length: [
    ['ft', 2.9],
    ['in', 0],
  ],
  speed: [['mph', 0]],
  'mass/length': [['oz/ft', 0]],
  'volume/length': [['gal/yd', 0]],
};

const us: Readonly<Record<QuantityKind, Reads>> = {
  ...metric,
  ...inches,
  volume: [
    ['gal', 1],
    ['qt', 1],
    ['cup', 0.25],
    ['tbsp', 1],
    ['tsp', 0.24],
    ['drop', 0],
  ],
  area: [['sq ft', 0]],
  temperature: [['°F', 0]],
  hardness: [['gpg', 0]],
  'volume/volume': [
    ['cup/gal', 0.25],
    ['tbsp/gal', 1],
    ['tsp/gal', 0],
  ],
  'mass/volume': [
    ['oz/gal', 0.02],
    ['ppm', 0],
  ],
  'volume/area': [['gal/sq yd', 0]],
  'mass/area': [
    ['oz/sq yd', 0.1],
    ['lb/1000 sq ft', 0],
  ],
  'number/area': [['million/1000 sq ft', 0]],
  'number/volume': [['million/gal', 0]],
};

const imperial: Readonly<Record<QuantityKind, Reads>> = {
  ...metric,
  ...inches,
  volume: [
    ['gal', 1],
    ['pt', 0.5],
    ['fl oz', 1],
    ['tsp', 0.24],
    ['drop', 0],
  ],
  area: [['sq yd', 0]],
  hardness: [['°Clarke', 0]],
  'volume/volume': [
    ['fl oz/gal', 1],
    ['tsp/gal', 0],
  ],
  'mass/volume': [
    ['oz/gal', 0.02],
    ['ppm', 0],
  ],
  'volume/area': [['gal/sq yd', 0]],
  'mass/area': [['oz/sq yd', 0]],
  'number/area': [['million/sq yd', 0]],
  'number/volume': [['million/gal', 0]],
};

const readIn: Readonly<Record<MeasureSystem, Readonly<Record<QuantityKind, Reads>>>> = {
  metric,
  us,
  imperial,
  australian: metric,
};

/** What may stand beside a figure in any system: conductivity, per cents, counts. */
export const isMetric = (system: MeasureSystem): boolean => systems[system].bulk.some(({ unit }) => unit === 'L');

/** The unit in which a gardener of that system reads such an amount. */
export function unitToRead({ kind, amount, to = amount, unit }: Quantity, system: MeasureSystem): string {
  const reads = readIn[system][kind];
  if (kind === 'mass/volume' && unit === 'mg/L') return isMetric(system) ? 'mg/L' : 'ppm';
  // What is written in a unit of the reader's own kind stays in it: cubic yards, quarts, centimetres.
  if (unit !== undefined && isMetric(system) === isMetricUnit(unit)) return unit;
  const found = reads.find(([id, from]) => Math.abs(fromBase(kind, to, id, system)) >= from * almost);
  return found?.[0] ?? reads[reads.length - 1]?.[0] ?? '';
}

/** 2.8 cups are read as nearly a quart's worth of cups, 0.99 gallons as a gallon. */
const almost = 0.985;

const metricUnits = new Set([...Object.values(metric).flatMap((reads) => reads.map(([id]) => id)), 'cm²', 'mg/m²']);
const isMetricUnit = (unit: string): boolean => metricUnits.has(unit);

export interface Shown {
  readonly figure: string;
  readonly unit: string;
}

export interface ShowOptions {
  /** How far a rounded figure may be from the true one, as a share (default 0.06). Kitchen amounts use less. */
  readonly within?: number;
  /** "g/L" in place of "g per litre". */
  readonly short?: boolean;
}

/** An amount in the gardener's measures: "2½ tablespoons per gallon", "5–15 cm", "90 °F". */
export function inWords(quantity: Quantity, system: MeasureSystem, options: ShowOptions = {}): string {
  const { figure, unit } = shown(quantity, system, options);
  return unit === '' ? figure : `${figure} ${unit}`;
}

/** The figure and its unit apart, for fields and tables. */
export function shown(quantity: Quantity, system: MeasureSystem, { within = 0.06, short }: ShowOptions = {}): Shown {
  const { kind, amount, to, unit: written } = quantity;
  const id = unitToRead(quantity, system);
  const value = (base: number) => fromBase(kind, base, id, system);
  const [low, high] = [value(amount), to === undefined ? undefined : value(to)];
  const steps = stepsOf(id);
  const isAsWritten = id === written;
  const tell = (figure: number): [string, number] => figureWords(figure, kind, steps, isAsWritten ? 0 : within);
  const [lowWords, lowFigure] = tell(low);
  if (high === undefined) return { figure: lowWords, unit: unitWords(id, lowFigure, short) };
  const [highWords, highFigure] = tell(high);
  return {
    figure: lowWords === highWords ? highWords : `${lowWords}–${highWords}`,
    unit: unitWords(id, highFigure, short),
  };
}

const stepsOf = (id: string): readonly number[] | undefined => unitOf(id)?.upper?.steps;

/** A figure rounded to what can be read off, and the rounded number itself. */
function figureWords(
  value: number,
  kind: QuantityKind,
  steps: readonly number[] | undefined,
  within: number,
): [string, number] {
  if (kind === 'temperature') {
    const rounded = within === 0 ? value : roundDegrees(value);
    return [plainNumber(rounded), rounded];
  }
  if (steps && value !== 0) {
    // Half a step more than the tolerance is nothing one could measure anyway.
    const step =
      steps.find((candidate) => Math.abs(roundTo(value, candidate) / value - 1) <= Math.max(within, 1e-9)) ??
      steps[steps.length - 1] ??
      1;
    const rounded = roundTo(value, step);
    if (rounded !== 0) return [step < 1 && isHalving(step) ? mixedFraction(rounded) : plainNumber(rounded), rounded];
  }
  return [plainNumber(value), value];
}

/** To a whole five where that is within a degree of it: 86.0 stays, 64.4 is 65. */
export function roundDegrees(value: number): number {
  const tens = value >= 150 ? roundTo(value, 10) : roundTo(value, 5);
  return Math.abs(tens - value) <= (value >= 150 ? 5 : 0.7) ? tens : Math.round(value);
}

const isHalving = (step: number): boolean => Number.isInteger(Math.log2(step));

const numbers = new Intl.NumberFormat('en', { maximumSignificantDigits: 3 });
const whole = new Intl.NumberFormat('en', { maximumFractionDigits: 0 });
/** Three figures, thousands set apart from ten thousand on. */
export const plainNumber = (value: number): string =>
  Math.abs(value) >= 1000 ? whole.format(value).replace(/^(-?\d),(\d{3})$/, '$1$2') : numbers.format(value);

const vulgar: Readonly<Record<string, string>> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
  '1/3': '⅓',
  '2/3': '⅔',
};

/** 1.5 → "1½", 0.25 → "¼", 0.0625 → "1/16", 3 → "3". */
export function mixedFraction(value: number): string {
  const sign = value < 0 ? '-' : '';
  const size = Math.abs(value);
  const base = Math.floor(size + 1e-9);
  const rest = size - base;
  if (rest < 1e-6) return `${sign}${plainNumber(base)}`;
  const below = [2, 3, 4, 8, 16, 32].find((parts) => Math.abs(rest * parts - Math.round(rest * parts)) < 1e-6);
  if (below === undefined) return plainNumber(value);
  const name = `${Math.round(rest * below)}/${below}`;
  const piece = vulgar[name];
  if (base === 0) return `${sign}${piece ?? name}`;
  return piece ? `${sign}${plainNumber(base)}${piece}` : `${sign}${plainNumber(base)} ${name}`;
}

/** The unit's word after a figure; a rate says "per", in short a stroke. */
export function unitWords(id: string, figure: number, short = false): string {
  if (id === 'ppm' || id === 'mg/L') return id;
  const found = unitOf(id);
  if (!found) return id;
  const { upper, lower, each } = found;
  const top = short ? (upper?.id ?? '') : Math.abs(figure) > 1 ? (upper?.many ?? '') : (upper?.one ?? '');
  if (!lower) return top;
  const bottom = each === 1 ? (short ? lower.id : perWord(lower.id, lower.one)) : `${each} ${lower.id}`;
  return short ? `${top}/${bottom}` : `${top} per ${bottom}`.trim();
}

const perWord = (id: string, one: string): string => (id === 'L' ? 'litre' : id === 'm' ? 'metre' : one);

/** To the nearest multiple of step, without binary dust. */
export function roundTo(value: number, step: number): number {
  return Number((Math.round(value / step) * step).toFixed(6));
}
