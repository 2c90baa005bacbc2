import { toBase, unitOf, type Quantity } from './quantity';
import { unitNamed, type QuantityKind } from './unit-table';
import type { MeasureSystem } from './systems';

/** Why what was typed is no amount. */
export type NotRead =
  | { readonly kind: 'empty' }
  | { readonly kind: 'no-figure'; readonly text: string }
  | { readonly kind: 'unknown-unit'; readonly unit: string }
  | { readonly kind: 'other-kind'; readonly unit: string }
  | { readonly kind: 'negative' };

export type ReadAmount =
  | { readonly kind: 'read'; readonly quantity: Quantity; readonly figure: number; readonly unit: string }
  | { readonly kind: 'not-read'; readonly because: NotRead };

/** A unit that only one field knows, for what is counted there: egg shells, sheets, packs. */
export interface FieldUnit {
  readonly id: string;
  /** In the base unit of the field's kind. */
  readonly base: number;
  readonly words: readonly string[];
}

const fractions: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅕': 1 / 5,
};
const glyphs = Object.keys(fractions).join('');
const plain = String.raw`\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?|[.,]\d+`;
/** "2 1/2", "1/2", "2½", "½", "1,5", "1,000". */
const figure = new RegExp(
  String.raw`^\s*([-−]?)\s*(?:(\d+)\s*(?:and\s+a?\s*)?[\s-]\s*(\d+)\s*[/⁄]\s*(\d+)|(\d+)\s*[/⁄]\s*(\d+)|(\d*)\s*([${glyphs}])|(${plain})|(half|quarter)(?:\s+an?)?\b|(an?|one|two|three|four|five|six|eight|ten)\b)`,
  'i',
);
const words: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, eight: 8, ten: 10, half: 0.5, quarter: 0.25 },
};

/** The number at the start of a text, as people write it, and what comes after; undefined where there is none. */
export function readFigure(text: string): { readonly value: number; readonly rest: string } | undefined {
  const found = figure.exec(text);
  if (!found) return undefined;
  const [whole, minus, mixed, over, under, top, below, base, glyph, number, part, word] = found;
  const value =
    mixed !== undefined
      ? Number(mixed) + Number(over) / Number(under)
      : top !== undefined
        ? Number(top) / Number(below)
        : glyph !== undefined
          ? Number(base ?? 0) + (fractions[glyph] ?? 0)
          : number !== undefined
            ? readPlain(number)
            : (words[(part ?? word ?? '').toLowerCase()] ?? Number.NaN);
  if (!Number.isFinite(value)) return undefined;
  return { value: minus ? -value : value, rest: text.slice(whole.length) };
}

/** "1,5" is one and a half, "1,000" a thousand. */
const readPlain = (text: string): number =>
  /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text) && !text.startsWith('0,')
    ? Number(text.replace(/,/g, ''))
    : Number(text.replace(',', '.'));

/** A number as people type it and nothing after it; undefined for anything else. */
export function readNumber(text: string): number | undefined {
  const found = readFigure(text);
  return found && found.rest.trim() === '' ? found.value : undefined;
}

/**
 * What a gardener typed into a field for one kind of amount: "1 qt", "½ cup", "4 tsp/gal", "1,5 l",
 * "2 1/2", "3 ft 6". A bare figure is in `unit`, the one that the field shows.
 */
export function readAmount(
  text: string,
  {
    kind,
    unit,
    system,
    also = [],
  }: {
    readonly kind: QuantityKind;
    readonly unit: string;
    readonly system: MeasureSystem;
    readonly also?: readonly FieldUnit[];
  },
): ReadAmount {
  const no = (because: NotRead): ReadAmount => ({ kind: 'not-read', because });
  if (text.trim() === '') return no({ kind: 'empty' });
  const first = readFigure(text);
  if (!first) return no({ kind: 'no-figure', text: text.trim() });
  if (first.value < 0 && kind !== 'temperature') return no({ kind: 'negative' });
  let total = 0;
  let named = unit;
  let rest = text;
  for (let at = 0; rest.trim() !== ''; at += 1) {
    const here = readFigure(rest);
    if (!here) return no({ kind: 'no-figure', text: rest.trim() });
    const { word, left } = splitUnit(here.rest);
    // "3 ft 6": what follows feet without a unit is inches.
    const its = word !== '' ? word : at === 0 ? unit : unitNamed(named)?.id === 'ft' ? 'in' : named;
    const base = fieldUnit(also, its)?.base;
    const value = base === undefined ? toBase(kind, here.value, its, system) : base * here.value;
    if (value === undefined)
      return no(unitOf(its) ? { kind: 'other-kind', unit: its } : { kind: 'unknown-unit', unit: its });
    total += value;
    if (at === 0) named = its;
    rest = left;
  }
  const id = idOf(named, also);
  const quantity = { kind, amount: total, unit: id };
  return { kind: 'read', quantity, figure: first.value, unit: id };
}

const fieldUnit = (also: readonly FieldUnit[], word: string): FieldUnit | undefined => {
  const tidy = word.trim().toLowerCase();
  return also.find(({ id, words: names }) => [id, ...names].some((name) => name === tidy || `${name}s` === tidy));
};

/** The unit's own name, whatever it was written as: "quarts" → "qt", "tsp per gallon" → "tsp/gal". */
function idOf(word: string, also: readonly FieldUnit[]): string {
  const own = fieldUnit(also, word);
  if (own) return own.id;
  const found = unitOf(word);
  if (!found?.lower) return found?.upper?.id ?? word;
  return `${found.upper?.id ?? ''}/${found.each === 1 ? '' : `${found.each} `}${found.lower.id}`;
}

/** Up to the next figure is the unit, unless that figure belongs to it ("lb per 100 sq ft"). */
function splitUnit(rest: string): { word: string; left: string } {
  const tidy = rest.replace(/^\s*(?:of\s+)?/, '');
  const next = new RegExp(String.raw`[\d${glyphs}]`).exec(tidy);
  const isPer = next !== null && /(?:\/|\bper|\bto the|\ba)\s*$/.test(tidy.slice(0, next.index));
  if (!next || isPer) return { word: tidy.replace(/\s*(?:\+|,|and)\s*$/, '').trim(), left: '' };
  return {
    word: tidy
      .slice(0, next.index)
      .replace(/\s*(?:\+|,|&|\band\b)\s*$/i, '')
      .trim(),
    left: tidy.slice(next.index),
  };
}
