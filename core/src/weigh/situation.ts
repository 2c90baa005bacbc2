import type { CauseId, CheckId, PlantId, Setting, SignId } from '../tables';

/** One thing looked for: seen, or looked and not there. What is not listed was not looked at. */
export interface Evidence {
  readonly sign: SignId;
  readonly state: 'seen' | 'absent';
  /** In the sign's own unit (per leaf, share of leaves in %, per minute …). */
  readonly amount?: number;
}

/** Everything that bears on a reading. */
export interface Situation {
  readonly plant?: PlantId;
  readonly setting?: Setting;
  /** 1–12, as at the garden. */
  readonly month?: number;
  /** Degrees; south is negative. */
  readonly latitude?: number;
  readonly evidence: readonly Evidence[];
  /** What this bed or plant had before, and how often. */
  readonly history?: readonly { readonly cause: CauseId; readonly times: number }[];
  /** The gardener's own thresholds by cause, in place of the table's. */
  readonly thresholds?: Readonly<Record<CauseId, number>>;
  /** Checks already made, so that they are not offered again. */
  readonly checksDone?: readonly CheckId[];
}

/** The month as a northern one: July in the south is January's weather in the north. */
export function northernMonth(month: number, latitude: number): number {
  return latitude < 0 ? ((month + 5) % 12) + 1 : month;
}

/** Within the tropics the calendar says little about what is common. */
const tropics = 20;

export const seasonsTell = (latitude: number): boolean => Math.abs(latitude) >= tropics;
