import {
  jobMix,
  jobStrength,
  jobVolume,
  ownRow,
  partNamed,
  partRow,
  placeSize,
  reminderRow,
  roundNow,
  roundSteps,
  type JobScene,
  type JobSetting,
  type PlaceSize,
  type RoundNow,
} from '@trowel/core/jobs';
import { InputError } from '@trowel/core/contract';
import { thingsOf, youngOf } from '@trowel/core/judge';
import { batchState, mixOwn, type Batch, type MixFound } from '@trowel/core/mix';
import { daysBetween } from '@trowel/core/quantities';
import type { NearFact, RemedyRow, Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import {
  anyBatchEvents,
  anyBatches,
  maybeOneBatch,
  maybeOneVessel,
  type BatchEventRow,
  type BatchRow,
} from '../store/bench';
import { anyPlantingsIn, maybeOneBed, maybeOnePlanting, oneGarden } from '../store/garden';
import { anyMoves } from '../store/moves';
import { anyPlaces, anyStepsOf, type JobRow, type PlaceRow, type StepRow } from '../store/jobs';

/** What a job is, without the days of its own. */
export type JobKind = Pick<JobRow, 'remedy' | 'wish' | 'recipe' | 'every_days' | 'routine' | 'way' | 'part'>;

/**
 * What a job is: a remedy of the knowledge or a recipe of one's own (where it comes again, one round of it), a part of a
 * routine, or a reminder; undefined where the knowledge no longer has it.
 */
export function jobRemedy(tables: Tables, job: JobKind): RemedyRow | undefined {
  const { remedy, wish, recipe, every_days } = job;
  const ofRoutine = partNamed(tables, job);
  if (ofRoutine) {
    const { remedy: _, ...part } = ofRoutine.part;
    // What was begun goes on as it was begun.
    return partRow(tables, ofRoutine.row, remedy === null ? part : { ...part, remedy });
  }
  if (wish !== null) return reminderRow(wish);
  const row = recipe === null ? tables.remedies.find(({ id }) => id === remedy) : ownRow(tables, recipe);
  return row && every_days !== null ? { ...row, steps: roundSteps(row) } : row;
}

export const settingOf = (row: JobRow): JobSetting => ({
  strength: row.strength,
  volumeMl: row.volume_ml,
  water: row.water,
  vesselId: row.vessel_id,
  batchId: row.batch_id,
});

/** The round a job is in, with its own events. */
export function roundOf(
  db: Db,
  tables: Tables,
  row: JobRow,
  remedy: RemedyRow,
): RoundNow & { readonly events: StepRow[] } {
  const all = anyStepsOf(db, row.id);
  const pace = partNamed(tables, row)?.part.pace;
  const now = roundNow(
    remedy,
    all.map(({ on_date, ...event }) => ({ ...event, on: on_date })),
    {
      chosenOn: row.chosen_on,
      everyDays: row.every_days,
      until: row.until_on,
      begun: anyMoves(db, row.id).flatMap(({ round, from_on }) => (round === null ? [] : [{ round, from: from_on }])),
      pace: pace ?? {},
      notBefore: row.resumed_on ?? undefined,
    },
  );
  return { ...now, events: all.filter(({ round }) => round === now.round) };
}

export const batchOf = (row: BatchRow, events: readonly BatchEventRow[]): Batch => ({
  kind: row.kind,
  startedOn: row.started_on,
  volumeMl: row.volume_ml,
  warmth: row.warmth,
  ...(row.shell === undefined ? {} : { shell: row.shell }),
  events: events.map(({ kind, on_date, ml }) => ({ kind, on: on_date, ...(ml === null ? {} : { ml }) })),
});

/** Every brew, to be drawn from. */
export const anyBrews = (db: Db): { id: string; name: string; batch: Batch }[] =>
  anyBatches(db).map((row) => ({ id: row.id, name: row.name, batch: batchOf(row, anyBatchEvents(db, row.id)) }));
export function maybeBrew(db: Db, id: string | null): { id: string; name: string; batch: Batch } | undefined {
  const row = id === null ? undefined : maybeOneBatch(db, id);
  return row && { id: row.id, name: row.name, batch: batchOf(row, anyBatchEvents(db, row.id)) };
}

/**
 * The brew that a job draws from on a day: the one that it was given, or where that is used up or past its best, the next
 * of its kind that stands. Undefined where it draws from none.
 */
export function brewOf(db: Db, { batch_id }: Pick<JobRow, 'batch_id'>, on: string): ReturnType<typeof maybeBrew> {
  const given = maybeBrew(db, batch_id);
  if (!given || isUsable(given.batch, on)) return given;
  const others = anyBrews(db).filter(({ batch }) => batch.kind === given.batch.kind && isUsable(batch, on));
  return others.find(({ batch }) => batchState(batch, on).stage === 'ready') ?? others[0] ?? given;
}
const isUsable = (batch: Batch, on: string): boolean => ['working', 'ready'].includes(batchState(batch, on).stage);

/** When seedlings sprouted, for the judge; undefined where nobody said, or it is none. */
export function sproutedAt(
  db: Db,
  { planting_id }: Pick<PlaceRow, 'planting_id'>,
): { on: string; hasCastings: boolean } | undefined {
  const planting = planting_id === null ? undefined : maybeOnePlanting(db, planting_id);
  return planting?.sprouted_on ? { on: planting.sprouted_on, hasCastings: planting.has_castings } : undefined;
}

/**
 * The places whose turn it is on a day: one can is mixed for all seedlings that are old enough, and the others join it
 * later; where none is old enough, all wait.
 */
export function placesOn(db: Db, tables: Tables, jobId: string, remedy: RemedyRow, on: string): PlaceRow[] {
  const all = anyPlaces(db, jobId);
  const things = thingsOf(tables, remedy);
  const due = all.filter((place) => {
    const sprouted = sproutedAt(db, place);
    return (
      !sprouted ||
      youngOf({ things, sprouted: { daysAgo: daysBetween(sprouted.on, on), hasCastings: sprouted.hasCastings } })
        .length === 0
    );
  });
  return due.length > 0 ? due : all;
}

/** The plant that a place names, or its bed. */
export const placeName = (db: Db, { bed_id, planting_id }: PlaceRow): string =>
  (planting_id === null ? undefined : maybeOnePlanting(db, planting_id)?.label) ?? maybeOneBed(db, bed_id)?.name ?? '';

/** How large each of some places is, as far as the gardener has said. */
export const sizesOf = (db: Db, places: readonly PlaceRow[]): { place: PlaceRow; size: PlaceSize }[] =>
  places.map((place) => {
    const here =
      place.planting_id === null ? anyPlantingsIn(db, place.bed_id) : [maybeOnePlanting(db, place.planting_id)];
    return {
      place,
      size: placeSize(
        maybeOneBed(db, place.bed_id)?.size,
        here.map((planting) => ({ number: planting?.number ?? null, potMl: planting?.pot_ml ?? null })),
      ),
    };
  });

/** What is wetted: the plants that a job names. */
const plantsOf = (db: Db, jobId: string): string[] => [
  ...new Set(
    anyPlaces(db, jobId).flatMap(({ planting_id }) =>
      planting_id === null ? [] : (maybeOnePlanting(db, planting_id)?.plant ?? []),
    ),
  ),
];

/** What is close to any of its places. */
const nearOf = (db: Db, jobId: string): NearFact[] => [
  ...new Set(anyPlaces(db, jobId).flatMap(({ bed_id }) => maybeOneBed(db, bed_id)?.near ?? [])),
];

/** Where a job stands, as its amounts depend on it. */
export function sceneOf(
  db: Db,
  row: Pick<JobRow, 'id' | 'batch_id' | 'vessel_id'>,
  places: readonly PlaceRow[],
  today: string,
): JobScene {
  const garden = oneGarden(db);
  const vessel = row.vessel_id === null ? undefined : maybeOneVessel(db, row.vessel_id);
  return {
    measures: garden.measures,
    tapHardness: garden.tap_hardness,
    buttHardness: garden.butt_hardness,
    tapTreatment: garden.tap_treatment,
    plants: plantsOf(db, row.id),
    places: sizesOf(db, places).map(({ size }) => size),
    today,
    batch: brewOf(db, row, today)?.batch,
    vesselHeld: vessel?.classes,
    near: nearOf(db, row.id),
  };
}

/** The strength a job is done at on a day, in the recipe's own unit; undefined where nothing is mixed. */
export function strengthOf(db: Db, tables: Tables, row: JobRow, remedy: RemedyRow, on: string): number | undefined {
  if (!remedy.recipe) return undefined;
  // Asked for every job of every list: only what is not settled is looked up.
  if (row.strength !== null) return row.strength;
  return jobStrength(tables, remedy, settingOf(row), {
    batch: brewOf(db, row, on)?.batch,
    plants: plantsOf(db, row.id),
    today: on,
  });
}

/** What a round of a job takes on a day; undefined where nothing is mixed, or what goes in is no longer known. */
export function mixOf(db: Db, tables: Tables, row: JobRow, remedy: RemedyRow, on: string): MixFound | undefined {
  const scene = sceneOf(db, row, placesOn(db, tables, row.id, remedy, on), on);
  const { recipe } = row;
  if (recipe === null) return jobMix(tables, remedy, settingOf(row), scene);
  return ifKnown(() => mixOwn(tables, recipe, jobVolume(remedy, settingOf(row), scene.places)));
}

/** An own recipe may name what is no longer known: then nothing can be said of it. */
export function ifKnown<Answer>(work: () => Answer): Answer | undefined {
  try {
    return work();
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
