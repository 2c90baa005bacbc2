import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { climates, settings } from '../tables/common';
import { tapTreatments } from '../tables/jobs';
import { placeSchema } from './plan';
import { countValues } from './jobs';
import { commandId, isoDate, letter, named, specksCount, spottedShare } from './entries';

/** Sent with every command; the same id twice is answered once and done once. */
const name = z.string().trim().min(1).max(80);

export const caseOutcomes = ['solved', 'no-change', 'worse', 'plant-harmed', 'mistaken', 'left', 'given-up'] as const;
export type CaseOutcome = (typeof caseOutcomes)[number];

export const openCase = z.strictObject({
  commandId,
  bedId: named.optional(),
  plantingId: named.optional(),
  /** Instead of a bed: a place that is not in the book yet, and what grows there, in the gardener's word. */
  at: z
    .strictObject({ name, setting: z.enum(settings), plant: z.string().trim().min(1).max(80).optional() })
    .optional(),
  name: name.optional(),
});

export const addEvidence = z.strictObject({
  commandId,
  /** One typed line, read into signs. */
  said: letter.optional(),
  items: z
    .array(
      z.strictObject({
        sign: named,
        state: z.enum(['seen', 'absent', 'not-looked']),
        amount: z.number().min(0).max(1e6).optional(),
        /** Counted one by one: kept as a count, and the amount is their mean. */
        counts: countValues.optional(),
      }),
    )
    .max(200)
    .optional(),
  /** Done before, outside of any job; `isSo` false takes it back. */
  tried: z
    .array(
      z.strictObject({
        remedy: named,
        isSo: z.boolean(),
        helped: z.boolean().optional(),
        on: isoDate.optional(),
      }),
    )
    .max(50)
    .optional(),
});

export const answerCheck = z.strictObject({ commandId, check: named, answer: named });

export const closeCase = z.strictObject({
  commandId,
  outcome: z.enum(caseOutcomes),
  /** The plant is pulled up with it. */
  takesOut: z.boolean().optional(),
});
/** A picture that was sent to /api/photos before. */
export const addPhoto = z.strictObject({ commandId, photo: z.string().min(1).max(64) });
export const takeBackPhoto = z.strictObject({ commandId, isBack: z.boolean().default(false) });
/** How much of the leaf on it is sick, or how many specks there are on the card; null takes that away again. */
export const measurePhoto = z
  .strictObject({ commandId, spotted: spottedShare.nullable().optional(), specks: specksCount.nullable().optional() })
  .refine(({ spotted, specks }) => spotted !== undefined || specks !== undefined, {
    message: 'must say what was measured',
    path: ['spotted'],
  });
export const reopenCase = z.strictObject({ commandId });

export const changeGarden = z.strictObject({
  commandId,
  name: name.optional(),
  place: placeSchema.optional(),
  measures: z.enum(measureSystems).optional(),
  tapHardness: z.number().min(0).max(3000).optional(),
  buttHardness: z.number().min(0).max(3000).optional(),
  /** What the tap's water was made safe with. */
  tapTreatment: z.enum(tapTreatments).optional(),
  usualHour: z.number().int().min(0).max(23).optional(),
  /** Null: the latitude decides. */
  climate: z.enum(climates).nullable().optional(),
});
