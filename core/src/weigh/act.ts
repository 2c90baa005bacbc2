import { anyOf } from '../chance';
import {
  actionClasses,
  type ActionClass,
  type CauseId,
  type CauseRow,
  type RegretTable,
  type SignRow,
} from '../tables';
import type { Situation } from './situation';
import { careAtFault, sureEnoughToTake } from './stake';

/** Why an action class was chosen: the causes that weigh most in it. */
export interface ActionReason {
  readonly leading: readonly CauseId[];
  /** Expected regret of every class; the chosen one has the least. */
  readonly expectedRegret: Readonly<Record<ActionClass, number>>;
  readonly belowThreshold: readonly CauseId[];
  readonly sparedBy: readonly CauseId[];
}

type Weighed = { readonly id: CauseId; readonly row: CauseRow; readonly probability: number };

/** A helper must be at least this likely before it makes waiting right. */
const helperLikely = 0.5;
/** Above this many thresholds helpers come too late (judgement; aphids double in 2–3 days). */
const tooManyForHelpers = 3;
/** A condition by itself, with no cause grown from it yet, counts this much of a cause. */
const conditionWeight = 0.4;
/** A cause is named as a reason for the class from here on. */
const namedInReason = 0.25;
/** Treating is only an answer where at least one treatable cause is this likely. */
const treatOneFrom = 0.55;
/** Beneath this a cause has no say in the action class. */
const hasASay = 0.05;
/** Where one cause is as likely as this, it explains what broad signs there are: what is unlikely beside it has no say. */
const explainsFrom = 0.6;
const background = 0.25;
/** A harmless thing ends the matter from here on. */
const endsFrom = 0.5;

/**
 * The class with the least expected regret over the whole posterior, so that where two causes stay
 * close the choice is right for both. Where little is known, looking again is what costs least.
 */
export function chooseAction(
  regret: RegretTable,
  causes: readonly Weighed[],
  conditions: readonly { readonly probability: number }[],
  noneOfThese: number,
  situation: Situation,
  signs: readonly SignRow[],
): { class: ActionClass; reason: ActionReason } {
  const belowThreshold: CauseId[] = [];
  const sparedBy: CauseId[] = [];
  const expected = Object.fromEntries(actionClasses.map((chosen) => [chosen, 0])) as Record<ActionClass, number>;
  const isExplained = causes.some(({ probability }) => probability >= explainsFrom);
  const voices = causes.filter(({ probability }) => probability >= (isExplained ? background : hasASay));
  for (const { id, row, probability } of voices) {
    const level = levelOf(row, situation, signs);
    const helpers = helpersAtWork(row, causes).filter(() => level.timesThreshold < tooManyForHelpers);
    if (level.below) belowThreshold.push(id);
    if (helpers.length > 0) sparedBy.push(...helpers);
    const right = (level.below || helpers.length > 0) && row.actBelow ? row.actBelow : row.act;
    for (const chosen of actionClasses) expected[chosen] += probability * row.weight * regret[right][chosen];
  }
  const nothingKnown = 1 - anyOf(voices.map(({ probability }) => probability));
  const somethingSeen = situation.evidence.some(
    ({ sign, state }) => state === 'seen' && signs.some(({ id }) => id === sign),
  );
  const worstCondition = Math.max(0, ...conditions.map(({ probability }) => probability));
  for (const chosen of actionClasses) {
    expected[chosen] += conditionWeight * worstCondition * regret['mend-care-first'][chosen];
    // Clear signs that fit nothing are a question for somebody who has seen more.
    expected[chosen] += noneOfThese * regret[somethingSeen ? 'ask-expert' : 'watch'][chosen];
    expected[chosen] += nothingKnown * (1 - noneOfThese) * (1 - worstCondition) * regret.watch[chosen];
  }
  // Several causes that would each be treated add up, but their treatments differ: one must be likely by itself. So
  // does care that is at fault in one way or the opposite: too dry, too wet.
  const isOneLikely = treatable(voices).some((probability) => probability >= treatOneFrom);
  // Nor is a plant given up on less than what its removal is offered on.
  const toRemove = voices.filter(({ row }) => row.act === 'remove').map(({ probability }) => probability);
  const mayRemove = anyOf(toRemove) >= sureEnoughToTake.plant;
  const least = actionClasses
    .filter((chosen) => chosen !== 'remove' || mayRemove)
    .reduce((best, chosen) => (expected[chosen] < expected[best] ? chosen : best));
  const fault = careAtFault(causes, conditions);
  const isCareAtFault = fault.causes.length > 0 || fault.conditions.length > 0;
  const isUnsure = (least === 'treat-now' && !isOneLikely) || (least === 'mend-care-first' && !isCareAtFault);
  const wanted = isUnsure ? 'watch' : least;
  const mild = strikes.includes(wanted) ? (innocent(wanted, voices, situation, signs) ?? wanted) : wanted;
  const best = (mild === 'watch' || mild === 'ask-expert') && isHarmless(voices, situation) ? 'leave' : mild;
  const leading = voices
    .filter(({ row, probability }) => regret[row.act][best] <= 0.3 && probability >= namedInReason)
    .sort((a, b) => b.probability * b.row.weight - a.probability * a.row.weight)
    .slice(0, 3)
    .map(({ id }) => id);
  return { class: best, reason: { leading, expectedRegret: expected, belowThreshold, sparedBy } };
}

/** How likely each thing that would be treated is; rivals of one family, met with the same hands, count as one. */
function treatable(voices: readonly Weighed[]): number[] {
  const toTreat = voices.filter(({ row }) => row.act === 'treat-now');
  const families = new Map<string, number>();
  for (const { id, row, probability } of toTreat) {
    const name = row.family ?? id;
    families.set(name, anyOf([families.get(name) ?? 0, probability]));
  }
  return [...families.values()];
}

/**
 * Leaving is an answer: the likeliest is a helper or a normal look, and nothing else that would ask for more is likely
 * on signs of its own. What is only supposed beside a helper (the aphids that it would eat) does not keep it open.
 */
function isHarmless(voices: readonly Weighed[], { evidence }: Situation): boolean {
  const [first] = [...voices].sort((a, b) => b.probability - a.probability);
  if (!first || first.row.act !== 'leave' || first.probability < endsFrom) return false;
  const shows = ({ row }: Weighed) =>
    evidence.some(
      ({ sign, state }) =>
        state === 'seen' && row.signs.some((link) => link.sign === sign && link.strength >= showsFrom),
    );
  return voices.every(
    (voice) =>
      voice.row.act === 'leave' || voice.row.act === 'watch' || voice.probability < background || !shows(voice),
  );
}

/** What kills or takes away: never on the word of something that is as well a helper or a normal look. */
const strikes: readonly ActionClass[] = ['treat-now', 'remove'];
/** From here on a cause shows a sign, for asking whether another accounts for it as well. */
const showsFrom = 0.3;

/**
 * Helpers and normal looks first: where a helper is at least as likely as what would be treated, or a normal look is
 * and accounts for all that speaks for the trouble, what the innocent asks for is done instead. Numbers far above the
 * level to act on are another matter: there helpers come too late.
 * @returns the milder class, or undefined where nothing innocent stands before the trouble
 */
function innocent(
  wanted: ActionClass,
  voices: readonly Weighed[],
  situation: Situation,
  signs: readonly SignRow[],
): ActionClass | undefined {
  const most = (list: readonly Weighed[]) =>
    list.reduce<Weighed | undefined>(
      (best, next) => (next.probability > (best?.probability ?? 0) ? next : best),
      undefined,
    );
  const trouble = most(voices.filter(({ row }) => row.act === wanted));
  if (!trouble || levelOf(trouble.row, situation, signs).timesThreshold >= tooManyForHelpers) return undefined;
  const shows = (row: CauseRow, sign: string) =>
    row.signs.some((link) => link.sign === sign && link.strength >= showsFrom);
  const speaks = situation.evidence.filter(({ sign, state }) => state === 'seen' && shows(trouble.row, sign));
  const harmless = most(
    voices.filter(
      ({ row, probability }) =>
        probability >= trouble.probability &&
        (row.kind === 'helper' || (row.kind === 'normal' && speaks.every(({ sign }) => shows(row, sign)))),
    ),
  );
  return harmless && (harmless.row.act === 'leave' ? 'leave' : 'watch');
}

/** Days until the next look, for which a growing number is carried forward. */
const nextLookDays = 4;
/** A plant that stands still or wilts bears less: then the level to act on is lower by this factor. */
const weakPlantBears = 0.6;
/** Shortly before the harvest what is there matters more than what it would become. */
const harvestIsNear = 7;

/**
 * How a counted amount stands against the cause's threshold: carried forward to the next look where an
 * earlier count shows growth (not when the harvest comes first), against a lower level on a weak plant.
 */
export function levelOf(
  { id, threshold }: CauseRow,
  { evidence, thresholds = {}, earlier = [], daysToHarvest }: Situation,
  signs: readonly SignRow[],
): { below: boolean; timesThreshold: number; doublingDays?: number } {
  const amount = evidence.find(({ sign, state }) => sign === threshold?.sign && state === 'seen')?.amount;
  const actAbove = thresholds[id] ?? threshold?.actAbove;
  if (amount === undefined || actAbove === undefined) return { below: false, timesThreshold: 1 };
  const isWeak = signs.some(
    ({ id: weak, weakens }) => weakens && evidence.some(({ sign, state }) => sign === weak && state === 'seen'),
  );
  const level = actAbove * (isWeak ? weakPlantBears : 1);
  const before = earlier.find(({ sign, daysAgo }) => sign === threshold?.sign && daysAgo > 0);
  const doublingDays =
    before && before.amount > 0 && amount > before.amount
      ? (before.daysAgo * Math.LN2) / Math.log(amount / before.amount)
      : undefined;
  const isPickedFirst = daysToHarvest !== undefined && daysToHarvest <= harvestIsNear;
  const expected = doublingDays === undefined || isPickedFirst ? amount : amount * 2 ** (nextLookDays / doublingDays);
  return {
    below: expected < level,
    timesThreshold: expected / level,
    ...(doublingDays === undefined ? {} : { doublingDays }),
  };
}

function helpersAtWork({ sparedBy = [] }: CauseRow, causes: readonly Weighed[]): CauseId[] {
  return sparedBy.filter((helper) =>
    causes.some(({ id, probability }) => id === helper && probability >= helperLikely),
  );
}
