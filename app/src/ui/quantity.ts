import {
  fromSi,
  guessIn,
  readAmount,
  roundForTyping,
  unitFor,
  type FieldUnit,
  type MeasureSystem,
  type QuantityKind,
  type ReadAmount,
} from '@trowel/core/quantities';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';

/** What stands in a field for a quantity: what was typed, and the unit that was chosen beside it. */
export interface Typed {
  readonly text: string;
  readonly unit: string;
}
const typedShape = z.object({ text: z.string(), unit: z.string() });

/** A quantity as it would be typed in the gardener's measures; empty where there is none yet. */
export function typedFor(kind: QuantityKind, base: number | undefined, system: MeasureSystem): Typed {
  const unit = unitFor(kind, base ?? 0, system);
  return { text: base === undefined ? '' : String(roundForTyping(fromSi(kind, base, unit, system))), unit };
}

/** A usual amount to begin with, as one would say it: 1½ qt, not 1.59. */
export function guessFor(
  kind: QuantityKind,
  base: number | undefined,
  system: MeasureSystem,
  unit: string = unitFor(kind, base ?? 0, system),
): Typed {
  return { text: base === undefined ? '' : String(guessIn(kind, base, unit, system)), unit };
}

export const readTyped = (
  { text, unit }: Typed,
  kind: QuantityKind,
  system: MeasureSystem,
  also?: readonly FieldUnit[],
): ReadAmount => readAmount(text, { kind, unit, system, ...(also ? { also } : {}) });

/** The amount in the base unit of its kind; undefined while it cannot be read. */
export function baseOf(
  typed: Typed,
  kind: QuantityKind,
  system: MeasureSystem,
  also?: readonly FieldUnit[],
): number | undefined {
  const read = readTyped(typed, kind, system, also);
  return read.kind === 'read' ? read.quantity.amount : undefined;
}

/** A field's state: what was typed, how to change it, the amount it stands for. @param key of what is measured, for its draft */
export function useQuantity(
  key: string,
  kind: QuantityKind,
  base: number | undefined,
  system: MeasureSystem,
  /** `kept` is what was saved, shown as it is; a guess is rounded to what one would say. */
  origin: 'guess' | 'kept' = 'guess',
) {
  const [typed, setTyped, forget] = useOpenDraft<Typed>(
    `amount:${key}`,
    typedShape,
    (origin === 'kept' ? typedFor : guessFor)(kind, base, system),
  );
  return {
    typed,
    setTyped,
    forget,
    base: baseOf(typed, kind, system),
    field: { kind, typed, change: setTyped, system },
  };
}
