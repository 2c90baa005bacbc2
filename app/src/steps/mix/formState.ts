import { fromSi, readNumber, roundForTyping, usualUnit, type MeasureSystem } from '@trowel/core/measures';
import type { FieldSpec } from '@trowel/core/mix';

/** What stands in one field of a form: what was typed or chosen, and the unit beside it. */
export interface Entry {
  readonly text: string;
  readonly unit?: string;
}
export type Entries = Readonly<Record<string, Entry>>;
type Fields = Readonly<Record<string, FieldSpec>>;

/** The form as it opens: usual amounts, in the gardener's own units. */
export function usualEntries(fields: Fields, system: MeasureSystem): Entries {
  return Object.fromEntries(
    Object.entries(fields).map(([name, spec]): [string, Entry] => {
      if (spec.kind !== 'quantity') return [name, { text: spec.usual === undefined ? '' : String(spec.usual) }];
      // A layer is thought of in centimetres or inches, a bed in metres or feet.
      const usual = usualUnit(spec.quantity, system);
      const isShort = spec.quantity === 'length' && spec.usual !== undefined && spec.usual <= 0.3;
      const unit = isShort ? (usual === 'm' ? 'cm' : 'in') : usual;
      const text =
        spec.usual === undefined ? '' : String(roundForTyping(fromSi(spec.quantity, spec.usual, unit, system)));
      return [name, { text, unit }];
    }),
  );
}

/** Is a field asked for, given what stands in the others? */
export const isAsked = (spec: FieldSpec, entries: Entries): boolean =>
  spec.when === undefined || spec.when.is.includes(entries[spec.when.field]?.text ?? '');

/** The values a tool is given: what is asked for and filled in. A number that is none is passed on, to be refused by name. */
export function valuesOf(fields: Fields, entries: Entries): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, spec]) => {
      const entry = entries[name];
      if (!entry || entry.text.trim() === '' || !isAsked(spec, entries)) return [];
      if (spec.kind === 'choice' || spec.kind === 'text') return [[name, entry.text]];
      const amount = readNumber(entry.text) ?? entry.text;
      return [[name, spec.kind === 'quantity' ? { amount, unit: entry.unit } : amount]];
    }),
  );
}
