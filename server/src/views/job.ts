import {
  jobMix,
  jobStrength,
  reminderRow,
  roundNow,
  type JobScene,
  type JobSetting,
  type RoundNow,
} from '@trowel/core/jobs';
import type { Batch, MixFound } from '@trowel/core/mix';
import type { RemedyRow, Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import {
  anyBatchEvents,
  anyBatches,
  maybeOneBatch,
  maybeOneVessel,
  type BatchEventRow,
  type BatchRow,
} from '../store/bench';
import { maybeOnePlanting, oneGarden } from '../store/garden';
import { anyPlaces, anyStepsOf, type JobRow, type StepRow } from '../store/jobs';

/** What a job is: a remedy of the knowledge, or a reminder; undefined where the knowledge no longer has it. */
export const jobRemedy = (tables: Tables, { remedy, wish }: Pick<JobRow, 'remedy' | 'wish'>): RemedyRow | undefined =>
  wish === null ? tables.remedies.find(({ id }) => id === remedy) : reminderRow(wish);

export const settingOf = (row: JobRow): JobSetting => ({
  strength: row.strength,
  volumeMl: row.volume_ml,
  water: row.water,
  vesselId: row.vessel_id,
  batchId: row.batch_id,
});

/** The round a job is in, with its own events. */
export function roundOf(db: Db, row: JobRow, remedy: RemedyRow): RoundNow & { readonly events: StepRow[] } {
  const all = anyStepsOf(db, row.id);
  const now = roundNow(
    remedy,
    all.map(({ on_date, ...event }) => ({ ...event, on: on_date })),
    { chosenOn: row.chosen_on, everyDays: row.every_days, until: row.until_on },
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

/** Where a job stands, as its amounts depend on it. */
export function sceneOf(db: Db, row: Pick<JobRow, 'id' | 'batch_id' | 'vessel_id'>, today: string): JobScene {
  const garden = oneGarden(db);
  const vessel = row.vessel_id === null ? undefined : maybeOneVessel(db, row.vessel_id);
  return {
    measures: garden.measures,
    tapHardness: garden.tap_hardness,
    buttHardness: garden.butt_hardness,
    plants: [
      ...new Set(
        anyPlaces(db, row.id).flatMap(({ planting_id }) =>
          planting_id === null ? [] : (maybeOnePlanting(db, planting_id)?.plant ?? []),
        ),
      ),
    ],
    today,
    batch: maybeBrew(db, row.batch_id)?.batch,
    vesselHeld: vessel?.classes,
  };
}

/** The strength a job is done at on a day, in the recipe's own unit; undefined where nothing is mixed. */
export const strengthOf = (db: Db, tables: Tables, row: JobRow, remedy: RemedyRow, on: string): number | undefined =>
  jobStrength(tables, remedy, settingOf(row), sceneOf(db, row, on));

/** What a round of a job takes on a day; undefined where nothing is mixed. */
export const mixOf = (db: Db, tables: Tables, row: JobRow, remedy: RemedyRow, on: string): MixFound | undefined =>
  jobMix(tables, remedy, settingOf(row), sceneOf(db, row, on));
