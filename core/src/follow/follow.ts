import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import { doseOf, nextRoundOn, type AgainstRound } from '../judge';
import type { Expectation, RemedyRow, Verdict } from '../tables';
import { changeOf, summarise, type ChangeResult, type Summary } from './change';

/** One look: counts one by one, on a day. */
export interface Look {
  readonly on: IsoDate;
  readonly counts: readonly number[];
}

export interface FollowInput {
  readonly remedy: Pick<RemedyRow, 'id' | 'expect' | 'recipe' | 'repeat'>;
  readonly appliedOn: IsoDate;
  /** Every day on which it has been put on; the first alone where left out. */
  readonly allAppliedOn?: readonly IsoDate[];
  readonly before: Look;
  readonly looks: readonly Look[];
  readonly untreated?: { readonly before: readonly number[]; readonly after: readonly number[] };
  /** Mean count below which it is no longer worth treating. */
  readonly threshold: number;
  /** Burn or wilt seen after the spray. */
  readonly harmSeenOn?: IsoDate;
  /** The strength in use, in the recipe's unit. */
  readonly strength?: number;
  /** The day on which the plan has the next look, where it has one: verdict and plan name one day. */
  readonly nextLookOn?: IsoDate;
  /** What the judge has against one more round, by everything that this place has had and is to have. */
  readonly against: AgainstRound;
}

export type NextMove =
  | { readonly kind: 'end'; readonly lateLookOn: IsoDate }
  | { readonly kind: 'look-again'; readonly on: IsoDate }
  | { readonly kind: 'repeat'; readonly on: IsoDate }
  | { readonly kind: 'step-up'; readonly to: string }
  | { readonly kind: 'next-remedy' }
  | { readonly kind: 'back-to-reading' }
  | { readonly kind: 'stop-and-rinse' };

export interface FollowResult {
  readonly verdict: Verdict;
  readonly day: number;
  readonly before: Summary;
  readonly now: Summary;
  readonly change: ChangeResult;
  /** True when fewer (or more) cannot be told from chance. */
  readonly couldBeChance: boolean;
  /** What this remedy should have done by this day, % fewer. */
  readonly expected: { readonly low: number; readonly high: number } | undefined;
  readonly next: readonly NextMove[];
}

/** Burn within this many days of a spray is laid at its door. */
const harmDays = 3;
/** Slow baits are not called failed before this day (8 weeks for the whole nest). */
const baitPatienceDays = 28;

/**
 * Verdict from the counts, with their uncertainty, against what the remedy should have done by now,
 * and the next moves, best first. @throws RangeError without any look after the application.
 */
export function follow(input: FollowInput): FollowResult {
  const { last, day, change, verdict } = judged(input);
  return {
    verdict,
    day,
    before: summarise(input.before.counts),
    now: summarise(last.counts),
    change,
    couldBeChance: change.kind === 'change' && change.low <= 0 && change.high >= 0,
    expected: expectedBy(input.remedy.expect, day),
    next: nextMoves(input, verdict, day, last.on),
  };
}

/** The verdict alone, for lists: what to do next asks the judge about many days. @throws RangeError without any look */
export const verdictNow = (input: Omit<FollowInput, 'against'>): Verdict => judged(input).verdict;

function judged(input: Omit<FollowInput, 'against'>) {
  const looks = [...input.looks].sort((a, b) => a.on.localeCompare(b.on));
  const last = looks[looks.length - 1];
  if (!last) throw new RangeError('there is no look after the application yet');
  const day = daysBetween(input.appliedOn, last.on);
  const change = changeOf(input.before.counts, last.counts, input.untreated);
  return { last, day, change, verdict: verdictOf(input, looks, day, change) };
}

function verdictOf(
  input: Omit<FollowInput, 'against'>,
  looks: readonly Look[],
  day: number,
  change: ChangeResult,
): Verdict {
  const { expect } = input.remedy;
  if (isHarm(input)) return 'plant-harmed';
  if (cleanTwice(looks, input.threshold, expect.twiceDaysApart)) return 'solved';
  if (change.kind === 'cannot-tell') return 'too-early';
  const risingIsGood = expect.riseUntilDay !== undefined && day <= expect.riseUntilDay;
  if (risingIsGood) return 'too-early';
  if (change.high < 0) return day < expect.days[0] ? 'too-early' : 'worse';
  if (change.low > 0) return 'on-the-way';
  const patience = expect.riseUntilDay === undefined ? expect.days[1] : Math.max(expect.days[1], baitPatienceDays);
  return day < patience ? 'too-early' : 'no-change';
}

/** Burn or wilt soon after any of its applications, not only the first. */
function isHarm({ appliedOn, allAppliedOn = [appliedOn], harmSeenOn }: Omit<FollowInput, 'against'>): boolean {
  return (
    harmSeenOn !== undefined &&
    allAppliedOn.some((on) => {
      const days = daysBetween(on, harmSeenOn);
      return days >= 0 && days <= harmDays;
    })
  );
}

/** Below the threshold at the last look and at one enough days before it, with none above in between. */
function cleanTwice(looks: readonly Look[], threshold: number, daysApart: number): boolean {
  const last = looks[looks.length - 1];
  if (!last || summarise(last.counts).mean >= threshold) return false;
  const cleanRun: Look[] = [];
  for (const look of [...looks].reverse()) {
    if (summarise(look.counts).mean >= threshold) break;
    cleanRun.push(look);
  }
  return cleanRun.some(({ on }) => daysBetween(on, last.on) >= daysApart);
}

/** The usual reduction, growing in a straight line from nothing to full over the days it needs. */
function expectedBy({ reduction, days }: Expectation, day: number): FollowResult['expected'] {
  if (day < days[0]) return undefined;
  const share = days[1] === days[0] ? 1 : Math.min(1, 0.5 + (0.5 * (day - days[0])) / (days[1] - days[0]));
  return { low: reduction[0] * share, high: reduction[1] };
}

function nextMoves(input: FollowInput, verdict: Verdict, day: number, lastLook: IsoDate): NextMove[] {
  const { expect, repeat } = input.remedy;
  const again = repeat === undefined ? undefined : nextRoundOn(input.against, lastLook, input.strength);
  const repeatMove: NextMove[] = again === undefined ? [] : [{ kind: 'repeat', on: again }];
  const { nextLookOn } = input;
  const nextLook: NextMove = { kind: 'look-again', on: nextLookOn ?? addDays(lastLook, expect.twiceDaysApart) };
  switch (verdict) {
    case 'solved':
      return [{ kind: 'end', lateLookOn: addDays(lastLook, expect.lateLookDays) }];
    case 'on-the-way':
      return [nextLook, ...repeatMove];
    case 'too-early':
      return [
        day < expect.days[0] && nextLookOn === undefined
          ? { kind: 'look-again', on: addDays(input.appliedOn, expect.days[0]) }
          : nextLook,
        ...repeatMove,
      ];
    case 'no-change':
      return [...stepUp(input, lastLook), ...repeatMove, { kind: 'next-remedy' }, { kind: 'back-to-reading' }];
    case 'worse':
      return [{ kind: 'next-remedy' }, { kind: 'back-to-reading' }, ...stepUp(input, lastLook)];
    case 'plant-harmed':
      return [{ kind: 'stop-and-rinse' }, { kind: 'next-remedy' }];
    default:
      return verdict satisfies never;
  }
}

/** The mildest stronger rate of the recipe against which the judge has nothing that forbids it. */
function stepUp({ remedy: { recipe }, strength, harmSeenOn, against }: FollowInput, lastLook: IsoDate): NextMove[] {
  // What has hurt the plant once is never made stronger.
  if (!recipe || strength === undefined || harmSeenOn !== undefined) return [];
  const dose = (value: number) => doseOf(recipe, value);
  const [mildest] = recipe.strengths
    .filter(({ value }) => dose(value) > dose(strength) && nextRoundOn(against, lastLook, value) !== undefined)
    .sort((a, b) => dose(a.value) - dose(b.value));
  return mildest ? [{ kind: 'step-up', to: mildest.id }] : [];
}
