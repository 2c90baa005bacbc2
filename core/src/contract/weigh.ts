import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { climates, settings } from '../tables/common';
import { regions } from '../tables/region';
import { actionClasses } from '../tables/causes';
import { sceneFactIds } from '../tables/safety';
import { amount, days, letter, line, named } from './entries';

/** °C, mm, days, km/h. */
export const recentWeatherSchema = z.strictObject({
  days: z.number().int().min(1).max(31),
  meanHigh: z.number().min(-60).max(60),
  meanLow: z.number().min(-60).max(60),
  lowest: z.number().min(-60).max(60),
  rain: amount,
  wetDays: z.number().int().min(0),
  strongestWind: amount,
});

/** Body of POST /api/weigh and of `./trowel weigh`. */
export const weighRequest = z.strictObject({
  /** The measures of every sentence in the answer. */
  measures: z.enum(measureSystems).default('metric'),
  /** The gardener's word for the plant; leave it out to read a bed. */
  plant: named.optional(),
  setting: z.enum(settings).optional(),
  month: z.number().int().min(1).max(12).optional(),
  latitude: z.number().min(-90).max(90).optional(),
  /** How long seasons are; latitude alone decides where it is left out. */
  climate: z.enum(climates).optional(),
  /** The part of the world: what lives there, and what has to be reported there. */
  region: z.enum(regions).optional(),
  /** Of the last days, as measured. */
  weather: recentWeatherSchema.optional(),
  /** One free line. */
  said: letter.optional(),
  signs: z
    .array(
      z.strictObject({
        say: line.optional(),
        sign: named.optional(),
        state: z.enum(['seen', 'absent']).optional(),
        amount: amount.optional(),
      }),
    )
    .max(600)
    .optional(),
  bed: z
    .strictObject({
      weeds: z.array(named).optional(),
      soil: z
        .strictObject({
          ph: z.number().min(0).max(14).optional(),
          /** mS/cm of drain water, poured through. */
          ec: amount.optional(),
          /** Water hardness in mg/L as CaCO3. */
          hardness: amount.optional(),
          said: z.string().optional(),
        })
        .optional(),
      /** Cause ids this bed had before, with how often. */
      history: z.array(z.strictObject({ cause: z.string(), times: z.number().int().min(0) })).optional(),
    })
    .optional(),
  /** In the gardener's words: watering, fed, weather … */
  care: z.record(z.string(), z.string()).optional(),
  daysToHarvest: days.int().optional(),
  /** What bears on the choice of a remedy: bloom, a pond, children … */
  facts: z.array(z.enum(sceneFactIds)).optional(),
  /** Remedies, classes or ingredients that the gardener will not have. */
  forbids: z.array(named).optional(),
  /** Ingredients in the cupboard, in the gardener's words; with `onlyFromCupboard` nothing else is offered. */
  cupboard: z.array(named).optional(),
  onlyFromCupboard: z.boolean().optional(),
  /** What was put on this plant or bed lately. */
  recent: z.array(z.strictObject({ remedy: z.string(), daysAgo: days })).optional(),
  /** Remedies that were done as they should be and did not help. */
  failed: z.array(named).max(40).optional(),
  /** Earlier counts of signs that are counted again now. */
  earlier: z.array(z.strictObject({ sign: z.string(), amount: days, daysAgo: days })).optional(),
});
export type WeighRequest = z.input<typeof weighRequest>;

const reasons = z.array(
  z.object({ sign: z.string(), state: z.enum(['seen', 'absent']), weight: z.number(), says: z.string() }),
);

export const weighResponse = z.object({
  plant: z.string().optional(),
  understood: z.array(
    z.object({
      say: z.string(),
      sign: z.string(),
      name: z.string(),
      state: z.enum(['seen', 'absent']),
      amount: z.number().optional(),
      /** 0…1: how sure the reading of the words is; 1 for what was tapped or named. */
      sure: z.number(),
    }),
  ),
  /** Words that may mean one of several signs, or none: likeliest first. With `sure`, the first counts for as much. */
  perhaps: z.array(
    z.object({
      say: z.string(),
      state: z.enum(['seen', 'absent']),
      sure: z.number().optional(),
      signs: z.array(z.object({ sign: z.string(), name: z.string() })),
    }),
  ),
  /** Where it grows, as given or as the line says. */
  setting: z.enum(settings).optional(),
  /** What the line says was done before, and whether it helped; with days, the choice minds it. */
  tried: z.array(
    z.object({
      say: z.string(),
      remedy: z.string(),
      name: z.string(),
      helped: z.boolean().optional(),
      daysAgo: z.number().optional(),
    }),
  ),
  notUnderstood: z.array(z.string()),
  causes: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      probability: z.number(),
      because: reasons,
      against: reasons,
      /** Remedies for it that were done and did not help. */
      failed: z.array(z.string()),
    }),
  ),
  conditions: z.array(z.object({ id: z.string(), name: z.string(), probability: z.number(), because: reasons })),
  noneOfThese: z.number(),
  depth: z.number(),
  nextChecks: z.array(
    z.object({ id: z.string(), name: z.string(), ask: z.string(), minutes: z.number(), why: z.string() }),
  ),
  action: z.object({ class: z.enum(actionClasses), why: z.string() }),
  remedies: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      suggested: z.boolean(),
      why: z.string(),
      standing: z.array(z.string()),
      grade: z.string(),
      honest: z.string(),
    }),
  ),
  /** What belongs together, in order. */
  together: z.array(z.object({ remedies: z.array(z.string()), why: z.string() })),
  /** Doing nothing, and what is then to be expected. */
  /** What keeps it away another time, or helps in another month; `months` as at the garden. */
  nextTime: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      for: z.string(),
      why: z.string(),
      when: z.string(),
      months: z.array(z.number()).optional(),
    }),
  ),
  /** Look-alikes of one family that share the evidence: what answers them all comes first. */
  rivals: z.object({ family: z.string(), causes: z.array(z.string()), says: z.string() }).optional(),
  leave: z.object({
    asGood: z.boolean(),
    courses: z.array(z.object({ cause: z.string(), chance: z.number(), says: z.string() })),
  }),
  /** Often asked for here, and not worth making. */
  notWorth: z.array(z.object({ id: z.string(), name: z.string(), honest: z.string() })),
  leftOut: z.array(z.object({ id: z.string(), name: z.string(), why: z.string() })),
  avoid: z.array(z.object({ what: z.string(), why: z.string() })),
  notes: z.array(z.string()),
  method: z.enum(['exact', 'sampled']),
});
export type WeighResponse = z.infer<typeof weighResponse>;
