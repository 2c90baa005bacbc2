import { recipeDocument } from '@trowel/core/contract';
import { findings, jobEnds, jobWaters, trialEnds, verdicts } from '@trowel/core/tables';
import { addDays } from '@trowel/core/quantities';
import { z } from 'zod';
import type { Db } from '../database';
import { countsAs } from './cases';
import { storedId, storedUnder } from './ids';
import { any, insert, jsonText, maybeOne, run } from './rows';

const maybeRecipe = z
  .string()
  .nullable()
  .transform((text) => (text === null ? null : recipeDocument.parse(JSON.parse(text))));

/** How a job ended, for good; null where it was never put on, or nothing can be said of it. */
const settled = z.object({
  trial: z
    .object({
      end: z.enum(trialEnds),
      isCounted: z.boolean(),
      strength: z.number().optional(),
      /** It was mixed with. */
      water: z.enum(jobWaters).optional(),
      on: z.string(),
    })
    .nullable(),
  verdict: z.object({ verdict: z.enum(verdicts), finding: z.enum(findings), isLate: z.boolean() }).nullable(),
});
export type Settled = z.infer<typeof settled>;

/** A job with the setting that holds now. */
const jobRow = z.object({
  id: z.string(),
  /** Null: of no case. */
  case_id: z.string().nullable(),
  /** Null: a reminder, which `wish` says. */
  remedy: storedId('remedies').nullable(),
  wish: z.string().nullable(),
  /** A recipe of the gardener's own, as it was when the job began. */
  recipe: maybeRecipe,
  pattern: z.number(),
  chosen_on: z.string(),
  ended_on: z.string().nullable(),
  ended_because: z.enum(jobEnds).nullable(),
  settled: jsonText(settled).nullable(),
  /** The routine that it is a part of. */
  routine_id: z.string().nullable(),
  part: z.string().nullable(),
  /** Which routine, and how it is done. */
  routine: storedId('routines').nullable(),
  way: z.string().nullable(),
  resumed_on: z.string().nullable(),
  strength: z.number().nullable(),
  volume_ml: z.number().nullable(),
  water: z.enum(jobWaters).nullable(),
  vessel_id: z.string().nullable(),
  batch_id: z.string().nullable(),
  every_days: z.number().nullable(),
  until_on: z.string().nullable(),
});
export type JobRow = z.infer<typeof jobRow>;
export type SettingRow = Pick<
  JobRow,
  'strength' | 'volume_ml' | 'water' | 'vessel_id' | 'batch_id' | 'every_days' | 'until_on'
>;

const withSetting = `SELECT j.*, s.strength, s.volume_ml, s.water, s.vessel_id, s.batch_id, s.every_days, s.until_on,
    r.kind AS routine, r.way, r.resumed_on
  FROM job AS j JOIN job_setting AS s ON s.id = (SELECT MAX(id) FROM job_setting WHERE job_id = j.id)
  LEFT JOIN routine AS r ON r.id = j.routine_id`;

export const anyJobs = (db: Db, caseId: string): JobRow[] =>
  any(db, jobRow, `${withSetting} WHERE j.case_id = ? ORDER BY j.chosen_on, j.rowid`, caseId);
/** Of open cases, and of none; not of a routine that rests. */
export const anyOpenJobs = (db: Db): JobRow[] =>
  any(
    db,
    jobRow,
    `${withSetting} LEFT JOIN cases AS c ON c.id = j.case_id
     WHERE j.ended_on IS NULL AND (j.case_id IS NULL OR c.status = 'open') AND r.paused_on IS NULL
     ORDER BY j.chosen_on, j.rowid`,
  );
/** Of a routine, as they were planned. */
export const anyJobsOfRoutine = (db: Db, routineId: string): JobRow[] =>
  any(db, jobRow, `${withSetting} WHERE j.routine_id = ? ORDER BY j.rowid`, routineId);
/** Come to their end by themselves on a day: their last step stays in sight until the day is over. */
export const anyJobsDoneOn = (db: Db, day: string): JobRow[] =>
  any(db, jobRow, `${withSetting} WHERE j.ended_because = 'done' AND j.ended_on = ? ORDER BY j.rowid`, day);
export const anyOpenJobsInBed = (db: Db, bedId: string): JobRow[] =>
  any(
    db,
    jobRow,
    `${withSetting} WHERE j.ended_on IS NULL AND j.id IN (SELECT job_id FROM job_place WHERE bed_id = ?)
     ORDER BY j.chosen_on, j.rowid`,
    bedId,
  );
export const maybeOneJob = (db: Db, id: string): JobRow | undefined =>
  maybeOne(db, jobRow, `${withSetting} WHERE j.id = ?`, id);
export const countJobs = (db: Db): number =>
  maybeOne(db, z.object({ n: z.number() }), 'SELECT COUNT(*) AS n FROM job')?.n ?? 0;

/** @throws Error when there is none. */
export function oneJob(db: Db, id: string): JobRow {
  const row = maybeOneJob(db, id);
  if (!row) throw new Error(`there is no job "${id}"`);
  return row;
}

const markedRow = z.object({
  id: z.string(),
  case_id: z.string(),
  remedy: storedId('remedies').nullable(),
  chosen_on: z.string(),
  case_name: z.string(),
  pattern: z.number(),
});
export type MarkedRow = z.infer<typeof markedRow>;
/** Marked for a month to come in cases that are closed by now, and due by that day. */
export const anyMarkedInClosed = (db: Db, by: string): MarkedRow[] =>
  any(
    db,
    markedRow,
    `SELECT j.id, j.case_id, j.remedy, j.chosen_on, c.name AS case_name, c.pattern
     -- From the few jobs under way to their cases, never the other way round.
     FROM job AS j CROSS JOIN cases AS c ON c.id = j.case_id
     WHERE c.status = 'closed' AND j.ended_on IS NULL AND j.chosen_on <= ? ORDER BY j.chosen_on, j.rowid`,
    by,
  );

const placeRow = z.object({
  job_id: z.string(),
  bed_id: z.string(),
  planting_id: z.string().nullable(),
  /** Where it is worst. */
  is_worst: z.number().transform((value) => value === 1),
});
export type PlaceRow = z.infer<typeof placeRow>;
/** A place as a job is given it. */
export type JobPlace = Pick<PlaceRow, 'bed_id' | 'planting_id'> & Partial<Pick<PlaceRow, 'is_worst'>>;
export const anyPlaces = (db: Db, jobId: string): PlaceRow[] =>
  any(db, placeRow, 'SELECT * FROM job_place WHERE job_id = ? ORDER BY rowid', jobId);

export function addJob(
  db: Db,
  row: Omit<JobRow, 'ended_on' | 'ended_because' | 'settled' | 'routine' | 'way' | 'resumed_on' | keyof SettingRow>,
  places: readonly JobPlace[],
  setting: SettingRow,
): void {
  run(
    db,
    `INSERT INTO job (id, case_id, remedy, wish, recipe, pattern, chosen_on, routine_id, part)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    row.id,
    row.case_id,
    row.remedy,
    row.wish,
    row.recipe === null ? null : JSON.stringify(row.recipe),
    row.pattern,
    row.chosen_on,
    row.routine_id,
    row.part,
  );
  setPlaces(db, row.id, places);
  addSetting(db, row.id, row.chosen_on, setting);
}

/** Where it is done from now on; where it was done stands with each application. */
export function setPlaces(db: Db, jobId: string, places: readonly JobPlace[]): void {
  run(db, 'DELETE FROM job_place WHERE job_id = ?', jobId);
  for (const { bed_id, planting_id, is_worst = false } of places)
    run(
      db,
      'INSERT INTO job_place (job_id, bed_id, planting_id, is_worst) VALUES (?, ?, ?, ?)',
      jobId,
      bed_id,
      planting_id,
      is_worst ? 1 : 0,
    );
}

/** Not before this day: the part before it was done on another day than planned. */
export const setChosenOn = (db: Db, id: string, on: string): void =>
  run(db, 'UPDATE job SET chosen_on = ? WHERE id = ?', on, id);

/** From now on it is done like this; what was done before stays as it was. */
export const addSetting = (db: Db, jobId: string, on: string, setting: SettingRow): void =>
  run(
    db,
    `INSERT INTO job_setting (job_id, set_on, strength, volume_ml, water, vessel_id, batch_id, every_days, until_on)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    jobId,
    on,
    setting.strength,
    setting.volume_ml,
    setting.water,
    setting.vessel_id,
    setting.batch_id,
    setting.every_days,
    setting.until_on,
  );

export function endJob(db: Db, id: string, on: string, because: NonNullable<JobRow['ended_because']>): void {
  run(db, 'UPDATE job SET ended_on = ?, ended_because = ? WHERE id = ? AND ended_on IS NULL', on, because, id);
  run(db, 'UPDATE plan_position SET gone_on = ?, sequence = sequence + 1 WHERE job_id = ? AND gone_on IS NULL', on, id);
}

/** Kept when its case is closed; null when it is opened again. */
export const settle = (db: Db, id: string, how: Settled | null): void =>
  run(db, 'UPDATE job SET settled = ? WHERE id = ?', how === null ? null : JSON.stringify(how), id);
const trialRow = z.object({
  job_id: z.string(),
  case_id: z.string(),
  remedy: storedId('remedies'),
  /** Null where none counts as the cause. */
  cause: storedId('causes').nullable(),
  end: z.enum(trialEnds),
  is_counted: z.number().transform((value) => value === 1),
  strength: z.number().nullable(),
  water: z.enum(jobWaters).nullable(),
  on_date: z.string(),
});
export type TrialRow = z.infer<typeof trialRow>;
/** How jobs of closed cases ended: of cases that were one of some causes, begun in some year. */
export const anyTrials = (
  db: Db,
  { causes, year }: { readonly causes?: readonly string[] | undefined; readonly year?: string | undefined },
): TrialRow[] =>
  any(
    db,
    trialRow,
    `SELECT job_id, case_id, remedy, CASE WHEN probability >= ${countsAs} THEN cause END AS cause, "end", is_counted,
       strength, water, on_date
     FROM trial WHERE ${
       causes === undefined ? 'TRUE' : `probability >= ${countsAs} AND cause IN (SELECT value FROM json_each(@causes))`
     } AND ${year === undefined ? 'TRUE' : "on_date BETWEEN @year || '-01-01' AND @year || '-12-31'"}
     ORDER BY on_date, job_id`,
    {
      ...(causes === undefined
        ? {}
        : { causes: JSON.stringify(causes.flatMap((id) => JSON.parse(storedUnder('causes', id)) as string[])) }),
      ...(year === undefined ? {} : { year }),
    },
  );
/** Of open cases, and of closed ones that are not settled yet. */
export const anyNotSettled = (db: Db): JobRow[] =>
  any(db, jobRow, `${withSetting} WHERE j.case_id IS NOT NULL AND j.settled IS NULL ORDER BY j.chosen_on, j.rowid`);
/** Of closed cases, and not settled yet. */
export const anyUnsettled = (db: Db, most: number): JobRow[] =>
  any(
    db,
    jobRow,
    `${withSetting} JOIN cases AS c ON c.id = j.case_id
     WHERE c.status = 'closed' AND j.settled IS NULL ORDER BY j.rowid LIMIT ?`,
    most,
  );

/** What came to its end by itself, and is not done after all. */
export const goOn = (db: Db, id: string): void =>
  run(db, 'UPDATE job SET ended_on = NULL, ended_because = NULL WHERE id = ?', id);

const stepRow = z.object({
  id: z.number(),
  job_id: z.string(),
  step: z.string(),
  round: z.number(),
  outcome: z.enum(['done', 'skipped']),
  result: z.string().nullable(),
  on_date: z.string(),
  at: z.string(),
  count_id: z.string().nullable(),
});
export type StepRow = z.infer<typeof stepRow>;

/** The event that holds of a step of a round: the latest, also where it came in later. */
const newestEvent = `SELECT id FROM step_event WHERE job_id = e.job_id AND step = e.step AND round = e.round
  ORDER BY at DESC, id DESC LIMIT 1`;

/** What holds now of each step of each round: its newest event, without those undone. */
export const anyStepsOf = (db: Db, jobId: string): StepRow[] =>
  any(
    db,
    stepRow,
    `SELECT * FROM step_event AS e
     WHERE job_id = ? AND outcome <> 'undone'
       AND id = (${newestEvent})
     ORDER BY id`,
    jobId,
  );
export const anyStepsOfCount = (db: Db, countId: string): StepRow[] =>
  any(db, stepRow, "SELECT * FROM step_event WHERE count_id = ? AND outcome <> 'undone'", countId);

/** @returns the id of the event. */
export function addStepEvent(
  db: Db,
  row: Omit<StepRow, 'id' | 'outcome'> & { readonly outcome: StepRow['outcome'] | 'undone' },
): number {
  return insert(
    db,
    `INSERT INTO step_event (job_id, step, round, outcome, result, on_date, at, count_id)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
    row.job_id,
    row.step,
    row.round,
    row.outcome,
    row.result,
    row.on_date,
    row.at,
    row.count_id,
  );
}

const applicationRow = z.object({
  event_id: z.number(),
  job_id: z.string(),
  bed_id: z.string(),
  planting_id: z.string().nullable(),
  remedy: storedId('remedies'),
  recipe: maybeRecipe,
  on_date: z.string(),
  at: z.string(),
  strength: z.number().nullable(),
  volume_ml: z.number().nullable(),
  mix_id: z.string().nullable(),
});
export type ApplicationRow = z.infer<typeof applicationRow>;

/** Those whose step still counts as done. */
const holding = `SELECT a.event_id, a.job_id, a.bed_id, a.planting_id, a.remedy, j.recipe, a.on_date, e.at, a.strength, a.volume_ml, a.mix_id
  FROM application AS a JOIN step_event AS e ON e.id = a.event_id JOIN job AS j ON j.id = a.job_id
  WHERE e.id = (${newestEvent})`;
export const anyApplications = (db: Db, jobId: string): ApplicationRow[] =>
  any(db, applicationRow, `${holding} AND a.job_id = ? ORDER BY e.at, a.id`, jobId);
export const anyApplicationsInBed = (db: Db, bedId: string, since: string): ApplicationRow[] =>
  any(db, applicationRow, `${holding} AND a.bed_id = ? AND a.on_date >= ? ORDER BY e.at, a.id`, bedId, since);
const applicationWhole = z.object({
  on_date: z.string(),
  bed_id: z.string(),
  planting_id: z.string().nullable(),
  remedy: storedId('remedies'),
  strength: z.number().nullable(),
  volume_ml: z.number().nullable(),
  case_name: z.string().nullable(),
});
/** Everything that was put on by a remedy of the knowledge, each with the name of its case. */
export const everyApplication = (db: Db): z.infer<typeof applicationWhole>[] =>
  any(
    db,
    applicationWhole,
    `SELECT h.on_date, h.bed_id, h.planting_id, h.remedy, h.strength, h.volume_ml, c.name AS case_name
     FROM (${holding} AND j.recipe IS NULL) AS h JOIN job AS j ON j.id = h.job_id
     LEFT JOIN cases AS c ON c.id = j.case_id ORDER BY h.on_date, h.event_id`,
  );

/** How many rounds were put on in a span of days, over all places of each. */
export const countRounds = (db: Db, from: string, to: string): number =>
  maybeOne(
    db,
    z.object({ n: z.number() }),
    `SELECT COUNT(DISTINCT event_id) AS n FROM (${holding} AND e.on_date BETWEEN ? AND ?)`,
    from,
    to,
  )?.n ?? 0;

const stepDoneRow = z.object({
  step: z.string(),
  on_date: z.string(),
  remedy: storedId('remedies').nullable(),
  wish: z.string().nullable(),
  recipe: maybeRecipe,
  every_days: z.number().nullable(),
  routine: storedId('routines').nullable(),
  way: z.string().nullable(),
  part: z.string().nullable(),
});
/** Steps done in a span of days, each with what its job is. */
export const anyStepsDone = (db: Db, from: string, to: string): z.infer<typeof stepDoneRow>[] =>
  any(
    db,
    stepDoneRow,
    `SELECT e.step, e.on_date, j.remedy, j.wish, j.recipe, j.part, r.kind AS routine, r.way,
       (SELECT every_days FROM job_setting WHERE job_id = j.id ORDER BY id DESC LIMIT 1) AS every_days
     FROM step_event AS e JOIN job AS j ON j.id = e.job_id LEFT JOIN routine AS r ON r.id = j.routine_id
     WHERE e.on_date BETWEEN ? AND ? AND e.outcome = 'done'
       AND e.id = (${newestEvent})`,
    from,
    to,
  );

export const addApplication = (db: Db, row: Omit<ApplicationRow, 'at' | 'recipe'>) =>
  run(
    db,
    `INSERT INTO application (event_id, job_id, bed_id, planting_id, remedy, on_date, strength, volume_ml, mix_id)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    row.event_id,
    row.job_id,
    row.bed_id,
    row.planting_id,
    row.remedy,
    row.on_date,
    row.strength,
    row.volume_ml,
    row.mix_id,
  );

const heldBefore = z.object({
  now: z.string(),
  held: z.string().nullable(),
  classes: z.array(z.string()),
  on: z.string().nullable(),
});
const mixRow = z.object({
  id: z.string(),
  job_id: z.string().nullable(),
  /** The tick that it was mixed with; null where it was noted by itself. */
  event_id: z.number().nullable(),
  remedy: storedId('remedies'),
  mixed_on: z.string(),
  strength: z.number().nullable(),
  volume_ml: z.number(),
  vessel_id: z.string().nullable(),
  batch_id: z.string().nullable(),
  batch_ml: z.number().nullable(),
  took: jsonText(z.array(z.object({ ingredient: z.string(), amount: z.number() }))),
  vessel_before: z
    .string()
    .nullable()
    .transform((text) => (text === null ? null : heldBefore.parse(JSON.parse(text)))),
  taken_back: z.number(),
});
export type MixRow = z.infer<typeof mixRow>;

export const maybeOneMix = (db: Db, id: string): MixRow | undefined =>
  maybeOne(db, mixRow, 'SELECT * FROM mix WHERE id = ?', id);
/** What was mixed for a job since a day and has not been put on yet; the newest. */
export const maybeMixWaiting = (db: Db, jobId: string, since: string): MixRow | undefined =>
  maybeOne(
    db,
    mixRow,
    `SELECT * FROM mix WHERE job_id = ? AND mixed_on >= ? AND taken_back = 0
       AND id NOT IN (SELECT mix_id FROM (${holding} AND a.job_id = ?) WHERE mix_id IS NOT NULL)
     ORDER BY rowid DESC LIMIT 1`,
    jobId,
    since,
    jobId,
  );
export const addMix = (db: Db, row: Omit<MixRow, 'taken_back'>): void =>
  run(
    db,
    `INSERT INTO mix (id, job_id, event_id, remedy, mixed_on, strength, volume_ml, vessel_id, batch_id, batch_ml, took, vessel_before)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    row.id,
    row.job_id,
    row.event_id,
    row.remedy,
    row.mixed_on,
    row.strength,
    row.volume_ml,
    row.vessel_id,
    row.batch_id,
    row.batch_ml,
    JSON.stringify(row.took),
    row.vessel_before === null ? null : JSON.stringify(row.vessel_before),
  );
/** Ids of remedies that were mixed or chosen, the latest first. */
export const remediesUsedLast = (db: Db): string[] =>
  any(
    db,
    z.object({ remedy: storedId('remedies') }),
    `SELECT remedy FROM (
       SELECT remedy, mixed_on AS used FROM mix WHERE remedy IS NOT NULL AND taken_back = 0
       UNION ALL SELECT remedy, chosen_on FROM job WHERE remedy IS NOT NULL
     ) GROUP BY remedy ORDER BY MAX(used) DESC, remedy LIMIT 12`,
  ).map(({ remedy }) => remedy);

/** Remedies that were ever chosen, each once. */
export const remediesChosen = (db: Db): string[] => [
  ...new Set(
    any(
      db,
      z.object({ remedy: storedId('remedies') }),
      'SELECT remedy FROM job WHERE remedy IS NOT NULL GROUP BY remedy',
    ).map(({ remedy }) => remedy),
  ),
];

export const markTakenBack = (db: Db, id: string): void => run(db, 'UPDATE mix SET taken_back = 1 WHERE id = ?', id);

const positionRow = z.object({
  job_id: z.string(),
  step: z.string(),
  round: z.number(),
  date: z.string(),
  hour: z.number(),
  pinned: z.number().transform((value) => value === 1),
  sequence: z.number(),
  gone_on: z.string().nullable(),
  placed_on: z.string(),
  moved_from: z.string().nullable(),
  moved_on: z.string().nullable(),
  moved_because: z.string().nullable(),
});
export type PositionRow = z.infer<typeof positionRow>;
export const anyPositions = (db: Db): PositionRow[] =>
  any(db, positionRow, 'SELECT * FROM plan_position WHERE gone_on IS NULL');
/** Also what stood there and does so no longer, since a day. */
export const anyPositionsSince = (db: Db, since: string): PositionRow[] =>
  any(db, positionRow, 'SELECT * FROM plan_position WHERE gone_on IS NULL OR gone_on >= ? ORDER BY date, hour', since);

/** So long a calendar can still be told of what was taken off the plan, days. */
export const goneKept = 60;

type Standing = Pick<PositionRow, 'job_id' | 'step' | 'round' | 'date' | 'hour'>;
const keyOf = ({ job_id, step, round }: Standing) => JSON.stringify([job_id, step, round]);

/**
 * Remembers where the open steps stand now; what stands no longer is marked, what moved is counted, and told for a day
 * where there is something to tell: it stood there since an earlier day, and `because` says why it does not now.
 */
export function savePositions(
  db: Db,
  positions: readonly (Standing & { readonly because: string | undefined })[],
  today: string,
): void {
  const before = new Map(anyPositionsSince(db, '').map((row) => [keyOf(row), row]));
  for (const row of positions) {
    const old = before.get(keyOf(row));
    before.delete(keyOf(row));
    if (!old)
      run(
        db,
        'INSERT INTO plan_position (job_id, step, round, date, hour, placed_on) VALUES (?, ?, ?, ?, ?, ?)',
        row.job_id,
        row.step,
        row.round,
        row.date,
        row.hour,
        today,
      );
    else if (old.date !== row.date || old.hour !== row.hour || old.gone_on !== null) {
      const told = movedNews(old, row, today);
      run(
        db,
        `UPDATE plan_position SET date = ?, hour = ?, pinned = 0, gone_on = NULL, sequence = sequence + 1,
           placed_on = ?, moved_from = ?, moved_on = ?, moved_because = ?
         WHERE job_id = ? AND step = ? AND round = ?`,
        row.date,
        row.hour,
        old.date === row.date && old.gone_on === null ? old.placed_on : today,
        told?.from ?? null,
        told ? today : null,
        told?.because ?? null,
        row.job_id,
        row.step,
        row.round,
      );
    }
  }
  for (const { job_id, step, round, gone_on } of before.values())
    if (gone_on === null)
      run(
        db,
        `UPDATE plan_position SET gone_on = ?, sequence = sequence + 1 WHERE job_id = ? AND step = ? AND round = ?`,
        today,
        job_id,
        step,
        round,
      );
  run(db, 'DELETE FROM plan_position WHERE gone_on < ?', addDays(today, -goneKept));
}

/** What is told of a step that stands elsewhere now: from where it stood when the day began; undefined where that is no news. */
function movedNews(
  old: PositionRow,
  { date, because }: Pick<PositionRow, 'date'> & { readonly because: string | undefined },
  today: string,
): { readonly from: string; readonly because: string } | undefined {
  if (old.gone_on !== null) return undefined;
  const isMovedToday = old.moved_on === today && old.moved_from !== null;
  const from = isMovedToday ? old.moved_from : old.placed_on < today ? old.date : null;
  const why = because ?? (isMovedToday ? old.moved_because : null);
  return from === null || why === null || from === date || from < today ? undefined : { from, because: why };
}

/** Puts a step on a day and hour of the gardener's choosing. */
export const pinPosition = (db: Db, row: Standing): void =>
  run(
    db,
    `INSERT INTO plan_position (job_id, step, round, date, hour, pinned) VALUES (?, ?, ?, ?, ?, 1)
     ON CONFLICT DO UPDATE SET date = excluded.date, hour = excluded.hour, pinned = 1, gone_on = NULL,
       sequence = sequence + 1, moved_from = NULL, moved_on = NULL, moved_because = NULL`,
    row.job_id,
    row.step,
    row.round,
    row.date,
    row.hour,
  );
