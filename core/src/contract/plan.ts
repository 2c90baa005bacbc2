import { z } from 'zod';
import { addDays } from '../quantities/days';
import { measureSystems } from '../quantities/systems';
import { batchKinds, climates } from '../tables';
import { amount, isoDate, named } from './entries';

export const placeSchema = z.strictObject({
  latitude: z.number().min(-90).max(90),
  longitude: z.number().min(-180).max(180),
  timeZone: z
    .string()
    .refine((zone) => isTimeZone(zone), { message: 'must be a time zone name, like "UTC"' })
    .default('UTC'),
});

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

const hourWeather = z.strictObject({
  temperature: z.number(),
  rain: amount,
  wind: amount,
  cloud: z.number().min(0).max(1),
});
export const dayWeather = z.strictObject({
  date: isoDate,
  hours: z.array(hourWeather).length(24),
  /** °C about 10 cm down, the mean of the day; left out, it is reckoned from the air of the days before. */
  soil: z.number().min(-40).max(60).optional(),
});

/** The plan finds a day of weather by how long it is after the first. */
function oneAfterTheOther(days: readonly z.output<typeof dayWeather>[], context: z.RefinementCtx): void {
  const [first] = days;
  days.forEach(({ date }, at) => {
    if (!first || date === addDays(first.date, at)) return;
    context.addIssue({
      code: 'custom',
      path: [at, 'date'],
      message: `must be the day after the one before it: ${addDays(first.date, at)}`,
    });
  });
}

/** Half-days by day of the week, 0 Sunday … 6 Saturday, and minutes of work on a day. */
const weekdays = z.array(z.number().int().min(0).max(6)).max(7);
export const visitsSchema = z.strictObject({
  mornings: weekdays,
  evenings: weekdays,
  minutes: z.number().int().min(5).max(1440).optional(),
});

/** Body of POST /api/plan and of `./trowel plan`. */
export const planRequest = z.strictObject({
  /** The measures of every sentence in the answer. */
  measures: z.enum(measureSystems).default('metric'),
  today: isoDate,
  hourNow: z.number().min(0).max(24).default(6),
  days: z.number().int().min(1).max(120).default(60),
  at: placeSchema,
  climate: z.enum(climates).optional(),
  jobs: z
    .array(
      z.strictObject({
        id: named,
        /** Bed or plant; keep-apart counts within one place. One of these, or several together. */
        place: named.optional(),
        places: z.array(named).min(1).max(50).optional(),
        remedy: named,
        chosenOn: isoDate.optional(),
        /** When something of this plant is to be picked. */
        harvestOn: isoDate.optional(),
        /** The last day on which its plant is in flower: what hurts bees waits until it is over. */
        bloomUntil: isoDate.optional(),
        /** The last day on which anything of it may be done. */
        by: isoDate.optional(),
        /** It is drawn from a brew: when that is ready, and the last day on which it is good; or by how it was begun. */
        brew: z
          .union([
            z.strictObject({ readyOn: isoDate, bestBefore: isoDate }),
            z.strictObject({
              kind: z.enum(batchKinds),
              startedOn: isoDate,
              warmth: z.number().min(-10).max(45).default(18),
            }),
          ])
          .optional(),
        /** Seedlings: when the youngest sprouted. */
        sprouted: z.strictObject({ on: isoDate, hasCastings: z.boolean().default(false) }).optional(),
        /** °C by which the soil there is warmer than the air of the last days makes it. */
        soilShift: z.number().min(-30).max(30).optional(),
        done: z.array(z.strictObject({ step: z.string(), on: isoDate })).default([]),
        skipped: z.array(z.string()).default([]),
        urgent: z.boolean().default(false),
        sheltered: z.boolean().default(false),
        keepLeavesDryAtNight: z.boolean().default(false),
      }),
    )
    .max(60),
  recent: z.array(z.strictObject({ place: z.string(), remedy: z.string(), on: isoDate })).default([]),
  daysAway: z.array(isoDate).default([]),
  /** When the gardener comes by; left out, at any time. */
  visits: visitsSchema.optional(),
  usualHour: z.number().int().min(0).max(23).default(17),
  /** One day after the other, from today or some days before it. Left out: the seeded stand-in for that place. */
  weather: z.array(dayWeather).max(120).superRefine(oneAfterTheOther).optional(),
  previous: z
    .array(
      z.strictObject({
        job: z.string(),
        step: z.string(),
        date: isoDate,
        hour: z.number(),
        /** Put there by hand: it stays as long as it may. */
        isPinned: z.boolean().optional(),
      }),
    )
    .default([]),
});
export type PlanRequest = z.input<typeof planRequest>;

export const planResponse = z.object({
  steps: z.array(
    z.object({
      job: z.string(),
      place: z.string(),
      places: z.array(z.string()),
      remedy: z.string(),
      remedyName: z.string(),
      step: z.string(),
      phase: z.enum(['prepare', 'before', 'apply', 'after', 'look']),
      does: z.string(),
      date: z.string(),
      hour: z.number(),
      minutes: z.number(),
      why: z.string(),
      whyThen: z.string(),
      sureness: z.number(),
    }),
  ),
  unplaced: z.array(
    z.object({
      job: z.string(),
      remedy: z.string(),
      step: z.string(),
      does: z.string(),
      why: z.string(),
      /** The first day that would do with every rule kept, however late; left out where there is none within a year. */
      earliest: z.string().optional(),
      /** The smallest sets of rules of which each would have to give, and when it could then be. */
      couldGive: z.array(
        z.object({
          gives: z.array(z.object({ kind: z.enum(['other', 'harvest', 'away']), job: z.string().optional() })),
          on: z.string(),
          hour: z.number(),
          says: z.string(),
        }),
      ),
    }),
  ),
  moved: z.array(z.object({ job: z.string(), step: z.string(), from: z.string(), to: z.string(), why: z.string() })),
  /** What the plan costs in the prices of the planner, and how low any could lie; only where the best was looked for. */
  cost: z.number().optional(),
  bound: z.number().optional(),
});
export type PlanResponse = z.infer<typeof planResponse>;
