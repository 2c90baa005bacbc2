import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { countUnits, findings, verdicts } from '../tables';
import { counted, isoDate, named, someAmount } from './entries';

/** Whole numbers, one for each leaf (card, minute); of a thing looked for only, 1 where it was there and 0 where not; of leaf area, per cent. */
const counts = z.array(counted).min(1).max(500);
const look = z.strictObject({ on: isoDate, counts });

/** Body of POST /api/follow and of `./trowel follow`. */
export const followRequest = z.strictObject({
  /** The measures of every sentence in the answer. */
  measures: z.enum(measureSystems).default('metric'),
  remedy: named,
  appliedOn: isoDate,
  /** How it was counted: `area` is per cent of each leaf. Left out, as the remedy is looked at. */
  unit: z.enum(countUnits).optional(),
  applications: z.number().int().min(1).default(1),
  /** Counts one by one: ten leaves, ten numbers. */
  before: look,
  looks: z.array(look).min(1).max(100),
  /** What was left as it is, counted before and at looks of its own; \`after\` is short for one on the day of the last. */
  untreated: z
    .strictObject({ before: counts, after: counts.optional(), looks: z.array(look).max(100).optional() })
    .optional(),
  /** Mean below which it counts as clear; left out: the remedy's own. */
  threshold: someAmount.optional(),
  harmSeenOn: isoDate.optional(),
  strength: someAmount.optional(),
});
export type FollowRequest = z.input<typeof followRequest>;

export const nextMove = z.object({
  kind: z.enum([
    'end',
    'look-again',
    'let-be',
    'repeat',
    'mend-doing',
    'step-up',
    'next-remedy',
    'back-to-reading',
    'give-up',
    'stop-and-rinse',
  ]),
  on: z.string().optional(),
  to: z.string().optional(),
  /** It stands in the plan on that day: nothing has to be done for it. */
  isPlanned: z.boolean().optional(),
  says: z.string(),
});

/** A mean, and between what it lies nine times in ten. */
const level = z.object({ mean: z.number(), low: z.number(), high: z.number() });
/** % fewer, with its 90 % interval; left out where it cannot be told. */
const change = z
  .object({ reduction: z.number(), low: z.number(), high: z.number(), againstUntreated: z.boolean() })
  .optional();

export const followResponse = z.object({
  verdict: z.enum(verdicts),
  /** What lies behind it: slow, weak, came back, by itself … */
  finding: z.enum(findings),
  title: z.string(),
  says: z.string(),
  day: z.number(),
  before: level.extend({ n: z.number() }),
  now: level.extend({ n: z.number() }),
  change,
  looks: z.array(level.extend({ on: z.string(), change })),
  couldBeChance: z.boolean(),
  /** How likely it is that the remedy did at least what is usual by now, 0…1. */
  chance: z.number().optional(),
  /** So many leaves at the next look would tell. */
  wouldTell: z.number().optional(),
  /** How it was come by. */
  working: z.array(z.string()),
  expected: z.object({ low: z.number(), high: z.number() }).optional(),
  next: z.array(nextMove),
});
export type FollowResponse = z.infer<typeof followResponse>;
