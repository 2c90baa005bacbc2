import { addDays, daysBetween, type IsoDate } from '../quantities';
import type { Climate, RemedyRow, Season, Tables } from '../tables';
import type { CautionFound } from './caution';
import type { Act } from './judge';
import { thingsOf } from './remedy-act';
import { onlyWaits } from './timing';

/** A remedy that was put on a place, or is to be. */
export interface Round {
  readonly remedy: RemedyRow;
  readonly on: IsoDate;
  /** Of the very series that is asked about: it keeps its days by its own steps, and counts for how often. */
  readonly isOwn: boolean;
  /** On the same plant, and not only elsewhere in its bed. */
  readonly isOnPlant: boolean;
  /** Rain took it before it had done its work: its own rhythm does not count from it, what it is made of does. */
  readonly isWashed?: boolean;
}

/** What a place has had by a day, and is to have after it, as the judge takes it. */
export function aroundOn(
  tables: Pick<Tables, 'ingredients'>,
  rounds: readonly Round[],
  date: IsoDate,
): Required<Pick<Act, 'before' | 'planned'>> {
  const all = rounds.map(({ remedy, on, isOwn, isOnPlant, isWashed }) => ({
    on,
    isOnPlant,
    put: {
      classes: thingsOf(tables, remedy).flatMap(({ classes }) => classes),
      ...(isWashed ? {} : { remedy: remedy.id }),
      ...(isOwn ? { isOwn } : {}),
    },
  }));
  const placesOf = ({ isOnPlant }: { isOnPlant: boolean }) =>
    isOnPlant ? (['bed', 'plant'] as const) : (['bed'] as const);
  return {
    before: all
      .filter(({ on }) => on <= date)
      .flatMap((one) => placesOf(one).map((where) => ({ ...one.put, where, daysAgo: daysBetween(one.on, date) }))),
    planned: all
      .filter(({ on }) => on > date)
      .flatMap((one) => placesOf(one).map((where) => ({ ...one.put, where, inDays: daysBetween(date, one.on) }))),
  };
}

/** What the calendar says on a day at a garden. */
export const seasonOn = (date: IsoDate, latitude: number, climate?: Climate | null): Season => ({
  month: Number(date.slice(5, 7)),
  latitude,
  ...(climate ? { climate } : {}),
});

/** Picking goes on for some days after the first. */
const pickingDays = 7;

/** Days until a plant is picked, 0 while picking may still go on; undefined where it is over, or no day is set. */
export function daysToHarvest(date: IsoDate, harvestOn: IsoDate | undefined): number | undefined {
  const days = harvestOn === undefined ? undefined : daysBetween(date, harvestOn);
  return days === undefined || days < -pickingDays ? undefined : Math.max(0, days);
}

/** What the judge has against one more round on a day, at a strength in the recipe's own unit (left out: as it was). */
export type AgainstRound = (on: IsoDate, strength?: number) => readonly CautionFound[];

/** Another round is looked for no farther ahead than this: by then it is a new case. */
const mostDaysAhead = 60;

/**
 * The first day from `notBefore` on which the judge has another round neither stopped nor waiting. Undefined where none
 * is near, or where it is stopped before: as many as may be lie behind it then, and something else is due.
 */
export function nextRoundOn(against: AgainstRound, notBefore: IsoDate, strength?: number): IsoDate | undefined {
  for (let ahead = 0; ahead <= mostDaysAhead; ahead += 1) {
    const on = addDays(notBefore, ahead);
    const found = against(on, strength);
    if (found.some(({ level }) => level === 'stop')) return undefined;
    if (!found.some(onlyWaits)) return on;
  }
  return undefined;
}
