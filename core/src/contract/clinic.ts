import { z } from 'zod';
import { amount, commandId, isoDate, named } from './entries';

const measured = z.number().min(0).max(100000).optional();

/** Heights of the jar's layers (any unit), or shares in %. */
const layers = z
  .strictObject({ sand: amount, silt: amount, clay: amount })
  .refine(({ sand, silt, clay }) => sand + silt + clay > 0, { message: 'the layers cannot all be nothing' });

/** What a test of a bed's soil found; leave out what was not measured. */
export const soilFound = z.strictObject({
  ph: z.number().min(2).max(11).optional(),
  /** mS/cm */
  ec: z.number().min(0).max(50).optional(),
  /** mg/kg, plant-available. */
  nitrogen: measured,
  phosphorus: measured,
  potassium: measured,
  magnesium: measured,
  calcium: measured,
  /** % of dry soil. */
  organicMatter: z.number().min(0).max(100).optional(),
  texture: layers.optional(),
});
export type SoilFound = z.infer<typeof soilFound>;

export const addSoilTest = z.strictObject({
  commandId,
  on: isoDate.optional(),
  source: z.enum(['jar', 'lab', 'strip']),
  found: soilFound.refine((found) => Object.values(found).some((value) => value !== undefined), {
    message: 'must hold at least one thing that was measured',
  }),
});

/** A CSV text with a header row. */
export const takeSheet = z.strictObject({ commandId, csv: z.string().min(1).max(500_000) });

/** The gardener's own threshold for a cause; null goes back to the usual one. */
export const setThreshold = z.strictObject({ commandId, actAbove: z.number().min(0).max(100000).nullable() });

export const answerPractice = z.strictObject({
  commandId,
  cause: named,
  answer: named,
  /** Minutes spent on checks. */
  minutes: z.number().min(0).max(600),
});

export const soilTestView = z.object({
  id: z.string(),
  on: z.string(),
  source: z.enum(['jar', 'lab', 'strip', 'import']),
  found: soilFound,
  /** Name of the texture, where it was measured. */
  texture: z.string().nullable(),
});

export const practiceView = z.object({
  /** Deals so far: the seed of the next one. */
  dealt: z.number(),
  next: z.string().nullable(),
  cards: z.array(
    z.object({ cause: z.string(), box: z.number(), dueOn: z.string(), right: z.number(), wrong: z.number() }),
  ),
  minutes: z.number(),
  latitude: z.number(),
  today: z.string(),
});
export type PracticeView = z.infer<typeof practiceView>;
