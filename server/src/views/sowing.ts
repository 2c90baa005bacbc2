import type { QueryOf, SowingView } from '@trowel/core/contract';
import { sunHours } from '@trowel/core/plan';
import { stillToSow, type GrowingDay } from '@trowel/core/plot';
import { addDays, type IsoDate } from '@trowel/core/quantities';
import { isSheltered, rowById, seasonOfPlace } from '@trowel/core/tables';
import { sowingName, sowingSays } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import { maybeOneCase } from '../store/cases';
import { maybeOneBed, maybeOnePlanting, oneGarden, type GardenRow } from '../store/garden';
import { skyOver } from '../weather/sky';
import { grownBefore } from './grown';
import type { Deps } from './plan';

/** What is less likely than this did not take the crop. */
const tookFrom = 0.4;
/** Whatever is sown is ripe by then, or not this year. */
const ahead = 330;

/** What can still be sown in a place; undefined when there is none of that id. @param query the case whose plant is given up */
export function sowingViewOf(deps: Deps, bedId: string, { case: caseId }: QueryOf<'sowing'>): SowingView | undefined {
  const { db, tables, clock } = deps;
  const bed = maybeOneBed(db, bedId);
  if (!bed) return undefined;
  const garden = oneGarden(db);
  const { today } = gardenTime(clock(), garden.time_zone);
  const lost = caseId === undefined ? undefined : maybeOneCase(db, caseId);
  const planting = lost?.planting_id ? maybeOnePlanting(db, lost.planting_id) : undefined;
  const { season } = seasonOfPlace({
    month: Number(today.slice(5, 7)),
    latitude: garden.latitude,
    ...(garden.climate === null ? {} : { climate: garden.climate }),
  }) as { season: NonNullable<ReturnType<typeof seasonOfPlace>['season']> };
  const { fits, notHere } = stillToSow(tables, {
    today,
    season,
    days: daysAhead(db, garden, today),
    isSheltered: isSheltered(bed.setting),
    grown: [
      ...grownBefore(db, bedId),
      ...(planting
        ? [
            {
              plant: planting.plant,
              label: planting.label,
              from: planting.planted_on,
              to: planting.removed_on ?? today,
            },
          ]
        : []),
    ],
    causes: (lost?.reading.causes ?? []).flatMap(({ id, probability }) => (probability >= tookFrom ? [id] : [])),
  });
  const nameOf = (plant: string) => rowById(tables.plants, plant, 'plants').name;
  return {
    fits: fits.map(({ row, from, to }) => ({
      plant: row.plant,
      name: sowingName(row, nameOf(row.plant)),
      says: sowingSays(row, { from, to }),
    })),
    notHere: notHere.map(({ row, because }) => ({ name: sowingName(row, nameOf(row.plant)), because })),
  };
}

/** The coming days as far as growing goes: warmth and light. */
function daysAhead(db: Db, garden: GardenRow, today: IsoDate): GrowingDay[] {
  const place = { latitude: garden.latitude, longitude: garden.longitude, timeZone: garden.time_zone };
  return skyOver(db, garden, today, ahead, today).map(({ hours }, at) => {
    const warmth = hours.map(({ temperature }) => temperature);
    const { rise, set } = sunHours(addDays(today, at), place);
    return {
      mean: warmth.reduce((sum, one) => sum + one, 0) / warmth.length,
      low: Math.min(...warmth),
      daylight: set - rise,
    };
  });
}
