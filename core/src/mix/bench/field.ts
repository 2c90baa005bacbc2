import { inputError } from '../../problem';
import {
  baseUnitOf,
  inBaseUnit,
  inWords,
  readAmount,
  unitsOf,
  type FieldUnit,
  type MeasureSystem,
  type QuantityKind,
} from '../../quantities';

/** What a form shows for one field; its label, hint and the names of its options stand in `wording/bench`. */
export type FieldSpec = {
  readonly optional?: true;
  /** Shown only while another field has this value. */
  readonly when?: { readonly field: string; readonly is: readonly string[] };
} & (
  | {
      readonly kind: 'quantity';
      readonly quantity: QuantityKind;
      /** In the base unit of its kind. */
      readonly usual?: number;
      /** What is counted here and nowhere else: egg shells, sheets. */
      readonly also?: readonly FieldUnit[];
      /** The unit this is sold or told in, where it is not the usual one of its size: mulch in cubic feet. */
      readonly toldIn?: Readonly<Partial<Record<MeasureSystem, string>>>;
    }
  | { readonly kind: 'number'; readonly unit: NumberUnit; readonly usual?: number }
  | { readonly kind: 'choice'; readonly options: readonly string[]; readonly usual?: string }
  | { readonly kind: 'text'; readonly usual?: string }
);

/** Units that are the same in every system, and so only named. */
export const numberUnits = [
  'none',
  'percent',
  'percent-volume',
  'percent-label',
  'parts',
  'plants',
  'trees',
  'minutes',
  'days',
  'drops',
  'ms-cm',
  'million',
  'mg-litre',
] as const;
export type NumberUnit = (typeof numberUnits)[number];

/** One field of a bench tool: how it is asked for, and how what was given is read. */
export interface Field<Value> {
  readonly spec: FieldSpec;
  /** @throws InputError naming `at`. Undefined is what was not given. */
  readonly parse: (raw: unknown, at: string, system: MeasureSystem) => Value;
}

interface Limits {
  readonly usual?: number;
  readonly from?: number;
  readonly to?: number;
  readonly when?: FieldSpec['when'];
}

const bare = ({ when }: Pick<Limits, 'when'>) => (when === undefined ? {} : { when });

/**
 * An amount: a number in the base unit of its kind, `{amount, unit}`, or a text as people type it ("1 qt",
 * "½ cup"). Above zero unless `from` says otherwise.
 */
export function quantity(
  kind: QuantityKind,
  limits: Limits & {
    readonly also?: readonly FieldUnit[];
    readonly toldIn?: Readonly<Partial<Record<MeasureSystem, string>>>;
  } = {},
): Field<number> {
  const { usual, also, toldIn } = limits;
  const base = baseUnitOf(kind);
  const within = (value: number, at: string, system: MeasureSystem): number =>
    checked(value, at, limits, (limit) => inWords(inBaseUnit(kind, limit), system));
  return {
    spec: {
      kind: 'quantity',
      quantity: kind,
      ...(usual === undefined ? {} : { usual }),
      ...(also === undefined ? {} : { also }),
      ...(toldIn === undefined ? {} : { toldIn }),
      ...bare(limits),
    },
    parse(raw, at, system) {
      if (raw === undefined && usual !== undefined) return usual;
      if (raw === undefined) throw inputError(at, 'missing-amount', { unit: base });
      if (typeof raw === 'number') return within(raw, at, system);
      const { amount, unit = base } =
        typeof raw === 'string' ? { amount: raw } : ((raw ?? {}) as { amount?: unknown; unit?: string });
      if ((typeof amount !== 'number' && typeof amount !== 'string') || typeof unit !== 'string')
        throw inputError(at, 'amount-shape', { unit: base });
      const read = readAmount(String(amount), { kind, unit, system, ...(also ? { also } : {}) });
      if (read.kind === 'read') return within(read.quantity.amount, at, system);
      const { because } = read;
      const known = unitsOf(kind, system).join(', ');
      throw because.kind === 'unknown-unit' || because.kind === 'other-kind'
        ? inputError(`${at}.unit`, 'unknown-here-use', { given: because.unit, known })
        : because.kind === 'negative'
          ? inputError(at, 'more-than', { least: 0 })
          : inputError(at, 'no-amount', { given: String(amount), known });
    },
  };
}

export function number(unit: NumberUnit, limits: Limits = {}): Field<number> {
  const { usual } = limits;
  return {
    spec: { kind: 'number', unit, ...(usual === undefined ? {} : { usual }), ...bare(limits) },
    parse(raw, at) {
      if (raw === undefined && usual !== undefined) return usual;
      if (typeof raw !== 'number') throw inputError(at, raw === undefined ? 'missing' : 'not-a-number');
      return checked(raw, at, limits, String);
    },
  };
}

function checked(value: number, at: string, { from, to }: Limits, words: (limit: number) => string): number {
  if (!Number.isFinite(value)) throw inputError(at, 'not-a-number');
  if (from === undefined ? value <= 0 : value < from)
    throw from === undefined
      ? inputError(at, 'more-than', { least: 0 })
      : inputError(at, 'at-least', { least: words(from) });
  if (to !== undefined && value > to) throw inputError(at, 'at-most', { most: words(to) });
  return value;
}

export function choice<const Id extends string>(
  ids: readonly Id[],
  usual?: NoInfer<Id>,
  more: Pick<Limits, 'when'> = {},
): Field<Id> {
  return {
    spec: { kind: 'choice', options: ids, ...(usual === undefined ? {} : { usual }), ...bare(more) },
    parse(raw, at) {
      if (raw === undefined && usual !== undefined) return usual;
      const found = ids.find((id) => id === raw);
      if (found === undefined) throw inputError(at, 'one-of', { known: ids.join(', ') });
      return found;
    },
  };
}

export function text(more: Pick<Limits, 'when'> = {}): Field<string> {
  return {
    spec: { kind: 'text', ...bare(more) },
    parse(raw, at) {
      if (typeof raw !== 'string' || raw.trim() === '') throw inputError(at, 'missing');
      return raw;
    },
  };
}

/** A field that may be left empty. */
export function maybe<Value>(field: Field<Value>): Field<Value | undefined> {
  return {
    spec: { ...field.spec, optional: true },
    parse: (raw, at, system) => (raw === undefined || raw === null ? undefined : field.parse(raw, at, system)),
  };
}
