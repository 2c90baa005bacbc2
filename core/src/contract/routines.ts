import { z } from 'zod';
import { grades } from '../tables';
import { commandId, isoDate, named } from './entries';
import { stepView } from './job-views';

/** Work through a season that is no case: what is asked to begin it, and how it is shown. */

const id = z.string().min(1).max(80);

export const planRoutine = z.strictObject({
  commandId,
  routine: named,
  /** How it is done; left out, as usual. */
  way: id.optional(),
  /** The day that its parts are counted from. */
  begins: isoDate,
  /** Its last day; left out, as long as it usually goes. */
  ends: isoDate.optional(),
  places: z
    .array(
      z.strictObject({
        bedId: id,
        plantingId: id.optional(),
        /** What is done there, where places are not all treated alike. */
        group: id.optional(),
        /** It is worst here. */
        isWorst: z.boolean().optional(),
      }),
    )
    .max(40)
    .default([]),
  /** Parts that are left out. */
  leaveOut: z.array(id).max(20).default([]),
  /** A feed as its label has it: mL in a litre, and % nitrogen. */
  label: z
    .strictObject({ mlPerLitre: z.number().positive().max(100), nitrogen: z.number().positive().max(50) })
    .optional(),
  /** What there is to spread, mL. */
  thereMl: z.number().positive().max(5_000_000).optional(),
});

export const bareRoutine = z.strictObject({ commandId });

const partState = z.enum(['waits', 'under-way', 'done', 'stopped']);
export const routineView = z.object({
  id: z.string(),
  routine: z.string(),
  name: z.string(),
  honest: z.string(),
  grade: z.enum(grades).nullable(),
  /** How it is done, where there is a choice. */
  way: z.string().nullable(),
  begunOn: z.string(),
  beginsOn: z.string(),
  endsOn: z.string().nullable(),
  pausedOn: z.string().nullable(),
  /** Nothing more is to come of it. */
  isOver: z.boolean(),
  places: z.array(z.object({ bedId: z.string(), bedName: z.string() })),
  parts: z.array(
    z.object({
      /** Null: it has not been called for. */
      jobId: z.string().nullable(),
      name: z.string(),
      state: partState,
      /** When and how often. */
      says: z.string(),
      /** Rounds done. */
      done: z.number(),
      carry: z.string().nullable(),
      /** What comes next of it. */
      next: stepView.nullable(),
    }),
  ),
  /** What is to be made ahead, in all. */
  stock: z.string().nullable(),
});
export type RoutineView = z.infer<typeof routineView>;

/** The newest first. */
export const routinesView = z.array(
  z.object({ id: z.string(), name: z.string(), says: z.string(), isOver: z.boolean(), isPaused: z.boolean() }),
);
