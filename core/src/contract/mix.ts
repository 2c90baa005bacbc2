import { z } from 'zod';
import { measureSystems } from '../measures/systems';
import { sceneFactIds } from '../tables/safety';
import { recipeDocument } from './recipe';

const spoonTyped = z.strictObject({ count: z.number().positive(), spoon: z.enum(['tsp', 'tbsp', 'cup', 'mL']) });

/** Body of POST /api/mix and of `./trowel mix`. */
export const mixRequest = z.strictObject({
  /** A remedy with a recipe … */
  remedy: z.string().min(1).optional(),
  /** … or a plain dilution, 1 part to N. */
  oneTo: z.number().positive().max(100000).optional(),
  /** … or only things to be poured together, to be checked. */
  together: z.array(z.string().min(1)).max(12).optional(),
  /** … or a tool of the bench, with its fields: numbers in SI, or {"amount", "unit"}. */
  tool: z.string().min(1).optional(),
  values: z.record(z.string(), z.unknown()).optional(),
  /** … or a question in plain words: "may I put bleach and vinegar in one sprayer". */
  ask: z.string().min(1).max(400).optional(),
  /** … or a recipe of one's own, as a document. */
  recipe: recipeDocument.optional(),
  /** Classes of what the sprayer held before and was not washed out. */
  vesselHeld: z.array(z.string()).optional(),
  /** What else is true of the job: where it goes, what is near, the weather, who does it. */
  facts: z.array(z.enum(sceneFactIds)).optional(),
  /** Days until something that is eaten is picked. */
  daysToHarvest: z.number().min(0).optional(),
  /** Ready mix wanted; for bait, the syrup. */
  volume: z.strictObject({ amount: z.number().positive(), unit: z.string().min(1) }).optional(),
  measures: z.enum(measureSystems).default('metric'),
  /** Id of a strength of the recipe, or a number in the recipe's own unit. */
  strength: z.union([z.string().min(1), z.number().positive()]).optional(),
  /** What will be wetted. */
  plants: z.array(z.string().min(1)).optional(),
  /** What stands beside it and might catch drift. */
  nearby: z.array(z.string().min(1)).optional(),
  /** mg/L as CaCO₃, or with its unit: °dH, °fH, °Clarke, gpg. */
  water: z
    .strictObject({
      hardness: z.union([
        z.number().min(0).max(3000),
        z.strictObject({ amount: z.number().min(0).max(3000), unit: z.string().min(1) }),
      ]),
    })
    .optional(),
  /** Soap in the liquid, % w/v from its label. */
  soapPercent: z.number().positive().max(100).optional(),
  /** Strength on the bottle in %, for what is thinned from a bottle (peroxide: 3 % where nothing is said). */
  bottlePercent: z.number().positive().max(100).optional(),
  /** Borax in place of boric acid. */
  product: z.string().min(1).optional(),
  /** What the gardener means to measure out, to be checked for slips. */
  typed: spoonTyped.optional(),
});
export type MixRequest = z.input<typeof mixRequest>;
export type MixOrder = z.output<typeof mixRequest>;

const pieces = z.array(z.object({ tool: z.enum(['tsp', 'tbsp', 'cup', 'syringe', 'jug']), count: z.number() }));

/** One thing to measure out. */
const part = z.object({
  ingredient: z.string(),
  name: z.string(),
  ml: z.number(),
  grams: z.number().optional(),
  /** What a person can really measure, and how far that is off. */
  pieces,
  spoons: z.string(),
  measuredMl: z.number(),
  errorPercent: z.number(),
  approximate: z.boolean(),
});

const caution = z.object({
  /** The safety rule that says so. */
  rule: z.string().optional(),
  level: z.enum(['note', 'caution', 'stop']),
  says: z.string(),
  instead: z.string().optional(),
});
export type CautionSaid = z.infer<typeof caution>;

const working = z.object({ what: z.string(), how: z.string(), value: z.string() });
export type WorkingLine = z.infer<typeof working>;
const water = z.object({ ml: z.number(), amount: z.number(), unit: z.string(), says: z.string() });

/** What a tool of the bench found out. */
const worked = z.object({
  kind: z.literal('worked'),
  tool: z.string(),
  name: z.string(),
  /** Figures: the value in `unit`, and as a gardener reads it. */
  results: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      value: z.number(),
      unit: z.string(),
      says: z.string(),
      main: z.literal(true).optional(),
    }),
  ),
  parts: z.array(part),
  water: water.optional(),
  order: z.array(z.string()),
  cautions: z.array(caution),
  slip: z.object({ says: z.string(), factor: z.number() }).optional(),
  working: z.array(working),
  /** A line to look at: what over what, and where one stands on it. */
  curve: z
    .object({
      across: z.string(),
      up: z.string(),
      points: z.array(z.tuple([z.number(), z.number()])),
      here: z.tuple([z.number(), z.number()]).optional(),
    })
    .optional(),
  honest: z.string().optional(),
  grade: z.string().optional(),
});
export type Worked = z.infer<typeof worked>;

export const mixResponse = z.discriminatedUnion('kind', [
  worked,
  z.object({
    kind: z.literal('mix'),
    remedy: z.string().optional(),
    name: z.string(),
    strength: z.string(),
    totalMl: z.number(),
    water,
    parts: z.array(part),
    /** What to do, in order. */
    order: z.array(z.string()),
    hardWater: z
      .object({
        shareLost: z.object({ low: z.number(), high: z.number() }),
        says: z.string(),
        /** More soap for the same effect, where that is safe; in mL for the whole batch. */
        extra: z.object({ ml: z.number(), spoons: z.string() }).optional(),
        useRainWater: z.boolean(),
      })
      .optional(),
    cautions: z.array(caution),
    /** All else that is needed to follow it: before, wear, putting on, afterwards, limits, what to expect. */
    card: z
      .object({
        before: z.array(z.string()),
        wear: z.array(z.string()),
        putOn: z.array(z.string()),
        after: z.array(z.string()),
        limits: z.array(z.string()),
        expect: z.string(),
      })
      .optional(),
    slip: z.object({ says: z.string(), factor: z.number() }).optional(),
    working: z.array(working),
    honest: z.string().optional(),
    grade: z.string().optional(),
  }),
  z.object({
    kind: z.literal('checked'),
    cautions: z.array(caution),
    says: z.string(),
    /** What was read from a question. */
    understood: z.array(z.string()).optional(),
    notUnderstood: z.array(z.string()),
  }),
  z.object({
    kind: z.literal('refused'),
    because: z.array(caution),
    says: z.string(),
    understood: z.array(z.string()).optional(),
    notUnderstood: z.array(z.string()).optional(),
  }),
]);
export type MixResponse = z.infer<typeof mixResponse>;
export type Mixed = Extract<MixResponse, { kind: 'mix' }>;
export type MixPart = z.infer<typeof part>;
