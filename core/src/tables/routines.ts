import type { BatchKind } from './batch-kinds';
import type { RemedyId, Setting, SignId, Sourced } from './common';
import type { StepResult } from './jobs';
import type { CountedOn, StepSpec } from './remedies';

/** What gardeners do season by season that is no case: several jobs that know each other. */

/** When a part begins: so many days after the routine's own day, or after another part was first put on. */
export interface PartStart {
  /** The part it follows; left out, the day on which the routine begins. */
  readonly after?: string;
  /** Whole days; before the routine's own day they are negative. */
  readonly days: number;
  /** Only once that part found one of these. */
  readonly found?: readonly StepResult[];
  /** Not before that part: it makes what this one takes. */
  readonly needs?: string;
  /** Counted from the last day of the routine, backwards. */
  readonly fromEnd?: true;
}

/** One job of a routine. */
export interface RoutinePart {
  readonly id: string;
  /** As it stands behind the routine's name. */
  readonly name: string;
  /** What is put on; left out, it is work that puts nothing on. */
  readonly remedy?: RemedyId;
  /** A strength of that remedy, by its id. */
  readonly strength?: string;
  /** Only one round of the remedy, with its test leaf and without its count; a series counts as a whole. */
  readonly once?: true;
  /** One round, in its own steps; left out, those of the remedy. */
  readonly steps?: readonly StepSpec[];
  readonly starts: PartStart;
  /** Days from one round to the next; left out, it is done once. */
  readonly everyDays?: number;
  /** No round begins later than so many days after its first; left out, the end of the routine. */
  readonly forDays?: number;
  /** Days to the next round where this was found, instead of the usual. */
  readonly pace?: Readonly<Partial<Record<StepResult, number>>>;
  /** Which of the places it is for; left out, all. */
  readonly group?: string;
  /** It is done by beginning such a brew, from which the other parts are drawn. */
  readonly begins?: BatchKind;
  /** What is counted in it, where it puts nothing on. */
  readonly counts?: { readonly what: string; readonly sign: SignId; readonly each: CountedOn };
  /** It may be left out when the routine is planned. */
  readonly isOptional?: true;
}

/** A way of doing the routine: what it changes of each part. */
export interface RoutineWay {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly parts: Readonly<
    Record<string, Partial<Pick<RoutinePart, 'strength' | 'everyDays' | 'steps' | 'remedy'>> & { readonly cm?: number }>
  >;
}

export interface RoutineRow extends Sourced {
  readonly id: string;
  readonly name: string;
  readonly plain: string;
  /** What it can and cannot be expected to do. */
  readonly honest: string;
  /** The day that is asked for, in words. */
  readonly begins: { readonly asks: string; readonly says: string };
  /** How long it goes on where no last day is named; left out, it has no end of its own. */
  readonly ends?: { readonly asks: string; readonly days: number };
  /** Kinds of place it is for; left out, any. */
  readonly settings?: readonly Setting[];
  /** Needs no place. */
  readonly isAnywhere?: true;
  /** What places are told apart by, where they are not all treated alike. */
  readonly groups?: readonly { readonly id: string; readonly name: string; readonly says: string }[];
  /** Ways of doing it; the first is the usual one. */
  readonly ways?: { readonly asks: string; readonly of: readonly RoutineWay[] };
  /** A feed by its label: the share of it that young plants bear. */
  readonly label?: { readonly part: string; readonly share: number };
  readonly parts: readonly RoutinePart[];
}
