import { inputError } from '../../contract/problem';
import { siUnit, toSi, unitsOf, type MeasureSystem, type QuantityKind } from '../../measures';

/** What a form shows for one field. Quantities are in SI here; the form turns them into the gardener's unit. */
export type FieldSpec = {
  readonly label: string;
  readonly hint?: string;
  readonly optional?: true;
  /** Shown only while another field has this value. */
  readonly when?: { readonly field: string; readonly is: readonly string[] };
} & (
  | { readonly kind: 'quantity'; readonly quantity: QuantityKind; readonly usual?: number }
  | { readonly kind: 'number'; readonly unit: string; readonly usual?: number }
  | {
      readonly kind: 'choice';
      readonly options: readonly { readonly id: string; readonly label: string }[];
      readonly usual?: string;
    }
  | { readonly kind: 'text'; readonly usual?: string }
);

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
  readonly hint?: string;
  readonly when?: FieldSpec['when'];
}

const bare = ({ hint, when }: Pick<Limits, 'hint' | 'when'>) => ({
  ...(hint === undefined ? {} : { hint }),
  ...(when === undefined ? {} : { when }),
});

/** A number in SI, or `{amount, unit}` in any unit of its kind. Above zero unless `from` says otherwise. */
export function quantity(kind: QuantityKind, label: string, limits: Limits = {}): Field<number> {
  const { usual } = limits;
  return {
    spec: { kind: 'quantity', quantity: kind, label, ...(usual === undefined ? {} : { usual }), ...bare(limits) },
    parse(raw, at, system) {
      if (raw === undefined && usual !== undefined) return usual;
      if (raw === undefined) throw inputError(at, `is missing: ${label.toLowerCase()}, in ${siUnit[kind]}`);
      if (typeof raw === 'number') return within(raw, siUnit[kind], at, limits);
      const { amount, unit } = (raw ?? {}) as { amount?: unknown; unit?: unknown };
      if (typeof amount !== 'number' || typeof unit !== 'string')
        throw inputError(at, `must be a number in ${siUnit[kind]}, or {"amount": …, "unit": "…"}`);
      const si = toSi(kind, amount, unit, system);
      if (si === undefined)
        throw inputError(`${at}.unit`, `"${unit}" is not known; use ${unitsOf(kind, system).join(', ')}`);
      return within(si, siUnit[kind], at, limits);
    },
  };
}

export function number(label: string, unit: string, limits: Limits = {}): Field<number> {
  const { usual } = limits;
  return {
    spec: { kind: 'number', unit, label, ...(usual === undefined ? {} : { usual }), ...bare(limits) },
    parse(raw, at) {
      if (raw === undefined && usual !== undefined) return usual;
      if (typeof raw !== 'number')
        throw inputError(
          at,
          raw === undefined ? `is missing: ${label.toLowerCase()}` : `must be a number${unit ? ` (${unit})` : ''}`,
        );
      return within(raw, unit, at, limits);
    },
  };
}

function within(value: number, unit: string, at: string, { from, to }: Limits): number {
  if (!Number.isFinite(value)) throw inputError(at, 'must be a number');
  if (from === undefined ? value <= 0 : value < from)
    throw inputError(at, from === undefined ? 'must be more than 0' : `must be at least ${from} ${unit}`.trim());
  if (to !== undefined && value > to) throw inputError(at, `must be at most ${to} ${unit}`.trim());
  return value;
}

export function choice<Id extends string>(
  label: string,
  options: Readonly<Record<Id, string>>,
  usual?: NoInfer<Id>,
  more: Pick<Limits, 'hint' | 'when'> = {},
): Field<Id> {
  const ids = Object.keys(options) as Id[];
  return {
    spec: {
      kind: 'choice',
      label,
      options: ids.map((id) => ({ id, label: options[id] })),
      ...(usual === undefined ? {} : { usual }),
      ...bare(more),
    },
    parse(raw, at) {
      if (raw === undefined && usual !== undefined) return usual;
      const found = ids.find((id) => id === raw);
      if (found === undefined) throw inputError(at, `must be one of ${ids.join(', ')}`);
      return found;
    },
  };
}

export function text(label: string, more: Pick<Limits, 'hint' | 'when'> = {}): Field<string> {
  return {
    spec: { kind: 'text', label, ...bare(more) },
    parse(raw, at) {
      if (typeof raw !== 'string' || raw.trim() === '') throw inputError(at, `is missing: ${label.toLowerCase()}`);
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
