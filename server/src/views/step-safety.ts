import {
  aroundOn,
  cautionKey,
  daysToHarvest,
  furthestBack,
  judge,
  remedyAct,
  seasonOn,
  type Act,
  type AgainstRound,
  type CautionFound,
  type Round,
} from '@trowel/core/judge';
import { isAlive, isReminder, ownRow } from '@trowel/core/jobs';
import { checkRecipe } from '@trowel/core/mix';
import { addDays, daysBetween, type MeasureSystem } from '@trowel/core/quantities';
import { isSheltered, usualWater, waterFacts, type RemedyRow, type Tables } from '@trowel/core/tables';
import { cautionLine } from '@trowel/core/wording';
import type { Db } from '../database';
import { conflict, type Problem } from '../problems';
import { anyTriedInBed } from '../store/cases';
import { maybeGarden, maybeOneBed, maybeOnePlanting } from '../store/garden';
import { anyApplications, anyApplicationsInBed, anyPlaces, type JobRow, type PlaceRow } from '../store/jobs';
import { readNow, thirstyUnder, type Now } from '../weather/sensors';
import { washedRound } from './life';
import { ifKnown, jobRemedy, placesOn, roundOf, sproutedAt, strengthOf } from './job';

/**
 * What is to be minded before a remedy is put on: the remedy's own cautions for that moment, and the
 * rules, across what each of its places has had. Notes are told, cautions must be acknowledged, and
 * a stop cannot be passed.
 * @param hourNow where it is asked for right now: a sensor may say that a place is thirsty
 */
export function applyCautions(db: Db, tables: Tables, row: JobRow, today: string, hourNow?: number): CautionFound[] {
  const remedy = jobRemedy(tables, row);
  if (!remedy || isReminder(remedy)) return [];
  const { recipe } = row;
  // What is in an own recipe is judged by its parts, whatever it was begun from.
  const inIt = recipe === null ? [] : (ifKnown(() => checkRecipe(tables, recipe)) ?? []);
  const rules = new Map(
    [...judgedIn(db, tables, row, remedy, hourNow === undefined ? undefined : { today, hourNow })(today), ...inIt].map(
      (one) => [cautionKey(one), one],
    ),
  );
  // What was read before the first application of this job is only told again.
  const isAgain = anyApplications(db, row.id).length > 0;
  const own = remedy.cautions
    .filter(({ at, level }) => at === 'apply' && level !== 'note')
    .map(({ id, level }): CautionFound => ({
      level: isAgain && level === 'caution' ? 'note' : level,
      own: { remedy: remedy.id, caution: id },
    }));
  return [...rules.values(), ...own];
}

/** A remedy that is known; undefined where the knowledge no longer has it. */
export const maybeRemedy = (tables: Tables, id: string): RemedyRow | undefined =>
  tables.remedies.find((row) => row.id === id);

/** What the judge has against putting it on once more, on another day or at another strength. */
export const againstRound = (db: Db, tables: Tables, row: JobRow, remedy: RemedyRow): AgainstRound =>
  judgedIn(db, tables, row, remedy);

/** The judge's word on putting it on, over all places of the job, each thing said once. */
function judgedIn(db: Db, tables: Tables, row: JobRow, remedy: RemedyRow, now?: Now): AgainstRound {
  const acts = new Map(anyPlaces(db, row.id).map((place) => [place, actIn(db, tables, row, remedy, place, now)]));
  return (on, strength) => {
    const due = placesOn(db, tables, row.id, remedy, on).map(placeOf);
    const found = [...acts].flatMap(([place, actOn]) =>
      due.includes(placeOf(place)) ? judge(tables, actOn(on, strength)) : [],
    );
    return [...new Map(found.map((one) => [cautionKey(one), one])).values()];
  };
}

const placeOf = ({ bed_id, planting_id }: PlaceRow) => planting_id ?? bed_id;

/** Putting it on in one place, as the judge takes it: how strong, on what, and what this place has had. */
function actIn(
  db: Db,
  tables: Tables,
  row: JobRow,
  remedy: RemedyRow,
  { bed_id, planting_id }: PlaceRow,
  now: Now | undefined,
): (on: string, strength?: number) => Act {
  const planting = planting_id === null ? undefined : maybeOnePlanting(db, planting_id);
  const sprouted = sproutedAt(db, { planting_id });
  const garden = maybeGarden(db);
  const washed = garden && now ? washedRound(db, garden, row, remedy, now) : undefined;
  const rounds = roundsIn(db, tables, bed_id, planting_id, row.chosen_on, row.id).map((round) =>
    round.isOwn && round.on === washed?.on ? { ...round, isWashed: true } : round,
  );
  const { progress, events } = roundOf(db, tables, row, jobRemedy(tables, row) ?? remedy);
  const stepOf = (kind: string) => remedy.steps.find((step) => step.kind === kind)?.id;
  const tested = progress.done.find(({ step }) => step === stepOf('test-leaf'))?.on;
  const found = events.find(({ step, outcome }) => step === stepOf('test-look') && outcome === 'done')?.result;
  const testLeafFound =
    found === 'unharmed' || found === 'harmed' || found === 'could-not' ? found : ('not-looked' as const);
  const moisture = garden && now ? readNow(db, garden, bed_id, now)?.moisture : undefined;
  const isThirsty = moisture != null && moisture < thirstyUnder;
  return (on, strength = strengthOf(db, tables, row, remedy, on)) => {
    const picked = daysToHarvest(on, planting?.harvest_on ?? undefined);
    return remedyAct(tables, remedy, {
      strength,
      plants: planting ? [planting.plant] : [],
      facts: [
        ...(maybeOneBed(db, bed_id)?.near ?? []),
        ...(isAlive(remedy) ? waterFacts(row.water ?? usualWater, garden?.tap_treatment) : []),
        ...(isThirsty ? (['thirsty'] as const) : []),
        ...(planting?.bloom_until != null && on <= planting.bloom_until ? (['on-open-bloom'] as const) : []),
      ],
      ...(tested === undefined ? {} : { testLeafDaysAgo: daysBetween(tested, on), testLeafFound }),
      before: aroundOn(tables, rounds, on).before,
      ...(picked === undefined ? {} : { daysToHarvest: picked }),
      ...(sprouted ? { sprouted: { daysAgo: daysBetween(sprouted.on, on), hasCastings: sprouted.hasCastings } } : {}),
      ...(garden ? { season: seasonOn(on, garden.latitude, garden.climate) } : {}),
      isSheltered: isSheltered(maybeOneBed(db, bed_id)?.setting),
    });
  };
}

/**
 * Applications in this bed, as far back as any rule of the judge looks.
 * @param from the first day that is asked about
 * @param self the job that asks, whose own rounds they may be
 */
export const roundsIn = (
  db: Db,
  tables: Tables,
  bedId: string,
  plantingId: string | null,
  from: string,
  self?: string,
): Round[] =>
  putOnIn(db, tables, bedId, from).map(({ remedy, on, job_id, planting_id }) => ({
    remedy,
    on,
    isOwn: job_id !== undefined && job_id === self,
    // Where no plant is named, what goes on the bed goes on what grows there.
    isOnPlant: planting_id === plantingId,
  }));

interface PutOn {
  readonly remedy: RemedyRow;
  readonly on: string;
  readonly bed_id: string;
  readonly planting_id: string | null;
  /** Left out where it was done outside of any job, as the gardener says. */
  readonly job_id?: string;
}

/** What was put on in a bed, by its jobs and as the gardener says. @param day as far back from it as any rule of the judge looks */
export function putOnIn(db: Db, tables: Tables, bedId: string, day: string): PutOn[] {
  const since = addDays(day, -furthestBack(tables));
  return [
    ...anyTriedInBed(db, bedId, since).flatMap(({ remedy: id, on_date, planting_id }): PutOn[] => {
      const remedy = maybeRemedy(tables, id);
      return remedy ? [{ remedy, on: on_date, bed_id: bedId, planting_id }] : [];
    }),
    ...anyApplicationsInBed(db, bedId, since).flatMap(({ remedy: id, recipe, on_date, ...of }): PutOn[] => {
      const remedy = recipe === null ? maybeRemedy(tables, id) : ownRow(tables, recipe);
      return remedy ? [{ remedy, on: on_date, ...of }] : [];
    }),
  ];
}

/** What must still be acknowledged. @returns the stops that forbid it, or the cautions not yet read. */
export function unread(cautions: readonly CautionFound[], acknowledged: readonly string[]): CautionFound[] {
  const stops = cautions.filter(({ level }) => level === 'stop');
  if (stops.length > 0) return stops;
  return cautions.filter((found) => found.level === 'caution' && !acknowledged.includes(cautionKey(found)));
}

/** Refuses with what has not been read, each under the key by which it is acknowledged. */
export function refuseUnread(tables: Tables, left: readonly CautionFound[], system: MeasureSystem): Problem {
  const line = (found: CautionFound) => cautionLine(tables, found, system);
  return conflict(
    'said',
    { says: left.map(line).join(' ') },
    left
      .filter(({ level }) => level === 'caution')
      .map((found) => ({ field: 'acknowledged', key: cautionKey(found), message: line(found) })),
  );
}
