import { z } from 'zod';
import { climates, nearFacts, settings } from '../tables';
import { visitsSchema } from './plan';
import { soilTestView } from './clinic';
import { commandId, isoDate, named } from './entries';

/** The garden's places and what grows there: what is asked of them, and how one of them is shown. */

const name = z.string().trim().min(1).max(80);

export const addBed = z.strictObject({
  commandId,
  name,
  setting: z.enum(settings),
  note: z.string().max(500).default(''),
});
/** What is left out stays as it is. */
export const changeBed = z.strictObject({
  commandId,
  name: name.optional(),
  setting: z.enum(settings).optional(),
  note: z.string().max(500).optional(),
  /** What is close by, as the judge goes by it. */
  near: z.array(z.enum(nearFacts)).max(nearFacts.length).optional(),
});
/** Taking a place or a planting out, or back in. */
export const bare = z.strictObject({ commandId });

export const addPlanting = z.strictObject({ commandId, plant: z.string().min(1).max(80), label: name.optional() });

/** When the gardener comes by; null: at any time. */
export const setVisits = z.strictObject({ commandId, visits: visitsSchema.nullable() });
/** Away from one day to another, both of them included. */
export const addAway = z.strictObject({ commandId, from: isoDate, until: isoDate });

/** Metres; a garden is no country. */
const metre = z.number().min(-2000).max(2000);
const side = z.number().min(0.05).max(1000);
export const spot = z.object({ x: metre, y: metre });

/** A shape as it is drawn, in metres. */
const shapes = {
  rectangle: z.object({ shape: z.literal('rectangle'), length: side, width: side }),
  circle: z.object({ shape: z.literal('circle'), across: side }),
  L: z.object({ shape: z.literal('L'), length: side, width: side, cutLength: side, cutWidth: side }),
  outline: z.object({
    shape: z.literal('outline'),
    corners: z
      .array(z.tuple([metre, metre]))
      .min(3)
      .max(60)
      .readonly(),
  }),
  area: z.object({ shape: z.literal('area'), area: z.number().min(0.01).max(1e5) }),
};
/** What else is sent with it, an area say, follows from it and is not listened to. */
export const drawnSize = z.discriminatedUnion('shape', [
  shapes.rectangle,
  shapes.circle,
  shapes.L,
  shapes.outline,
  shapes.area,
]);
const area = { area: z.number() };
/** In metres and m². */
export const bedSize = z.discriminatedUnion('shape', [
  shapes.rectangle.extend(area),
  shapes.circle.extend(area),
  shapes.L.extend(area),
  shapes.outline.extend(area),
  shapes.area,
]);

/** Where places lie, all or none; without a spot a place is no longer laid out, without a size it stays as measured. */
export const layOutBeds = z.strictObject({
  commandId,
  beds: z
    .array(z.strictObject({ id: named, at: spot.nullable(), size: drawnSize.nullable().optional() }))
    .min(1)
    .max(500),
});
/** Every place once, in the order in which one walks past. */
export const setWalkingOrder = z.strictObject({ commandId, beds: z.array(named).min(1).max(500) });

/** The day on which a planting is due to be picked; null when nobody knows. */
export const setHarvest = z.strictObject({ commandId, on: isoDate.nullable() });

/** The last day on which a planting is in flower; null: it is not. */
export const setBloom = z.strictObject({ commandId, until: isoDate.nullable() });

/** A bed's size, typed into the fields of a bed; null forgets it. */
export const setBedSize = z.strictObject({
  commandId,
  values: z.record(z.string(), z.unknown()).nullable(),
});
/** When seedlings sprouted; null forgets it. */
export const setSprouted = z.strictObject({
  commandId,
  on: isoDate.nullable(),
  hasCastings: z.boolean().default(false),
});
export const setHowMany = z.strictObject({
  commandId,
  number: z.number().int().min(1).max(100_000).nullable(),
  /** What one pot or tray of it holds, mL; null in open ground; left out, it stays as it is. */
  potMl: z.number().positive().max(1e6).nullable().optional(),
});
export const bedView = z.object({
  id: z.string(),
  name: z.string(),
  setting: z.string(),
  note: z.string(),
  size: bedSize.nullable(),
  near: z.array(z.enum(nearFacts)),
  /** What grew here before, newest first. */
  before: z.array(z.object({ id: z.string(), plant: z.string(), label: z.string(), from: z.string(), to: z.string() })),
  plantings: z.array(
    z.object({
      id: z.string(),
      plant: z.string(),
      label: z.string(),
      harvestOn: z.string().nullable(),
      bloomUntil: z.string().nullable(),
      number: z.number().nullable(),
      potMl: z.number().nullable(),
      sproutedOn: z.string().nullable(),
      hasCastings: z.boolean(),
    }),
  ),
  soilTests: z.array(soilTestView),
  /** What a sensor there says last, in words. */
  sensor: z.string().nullable(),
  /** The newest reading of the ground itself, walked or measured. */
  groundCaseId: z.string().nullable(),
  situation: z.object({
    setting: z.string(),
    month: z.number(),
    latitude: z.number(),
    climate: z.enum(climates).optional(),
    evidence: z.array(z.object({ sign: z.string(), state: z.enum(['seen', 'absent']), amount: z.number().optional() })),
    checksDone: z.array(z.string()),
  }),
  cases: z.array(z.object({ id: z.string(), name: z.string(), status: z.enum(['open', 'closed']) })),
  /** Under way here, of no case. */
  jobs: z.array(z.object({ id: z.string(), name: z.string(), says: z.string() })),
});
export type BedView = z.infer<typeof bedView>;

/** Of a case whose plant is given up: its family and what it had are left out. */
export const sowingQuery = z.strictObject({ case: z.string().max(80).optional() });
/** What can still be sown or set out in a place and be ripe before the cold. */
export const sowingView = z.object({
  fits: z.array(z.object({ plant: z.string(), name: z.string(), says: z.string() })),
  /** It would be the time, and not in this place. */
  notHere: z.array(z.object({ name: z.string(), because: z.enum(['family', 'same-trouble']) })),
});
export type SowingView = z.infer<typeof sowingView>;
