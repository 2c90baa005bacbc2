import type { IsoDate } from '../quantities';
import { monthsAt, nextMonthFor, type CauseId, type ConditionId, type RemedyId, type RemedyRow } from '../tables';
import { helpOf, type Here, type Meant } from './stakes';

/** What keeps a trouble away another time, or mends it in a month that is still to come. */
export interface NextTime {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  readonly of: CauseId | ConditionId;
  readonly chance: number;
  readonly why: string;
  /** Months, as at the garden, in which it is for that; left out, any. */
  readonly months?: readonly number[];
  /** The month, as at the garden, in which it can begin; left out where it can at any time. */
  readonly from?: number;
}

/**
 * The month in which it is to be marked: that in which it can begin, or this one where it is for now and mends nothing
 * that is here. Undefined where it has no months: then there is no day to mark.
 */
export const monthToMark = ({ from, months }: NextTime, today: IsoDate): number | undefined =>
  from ?? (months ? Number(today.slice(5, 7)) : undefined);

/** From here on a trouble is worth planning ahead for. */
const worthPlanning = 0.4;
const fitsWell = 0.3;
const most = 6;

/** The best of what does not help now, for what is likely. */
export function nextTimes(
  later: readonly { readonly row: RemedyRow; readonly meant: readonly Meant[] }[],
  { season }: Here,
): NextTime[] {
  return later
    .filter(({ row }) => row.rung !== 'leave')
    .flatMap(({ row, meant }) => {
      const likely = meant
        .filter(({ chance, fits }) => chance >= worthPlanning && fits >= fitsWell)
        .sort((a, b) => b.loss * b.fits - a.loss * a.fits);
      const [first] = likely;
      if (!first) return [];
      const months = first.months ?? row.months;
      const from = nextMonthFor(months, season);
      return [
        {
          help: helpOf(likely),
          next: {
            id: row.id,
            row,
            of: first.of,
            chance: first.chance,
            why: first.why,
            ...(months === undefined ? {} : { months: season ? monthsAt(months, season.latitude) : months }),
            ...(from === undefined ? {} : { from }),
          },
        },
      ];
    })
    .sort((a, b) => b.help - a.help)
    .slice(0, most)
    .map(({ next }) => next);
}
