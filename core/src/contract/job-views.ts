import { z } from 'zod';
import {
  batchEventKinds,
  batchKinds,
  countedOns,
  countUnits,
  doingFaults,
  jobEnds,
  jobWaters,
  stepAsks,
  stepKinds,
  stepResults,
  tones,
} from '../tables';
import { followResponse } from './follow';
import { cautionSaid } from './mix';

const allResults = [...new Set(Object.values(stepResults).flat())] as const;

/** What the server shows of jobs, their steps and their counts. */

/** A way to count, and what is counted, in words. */
const wayToCount = z.object({ unit: z.enum(countUnits), what: z.string(), tone: z.enum(tones).optional() });

export const stepView = z.object({
  /** Null where it is of no case. */
  caseId: z.string().nullable(),
  /** The case, or where there is none, the job. */
  caseName: z.string(),
  pattern: z.number(),
  bedName: z.string(),
  /** The places, in walking order. */
  bedIds: z.array(z.string()),
  plantLabel: z.string().nullable(),
  jobId: z.string(),
  remedy: z.string(),
  remedyName: z.string(),
  step: z.string(),
  /** Which time round, where the job comes again and again. */
  round: z.number(),
  phase: z.enum(['prepare', 'before', 'apply', 'after', 'look']),
  /** What the product has to know of it: something is counted, or a few leaves are tried first. */
  kind: z.enum(stepKinds).nullable(),
  does: z.string(),
  why: z.string(),
  state: z.enum(['done', 'skipped', 'passed', 'planned', 'unplaced']),
  date: z.string().nullable(),
  hour: z.number().nullable(),
  minutes: z.number(),
  whyThen: z.string(),
  /** Without a day: no day suits (`no-day`), the step before it has none (`waits`), or a test leaf was marked (`halted`). */
  stuck: z.enum(['no-day', 'waits', 'over', 'halted']).nullable(),
  /** Where no day fits: what would have to give, the smallest first; each with the jobs that would be stopped for it. */
  couldGive: z.array(
    z.object({
      says: z.string(),
      stops: z.array(z.object({ jobId: z.string(), name: z.string() })),
      /** Days of picking and of being away are changed on their own pages. */
      changes: z.array(z.enum(['harvest', 'away'])),
    }),
  ),
  sureness: z.number(),
  /** Due today, but not at this hour: why, and from when. */
  waits: z.string().nullable(),
  /** The day on which it should have been done at the latest, where that is over. */
  overdueSince: z.string().nullable(),
  /** What it wants to hear before it counts as done, and what may be answered. */
  asks: z
    .object({
      for: z.enum(stepAsks),
      results: z.array(z.object({ id: z.enum(allResults), label: z.string() })),
      /** How it may be counted, and whether it is the count before. */
      ways: z.array(wayToCount),
      each: z.enum(countedOns),
      when: z.enum(['before', 'after']),
    })
    .nullable(),
  /** What was found, in words. */
  found: z.string().nullable(),
  /** Amounts to carry, in the gardener's measures. */
  carry: z.string().nullable(),
  /** To be read before this is done; a stop cannot be passed. */
  cautions: z.array(cautionSaid),
});
export type StepView = z.infer<typeof stepView>;

/** A count, with its mean and between what the true mean lies nine times in ten. */
export const countView = z.object({
  id: z.string(),
  on: z.string(),
  isTreated: z.boolean(),
  counts: z.array(z.number()),
  mean: z.number(),
  low: z.number(),
  high: z.number(),
});
export type CountView = z.infer<typeof countView>;

/** A brew, as its strength and what is left of it are worked out. */
export const batchShape = z.object({
  kind: z.enum(batchKinds),
  startedOn: z.string(),
  volumeMl: z.number(),
  warmth: z.number(),
  shell: z
    .object({ grams: z.number(), acidPercent: z.number(), grain: z.enum(['powder', 'crushed', 'pieces']) })
    .optional(),
  events: z.array(
    z.object({
      kind: z.enum(batchEventKinds),
      on: z.string(),
      ml: z.number().optional(),
    }),
  ),
});

/** A job with everything that any page shows of it. */
export const jobView = z.object({
  id: z.string(),
  caseId: z.string().nullable(),
  caseName: z.string().nullable(),
  pattern: z.number(),
  /** Of what it is; null for a reminder, and for a recipe of the gardener's own. */
  remedy: z.string().nullable(),
  remedyName: z.string(),
  /** The knowledge still has it; else only its name is shown. */
  isKnown: z.boolean(),
  /** Something is put on: it can be counted whether it helps. */
  isPutOn: z.boolean(),
  places: z.array(
    z.object({
      bedId: z.string(),
      bedName: z.string(),
      plantingId: z.string().nullable(),
      plant: z.string().nullable(),
      plantLabel: z.string().nullable(),
      /** Of several, it is worst here. */
      isWorst: z.boolean(),
    }),
  ),
  /** As the gardener set it; null is as the remedy, the brew or the garden has it. */
  setting: z.object({
    strength: z.number().nullable(),
    volumeMl: z.number().nullable(),
    water: z.enum(jobWaters).nullable(),
    vesselId: z.string().nullable(),
    batchId: z.string().nullable(),
    everyDays: z.number().nullable(),
    until: z.string().nullable(),
  }),
  /** What a round takes: strength, ready mix, what to carry, and the brew it is drawn from; null where nothing is mixed. */
  amounts: z
    .object({
      /** Null for a recipe of the gardener's own. */
      strength: z.number().nullable(),
      volumeMl: z.number(),
      says: z.string(),
      carry: z.string().nullable(),
      /** What it is measured for, and what each place gets. */
      forPlaces: z.string().nullable(),
      shares: z.array(z.object({ place: z.string(), ml: z.number(), says: z.string() })),
      /** Fills of the vessel, where it does not go in at once. */
      fills: z.string().nullable(),
      /** Why it cannot be mixed like this. */
      against: z.string().nullable(),
      brew: z
        .object({ id: z.string(), name: z.string(), takesMl: z.number(), leftMl: z.number(), says: z.string() })
        .nullable(),
    })
    .nullable(),
  /** What is spread over its places, and what each gets; null where nothing is. */
  spread: z.object({ says: z.string(), shares: z.array(z.string()) }).nullable(),
  /** Which of several places comes first or last, and why. */
  order: z.string().nullable(),
  /** The routine that it is a part of. */
  routine: z.object({ id: z.string(), name: z.string() }).nullable(),
  chosenOn: z.string(),
  endedOn: z.string().nullable(),
  endedBecause: z.enum(jobEnds).nullable(),
  /** Which time round it is. */
  round: z.number(),
  /** What it is judged by. */
  measuredBy: z.object({
    what: z.string(),
    sign: z.string(),
    unit: z.enum(countUnits),
    each: z.enum(countedOns),
    clearBelow: z.number(),
    /** How the next count may be made, the finest way first. */
    ways: z.array(wayToCount),
  }),
  /** Nothing has been put on yet and nothing counted: the next count is the one before. */
  wantsCount: z.enum(['before', 'after']),
  counts: z.array(countView.extend({ when: z.enum(['before', 'after']) })),
  steps: z.array(stepView),
  /** What was really put on. */
  applied: z.array(z.object({ on: z.string(), says: z.string() })),
  follow: followResponse.nullable(),
  /** When the next spray tells most, by the life of the pest; null where that is not known. */
  respray: z.string().nullable(),
  /** What is worth asking about how it was done, and what was answered last. */
  doing: z.object({
    asks: z.array(z.object({ id: z.enum(doingFaults), says: z.string() })),
    missed: z.array(z.enum(doingFaults)).nullable(),
  }),
});
export type JobView = z.infer<typeof jobView>;
