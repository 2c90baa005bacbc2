import type { Fill } from '@trowel/core/find';
import type { FieldSpec } from '@trowel/core/mix';
import { readNumber, type MeasureSystem } from '@trowel/core/quantities';
import { guessFor, typedFor, type Typed } from '@/ui/quantity';

/** What stands in one field of a form: what was typed or chosen, and the unit beside it (none for numbers and choices). */
export type Entry = Typed;
export type Entries = Readonly<Record<string, Entry>>;
type Fields = Readonly<Record<string, FieldSpec>>;

export const entry = (text: string): Entry => ({ text, unit: '' });

/** The form as it opens: usual amounts, in the gardener's own units. */
export function usualEntries(fields: Fields, system: MeasureSystem): Record<string, Entry> {
  return Object.fromEntries(
    Object.entries(fields).map(([name, spec]): [string, Entry] => [
      name,
      spec.kind === 'quantity'
        ? guessFor(spec.quantity, spec.usual, system, spec.toldIn?.[system])
        : entry(spec.usual === undefined ? '' : String(spec.usual)),
    ]),
  );
}

/** What was said in a line, as it stands in the fields it fits. */
export function saidEntries(
  fields: Fields,
  said: NonNullable<Fill['values']>,
  system: MeasureSystem,
): Record<string, Entry> {
  return Object.fromEntries(
    Object.entries(said).flatMap(([name, value]): [string, Entry][] => {
      const spec = fields[name];
      if (!spec) return [];
      if (typeof value === 'object') return [[name, value]];
      if (spec.kind === 'quantity' && typeof value === 'number')
        return [[name, typedFor(spec.quantity, value, system)]];
      return [[name, entry(String(value))]];
    }),
  );
}

/** Is a field asked for, given what stands in the others? */
export const isAsked = (spec: FieldSpec, entries: Entries): boolean =>
  spec.when === undefined || spec.when.is.includes(entries[spec.when.field]?.text ?? '');

/** The values a tool is given: what is asked for and filled in. What is no number is passed on, to be refused by name. */
export function valuesOf(fields: Fields, entries: Entries): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, spec]): [string, unknown][] => {
      const typed = entries[name];
      if (!typed || typed.text.trim() === '' || !isAsked(spec, entries)) return [];
      if (spec.kind === 'quantity') return [[name, { amount: typed.text, unit: typed.unit }]];
      if (spec.kind === 'number') return [[name, readNumber(typed.text) ?? typed.text]];
      return [[name, typed.text]];
    }),
  );
}
