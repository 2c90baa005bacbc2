import { z } from 'zod';
import { batchEventKinds, batchKinds, jobWaters } from '../tables';
import { cautionSaid } from './mix';
import { recipeDocument } from './recipe';
import { commandId, days, named, someAmount } from './entries';

/** What the gardener does at the bench, and what the bench shows. */

const name = z.string().trim().min(1).max(60);
const acknowledged = z.array(z.string()).max(60).default([]);

export const setPreferences = z.strictObject({
  commandId,
  /** Remedies, classes or ingredients that are not wanted. */
  forbids: z.array(named).max(100).optional(),
  onlyFromCupboard: z.boolean().optional(),
  /** By remedy: the strength kept to; null forgets it. */
  schools: z.record(z.string(), z.string().nullable()).optional(),
});

export const keepIngredient = z.strictObject({
  commandId,
  /** In words or by id. */
  ingredient: named,
  amount: z.number().min(0).max(1e6).nullable().optional(),
  unit: z.enum(['mL', 'g']).optional(),
  /** What a pack holds, in the unit, and what it cost. */
  packSize: z.number().positive().max(1e6).nullable().optional(),
  packPrice: z.number().min(0).max(1e5).nullable().optional(),
  /** Strength on the label, %. */
  percent: z.number().positive().max(100).nullable().optional(),
  /** On the shopping list. */
  wanted: z.boolean().optional(),
});
export const dropIngredient = z.strictObject({ commandId });

export const vesselKinds = ['sprayer', 'can', 'jar', 'bucket'] as const;
export const addVessel = z.strictObject({
  commandId,
  name,
  kind: z.enum(vesselKinds),
  volumeMl: z.number().positive().max(1e6),
});
/** Something has been mixed: it is taken from the cupboard, and the sprayer holds it from now on. */
export const noteMix = z.strictObject({
  commandId,
  remedy: named,
  strength: someAmount.optional(),
  volumeMl: z.number().positive().max(200_000),
  plants: z.array(named).max(20).optional(),
  vesselId: named.optional(),
  /** The job it is mixed for: strength, volume, water and vessel become the job's own. */
  jobId: named.optional(),
  /** The brew it is drawn from. */
  batchId: named.optional(),
  water: z.enum(jobWaters).optional(),
  /** Cautions that have been read, by rule or in their own words. */
  acknowledged,
});

/** A mix that was noted, to be taken back by its id. */
export const mixNoted = z.object({ id: z.string() });

/** What it holds now (a remedy, an ingredient or a brew), or that it has been washed three times. */
export const noteVessel = z.strictObject({
  commandId,
  held: named.optional(),
  washed: z.literal(true).optional(),
});

export const startBatch = z.strictObject({
  commandId,
  kind: z.enum(batchKinds),
  name: name.optional(),
  volumeMl: z.number().positive().max(1e6),
  /** °C where it stands. */
  warmth: z.number().min(0).max(45).default(18),
  vesselId: named.optional(),
  lid: z.enum(['loose', 'tight']).default('loose'),
  shell: z
    .strictObject({
      grams: z.number().positive().max(20_000),
      acidPercent: z.number().positive().max(100),
      grain: z.enum(['powder', 'crushed', 'pieces']),
    })
    .optional(),
  acknowledged,
});

export const noteBatch = z.strictObject({
  commandId,
  kind: z.enum(batchEventKinds),
  /** mL of the brew itself, for what was used. */
  ml: z.number().positive().max(1e6).optional(),
  /** Where it goes, and what bears on that. */
  goesOn: z.enum(['soil', 'leaves', 'raw-leaves']).default('soil'),
  daysToHarvest: days.int().optional(),
  vesselId: named.optional(),
  acknowledged,
});
/** Another one like it, begun today. */
export const repeatBatch = z.strictObject({ commandId });
export const takeBackBatchEvent = z.strictObject({ commandId });
export const takeBackMix = z.strictObject({ commandId });

export const saveRecipe = z.strictObject({ commandId, document: recipeDocument });
export const deleteRecipe = z.strictObject({ commandId });

export const benchView = z.object({
  today: z.string(),
  preferences: z.object({
    forbids: z.array(z.string()),
    onlyFromCupboard: z.boolean(),
    schools: z.record(z.string(), z.string()),
  }),
  cupboard: z.array(
    z.object({
      ingredient: z.string(),
      name: z.string(),
      amount: z.number().nullable(),
      unit: z.enum(['mL', 'g']),
      packSize: z.number().nullable(),
      packPrice: z.number().nullable(),
      percent: z.number().nullable(),
      wanted: z.boolean(),
    }),
  ),
  /** Remedies made or chosen here, the latest first. */
  usedLast: z.array(z.string()),
  shopping: z.array(z.object({ ingredient: z.string(), name: z.string(), why: z.string() })),
  vessels: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(vesselKinds),
      volumeMl: z.number(),
      /** What it held last, in words, and the classes of it; empty when washed. */
      held: z.string().nullable(),
      classes: z.array(z.string()),
      lastOn: z.string().nullable(),
    }),
  ),
  batches: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(batchKinds),
      pattern: z.number(),
      startedOn: z.string(),
      volumeMl: z.number(),
      warmth: z.number(),
      vessel: z.string().nullable(),
      age: z.number(),
      readyOn: z.string(),
      bestBefore: z.string(),
      stage: z.enum(['working', 'ready', 'past', 'gone']),
      parts: z.number(),
      leftMl: z.number(),
      givesMl: z.number(),
      dissolvedPercent: z.number().optional(),
      calcium: z.number().optional(),
      startNextBy: z.string().optional(),
      chores: z.array(z.object({ kind: z.string(), does: z.string(), why: z.string(), due: z.boolean() })),
      cautions: z.array(cautionSaid),
      lastEvent: z.object({ kind: z.enum(batchEventKinds), on: z.string(), ml: z.number().nullable() }).nullable(),
    }),
  ),
  recipes: z.array(z.object({ id: z.string(), document: recipeDocument, cautions: z.array(cautionSaid) })),
});
export type BenchView = z.infer<typeof benchView>;
