import { z } from 'zod';
import { countUnits, doingFaults, jobWaters, skipReasons, stepResults } from '../tables';
import { commandId, counted, isoDate, named } from './entries';

/** What is asked of a job: how it is to be done, what was done of it, and what was counted. */

const id = z.string().min(1).max(80);

/** How strong, how much, with which water, in what, out of which brew, how often; null is as the remedy has it. */
const setting = {
  /** In the recipe's own unit. */
  strength: z.number().positive().max(1e6).nullable().optional(),
  /** Ready mix for one round, in all places together, mL. */
  volumeMl: z.number().positive().max(200_000).nullable().optional(),
  water: z.enum(jobWaters).nullable().optional(),
  vesselId: id.nullable().optional(),
  /** The brew it is drawn from. */
  batchId: id.nullable().optional(),
};
const rhythm = {
  /** Days from one round to the next. */
  everyDays: z.number().int().min(1).max(400).nullable().optional(),
  /** No round begins after this day. */
  until: isoDate.nullable().optional(),
};

const places = z
  .array(
    z.strictObject({ bedId: id, plantingId: id.optional(), /** It is worst here. */ isWorst: z.boolean().optional() }),
  )
  .max(40);

export const chooseRemedy = z.strictObject({
  commandId,
  remedy: named.optional(),
  /** Or a recipe of the gardener's own. */
  recipeId: id.optional(),
  ...setting,
  /** Not before this day: what is for a month to come. */
  from: isoDate.optional(),
});

/** A job of no case: a remedy in one or several places, or a reminder in the gardener's own words. */
export const planJob = z.strictObject({
  commandId,
  remedy: named.optional(),
  wish: z.string().trim().min(1).max(200).optional(),
  /** A recipe of the gardener's own. */
  recipeId: id.optional(),
  places: places.default([]),
  ...setting,
  ...rhythm,
  from: isoDate.optional(),
});

/** What is left out stays as it is. */
export const changeJob = z.strictObject({ commandId, places: places.optional(), ...setting, ...rhythm });
export const endJob = z.strictObject({ commandId });
export const resumeJob = z.strictObject({ commandId });
export const moveOn = z.strictObject({ commandId });

/** A step put on another day and hour by hand. */
export const moveStep = z.strictObject({
  commandId,
  jobId: id,
  step: named,
  on: isoDate,
  /** Left out: the hour of the usual visit, or the nearest that may be. */
  hour: z.number().int().min(0).max(23).optional(),
});

const results = [...new Set(Object.values(stepResults).flat())] as const;
export const stepEvent = z.strictObject({
  commandId,
  jobId: id,
  step: named,
  outcome: z.enum(['done', 'skipped', 'undone']),
  /** What was found, where the step asks for it. */
  result: z.enum(results).optional(),
  /** Why it is left out. */
  reason: z.enum(skipReasons).optional(),
  /** Cautions that have been read, by rule. */
  acknowledged: z.array(z.string()).max(60).default([]),
});

/** What was put on with a step, for the log. */
export const stepDone = z.object({
  put: z
    .object({
      remedy: z.string(),
      strength: z.number().nullable(),
      volumeMl: z.number().nullable(),
      brew: z.string().nullable(),
    })
    .optional(),
});

/** Whole numbers, one for each leaf (plant, card, minute). */
export const countValues = z.array(counted).min(1).max(200);
export const addCount = z.strictObject({
  commandId,
  /** The case; or the job, where it is of none. */
  caseId: id.optional(),
  /** What is counted is what this job is expected to lessen. */
  jobId: id.optional(),
  /** The step of that job on which it was made; left out, the one that is due. */
  step: named.optional(),
  /** What is counted, where no job says it. */
  sign: named.optional(),
  /** False: on plants that were left as they are, to compare with. */
  isTreated: z.boolean().default(true),
  /** How it is told; left out, as the remedy of the job is looked at, and a number without a job. */
  unit: z.enum(countUnits).optional(),
  counts: countValues,
  harmSeen: z.boolean().default(false),
});
export const takeBackCount = z.strictObject({ commandId });

/** Done upon a verdict; the day and the strength are those that it names. */
export const takeMove = z.strictObject({ commandId, kind: z.enum(['repeat', 'step-up', 'look-again']) });
export const takeBackMove = z.strictObject({ commandId });
/** How it was done, as asked after a verdict; an empty list: nothing was missed. */
export const noteDoing = z.strictObject({ commandId, missed: z.array(z.enum(doingFaults)).max(doingFaults.length) });

/** What was taken along when something ended. */
export const ended = z.object({
  jobs: z.array(z.object({ jobId: z.string(), name: z.string(), steps: z.number() })),
});
