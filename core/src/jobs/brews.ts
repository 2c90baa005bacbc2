import { batchState, type Batch } from '../mix';
import { addDays, daysBetween, type IsoDate } from '../quantities';

/** A job that comes again, as it draws from a brew. */
export interface Drawing {
  /** mL of the brew that a round takes. */
  readonly takesMl: number;
  /** Days from one round to the next; null: once. */
  readonly everyDays: number | null;
  readonly nextOn: IsoDate;
  /** No round begins after this day; null: no end. */
  readonly until: IsoDate | null;
}

/** No brew lasts longer than this many rounds; beyond it nothing is planned by what stands today. */
const mostRounds = 200;

/**
 * The day on which the next brew is to be begun, so that it is ready when jobs find this one empty or past its best;
 * undefined while it lasts for all that is to come.
 */
export function nextBrewOn(batch: Batch, jobs: readonly Drawing[], today: IsoDate): IsoDate | undefined {
  const { leftMl, bestBefore, stage } = batchState(batch, today);
  const days = daysOfReadying(batch);
  let left = stage === 'past' ? 0 : leftMl;
  const rounds = jobs
    .flatMap(({ takesMl, everyDays, nextOn, until }) =>
      Array.from({ length: everyDays === null ? 1 : mostRounds }, (_, at) => ({
        on: addDays(nextOn, at * (everyDays ?? 0)),
        takesMl,
      })).filter(({ on }) => until === null || on <= until),
    )
    .sort((a, b) => a.on.localeCompare(b.on));
  for (const { on, takesMl } of rounds) {
    if (on > bestBefore || left + 0.5 < takesMl) return addDays(on, -days);
    left -= takesMl;
  }
  return undefined;
}

/** Days from its beginning until it is ready. */
function daysOfReadying(batch: Batch): number {
  const fresh = batchState({ ...batch, startedOn: start, events: [] }, start);
  return daysBetween(start, fresh.readyOn);
}
const start: IsoDate = '2000-01-01';
