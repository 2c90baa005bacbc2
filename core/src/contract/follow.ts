import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { verdicts } from '../tables';
import { isoDate } from './plan';

const counts = z.array(z.number().min(0)).min(1).max(500);
const look = z.strictObject({ on: isoDate, counts });

/** Body of POST /api/follow and of `./trowel follow`. */
export const followRequest = z.strictObject({
  /** The measures of every sentence in the answer. */
  measures: z.enum(measureSystems).default('metric'),
  remedy: z.string().min(1),
  appliedOn: isoDate,
  applications: z.number().int().min(1).default(1),
  /** Counts one by one: ten leaves, ten numbers. */
  before: look,
  looks: z.array(look).min(1),
  untreated: z.strictObject({ before: counts, after: counts }).optional(),
  /** Mean below which it counts as clear; left out: the remedy's own. */
  threshold: z.number().positive().optional(),
  harmSeenOn: isoDate.optional(),
  strength: z.number().positive().optional(),
});
export type FollowRequest = z.input<typeof followRequest>;

export const nextMove = z.object({
  kind: z.enum(['end', 'look-again', 'repeat', 'step-up', 'next-remedy', 'back-to-reading', 'stop-and-rinse']),
  on: z.string().optional(),
  to: z.string().optional(),
  says: z.string(),
});

export const followResponse = z.object({
  verdict: z.enum(verdicts),
  says: z.string(),
  day: z.number(),
  before: z.object({ mean: z.number(), n: z.number() }),
  now: z.object({ mean: z.number(), n: z.number() }),
  /** % fewer, with its 90 % interval; left out where it cannot be told. */
  change: z
    .object({ reduction: z.number(), low: z.number(), high: z.number(), againstUntreated: z.boolean() })
    .optional(),
  couldBeChance: z.boolean(),
  expected: z.object({ low: z.number(), high: z.number() }).optional(),
  next: z.array(nextMove),
});
export type FollowResponse = z.infer<typeof followResponse>;
