import type {
  Caution,
  Expectation,
  RemedyRow,
  RemedyTarget,
  StepAsk,
  StepKind,
  StepResult,
  StepSpec,
  WindowSpec,
} from '@trowel/core/tables';
import { look, windows } from './windows';

/** A remedy without the facts that stand in `facts.ts`. */
export type RemedyCore = Omit<RemedyRow, 'facts'>;

type More = Omit<RemedyTarget, 'of' | 'fits' | 'why'>;

/** What a remedy is for: the cause or condition, how well it fits (0…1) and why; with its months, or what else it asks for. */
export const helps = (of: string, fits: number, why: string, more: readonly number[] | More = {}): RemedyTarget => ({
  of,
  fits,
  why,
  ...(isMonths(more) ? { months: more } : more),
});
const isMonths = (more: readonly number[] | More): more is readonly number[] => Array.isArray(more);

/** What keeps that away another time, and mends nothing that has come. */
export const keepsAway = (of: string, fits: number, why: string, months?: readonly number[]): RemedyTarget =>
  helps(of, fits, why, { isBefore: true, ...(months === undefined ? {} : { months }) });

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

/** What is told, and what must be acknowledged, at a moment; `rule` names the safety rule that it already says. */
export const note = (id: string, says: string, at: Caution['at'] = 'apply', rule?: string): Caution => ({
  id,
  level: 'note',
  says,
  at,
  ...(rule === undefined ? {} : { rule }),
});
export const caution = (id: string, says: string, at: Caution['at'] = 'apply', rule?: string): Caution => ({
  ...note(id, says, at, rule),
  level: 'caution',
});

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

/** Where sick leaf area can be told too: spots, or a white veil. */
export const spottedArea: Partial<Expectation> = { area: { what: 'leaf area that is spotted', tone: 'brown' } };
export const powderedArea: Partial<Expectation> = { area: { what: 'leaf area under powder', tone: 'white' } };

/** A step that counts, or tries a few leaves first. */
export const of = (kind: StepKind, row: StepSpec): StepSpec => ({ ...row, kind });
const ofKind = (kind: StepKind | undefined, row: StepSpec): StepSpec => (kind === undefined ? row : of(kind, row));

/** The same chain with a step that wants to hear what was found; on some of it nothing more is put on. */
export const asking = (
  steps: readonly StepSpec[],
  id: string,
  asks: StepAsk,
  halts: readonly StepResult[] = [],
): StepSpec[] => steps.map((row) => (row.id === id ? { ...row, asks, ...(halts.length > 0 ? { halts } : {}) } : row));

/** The usual chain: something looked at before, the work itself, perhaps again, and a look back. */
export function chain(it: {
  readonly before?: readonly [does: string, why: string, kind?: StepKind];
  readonly apply: readonly [does: string, why: string, minutes: number, window?: WindowSpec];
  readonly again?: readonly [from: number, to: number];
  readonly look: readonly [from: number, to: number, does: string, why: string];
}): StepSpec[] {
  const [does, why, minutes, window] = it.apply;
  return [
    ...(it.before ? [ofKind(it.before[2], step('before', 'before', it.before[0], it.before[1], [0, 1], 5))] : []),
    step('apply', 'apply', does, why, [0, 2], minutes, window, it.before ? 'before' : undefined),
    ...(it.again
      ? [
          step(
            'again',
            'apply',
            `Again: ${does.charAt(0).toLowerCase()}${does.slice(1)}`,
            'what was missed or new',
            it.again,
            minutes,
            window,
            'apply',
          ),
        ]
      : []),
    look('look', it.again ? 'again' : 'apply', [it.look[0], it.look[1]], it.look[2], it.look[3]),
  ];
}

/** A remedy with what most rows share filled in; where it is from and how sure, each row says itself. */
export const remedy = (
  row: Omit<RemedyCore, 'limits' | 'cautions' | 'classes' | 'preHarvestDays'> & Partial<RemedyCore>,
): RemedyCore => ({
  limits: [],
  cautions: [],
  classes: [],
  preHarvestDays: 0,
  ...row,
});
