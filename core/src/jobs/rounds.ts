import { addDays, type IsoDate } from '../quantities';
import type { RemedyRow, StepSpec } from '../tables';
import { openSteps, type Progress } from './chain';

/** What happened to a step, in one of the rounds of a job. */
export interface StepDone {
  readonly step: string;
  readonly round: number;
  readonly outcome: 'done' | 'skipped';
  readonly on: IsoDate;
  readonly result?: string | null;
}

/** How often a job is done; without days between, once. */
export interface Rhythm {
  readonly chosenOn: IsoDate;
  readonly everyDays: number | null;
  readonly until: IsoDate | null;
  /** Rounds that were begun by hand, upon a verdict, and from when. */
  readonly begun?: readonly { readonly round: number; readonly from: IsoDate }[];
}

export interface RoundNow {
  readonly round: number;
  readonly begins: IsoDate;
  readonly progress: Progress;
  /** Nothing more is to come. */
  readonly isOver: boolean;
  /** The look at the test leaf found them marked: nothing more is put on. */
  readonly isHalted: boolean;
}

/**
 * What is done of a remedy in each round of a routine: getting ready, putting it on once, and what belongs to that. Its
 * own repeats are the rounds; what is counted or tried beforehand belongs to a trouble, and is no work of a routine.
 */
export function roundSteps({ steps }: Pick<RemedyRow, 'steps'>): StepSpec[] {
  const first = steps.find(({ applies }) => applies);
  const kept = new Set<string>();
  for (const { id, phase, kind, after } of steps)
    if (
      id === first?.id ||
      (kind === undefined && (phase === 'prepare' || phase === 'before')) ||
      (phase === 'after' && after !== undefined && kept.has(after))
    )
      kept.add(id);
  return steps.filter(({ id }) => kept.has(id));
}

/**
 * The round a job is in: the one under way, or where that is finished and the job comes again, the next one, so many
 * days after the last thing that was done.
 */
export function roundNow(
  chain: Pick<RemedyRow, 'steps'>,
  events: readonly StepDone[],
  { chosenOn, everyDays, until, begun = [] }: Rhythm,
): RoundNow {
  const round = Math.max(1, ...events.map((event) => event.round), ...begun.map((one) => one.round));
  const here = events.filter((event) => event.round === round);
  const progress = progressOf(here);
  const open = openSteps(chain, progress);
  const lastOn = here
    .map(({ on }) => on)
    .sort()
    .pop();
  // The day on which this round began is known by what was done before it.
  const before = events
    .filter((event) => event.round < round)
    .map(({ on }) => on)
    .sort()
    .pop();
  const byHand = begun.find((one) => one.round === round)?.from;
  const begins = byHand ?? (before === undefined || everyDays === null ? chosenOn : addDays(before, everyDays));
  const now = { round, begins, progress, isHalted: here.some(({ result }) => result === 'harmed') };
  if (open.length > 0) return { ...now, isOver: until !== null && here.length === 0 && begins > until };
  if (everyDays === null || lastOn === undefined) return { ...now, isOver: true };
  const next = addDays(lastOn, everyDays);
  return {
    round: round + 1,
    begins: next,
    progress: { done: [], skipped: [] },
    isOver: until !== null && next > until,
    isHalted: false,
  };
}

const progressOf = (events: readonly StepDone[]): Progress => ({
  done: events.filter(({ outcome }) => outcome === 'done').map(({ step, on }) => ({ step, on })),
  skipped: events.filter(({ outcome }) => outcome === 'skipped').map(({ step }) => step),
});
