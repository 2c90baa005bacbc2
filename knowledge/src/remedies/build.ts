import type { Caution, Expectation, RemedyRow, RemedyTarget, StepSpec, WindowSpec } from '@trowel/core/tables';
import { windows } from './windows';

/** What a remedy is for: the cause or condition, how well it fits (0…1), and why. */
export const helps = (of: string, fits: number, why: string): RemedyTarget => ({ of, fits, why });

/** A step of a chain; `gap` in whole days from the step in `after`, or from the start. */
export const step = (
  id: string,
  phase: StepSpec['phase'],
  does: string,
  why: string,
  gap: readonly [number, number],
  minutes: number,
  window: WindowSpec = windows.daylight,
  after?: string,
): StepSpec => ({
  id,
  phase,
  does,
  why,
  gap,
  minutes,
  window,
  ...(after === undefined ? {} : { after }),
  ...(phase === 'apply' ? { applies: true as const } : {}),
});

export const note = (says: string, at: Caution['at'] = 'apply'): Caution => ({ level: 'note', says, at });
export const caution = (says: string, at: Caution['at'] = 'apply'): Caution => ({ level: 'caution', says, at });

/** What it should have done by when: what is counted, the sign it stands for, % reduction, days. */
export const expects = (
  what: string,
  sign: string,
  reduction: readonly [number, number],
  days: readonly [number, number],
  more: Partial<Expectation> = {},
): Expectation => ({
  what,
  sign,
  unit: 'yes-no',
  clearBelow: 0.15,
  reduction,
  days,
  twiceDaysApart: 5,
  lateLookDays: 21,
  ...more,
});

/** A remedy with what most rows share filled in. */
export const remedy = (
  row: Omit<RemedyRow, 'limits' | 'cautions' | 'classes' | 'preHarvestDays' | 'source' | 'grade'> & Partial<RemedyRow>,
): RemedyRow => ({
  limits: [],
  cautions: [],
  classes: [],
  preHarvestDays: 0,
  source: 'extension',
  grade: 'guideline',
  ...row,
});
