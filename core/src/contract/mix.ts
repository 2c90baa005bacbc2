import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { spoonTools } from '../quantities/household';
import { sceneFactIds } from '../tables/safety';
import { inputError, parseInput } from '../problem';
import { recipeDocument } from './recipe';
import { days, named, someAmount } from './entries';

/** What the mixer can be asked: each way is a call of its own. */

const measures = z.enum(measureSystems).default('metric');
/** What the gardener means to measure out, to be checked for slips. */
const typed = z.strictObject({ count: someAmount, spoon: z.enum(['tsp', 'tbsp', 'cup', 'mL']) }).optional();
/** Ready mix wanted (for bait, the syrup): a figure and unit, or a text as it is typed, "1 qt". */
const volume = z.union([
  z.strictObject({ amount: z.union([z.number(), named]), unit: named }),
  z.string().min(1).max(60),
]);
/** Things to be poured in as well, to be checked with it. */
const together = z.array(named).max(12);
/** What else is true of the job: where it goes, what is near, the weather, who does it. */
const facts = z.array(z.enum(sceneFactIds)).optional();
/** Days until something that is eaten is picked. */
const daysToHarvest = days.optional();

/** A remedy with a recipe. */
export const remedyOrder = z.strictObject({
  remedy: named,
  volume,
  measures,
  /** Id of a strength of the recipe, or a number in the recipe's own unit. */
  strength: z.union([named, someAmount]).optional(),
  /** What will be wetted. */
  plants: z.array(named).optional(),
  /** What stands beside it and might catch drift. */
  nearby: z.array(named).optional(),
  /** mg/L as CaCO₃, or with its unit: °dH, °fH, °Clarke, gpg. */
  water: z
    .strictObject({
      hardness: z.union([
        z.number().min(0).max(3000),
        z.strictObject({ amount: z.number().min(0).max(3000), unit: named }),
      ]),
    })
    .optional(),
  /** Soap in the liquid, % w/v from its label. */
  soapPercent: z.number().positive().max(100).optional(),
  /** Strength on the bottle in %, for what is thinned from a bottle (peroxide: 3 % where nothing is said). */
  bottlePercent: z.number().positive().max(100).optional(),
  /** Borax in place of boric acid. */
  product: named.optional(),
  /** Classes of what the sprayer held before and was not washed out. */
  vesselHeld: z.array(z.string()).optional(),
  together: together.optional(),
  facts,
  daysToHarvest,
  typed,
});
/** A plain dilution, 1 part to N. */
export const dilutionOrder = z.strictObject({
  oneTo: z.number().positive().max(100000),
  volume,
  measures,
  together: together.optional(),
  facts,
  daysToHarvest,
  typed,
});
/** Only things to be poured together, to be checked. */
export const togetherOrder = z.strictObject({ together, measures, facts, daysToHarvest });
/** A tool of the bench, with its fields: numbers in the base unit of their kind, {"amount", "unit"}, or texts like "1 qt". */
export const toolOrder = z.strictObject({
  tool: named,
  values: z.record(z.string(), z.unknown()).default({}),
  measures,
  typed,
});
/** A question in plain words: "may I put bleach and vinegar in one sprayer". */
export const askOrder = z.strictObject({
  ask: z.string().min(1).max(1000),
  measures,
  /** What day it is, for "since Sunday". */
  today: z.iso.date().optional(),
  /** Of the garden, for what has its months; south is negative. */
  latitude: z.number().min(-90).max(90).optional(),
});
/** A recipe of one's own, as a document. */
export const ownOrder = z.strictObject({ recipe: recipeDocument, volume, measures });

export type RemedyOrder = z.output<typeof remedyOrder>;
export type DilutionOrder = z.output<typeof dilutionOrder>;
export type TogetherOrder = z.output<typeof togetherOrder>;
export type ToolOrder = z.output<typeof toolOrder>;
export type AskOrder = z.output<typeof askOrder>;
export type OwnOrder = z.output<typeof ownOrder>;
export type VolumeOrder = Pick<RemedyOrder, 'volume' | 'measures'>;
export type MixOrder =
  | ({ readonly way: 'remedy' } & RemedyOrder)
  | ({ readonly way: 'dilution' } & DilutionOrder)
  | ({ readonly way: 'together' } & TogetherOrder)
  | ({ readonly way: 'tool' } & ToolOrder)
  | ({ readonly way: 'ask' } & AskOrder)
  | ({ readonly way: 'own' } & OwnOrder);

/** Which field tells the way, and the shape of that way; the first that is there decides. */
const ways = [
  ['ask', 'ask', askOrder],
  ['tool', 'tool', toolOrder],
  ['recipe', 'own', ownOrder],
  ['remedy', 'remedy', remedyOrder],
  ['oneTo', 'dilution', dilutionOrder],
  ['together', 'together', togetherOrder],
] as const;

/** Body of POST /api/mix and of `./trowel mix`: any of the ways. @throws InputError naming the field. */
export function parseMixOrder(body: unknown): MixOrder {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) throw inputError('body', 'order-shape');
  const found = ways.find(([field]) => (body as Record<string, unknown>)[field] !== undefined);
  if (!found) throw inputError('remedy', 'order-empty');
  const [, way, schema] = found;
  return { way, ...parseInput(schema, body) } as MixOrder;
}

const pieces = z.array(z.object({ tool: z.enum(spoonTools), count: z.number() }));

/** One thing to measure out. */
const part = z.object({
  ingredient: z.string(),
  name: z.string(),
  ml: z.number(),
  grams: z.number().optional(),
  /** What a person can really measure, and how far that is off. */
  pieces,
  spoons: z.string(),
  /** The amount itself: "15 mL", "½ oz". */
  amount: z.string(),
  /** A surer way, where no spoon comes within five per cent. */
  surer: z.string().optional(),
  measuredMl: z.number(),
  errorPercent: z.number(),
  approximate: z.boolean(),
});

export const cautionSaid = z.object({
  /** What is acknowledged when it has been read: a rule, a caution of a remedy, or a code. */
  rule: z.string(),
  level: z.enum(['note', 'caution', 'stop']),
  says: z.string(),
  instead: z.string().optional(),
});
export type CautionSaid = z.infer<typeof cautionSaid>;

/** One step of work, by its code. */
const todo = z.object({ id: z.string(), says: z.string() });
export type Todo = z.infer<typeof todo>;

const working = z.object({ id: z.string(), what: z.string(), how: z.string(), value: z.string() });
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
  order: z.array(todo),
  cautions: z.array(cautionSaid),
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
    order: z.array(todo),
    hardWater: z
      .object({
        shareLost: z.object({ low: z.number(), high: z.number() }),
        says: z.string(),
        /** More soap for the same effect, where that is safe; in mL for the whole batch. */
        extra: z.object({ ml: z.number(), spoons: z.string(), says: z.string() }).optional(),
        useRainWater: z.boolean(),
      })
      .optional(),
    cautions: z.array(cautionSaid),
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
    cautions: z.array(cautionSaid),
    says: z.string(),
    /** What was read from a question. */
    understood: z.array(z.string()).optional(),
    /** Questions back, with answers to choose from. */
    asks: z.array(z.object({ asks: z.string(), answers: z.array(z.string()) })).optional(),
    notUnderstood: z.array(z.string()),
    /** Words of a question that nothing was read from. */
    notUsed: z.array(z.string()).optional(),
  }),
  z.object({
    kind: z.literal('refused'),
    because: z.array(cautionSaid),
    says: z.string(),
    understood: z.array(z.string()).optional(),
    notUnderstood: z.array(z.string()).optional(),
    notUsed: z.array(z.string()).optional(),
  }),
]);
export type MixResponse = z.infer<typeof mixResponse>;
export type Mixed = Extract<MixResponse, { kind: 'mix' }>;
export type MixPart = z.infer<typeof part>;
