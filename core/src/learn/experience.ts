/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import type { Experience } from '../choose';
import { didNothing } from '../follow';
import type { CauseId, Finding, JobWater, RemedyId, RemedyRow, TrialEnd, Verdict } from '../tables';
import { surelyHelps } from '../weigh';
import type { IsoDate } from '../quantities/days';

/** One time that a remedy was really put on in a case. */
export interface Trial {
  readonly remedy: RemedyId;
  /** What its case was read as. */
  readonly cause: CauseId | undefined;
  readonly end: TrialEnd;
  /** By counts; else by the gardener's word at the end of the case. */
  readonly isCounted: boolean;
  /** In the recipe's own unit. */
  readonly strength: number | undefined;
  /** It was mixed with; undefined where it is not mixed, or nobody knows any more. */
  readonly water?: JobWater | undefined;
  readonly on: IsoDate;
}

/** How a counted job ended. Where something was missed in doing it, nothing is learnt of the remedy. */
export function endOf({ verdict, finding }: { verdict: Verdict; finding: Finding }, wasMissed: boolean): TrialEnd {
  if (verdict === 'plant-harmed') return 'harmed';
  if (finding === 'by-itself' || finding === 'better-left') return 'by-itself';
  if (verdict === 'solved') return 'worked';
  // What came back had been reached: that tells of its timing, not of the remedy.
  const isFailure = didNothing({ verdict, finding }) || (verdict === 'no-change' && finding === 'weak');
  return isFailure && !wasMissed ? 'failed' : 'open';
}

/** What is judged by a gardener's word alone counts for so much of a counted trial. */
const byWord = 0.5;
/**
 * So many imagined trials, as good as the remedy is elsewhere, keep the first real ones from saying much; and from
 * moving the choice, even less: what helped elsewhere rests on many.
 */
const imagined = { told: 4, chosen: 12 } as const;
const usual = { least: 0.2, most: 0.8 } as const;
const factors = { least: 0.6, most: 1.25, harmed: 0.6 } as const;

/** A strength in the recipe's own unit, and the water it was mixed with where that is known. */
export interface RateInWater {
  readonly strength: number;
  readonly water?: JobWater;
}

export interface Learnt extends Experience {
  /** Of ten times, between how many it helps, nine times in ten that one says so. */
  readonly share: { readonly low: number; readonly high: number };
  /** Strengths at which it worked, and at which it did not, in which water; the weakest first. */
  readonly strengths: { readonly worked: readonly RateInWater[]; readonly failed: readonly RateInWater[] };
  readonly lastOn: IsoDate;
}

/**
 * What trials of one remedy say: a beta distribution, begun with a few imagined trials at what the remedy usually brings.
 * @returns undefined where no trial tells anything
 */
export function learntOf(
  remedy: Pick<RemedyRow, 'id' | 'expect'>,
  trials: readonly Trial[],
  fits = 1,
): Learnt | undefined {
  const told = trials.filter(({ remedy: of, end }) => of === remedy.id && end !== 'open' && end !== 'by-itself');
  if (told.length === 0) return undefined;
  const ends = (end: TrialEnd) => told.filter((trial) => trial.end === end);
  const weight = (list: readonly Trial[]) => list.reduce((sum, { isCounted }) => sum + (isCounted ? 1 : byWord), 0);
  const before = Math.min(usual.most, Math.max(usual.least, surelyHelps(remedy, fits)));
  const [worked, rest] = [weight(ends('worked')), weight(ends('failed')) + weight(ends('harmed'))];
  const chosen = (imagined.chosen * before + worked) / (imagined.chosen + worked + rest);
  const factor = Math.min(factors.most, Math.max(factors.least, chosen / before));
  const good = imagined.told * before + worked;
  const bad = imagined.told * (1 - before) + rest;
  const strengthsOf = (end: TrialEnd): RateInWater[] => {
    const rates = ends(end).flatMap(({ strength, water }): RateInWater[] =>
      strength === undefined ? [] : [{ strength, ...(water === undefined ? {} : { water }) }],
    );
    return rates
      .filter((rate, at) => rates.findIndex((one) => one.strength === rate.strength && one.water === rate.water) === at)
      .sort((a, b) => a.strength - b.strength);
  };
  return {
    remedy: remedy.id,
    worked: ends('worked').length,
    failed: ends('failed').length,
    harmed: ends('harmed').length,
    factor: ends('harmed').length > 0 ? Math.min(factor, factors.harmed) : factor,
    share: { low: jStat.beta.inv(0.05, good, bad), high: jStat.beta.inv(0.95, good, bad) },
    strengths: { worked: strengthsOf('worked'), failed: strengthsOf('failed') },
    lastOn: told.map(({ on }) => on).reduce((a, b) => (a > b ? a : b)),
  };
}
