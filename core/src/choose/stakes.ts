import {
  courseOf,
  isTimeFor,
  type CauseId,
  type CauseRow,
  type ConditionId,
  type RemedyRow,
  type RemedyTarget,
  type Season,
  type Setting,
  type Tables,
} from '../tables';
import { atStakeFrom } from '../weigh/stake';
import type { Weighing } from '../weigh/weigh';

/**
 * Expected loss: what each cause costs if it is left, times how likely it is. A remedy takes a part of that away and
 * has its own costs; doing nothing takes nothing away and costs nothing, so what comes below it is not offered.
 * All of it in the scale of `weight`: an ordinary garden problem that is left = 1.
 */

/** What a cause or condition has at stake here. */
export interface Stake {
  readonly of: CauseId | ConditionId;
  readonly chance: number;
  /** Expected loss if nothing is done. */
  readonly loss: number;
  /** The answer is to leave it, so this, beside it, is not met either. */
  readonly isLeft?: true;
}

/** A condition is mended for its causes' sake, so it counts half. */
const conditionShare = 0.5;
/** What is as good left alone still costs some looks. */
const asGoodShare = 0.35;
/** What is at stake, background left out. */
export function stakesOf(
  tables: Tables,
  { causes, conditions, action }: Weighing,
  season: Season | undefined,
): Stake[] {
  const isLeft = ({ act }: CauseRow) => action.class === 'leave' && act !== 'leave' && act !== 'watch';
  const from = atStakeFrom(causes, conditions);
  return [
    ...causes
      .filter(({ probability }) => probability >= from.cause)
      .map(({ id, probability, row }) => ({
        of: id,
        chance: probability,
        ...(isLeft(row) ? { isLeft: true as const } : {}),
        loss: probability * row.weight * (courseOf(tables, row, season).asGood ? asGoodShare : 1),
      })),
    ...conditions
      .filter(({ probability }) => probability >= from.condition)
      .map(({ id, probability }) => ({ of: id, chance: probability, loss: probability * conditionShare })),
  ];
}

/** A target of a remedy that is at stake here. */
export interface Meant extends RemedyTarget, Stake {}

/** Where and when, and what was seen: what a target may ask for. */
export interface Here {
  readonly season: Season | undefined;
  readonly setting: Setting | undefined;
  /** The plant and its groups. */
  readonly plantNames: readonly string[];
  readonly seen: ReadonlySet<string>;
}

/** What of all that is at stake a remedy is for, on this plant and in this place, whatever the month. */
export function meantBy(row: RemedyRow, stakes: readonly Stake[], { setting, plantNames, seen }: Here): Meant[] {
  return row.targets.flatMap((target) => {
    const stake = stakes.find(({ of }) => of === target.of);
    if (!stake) return [];
    if (target.settings && setting && !target.settings.includes(setting)) return [];
    if (target.notFor?.some((name) => plantNames.includes(name))) return [];
    if (target.onlyFor && !target.onlyFor.some((name) => plantNames.includes(name))) return [];
    if (target.seen && !target.seen.some((sign) => seen.has(sign))) return [];
    return [{ ...target, ...stake }];
  });
}

/** True where a remedy helps against that now: it mends what has come, and it is the month. */
export const isForNow = (row: RemedyRow, { isBefore, months }: RemedyTarget, { season }: Here): boolean =>
  !isBefore && isTimeFor(months, season) && isTimeFor(row.months, season);

/** Loss that is taken away. */
export const helpOf = (meant: readonly Meant[]): number => meant.reduce((sum, { loss, fits }) => sum + loss * fits, 0);

/** Each rung up the ladder must bring at least this much more help to be preferred. */
const rungCost = 0.035;
/** Where days count, a rung costs this share of that. */
const urgentShare = 0.5;
/** What harm to helpers, to soil and to water costs. */
const harmCost = {
  helpers: { harm: 0.12, some: 0.02, safe: 0 },
  soil: { harm: 0.05, some: 0.015, safe: 0 },
  water: { harm: 0.03, some: 0.01, safe: 0 },
} as const;
const moneyCost = { nothing: 0, pennies: 0.004, some: 0.012, dear: 0.03 } as const;
/** Of an hour's work. */
const hourCost = 0.012;
/** What a remedy that a fairly likely cause speaks against is marked down by, for each unit of that chance. */
const riskCost = 0.5;
/** Where the kind of place is not known, what is only for some kinds may not do here. */
const placeUnsure = 0.05;
/** Going out to buy first costs about this much help. */
const errandCost = 0.02;

/** What a remedy costs by itself: strength, harm, money, work, an errand, and harm where the reading is wrong. */
export function costOf(
  { facts, steps, settings }: RemedyRow,
  rung: number,
  {
    urgent,
    risk,
    isMissing,
    setting,
  }: {
    readonly urgent: boolean;
    readonly risk: number;
    readonly isMissing: boolean;
    readonly setting: Setting | undefined;
  },
): number {
  const minutes = steps.filter(({ phase }) => phase === 'apply').reduce((sum, step) => sum + step.minutes, 0);
  return (
    rungCost * (urgent ? urgentShare : 1) * rung +
    harmCost.helpers[facts.spares.helpers] +
    harmCost.soil[facts.spares.soil] +
    harmCost.water[facts.spares.water] +
    moneyCost[facts.cost] +
    (hourCost * minutes) / 60 +
    riskCost * risk +
    (settings && setting === undefined ? placeUnsure : 0) +
    (isMissing ? errandCost : 0)
  );
}
