import { addDays, type IsoDate } from '../quantities';
import type { RemedyRow, StepAsk, StepSpec } from '../tables';

/** What was done of a chain, and what was left out. */
export interface Progress {
  readonly done: readonly { readonly step: string; readonly on: IsoDate }[];
  readonly skipped: readonly string[];
}

type Chain = Pick<RemedyRow, 'steps'>;

/**
 * Steps that nobody ticked and that have become pointless: the look at a test leaf that was left out, what was to
 * be done before something that has been put on already, earlier looks than one that was taken, and what a later step
 * that is done has stood upon.
 */
export function passedSteps({ steps }: Chain, { done, skipped }: Progress): Set<string> {
  const isDone = new Set(done.map(({ step }) => step));
  const settled = new Set([...isDone, ...skipped]);
  const rowOf = (id: string | undefined) => steps.find((step) => step.id === id);
  const passed = new Set<string>();
  const pass = (step: StepSpec | undefined) => {
    if (step && !settled.has(step.id)) passed.add(step.id);
  };
  for (const id of isDone)
    for (let before = rowOf(rowOf(id)?.after); before; before = rowOf(before.after)) pass(before);
  for (const step of steps)
    if (step.kind === 'test-look' && step.after !== undefined && skipped.includes(step.after)) pass(step);
  const lastLook = steps.findLastIndex(({ id, phase }) => phase === 'look' && isDone.has(id));
  steps.slice(0, Math.max(0, lastLook)).forEach((step) => step.phase === 'look' && pass(step));
  const wasPutOn = steps.some(({ id, applies }) => applies && isDone.has(id));
  const afterIt = (step: StepSpec): boolean => {
    for (let before = rowOf(step.after); before; before = rowOf(before.after)) if (before.applies) return true;
    return false;
  };
  if (wasPutOn)
    for (const step of steps) if ((step.phase === 'prepare' || step.phase === 'before') && !afterIt(step)) pass(step);
  return passed;
}

/** Steps that are still to come, in the order of the chain. */
export function openSteps(chain: Chain, progress: Progress): StepSpec[] {
  const gone = new Set([
    ...progress.done.map(({ step }) => step),
    ...progress.skipped,
    ...passedSteps(chain, progress),
  ]);
  return chain.steps.filter(({ id }) => !gone.has(id));
}

/** A look may be taken so many days before its day: who counts the evening before has counted. */
const lookAheadDays = 1;

/**
 * The step that a count answers. Before anything is put on, the count before; afterwards the latest look that is due
 * (those before it are passed by it). A count made between two looks answers none. Undefined where none waits for one.
 */
export function stepCountedFor(
  remedy: Pick<RemedyRow, 'steps' | 'rung'>,
  progress: Progress,
  today: IsoDate,
): StepSpec | undefined {
  const doneOn = new Map(progress.done.map(({ step, on }) => [step, on]));
  const settled = new Set([...doneOn.keys(), ...progress.skipped]);
  const open = openSteps(remedy, progress).filter((step) => asksFor(remedy, step) === 'count');
  const isItsTurn = ({ after }: StepSpec) => after === undefined || settled.has(after);
  const isDue = ({ after, gap }: StepSpec) => {
    const since = after === undefined ? undefined : doneOn.get(after);
    return since === undefined || addDays(since, gap[0] - lookAheadDays) <= today;
  };
  const before = open.find((step) => step.phase !== 'look' && isItsTurn(step));
  if (before) return before;
  return open
    .filter(
      (step) =>
        step.phase === 'look' &&
        isItsTurn(step) &&
        isDue(step) &&
        // A look without a step before it comes after what is put on.
        (step.after !== undefined || !hasUnapplied(remedy, settled)),
    )
    .pop();
}

const hasUnapplied = ({ steps }: Chain, settled: ReadonlySet<string>) =>
  steps.some(({ applies }) => applies) && !steps.some(({ id, applies }) => applies && settled.has(id));

/** Does what was found at a step end the putting on? A test leaf does where it was marked. */
export const isHaltedBy = (
  step: Pick<StepSpec, 'kind' | 'halts'> | undefined,
  result: string | null | undefined,
): boolean =>
  result != null &&
  ((step?.kind === 'test-look' && result === 'harmed') || (step?.halts?.some((one) => one === result) ?? false));

/** What a step asks for; undefined where a tick is all there is to say. */
export function asksFor({ rung }: Pick<RemedyRow, 'rung'>, { kind, phase, asks }: StepSpec): StepAsk | undefined {
  if (asks !== undefined) return asks;
  if (kind === 'count' || kind === 'test-look' || kind === 'cards') return kind;
  // Somebody's answer, or a report, is no figure.
  return phase === 'look' && rung !== 'professional' ? 'count' : undefined;
}
