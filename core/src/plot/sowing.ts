import { addDays, daysBetween, type IsoDate } from '../quantities';
import {
  isTimeFor,
  type CauseId,
  type Growth,
  type PlantRow,
  type Season,
  type SowingRow,
  type Tables,
} from '../tables';
import { rotationDays, sharesFamily, type GrownBefore } from './rotation';

/** A day to come, as far as growing goes. */
export interface GrowingDay {
  /** °C */
  readonly mean: number;
  readonly low: number;
  /** Hours from sunrise to sunset. */
  readonly daylight: number;
}

export interface StillAsked {
  readonly today: IsoDate;
  readonly season: Season;
  /** From today on, a year at most. */
  readonly days: readonly GrowingDay[];
  /** Under glass or indoors the season and the cold outside do not reach. */
  readonly isSheltered: boolean;
  /** What grew there in the last years, what is given up now among it. */
  readonly grown: readonly GrownBefore[];
  /** What took it. */
  readonly causes: readonly CauseId[];
}

export interface StillToSow {
  readonly row: SowingRow;
  /** The first picking, for quick and for slow kinds. */
  readonly from: IsoDate;
  readonly to: IsoDate;
}

export interface StillAnswer {
  /** The soonest ripe first. */
  readonly fits: readonly StillToSow[];
  /** It would be the time for these, and not in this place. */
  readonly notHere: readonly { readonly row: SowingRow; readonly because: 'family' | 'same-trouble' }[];
}

/**
 * Below the first of these means (°C) a crop stands still; the second is that of good growing weather, for which days to
 * harvest are told. Growing degree-days above a base, as sowing tables reckon them: 4 °C for what likes it cool, 10 °C
 * for what came from warm countries.
 */
const warmths: Readonly<Record<Growth, readonly [base: number, good: number]>> = { cool: [4, 16], warm: [10, 20] };
/** With less than ten hours of light hardly anything grows, however mild it is; a quarter of it is taken. */
const shortDay = { hours: 10, grows: 0.25 } as const;
/** In its first days a seed is under the soil. */
const underSoil = 10;

/**
 * What can still be sown or set out in a place and be ripe before the cold takes it: in its months, warm enough to the
 * first picking, no night colder than it stands, not of a family that grew there within three years, and no host of what
 * took the crop before it.
 */
export function stillToSow(
  { sowing, plants, causes }: Pick<Tables, 'sowing' | 'plants' | 'causes'>,
  asked: StillAsked,
): StillAnswer {
  const took = causes.filter(({ id }) => asked.causes.includes(id));
  const isHost = (plant: PlantRow) =>
    took.some(({ hosts = [] }) => hosts.includes(plant.id) || plant.groups.some((group) => hosts.includes(group)));
  const fits: StillToSow[] = [];
  const notHere: StillAnswer['notHere'][number][] = [];
  for (const row of sowing) {
    const plant = plants.find(({ id }) => id === row.plant);
    const ripe = plant && ripeBy(row, asked);
    if (!plant || !ripe) continue;
    const because = isHost(plant)
      ? 'same-trouble'
      : asked.grown.some((one) => isRecent(one, asked.today) && sharesFamily(plants, row.plant, one.plant))
        ? 'family'
        : undefined;
    if (because) notHere.push({ row, because });
    else fits.push({ row, from: addDays(asked.today, ripe[0]), to: addDays(asked.today, ripe[1]) });
  }
  return { fits: fits.sort((a, b) => a.to.localeCompare(b.to)), notHere };
}

/** Days from today to the first picking of quick and slow kinds; undefined where it is not the time, or the cold is quicker. */
function ripeBy(row: SowingRow, { season, days, isSheltered }: StillAsked): [number, number] | undefined {
  if (!isSheltered && !isTimeFor(row.months, season)) return undefined;
  const [quick, slow] = row.days.map((wanted) => daysFor(wanted, row.growth, days));
  if (quick === undefined || slow === undefined) return undefined;
  const isTaken = !isSheltered && days.some(({ low }, at) => at >= underSoil && at <= slow && low < row.stands);
  return isTaken ? undefined : [quick, slow];
}

/** In how many of the coming days as much grows as in so many good ones; undefined where they are too few. */
function daysFor(wanted: number, growth: Growth, days: readonly GrowingDay[]): number | undefined {
  const [base, good] = warmths[growth];
  let grown = 0;
  const found = days.findIndex(({ mean, daylight }) => {
    // Warmer than good does not go quicker.
    const warm = Math.min(1, Math.max(0, (mean - base) / (good - base)));
    grown += warm * (daylight < shortDay.hours ? shortDay.grows : 1);
    return grown >= wanted;
  });
  return found < 0 ? undefined : found + 1;
}

const isRecent = ({ to }: GrownBefore, today: IsoDate): boolean => daysBetween(to, today) <= rotationDays;
