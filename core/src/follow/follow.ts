import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import { doseOf, nextRoundOn, type AgainstRound } from '../judge';
import { samples, type Expectation, type Finding, type RemedyRow, type Verdict } from '../tables';
import { trendOf, type ChangeResult, type Trend } from './trend';
import { levelOfCounts, mean, type Cell, type Level } from './levels';

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
  /** What was left as it is: before, and at looks of its own. */
  readonly untreated?: { readonly before: Cell; readonly looks: readonly Look[] };
  /** Mean count below which it is no longer worth treating. */
  readonly threshold: number;
  /** Burn or wilt seen after the spray. */
  readonly harmSeenOn?: IsoDate;
  /** The strength in use, in the recipe's unit. */
  readonly strength?: number;
  /** The day on which the plan has the next look, where it has one: verdict and plan name one day. */
  readonly nextLookOn?: IsoDate;
  /** The day on which the plan has the next round, where it has one. */
  readonly nextRoundOn?: IsoDate;
  /** Before this day one more round reaches too few: most have not hatched yet. */
  readonly notBefore?: IsoDate;
  /** It is a crop that could be pulled up, and something else sown. */
  readonly canGiveUp?: boolean;
  /** What the judge has against one more round, by everything that this place has had and is to have. */
  readonly against: AgainstRound;
}

export type NextMove =
  | { readonly kind: 'end'; readonly lateLookOn: IsoDate }
  /** Planned: the day stands in the plan already. */
  | { readonly kind: 'look-again'; readonly on: IsoDate; readonly isPlanned: boolean }
  | { readonly kind: 'repeat'; readonly on: IsoDate; readonly isPlanned: boolean }
  | { readonly kind: 'let-be' }
  | { readonly kind: 'mend-doing' }
  | { readonly kind: 'step-up'; readonly to: string }
  | { readonly kind: 'next-remedy' }
  | { readonly kind: 'back-to-reading' }
  | { readonly kind: 'give-up' }
  | { readonly kind: 'stop-and-rinse' };

export interface FollowResult {
  readonly verdict: Verdict;
  readonly finding: Finding;
  readonly day: number;
  readonly before: Level;
  readonly now: Level;
  readonly change: ChangeResult;
  /** The change at every look, in order of days. */
  readonly looks: readonly { readonly on: IsoDate; readonly level: Level; readonly change: ChangeResult }[];
  /** The look since which there are more again. */
  readonly backSince: IsoDate | undefined;
  /** True when fewer (or more) cannot be told from chance. */
  readonly couldBeChance: boolean;
  /** What this remedy should have done by this day, % fewer. */
  readonly expected: { readonly low: number; readonly high: number } | undefined;
  /** How likely it is that it did at least that, 0…1. */
  readonly chance: number | undefined;
  /** So many leaves (cards, minutes) at the next look would tell; undefined where no number within reason would. */
  readonly wouldTell: number | undefined;
  /** 1/k of the negative binomial. */
  readonly clumping: number;
  readonly next: readonly NextMove[];
}

/** Burn within this many days of a spray is laid at its door. */
const harmDays = 3;
/** Slow baits are not called failed before this day (8 weeks for the whole nest). */
const baitPatienceDays = 28;
/** A remedy is held for one that does nothing where it is less likely than this to have done what it should. */
const hardlyDid = 0.25;
/** More leaves than this nobody counts. */
const withinReason = 40;
/** Standard errors that an effect must be away from none, to be told nine times in ten and seen four times in five. */
const tells = 1.645 + 0.84;

type Judged = Omit<FollowInput, 'against'>;

/**
 * Verdict from the counts, with their uncertainty, against what the remedy should have done by now,
 * and the next moves, best first. @throws RangeError without any look after the application.
 */
export function follow(input: FollowInput): FollowResult {
  const { looks, last, day, trend, change, expected, verdict, finding } = judged(input);
  const { expect } = input.remedy;
  const isOpen = finding === 'open' && change.kind === 'change';
  return {
    verdict,
    finding,
    day,
    before: levelOfCounts(input.before.counts, expect.unit),
    now: levelOfCounts(last.counts, expect.unit),
    change,
    looks: looks.map(({ on, counts }, at) => ({
      on,
      level: levelOfCounts(counts, expect.unit),
      change: trend.changes[at] ?? change,
    })),
    backSince: trend.backSince === undefined ? undefined : looks[trend.backSince]?.on,
    couldBeChance: isChance(change),
    expected,
    chance: change.kind === 'change' && expected ? trend.chanceOf(expected.low) : undefined,
    wouldTell: isOpen ? wouldTell(trend, expected?.low ?? expect.reduction[0]) : undefined,
    clumping: trend.clumping,
    next: nextMoves(input, { verdict, finding, day }, last.on),
  };
}

/** It did nothing although it should have by now: that speaks against it here, and against what it is for. */
export const didNothing = ({ verdict, finding }: Pick<FollowResult, 'verdict' | 'finding'>): boolean =>
  finding === 'no-effect' || (verdict === 'worse' && finding === 'more');

/** The verdict alone, for lists: what to do next asks the judge about many days. @throws RangeError without any look */
export const verdictNow = (input: Judged): Pick<FollowResult, 'verdict' | 'finding' | 'day'> => judged(input);

function judged(input: Judged) {
  const looks = [...input.looks].sort((a, b) => a.on.localeCompare(b.on));
  const last = looks[looks.length - 1];
  if (!last) throw new RangeError('there is no look after the application yet');
  const { expect } = input.remedy;
  const dayOf = ({ on, counts }: Look) => ({ day: daysBetween(input.appliedOn, on), counts });
  const { day } = dayOf(last);
  const trend = trendOf({
    unit: expect.unit,
    least: samples[expect.each ?? 'leaf'].least,
    before: input.before.counts,
    looks: looks.map(dayOf),
    ...(input.untreated
      ? { untreated: { before: input.untreated.before, looks: input.untreated.looks.map(dayOf) } }
      : {}),
  });
  const change = trend.changes[trend.changes.length - 1] ?? {
    kind: 'cannot-tell' as const,
    because: 'too-few' as const,
  };
  const expected = expectedBy(expect, day);
  return { looks, last, day, trend, change, expected, ...verdictOf(input, looks, day, trend, change) };
}

const isChance = (change: ChangeResult) => change.kind === 'change' && change.low <= 0 && change.high >= 0;

/**
 * The verdict is on the remedy, whose doing only what was left alone can part from that of weather and helpers; only
 * “solved” is on the pest itself.
 */
function verdictOf(
  input: Judged,
  looks: readonly Look[],
  day: number,
  trend: Trend,
  change: ChangeResult,
): Pick<FollowResult, 'verdict' | 'finding'> {
  const { expect } = input.remedy;
  const patience = expect.riseUntilDay === undefined ? expect.days[1] : Math.max(expect.days[1], baitPatienceDays);
  const isEarly = day < expect.days[0];
  const isLate = day >= patience;
  if (isHarm(input)) return { verdict: 'plant-harmed', finding: 'open' };
  if (isClear(looks, input.threshold, expect.twiceDaysApart))
    return { verdict: 'solved', finding: isByItself(trend, change) ? 'by-itself' : 'as-it-should' };
  if (change.kind === 'cannot-tell') return { verdict: 'too-early', finding: 'open' };
  if (expect.riseUntilDay !== undefined && day <= expect.riseUntilDay) return { verdict: 'too-early', finding: 'open' };

  const helped = change.low > 0;
  const isLow = mean(looks[looks.length - 1]?.counts ?? []) < input.threshold;
  if (trend.backSince !== undefined && !isLow)
    return { verdict: trend.rose ? 'worse' : helped ? 'on-the-way' : 'no-change', finding: 'came-back' };
  if (trend.rose && !helped)
    return isEarly ? { verdict: 'too-early', finding: 'more' } : { verdict: 'worse', finding: 'more' };
  if (helped) {
    const fallsShort = change.high < expect.reduction[0];
    if (isLate && fallsShort && !isLow) return { verdict: 'no-change', finding: 'weak' };
    return { verdict: 'on-the-way', finding: trend.rose ? 'outgrown' : fallsShort ? 'slow' : 'as-it-should' };
  }
  if (isByItself(trend, change)) return { verdict: isLate ? 'no-change' : 'too-early', finding: 'by-itself' };
  if (change.high < 0) return { verdict: isLate ? 'no-change' : 'too-early', finding: 'better-left' };
  // Where it may well have done what it should, too little was counted to call it a failure.
  const mayHave = trend.chanceOf(Math.max(expect.reduction[0], 1)) >= hardlyDid;
  return isLate && !mayHave
    ? { verdict: 'no-change', finding: 'no-effect' }
    : { verdict: 'too-early', finding: 'open' };
}

/** Fewer than before, and no fewer than where nothing was done. */
const isByItself = (trend: Trend, change: ChangeResult) =>
  trend.fell && change.kind === 'change' && change.againstUntreated && change.low <= 0;

/** Burn or wilt soon after any of its applications, not only the first. */
function isHarm({ appliedOn, allAppliedOn = [appliedOn], harmSeenOn }: Judged): boolean {
  return (
    harmSeenOn !== undefined &&
    allAppliedOn.some((on) => {
      const days = daysBetween(on, harmSeenOn);
      return days >= 0 && days <= harmDays;
    })
  );
}

/**
 * Below the threshold at the last look and at one enough days before it, with none above in between; and not on its
 * way over it: what grew so much between the two would not stay below for as long again.
 */
function isClear(looks: readonly Look[], threshold: number, daysApart: number): boolean {
  const last = looks[looks.length - 1];
  if (!last || mean(last.counts) >= threshold) return false;
  const run: Look[] = [];
  for (const look of [...looks].reverse()) {
    if (mean(look.counts) >= threshold) break;
    run.push(look);
  }
  const first = run.find(({ on }) => daysBetween(on, last.on) >= daysApart);
  if (!first) return false;
  const growth = mean(last.counts) / Math.max(mean(first.counts), 0.5 / first.counts.length);
  return growth <= 1 || mean(last.counts) * growth < threshold;
}

/** The usual reduction, growing in a straight line from half to full over the days it needs; nothing before them. */
function expectedBy({ reduction, days }: Expectation, day: number): FollowResult['expected'] {
  if (day < days[0]) return undefined;
  const share = days[1] === days[0] ? 1 : Math.min(1, 0.5 + (0.5 * (day - days[0])) / (days[1] - days[0]));
  return { low: reduction[0] * share, high: reduction[1] };
}

/** Leaves at the next look that would tell an effect of so many per cent from none. */
function wouldTell({ spread }: Trend, reduction: number): number | undefined {
  if (reduction <= 0) return undefined;
  const allowed = (Math.log(Math.max(0.05, 1 - reduction / 100)) / tells) ** 2 - spread.rest;
  const leaves = allowed > 0 ? Math.ceil(spread.leaf / allowed) : Infinity;
  return leaves <= withinReason ? leaves : undefined;
}

function nextMoves(
  input: FollowInput,
  { verdict, finding, day }: Pick<FollowResult, 'verdict' | 'finding' | 'day'>,
  lastLook: IsoDate,
): NextMove[] {
  const { expect, repeat } = input.remedy;
  const { nextLookOn, nextRoundOn: plannedOn, canGiveUp } = input;
  const again =
    plannedOn ??
    (repeat === undefined ? undefined : nextRoundOn(input.against, laterOf(lastLook, input.notBefore), input.strength));
  const repeatMove: NextMove[] =
    again === undefined ? [] : [{ kind: 'repeat', on: again, isPlanned: plannedOn !== undefined }];
  const lookOn = (on: IsoDate): NextMove => ({ kind: 'look-again', on, isPlanned: nextLookOn !== undefined });
  const nextLook = lookOn(nextLookOn ?? addDays(lastLook, expect.twiceDaysApart));
  const mend: NextMove = { kind: 'mend-doing' };
  // When nothing helps, the place may be worth more than the plant.
  const giveUp: NextMove[] = canGiveUp === true ? [{ kind: 'give-up' }] : [];
  if (verdict === 'plant-harmed') return [{ kind: 'stop-and-rinse' }, { kind: 'next-remedy' }];
  if (verdict === 'solved') return [{ kind: 'end', lateLookOn: addDays(lastLook, expect.lateLookDays) }];
  if (verdict === 'worse' && finding !== 'came-back')
    return [{ kind: 'next-remedy' }, { kind: 'back-to-reading' }, mend, ...stepUp(input, lastLook), ...giveUp];
  switch (finding) {
    case 'came-back':
      // It killed; what hatched or flew in since was not touched. A stronger one would not touch it either.
      return [...repeatMove, mend, nextLook, { kind: 'next-remedy' }, ...(verdict === 'worse' ? giveUp : [])];
    case 'outgrown':
      return [...repeatMove, nextLook, mend, { kind: 'next-remedy' }];
    case 'by-itself':
      return [{ kind: 'let-be' }, nextLook];
    case 'better-left':
      return [nextLook, { kind: 'next-remedy' }, { kind: 'back-to-reading' }];
    case 'weak':
      return [mend, ...stepUp(input, lastLook), ...repeatMove, { kind: 'next-remedy' }, ...giveUp];
    case 'no-effect':
      return [mend, ...stepUp(input, lastLook), { kind: 'next-remedy' }, { kind: 'back-to-reading' }, ...giveUp];
    case 'as-it-should':
    case 'slow':
    case 'more':
    case 'open':
      return [
        verdict === 'too-early' && day < expect.days[0] && nextLookOn === undefined
          ? lookOn(addDays(input.appliedOn, expect.days[0]))
          : nextLook,
        ...repeatMove,
      ];
    default:
      return finding satisfies never;
  }
}

const laterOf = (a: IsoDate, b: IsoDate | undefined): IsoDate => (b !== undefined && b > a ? b : a);

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
