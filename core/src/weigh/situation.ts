import type { Evidence } from '../evidence';
import type { CauseId, CheckId, Climate, ConditionId, PlantId, Region, RemedyId, Setting, SignId } from '../tables';
import type { RecentWeather } from './weather';

/** Everything that bears on a reading. */
export interface Situation {
  readonly plant?: PlantId;
  readonly setting?: Setting;
  /** 1–12, as at the garden. */
  readonly month?: number;
  /** Degrees; south is negative. */
  readonly latitude?: number;
  readonly evidence: readonly Evidence[];
  readonly climate?: Climate;
  /** The part of the world: what lives there, and what has to be reported there. */
  readonly region?: Region;
  /** Of the last days; bears on conditions outdoors that were not looked at themselves. */
  readonly weather?: RecentWeather;
  /** What an earlier reading of the ground here found; stands in for the general chance. */
  readonly ground?: readonly { readonly condition: ConditionId; readonly probability: number }[];
  /** What this bed or plant had before, and how often. */
  readonly history?: readonly { readonly cause: CauseId; readonly times: number }[];
  /** Put on as they should be, and no fewer: each speaks against what it is for. */
  readonly failed?: readonly RemedyId[];
  /** An earlier count of the same sign, so that growth can be told. */
  readonly earlier?: readonly { readonly sign: SignId; readonly amount: number; readonly daysAgo: number }[];
  /** Days until what grows here is picked. */
  readonly daysToHarvest?: number;
  /** The gardener's own thresholds by cause, in place of the table's. */
  readonly thresholds?: Readonly<Record<CauseId, number>>;
  /** Checks already made, so that they are not offered again. */
  readonly checksDone?: readonly CheckId[];
}
