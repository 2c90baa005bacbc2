import { isKnown, regionOf, type PlantRow, type Tables } from '@trowel/core/tables';
import { weigh, type Situation } from '@trowel/core/weigh';
import type { Db } from '../database';
import { daysBetween } from '@trowel/core/quantities';
import { gardenTime, type Clock } from '../clock';
import {
  anyChecksDone,
  anyEarlierCounts,
  anyEvidence,
  anyPastOfBed,
  maybeCountedOn,
  type CaseRow,
  type ReadingShort,
} from '../store/cases';
import { thresholds } from '../store/clinic';
import { maybeOneBed, maybeOnePlanting, oneGarden } from '../store/garden';
import { workedOut } from '../store/remembered';
import { familyBefore } from './grown';
import { groundOf, recentWeather, soilEvidence } from './clinic';
import { failedIn } from './verdict';

export const emptyReading: ReadingShort = { causes: [], conditions: [], depth: 0, action: 'watch' };

interface ReadingDeps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
}

/** Everything that bears on the reading of a case. */
export function situationOfCase(
  { db, tables, clock }: ReadingDeps,
  row: CaseRow,
): Situation &
  Required<Pick<Situation, 'setting' | 'month' | 'latitude' | 'history' | 'failed' | 'checksDone'>> & {
    measured: string[];
  } {
  const garden = oneGarden(db);
  const { today } = gardenTime(clock(), garden.time_zone);
  const region = regionOf({ timeZone: garden.time_zone, latitude: garden.latitude });
  const bed = maybeOneBed(db, row.bed_id);
  const planting = row.planting_id === null ? undefined : maybeOnePlanting(db, row.planting_id);
  const plant: PlantRow | undefined = tables.plants.find(({ id }) => id === planting?.plant);
  const noted = anyEvidence(db, row.id)
    .filter(({ sign }) => isKnown(tables, 'signs', sign))
    .map(({ sign, state, amount, sure }) => ({
      sign,
      state,
      ...(amount === null ? {} : { amount }),
      ...(sure === null ? {} : { sure }),
    }));
  // What was measured in this bed counts for every plant in it, and so does what grew there before, unless it was
  // looked at anew.
  const measured = [
    ...soilEvidence(db, row.bed_id, plant, row.opened_on),
    ...(planting && familyBefore(db, tables, planting) ? [{ sign: 'same-crop', state: 'seen' as const }] : []),
  ].filter(({ sign }) => !noted.some((item) => item.sign === sign));
  return {
    ...(plant ? { plant: plant.id } : {}),
    setting: bed?.setting ?? 'bed',
    // A case is read in the season in which it was opened.
    month: Number(row.opened_on.slice(5, 7)),
    latitude: garden.latitude,
    ...(garden.climate === null ? {} : { climate: garden.climate }),
    ...(region === undefined ? {} : { region }),
    evidence: [...noted, ...measured],
    measured: measured.map(({ sign }) => sign),
    weather: recentWeather(db, garden, row.opened_on),
    ...(planting ? { ground: groundOf(db, row.bed_id) } : {}),
    thresholds: thresholds(db),
    earlier: anyEarlierCounts(db, row.id).map(({ sign, amount, on }) => ({
      sign,
      amount,
      daysAgo: daysBetween(on, maybeCountedOn(db, row.id, sign) ?? on),
    })),
    ...(planting?.harvest_on ? { daysToHarvest: Math.max(0, daysBetween(today, planting.harvest_on)) } : {}),
    history: anyPastOfBed(db, row.bed_id, row.id).map(({ cause, times }) => ({ cause, times })),
    failed: failedIn(db, tables, row.id),
    checksDone: anyChecksDone(db, row.id),
  };
}

/** The reading of a case; weighed anew only where something that bears on it is another. */
export function readingOf(deps: ReadingDeps, row: CaseRow): ReadingShort {
  const { db, tables, clock } = deps;
  const { today } = gardenTime(clock(), oneGarden(db).time_zone);
  const { reading: _, ...of } = row;
  return workedOut(db, tables, `reading ${row.id}`, [of, today], () => readNow(deps, row));
}

function readNow(deps: ReadingDeps, row: CaseRow): ReadingShort {
  const found = weigh(deps.tables, situationOfCase(deps, row), { withChecks: false, withReasons: false });
  const short = (list: readonly { id: string; probability: number }[]) =>
    list
      .filter(({ probability }) => probability >= 0.1)
      .slice(0, 4)
      .map(({ id, probability }) => ({ id, probability: Number(probability.toFixed(4)) }));
  return {
    causes: short(found.causes),
    conditions: short(found.conditions),
    depth: found.depth,
    action: found.action.class,
  };
}
