import { toBase, unitOf, type Quantity } from './quantity';
import { inWords } from './show';
import type { MeasureSystem } from './systems';

/**
 * Amounts inside sentences of the knowledge. They are written in braces, "mulch {5 cm} deep", and are
 * quantities, not text: parsed, checked by the integrity test, and drawn in the reader's measures.
 * Forms: {5 cm}, {4–5 cm}, {0.5–1 million/m²}, and {30 × 30 cm} for a square.
 */
const token = /\{([^{}]*)\}/g;
const figures = /^(-?\d+(?:\.\d+)?)(?:\s*([–×])\s*(-?\d+(?:\.\d+)?))?\s*(.+)$/;

export type Token =
  | { readonly kind: 'one'; readonly quantity: Quantity }
  | { readonly kind: 'square'; readonly sides: readonly [Quantity, Quantity] };

/** @throws Error naming what stands between the braces. */
export function readToken(inside: string): Token {
  const found = figures.exec(inside.trim());
  const unit = found?.[4] ?? '';
  // Milligrams to the litre are a strength here; hardness is never told in prose.
  const kind = unit === 'mg/L' ? 'mass/volume' : unitOf(unit)?.kind;
  if (!found || kind === undefined) throw new Error(`"{${inside}}" is no amount`);
  const base = (text: string): number => {
    const value = toBase(kind, Number(text), unit, 'metric');
    if (value === undefined) throw new Error(`"{${inside}}" is no amount`);
    return value;
  };
  const [first, joint, second] = [found[1] ?? '', found[2], found[3]];
  if (second === undefined) return { kind: 'one', quantity: { kind, amount: base(first), unit } };
  if (joint === '×')
    return { kind: 'square', sides: [first, second].map((side) => ({ kind, amount: base(side), unit })) as never };
  return { kind: 'one', quantity: { kind, amount: base(first), to: base(second), unit } };
}

/** The amounts of a sentence. @throws Error for braces that hold no amount. */
export const tokensIn = (text: string): Token[] =>
  [...text.matchAll(token)].map(([, inside = '']) => readToken(inside));

/** A sentence with its amounts in the reader's measures. */
export function proseIn(text: string, system: MeasureSystem): string {
  if (!text.includes('{')) return text;
  return text.replace(token, (_whole, inside: string) => {
    const read = readToken(inside);
    if (read.kind === 'one') return inWords(read.quantity, system);
    const [left, right] = read.sides.map((side) => inWords(side, system));
    return `${(left ?? '').replace(/ \S+$/, '')} × ${right}`;
  });
}

/**
 * The same rows with every amount in the reader's measures. What holds no amount is given back as it is,
 * so that what was built on a table (a lexicon, a network) is built once for all measures.
 */
export function spokenIn<Data>(data: Data, system: MeasureSystem): Data {
  const known = spoken[system].get(data as object);
  if (known !== undefined) return known as Data;
  const said = walk(data, system);
  spoken[system].set(data as object, said as object);
  return said;
}

const spoken: Readonly<Record<MeasureSystem, WeakMap<object, object>>> = {
  metric: new WeakMap(),
  us: new WeakMap(),
  imperial: new WeakMap(),
  australian: new WeakMap(),
};

function walk<Value>(value: Value, system: MeasureSystem): Value {
  if (typeof value === 'string') return proseIn(value, system) as Value;
  if (Array.isArray(value)) {
    const said = value.map((item: unknown) => walk(item, system));
    return (said.some((item, at) => item !== value[at]) ? said : value) as Value;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value);
  const said = entries.map(([key, item]) => [key, walk(item as unknown, system)] as const);
  return said.some(([, item], at) => item !== entries[at]?.[1]) ? (Object.fromEntries(said) as Value) : value;
}
