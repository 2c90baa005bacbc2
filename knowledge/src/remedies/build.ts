import type { Caution, Expectation, RemedyRow, RemedyTarget, StepSpec, WindowSpec } from '@trowel/core/tables';
import { look, windows } from './windows';

/** A remedy without the facts that stand in `facts.ts`. */
export type RemedyCore = Omit<RemedyRow, 'facts'>;

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

/** The usual chain: something looked at before, the work itself, perhaps again, and a look back. */
export function chain(of: {
  readonly before?: readonly [does: string, why: string];
  readonly apply: readonly [does: string, why: string, minutes: number, window?: WindowSpec];
  readonly again?: readonly [from: number, to: number];
  readonly look: readonly [from: number, to: number, does: string, why: string];
}): StepSpec[] {
  const [does, why, minutes, window] = of.apply;
  return [
    ...(of.before ? [step('before', 'before', of.before[0], of.before[1], [0, 1], 5)] : []),
    step('apply', 'apply', does, why, [0, 2], minutes, window, of.before ? 'before' : undefined),
    ...(of.again
      ? [
          step(
            'again',
            'apply',
            `Again: ${does.charAt(0).toLowerCase()}${does.slice(1)}`,
            'what was missed or new',
            of.again,
            minutes,
            window,
            'apply',
          ),
        ]
      : []),
    look('look', of.again ? 'again' : 'apply', [of.look[0], of.look[1]], of.look[2], of.look[3]),
  ];
}

/** A remedy with what most rows share filled in. */
export const remedy = (
  row: Omit<RemedyCore, 'limits' | 'cautions' | 'classes' | 'preHarvestDays' | 'source' | 'grade'> &
    Partial<RemedyCore>,
): RemedyCore => ({
  limits: [],
  cautions: [],
  classes: [],
  preHarvestDays: 0,
  source: 'extension',
  grade: 'guideline',
  ...row,
});
