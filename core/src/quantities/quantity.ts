import type { MeasureSystem } from './systems';
import { baseUnit, inBase, unitNamed, type PlainKind, type QuantityKind, type RateKind, type Unit } from './unit-table';

/** The unit in which each rate is reckoned. */
const rateUnit: Readonly<Record<RateKind, string>> = {
  'volume/volume': 'mL/L',
  'mass/volume': 'g/L',
  'volume/area': 'L/m²',
  'mass/area': 'g/m²',
  'volume/length': 'L/m',
  'mass/length': 'g/m',
  'number/volume': 'million/L',
  'number/area': 'million/m²',
  'number/length': 'million/m',
};

/** An amount, or a span of amounts, with what it is an amount of; reckoned in the kind's base unit. */
export interface Quantity {
  readonly kind: QuantityKind;
  readonly amount: number;
  /** The upper end of a span. */
  readonly to?: number;
  /** The unit it was written in, shown again to those who use it. */
  readonly unit?: string;
}

/** A unit as it stands in a rate: "mL/L", "oz/sq yd", "lb/100 sq ft". */
export interface UnitOf {
  readonly kind: QuantityKind;
  readonly upper: Unit | undefined;
  readonly lower: Unit | undefined;
  /** So many of the lower unit: the 100 of "lb/100 sq ft". */
  readonly each: number;
}

const perWords = /\s*(?:\/|\bper\b|\bto (?:the|a|each|every)\b|\ba\b|\bto\b|\bin a\b|\beach\b)\s*/;

/** Takes a unit apart; undefined when it is none. "mg/L" is hardness unless a strength is asked for. */
export function unitOf(text: string, kind?: QuantityKind): UnitOf | undefined {
  const whole = unitNamed(text);
  if (whole?.id === 'mg/L' && kind === 'mass/volume')
    return { kind, upper: unitNamed('mg'), lower: unitNamed('L'), each: 1 };
  if (whole) return { kind: whole.kind, upper: whole, lower: undefined, each: 1 };
  const [top = '', bottom = '', more] = text.trim().split(perWords);
  if (more !== undefined || bottom === '') return undefined;
  const upper = top === '' ? undefined : unitNamed(top);
  if (top !== '' && !upper) return undefined;
  const counted = /^([\d,.]+)\s*(.*)$/.exec(bottom);
  const each = counted ? Number((counted[1] ?? '1').replace(/,/g, '')) : 1;
  const lower = unitNamed(counted ? (counted[2] ?? '') : bottom);
  if (!lower || !(each > 0)) return undefined;
  return { kind: `${upper?.kind ?? 'number'}/${lower.kind}` as RateKind, upper, lower, each };
}

/** An amount in a unit, in the base unit of its kind; undefined when the unit is none of that kind. */
export function toBase(kind: QuantityKind, amount: number, unit: string, system: MeasureSystem): number | undefined {
  const found = unitOf(unit, kind);
  if (!found || found.kind !== kind) return undefined;
  if (found.upper?.id === '°F') return ((amount - 32) * 5) / 9;
  return (amount * factorOf(found, system)) / baseFactor(kind);
}

/** An amount in the base unit of its kind, in a unit. @throws Error when the unit is none of that kind. */
export function fromBase(kind: QuantityKind, base: number, unit: string, system: MeasureSystem): number {
  const found = unitOf(unit, kind);
  if (!found || found.kind !== kind) throw new Error(`"${unit}" is no unit of ${kind}`);
  if (found.upper?.id === '°F') return (base * 9) / 5 + 32;
  return (base * baseFactor(kind)) / factorOf(found, system);
}

const factorOf = ({ upper, lower, each }: UnitOf, system: MeasureSystem): number =>
  (upper ? inBase(upper, system) : 1) / (lower ? inBase(lower, system) * each : 1);

/** The unit in which a kind is reckoned: "mL", "mL/L". */
export const baseUnitOf = (kind: QuantityKind): string =>
  kind in baseUnit ? baseUnit[kind as PlainKind] : rateUnit[kind as RateKind];

function baseFactor(kind: QuantityKind): number {
  if (kind in baseUnit) return 1;
  const found = unitOf(rateUnit[kind as RateKind]);
  return found ? factorOf(found, 'metric') : 1;
}

/** An amount that is in the base unit of its kind already. */
export const inBaseUnit = (kind: QuantityKind, amount: number): Quantity => ({ kind, amount, unit: baseUnitOf(kind) });

/** The figure of a quantity in the unit it was written in, or in that of its kind. */
export const figureOf = ({ kind, amount, unit = baseUnitOf(kind) }: Quantity): number =>
  fromBase(kind, amount, unit, 'metric');

const make =
  (kind: QuantityKind, unit: string) =>
  (from: number, to?: number): Quantity => {
    const base = (value: number): number => {
      const found = toBase(kind, value, unit, 'metric');
      if (found === undefined || !Number.isFinite(found)) throw new RangeError(`${value} ${unit} is no amount`);
      return found;
    };
    return { kind, amount: base(from), ...(to === undefined ? {} : { to: base(to) }), unit };
  };

/** Worked out rather than written down: shown in whatever unit suits its size. */
export const mL = (amount: number): Quantity => ({ kind: 'volume', amount });
export const litres = make('volume', 'L');
export const g = (amount: number): Quantity => ({ kind: 'mass', amount });
export const mg = make('mass', 'mg');
export const cm = make('length', 'cm');
export const metres = make('length', 'm');
export const millimetres = make('length', 'mm');
export const squareMetres = make('area', 'm²');
export const celsius = make('temperature', '°C');
export const kmh = make('speed', 'km/h');
export const mLPerLitre = make('volume/volume', 'mL/L');
export const gPerLitre = make('mass/volume', 'g/L');
/** mg/L, the same figure in all measures; as parts per million to those who say so. */
export const mgPerLitre = make('mass/volume', 'mg/L');
export const gPerSquareMetre = make('mass/area', 'g/m²');
export const litresPerSquareMetre = make('volume/area', 'L/m²');
export const millionPerSquareMetre = make('number/area', 'million/m²');
export const hardnessOf = make('hardness', 'mg/L');
