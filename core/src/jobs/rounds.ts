import { addDays, type IsoDate } from '../quantities';
import type { RemedyRow, StepSpec } from '../tables';
import { isHaltedBy, openSteps, type Progress } from './chain';

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
  /** Days to the next round where a step found that, instead of the usual. */
  readonly pace?: Readonly<Record<string, number | undefined>>;
  /** Taken up again after a pause: no round begins before this day. */
  readonly notBefore?: IsoDate | undefined;
}

export interface RoundNow {
  readonly round: number;
  readonly begins: IsoDate;
  readonly progress: Progress;
  /** Nothing more is to come. */
  readonly isOver: boolean;
  /** What was found says that nothing more is put on. */
  readonly isHalted: boolean;
  /** What it was. */
  readonly haltedBy?: string;
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

/** One round of a remedy within a series: made ready, tried on a leaf where it asks for that, put on once. */
export function firstRound({ steps }: Pick<RemedyRow, 'steps'>): StepSpec[] {
  const counted = new Map(steps.flatMap((step) => (step.kind === 'count' ? [[step.id, step.after] as const] : [])));
  const first = steps.find(({ applies }) => applies);
  return steps
    .filter(
      ({ id, phase, after }) =>
        !counted.has(id) &&
        (id === first?.id || phase === 'prepare' || phase === 'before' || (phase === 'after' && after === first?.id)),
    )
    .map(({ after, ...step }) => {
      const base = after !== undefined && counted.has(after) ? counted.get(after) : after;
      return base === undefined ? step : { ...step, after: base };
    });
}

/**
 * The round a job is in: the one under way, or where that is finished and the job comes again, the next one, so many
 * days after it was done; what was looked at afterwards does not put it off.
 */
export function roundNow(
  chain: Pick<RemedyRow, 'steps'>,
  events: readonly StepDone[],
  { chosenOn, everyDays, until, begun = [], pace = {}, notBefore }: Rhythm,
): RoundNow {
  const round = Math.max(1, ...events.map((event) => event.round), ...begun.map((one) => one.round));
  const of = (number: number) => events.filter((event) => event.round === number);
  const here = of(round);
  const progress = progressOf(here);
  const open = openSteps(chain, progress);
  const nextAfter = (number: number): IsoDate | undefined => {
    const done = dayOfRound(chain, of(number));
    return done === undefined || everyDays === null
      ? undefined
      : addDays(done, paceAfter(of(number), pace) ?? everyDays);
  };
  const rested = (day: IsoDate) => (notBefore !== undefined && notBefore > day ? notBefore : day);
  const byHand = begun.find((one) => one.round === round)?.from;
  // The day on which this round began is known by what was done before it.
  const before = Math.max(0, ...events.flatMap((event) => (event.round < round ? [event.round] : [])));
  const begins = byHand ?? nextAfter(before) ?? chosenOn;
  const haltedBy = here.find(({ step, result }) =>
    isHaltedBy(
      chain.steps.find(({ id }) => id === step),
      result,
    ),
  )?.result;
  const halt = haltedBy == null ? { isHalted: false } : { isHalted: true, haltedBy };
  const now = { round, begins: here.length === 0 ? rested(begins) : begins, progress, ...halt };
  if (open.length > 0) return { ...now, isOver: until !== null && here.length === 0 && now.begins > until };
  const next = nextAfter(round);
  if (next === undefined) return { ...now, isOver: true };
  return {
    round: round + 1,
    begins: rested(next),
    progress: { done: [], skipped: [] },
    isOver: until !== null && rested(next) > until,
    // What was found once it was put on holds for the next round; what stopped a round beforehand, for that one.
    ...(wasPutOn(chain, here) ? halt : { isHalted: false }),
  };
}

/** The day a round was done: when it was put on, or the last thing that happened in it; undefined where nothing has. */
function dayOfRound({ steps }: Pick<RemedyRow, 'steps'>, events: readonly StepDone[]): IsoDate | undefined {
  const put = workDone({ steps }, events);
  return (put.length > 0 ? put : events)
    .map(({ on }) => on)
    .sort()
    .pop();
}

/** What was done of the work itself, beside getting ready and looking; what was left out is not done. */
export const workDone = <Event extends Pick<StepDone, 'step' | 'outcome'>>(
  { steps }: Pick<RemedyRow, 'steps'>,
  events: readonly Event[],
): Event[] =>
  events.filter(
    ({ step, outcome }) => outcome === 'done' && steps.some(({ id, phase }) => id === step && phase === 'apply'),
  );
const wasPutOn = (chain: Pick<RemedyRow, 'steps'>, events: readonly StepDone[]) => workDone(chain, events).length > 0;

const paceAfter = (events: readonly StepDone[], pace: NonNullable<Rhythm['pace']>): number | undefined =>
  events.flatMap(({ result }) => (result ? (pace[result] ?? []) : [])).pop();

const progressOf = (events: readonly StepDone[]): Progress => ({
  done: events.filter(({ outcome }) => outcome === 'done').map(({ step, on }) => ({ step, on })),
  skipped: events.filter(({ outcome }) => outcome === 'skipped').map(({ step }) => step),
});
