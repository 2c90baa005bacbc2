import type { BedView, PracticeView } from '@trowel/core/contract';
import { nextCause, practisable } from '@trowel/core/practice';
import { evidenceFromTest, textureClass, textureOf, type SoilTest } from '@trowel/core/read';
import type { PlantRow } from '@trowel/core/tables';
import type { Evidence, RecentWeather } from '@trowel/core/weigh';
import { addDays, type IsoDate } from '@trowel/core/quantities';
import { rhythmWords, sensorWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import { anyCasesIn, anyChecksDone, anyEvidence, maybeNewestWalk } from '../store/cases';
import { anyPracticeCards, anySoilTests, type SoilTestRow } from '../store/clinic';
import { anyPlantings, maybeOneBed, oneGarden, type GardenRow } from '../store/garden';
import { anyOpenJobsInBed } from '../store/jobs';
import { readNow } from '../weather/sensors';
import { skyOver } from '../weather/sky';
import { grownBefore } from './grown';
import { jobName } from './jobs';
import type { Deps } from './plan';

/** Days of weather that bear on a reading. */
const weatherDays = 10;

/** The last days before a day, as the weighing wants them. */
export function recentWeather(db: Db, garden: GardenRow, day: IsoDate): RecentWeather {
  const days = skyOver(db, garden, addDays(day, -weatherDays), weatherDays, day);
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const highs = days.map(({ hours }) => Math.max(...hours.map(({ temperature }) => temperature)));
  const lows = days.map(({ hours }) => Math.min(...hours.map(({ temperature }) => temperature)));
  const rains = days.map(({ hours }) => hours.reduce((sum, { rain }) => sum + rain, 0));
  return {
    days: weatherDays,
    meanHigh: mean(highs),
    meanLow: mean(lows),
    lowest: Math.min(...lows),
    rain: rains.reduce((sum, rain) => sum + rain, 0),
    wetDays: rains.filter((rain) => rain >= 1).length,
    strongestWind: Math.max(...days.flatMap(({ hours }) => hours.map(({ wind }) => wind))),
  };
}

/** A soil test counts this long (years): texture for good, nutrients not. */
const testsCountFor = 3;

function testOf({ found }: SoilTestRow): SoilTest {
  const { texture, ...measured } = found;
  const given = Object.fromEntries(Object.entries(measured).filter(([, value]) => value !== undefined)) as SoilTest;
  return texture ? { ...given, texture: textureOf(texture) } : given;
}

/** What the bed's soil tests say for a plant, newest first; older ones fill in what newer did not measure. */
export function soilEvidence(db: Db, bedId: string, plant: PlantRow | undefined, today: IsoDate): Evidence[] {
  const bySign = new Map<string, Evidence>();
  for (const row of anySoilTests(db, bedId)) {
    const isOld = row.tested_on < addDays(today, -365 * testsCountFor);
    const { texture, ...rest } = testOf(row);
    const counted: SoilTest = { ...(isOld ? {} : rest), ...(texture ? { texture } : {}) };
    for (const item of evidenceFromTest(counted, plant)) if (!bySign.has(item.sign)) bySign.set(item.sign, item);
  }
  return [...bySign.values()];
}

/** Chance from which a reading of the ground is handed on to the plants of the bed. */
const handedOnFrom = 0.25;

/** What the newest walk of a bed found of its ground. */
export function groundOf(db: Db, bedId: string): { condition: string; probability: number }[] {
  const walk = maybeNewestWalk(db, bedId);
  return (walk?.reading.conditions ?? [])
    .filter(({ probability }) => probability >= handedOnFrom)
    .map(({ id, probability }) => ({ condition: id, probability }));
}

/** Cases that the page of a bed names. */
const casesShown = 8;

/** One bed with its ground; undefined when there is none of that id. */
export function bedViewOf({ db, tables, clock }: Deps, bedId: string): BedView | undefined {
  const bed = maybeOneBed(db, bedId);
  if (!bed) return undefined;
  const garden = oneGarden(db);
  const { today, hourNow } = gardenTime(clock(), garden.time_zone);
  const read = readNow(db, garden, bedId, { today, hourNow });
  const sensorSays = read ? sensorWords(read, { today }, garden.measures) : null;
  const walk = maybeNewestWalk(db, bedId);
  const noted = walk ? anyEvidence(db, walk.id) : [];
  const measured = soilEvidence(db, bedId, undefined, today).filter(
    ({ sign }) => !noted.some((item) => item.sign === sign),
  );
  return {
    id: bed.id,
    name: bed.name,
    setting: bed.setting,
    note: bed.note,
    size: bed.size,
    near: bed.near,
    before: grownBefore(db, bedId),
    plantings: anyPlantings(db)
      .filter(({ bed_id }) => bed_id === bedId)
      .map(({ id, plant, label, harvest_on, bloom_until, number, pot_ml, sprouted_on, has_castings }) => ({
        id,
        plant,
        label,
        harvestOn: harvest_on,
        bloomUntil: bloom_until,
        number,
        potMl: pot_ml,
        sproutedOn: sprouted_on,
        hasCastings: has_castings,
      })),
    sensor: sensorSays,
    soilTests: anySoilTests(db, bedId).map(({ id, tested_on, source, found }) => ({
      id,
      on: tested_on,
      source,
      found,
      texture: found.texture ? textureClass(textureOf(found.texture)) : null,
    })),
    groundCaseId: walk?.id ?? null,
    situation: {
      setting: bed.setting,
      month: Number(today.slice(5, 7)),
      latitude: garden.latitude,
      ...(garden.climate === null ? {} : { climate: garden.climate }),
      evidence: [
        ...noted.map(({ sign, state, amount }) => ({ sign, state, ...(amount === null ? {} : { amount }) })),
        ...measured.map((item) => ({ ...item })),
      ],
      checksDone: walk ? anyChecksDone(db, walk.id) : [],
    },
    cases: anyCasesIn(db, bedId, casesShown).map(({ id, name, status }) => ({ id, name, status })),
    jobs: anyOpenJobsInBed(db, bedId)
      .filter(({ case_id }) => case_id === null)
      .map((job) => ({
        id: job.id,
        name: jobName(tables, job),
        says: rhythmWords(job.every_days, job.until_on, today),
      })),
  };
}

export function practiceViewOf({ db, tables, clock }: Deps): PracticeView {
  const garden = oneGarden(db);
  const { today } = gardenTime(clock(), garden.time_zone);
  const cards = anyPracticeCards(db);
  const dealt = cards.reduce((sum, { right, wrong }) => sum + right + wrong, 0);
  const known = practisable(tables).map(({ id }) => id);
  return {
    dealt,
    next: nextCause(cards, known, today, dealt + 1) ?? null,
    cards: cards.map(({ cause, box, dueOn, right, wrong }) => ({ cause, box, dueOn, right, wrong })),
    minutes: cards.reduce((sum, { minutes }) => sum + minutes, 0),
    latitude: garden.latitude,
    today,
  };
}
