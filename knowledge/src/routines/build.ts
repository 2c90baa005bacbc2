import type { StepAsk, StepSpec } from '@trowel/core/tables';
import { step } from '../remedies/build';
import { windows } from '../remedies/windows';

/** Work of a routine that puts nothing on: one step, on its day or within so many days. */
export const work = (does: string, why: string, minutes: number, within = 2): readonly StepSpec[] => [
  { id: 'do', phase: 'apply', does, why, gap: [0, within], minutes, window: windows.daylight },
];

/** A look that wants to hear what was found. */
export const lookFor = (
  asks: StepAsk,
  does: string,
  why: string,
  gap: readonly [number, number] = [0, 1],
  after?: string,
): StepSpec => ({
  ...step('look', 'after', does, why, gap, 2, windows.any, after),
  asks,
});
