import type { CautionSaid } from '../contract/mix';
import { isFiller, lexiconOf, plantNamesOf, readableStems, tokensOf } from '../read/words';
import {
  type IngredientRow,
  type PlantRow,
  type RemedyRow,
  type SceneFact,
  type Tables,
  type WeedRow,
} from '../tables';
import { againstPlant, testLeafFor } from './choose';
import { namesOneOf, mentions, type Mention } from './mentions';
import { weatherFacts, type Scene, type Thing } from './safety';

/** A question in a gardener's words, as far as it is understood. */
export interface Asked {
  readonly scene: Scene;
  /** What plants, limits of strength and days to keep apart have to say, besides the rules. */
  readonly cautions: readonly CautionSaid[];
  /** What was read, in words. */
  readonly understood: readonly string[];
  /** Words that may be a substance or a place nobody here knows. */
  readonly notUnderstood: readonly string[];
}

type Named =
  | { readonly kind: 'ingredient'; readonly row: IngredientRow }
  | { readonly kind: 'plant'; readonly row: PlantRow }
  | { readonly kind: 'weed'; readonly row: WeedRow };

/** Reads a question such as "may I put 20 % vinegar on weeds near the pond". Unknown words are handed back, not guessed. */
export function readQuestion(tables: Tables, line: string): Asked {
  const lower = line.toLowerCase();
  const named = mentions(nameable(tables), lower);
  const things = named.flatMap((found) => (found.row.kind === 'ingredient' ? [{ ...found, row: found.row.row }] : []));
  const plants = named.flatMap((found) => (found.row.kind === 'plant' ? [{ ...found, row: found.row.row }] : []));
  const isAboutWeeds = named.some(({ row }) => row.kind === 'weed');
  const facts = factsIn(tables, lower, plants, isAboutWeeds);
  const said = things.map((thing) => strengthsOf(tables, thing, things, lower, facts));
  const apart = apartIn(lower, things);
  const earlier = new Set(apart?.earlier ?? []);
  const daysToHarvest = daysToHarvestIn(lower);
  const held = heldIn(lower, things);
  const used = said.filter(({ mention }) => !earlier.has(mention) && !held.includes(mention));
  return {
    scene: {
      things: used.map(({ thing }) => thing),
      facts,
      before: [
        ...said
          .filter(({ mention }) => earlier.has(mention))
          .flatMap(({ thing: { classes } }) =>
            (['plant', 'bed'] as const).map((where) => ({ classes, where, daysAgo: apart?.days ?? 0 })),
          ),
        ...held.map(({ row: { classes } }) => ({ classes, where: 'tank' as const, daysAgo: 0 })),
      ],
      ...(daysToHarvest === undefined ? {} : { daysToHarvest }),
    },
    cautions: onlyOnce([
      ...used.flatMap(({ beyond }) => beyond ?? []),
      ...used.flatMap(({ mention }) => plants.flatMap((plant) => onPlant(tables, mention.row, plant, lower))),
      ...(apart ? keptApart(tables, apart) : []),
    ]),
    understood: [
      ...new Set([
        ...things.map(({ row }) => row.name),
        ...percentsIn(lower).map(({ percent }) => `${percent} %`),
        ...plants.map(({ row }) => row.name),
        ...facts.map((fact) => fact.replace(/-/g, ' ')),
        ...(apart ? [`${apart.days} days apart`] : []),
      ]),
    ],
    notUnderstood: unknownIn(tables, lower, named),
  };
}

const onlyOnce = (said: readonly CautionSaid[]): CautionSaid[] =>
  said.filter(({ says }, index) => said.findIndex((other) => other.says === says) === index);

/** "Two weeks before picking", "we eat them tomorrow". */
function daysToHarvestIn(line: string): number | undefined {
  const found = untilHarvest.exec(line);
  if (found) return numberIn(found[1] ?? '') * (spans[found[2] ?? ''] ?? 1);
  return soonEaten.test(line) ? 1 : undefined;
}

const namedThings = new WeakMap<object, readonly { row: Named; words: readonly string[] }[]>();

/** Ingredients and plants in one list, so that an "ash tree" is no ash and "tomato feed" no tomato. */
function nameable({ ingredients, plants, weeds }: Tables): readonly { row: Named; words: readonly string[] }[] {
  const known = namedThings.get(ingredients);
  if (known) return known;
  const built = [
    ...ingredients.map((row) => ({
      row: { kind: 'ingredient', row } as const,
      words: [row.name.toLowerCase(), ...row.words],
    })),
    ...plants.map((row) => ({
      row: { kind: 'plant', row } as const,
      words: plantNamesOf(row)
        .map((name) => name.trim().toLowerCase())
        .filter((name) => name !== ''),
    })),
    ...weeds.map((row) => ({
      row: { kind: 'weed', row } as const,
      words: [row.name, ...row.synonyms].map((name) => name.toLowerCase()),
    })),
  ];
  namedThings.set(ingredients, built);
  return built;
}

const groupFacts: Readonly<Record<string, SceneFact>> = {
  fern: 'fern-or-tender',
  seedling: 'fern-or-tender',
  'acid-lover': 'acid-lover',
};

function factsIn(
  { sceneFacts }: Pick<Tables, 'sceneFacts'>,
  whole: string,
  plants: readonly Mention<PlantRow>[],
  isAboutWeeds: boolean,
): SceneFact[] {
  // What stands beside it says nothing of where it goes.
  const line = plants
    .filter((plant) => isBeside(plant, whole))
    .reduce((text, { at, length }) => blanked(text, at, length), whole);
  const temperature = celsius(line);
  return [
    ...new Set([
      ...sceneFacts.filter(({ words }) => namesOneOf(words, line)).map(({ id }) => id),
      ...plants
        .filter((plant) => !isBeside(plant, line))
        .flatMap(({ row }) => row.groups.flatMap((group) => groupFacts[group] ?? [])),
      ...(plants.some((plant) => isTarget(plant, line)) ? (['on-plant'] as const) : []),
      ...(isAboutWeeds ? (['as-weedkiller'] as const) : []),
      ...(temperature === undefined ? [] : weatherFacts({ temperature })),
    ]),
  ];
}

const blanked = (text: string, at: number, length: number): string =>
  text.slice(0, at) + ' '.repeat(length) + text.slice(at + length);

/** "On my tomatoes", "over the leaves of the beans": it is put on them. */
const isTarget = ({ at }: { readonly at: number }, line: string): boolean =>
  /\b(?:on|onto|over)\s+(?:[a-z]+\s+){0,3}$/.test(line.slice(0, at)) && !isBeside({ at }, line);

/** "The fern next to it" is not what is wetted. */
const isBeside = ({ at }: { readonly at: number }, line: string): boolean =>
  /\b(?:near|beside|next to|close to|by the|under|below|behind|away from)\s+(?:[a-z]+\s+){0,2}$/.test(
    line.slice(0, at),
  );

// --- strengths ------------------------------------------------------------------------------------

interface PercentSaid {
  readonly percent: number;
  readonly at: number;
}

function percentsIn(line: string): PercentSaid[] {
  return [...line.matchAll(/(\d+(?:[.,]\d+)?)\s*(?:%|percent|per cent)/gi)].map((found) => ({
    percent: Number((found[1] ?? '0').replace(',', '.')),
    at: found.index,
  }));
}

/** A label's strength in a word like "vinegar 20 %". */
export const percentIn = (line: string): number | undefined => percentsIn(line)[0]?.percent;

const numberWords: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, eight: 8, nine: 9, ten: 10, twenty: 20 },
  half: 0.5,
};
const numberIn = (text: string): number => numberWords[text] ?? Number(text.replace(',', '.'));
const number = String.raw`\d+(?:[.,]\d+)?|${Object.keys(numberWords).join('|')}`;

/** mL, or g where a spoon or cup of powder is meant: near enough for "far too much". */
const measures: readonly [RegExp, number][] = [
  [/^(?:ml|millilit(?:re|er)s?|cc|g|grams?|grammes?)$/, 1],
  [/^(?:l|lit(?:re|er)s?|kg)$/, 1000],
  [/^(?:tsps?|teaspoons?)$/, 5],
  [/^(?:tbsps?|tablespoons?)$/, 15],
  [/^(?:cups?|mugs?)$/, 240],
  [/^(?:pints?|pt)$/, 570],
  [/^(?:quarts?|qt)$/, 950],
  [/^(?:gallons?|gal)$/, 3800],
  [/^(?:oz|ounces?|fl oz)$/, 29],
];
const inMl = (unit: string): number => measures.find(([pattern]) => pattern.test(unit))?.[1] ?? Number.NaN;
const unit = String.raw`ml|millilit(?:re|er)s?|cc|g|grams?|grammes?|l|lit(?:re|er)s?|kg|tsps?|teaspoons?|tbsps?|tablespoons?|cups?|mugs?|pints?|pt|quarts?|qt|gallons?|gal|fl oz|oz|ounces?`;

const perVolume = new RegExp(
  String.raw`\b(${number})\s*(?:a\s+)?(${unit})\b(?:\s+of)?(?:\s+[a-z]+){0,3}?\s*(?:per|\/|to|in|into|for|with|a)\s*(?:each\s+|every\s+)?(?:(${number})\s*)?(${unit})\b`,
  'gi',
);
const ratio = new RegExp(
  String.raw`\b(${number})\s*(?:parts?\s+(?:of\s+)?(?:[a-z]+\s+){0,2}?)?(?::|to|in|into)\s*(${number})\b(?!\s*(?:${unit}|days?|weeks?)\b)`,
  'gi',
);

/** Shares that a line names, % of what goes on, and where. "One in ten" and "one to ten" differ by a part; either will do here. */
function sharesIn(line: string): PercentSaid[] {
  const volumes = [...line.matchAll(perVolume)].map((found) => ({
    percent:
      (100 * numberIn(found[1] ?? '') * inMl(found[2] ?? '')) /
      ((found[3] === undefined ? 1 : numberIn(found[3])) * inMl(found[4] ?? '')),
    at: found.index,
  }));
  const ratios = [...line.matchAll(ratio)].map((found) => {
    const [small, large] = [numberIn(found[1] ?? ''), numberIn(found[2] ?? '')];
    return { percent: (100 * small) / (small + large), at: found.index };
  });
  return [...volumes, ...ratios].filter(({ percent }) => Number.isFinite(percent) && percent > 0 && percent <= 100);
}

interface Said {
  readonly mention: Mention<IngredientRow>;
  readonly thing: Thing;
  readonly beyond?: CautionSaid;
}

const neat = 100;
/** % in the usual bottle, where the line names none. */
const usualPeroxide = 3;

function strengthsOf(
  { remedies }: Tables,
  mention: Mention<IngredientRow>,
  all: readonly Mention<IngredientRow>[],
  line: string,
  facts: readonly SceneFact[],
): Said {
  const { row } = mention;
  const percent = nearest(mention, all, percentsIn(line));
  const share = nearest(mention, all, sharesIn(line));
  const isApplied = facts.some((fact) => fact === 'on-leaves' || fact === 'on-soil' || fact === 'on-plant');
  const isPeroxide = row.classes.includes('peroxide');
  // A strength said without a share is that of what goes on, where it does go on something.
  const dose =
    share !== undefined
      ? isPeroxide
        ? (share * (percent ?? usualPeroxide)) / 100
        : share
      : facts.includes('neat') && isApplied && percent === undefined
        ? neat
        : isApplied
          ? percent
          : undefined;
  const cap = capOf(remedies, row, facts);
  const isOfMix = share !== undefined || (isApplied && cap?.remedy.recipe?.kind === 'percent-volume');
  const isBeyond = isOfMix && dose !== undefined && cap !== undefined && dose > cap.percent * (1 + tolerance);
  return {
    mention,
    thing: {
      // What is said to be sprayed is a spray, whatever it is.
      classes: facts.includes('on-leaves') ? [...row.classes, 'spray'] : row.classes,
      ...(percent === undefined ? {} : { percent }),
      ...(dose === undefined ? {} : { dose }),
    },
    ...(isBeyond
      ? {
          beyond: {
            level: 'stop',
            says: `About ${trim(dose)} % ${row.name.toLowerCase()} is beyond the limit of ${trim(cap.percent)} %: ${cap.why}`,
            instead: `Use the strength on the card for ${cap.remedy.name.toLowerCase()}.`,
          },
        }
      : {}),
  };
}

/** Spoons are not that exact. */
const tolerance = 0.25;
const trim = (value: number): string => String(value >= 10 ? Math.round(value) : Number(value.toPrecision(2)));

/** The highest share of an ingredient that any recipe for such a job allows, % of the ready mix. */
function capOf(
  remedies: readonly RemedyRow[],
  row: IngredientRow,
  facts: readonly SceneFact[],
): { percent: number; why: string; remedy: RemedyRow } | undefined {
  const caps = remedies.flatMap((remedy) => {
    const { recipe } = remedy;
    if (!recipe || recipe.ingredient !== (row.limitAs ?? row.id) || recipe.kind === 'bait') return [];
    const percent =
      recipe.kind === 'one-to-n'
        ? 100 / (1 + recipe.cap)
        : recipe.kind === 'grams-per-litre'
          ? recipe.cap / 10
          : recipe.cap;
    return [{ percent, why: remedy.limits[0] ?? 'plants are hurt above it', remedy }];
  });
  // What goes on leaves has a lower limit than a soak.
  const sprays = caps.filter(({ remedy }) => remedy.classes.includes('spray'));
  const isOnGround = facts.includes('on-soil') || facts.includes('as-soak');
  return (sprays.length > 0 && !isOnGround ? sprays : caps).sort((a, b) => b.percent - a.percent)[0];
}

/** The figure that stands nearest to an ingredient, if it stands nearer to no other. */
function nearest(
  mention: Mention<IngredientRow>,
  all: readonly Mention<IngredientRow>[],
  figures: readonly PercentSaid[],
): number | undefined {
  return figures.find(({ at }) => [...all].sort((a, b) => distance(a, at) - distance(b, at))[0] === mention)?.percent;
}

/** Letters between a figure and a name; what follows the figure ("20 % vinegar") is meant before what precedes it. */
const distance = ({ at: start, length }: Mention<IngredientRow>, at: number): number =>
  start >= at ? start - at : at - (start + length) + 4;

const celsius = (line: string): number | undefined => {
  const found = /(-?\d+)\s*(?:°|degrees)?\s*(c|f)?\b(?!\s*(?:%|percent|per cent|l\b|ml\b|g\b|days?))/i.exec(line);
  if (!found?.[1] || (!found[2] && !/\d\s*(?:°|degrees)/i.test(line))) return undefined;
  const value = Number(found[1]);
  return found[2]?.toLowerCase() === 'f' ? ((value - 32) * 5) / 9 : value;
};

// --- one thing after another ----------------------------------------------------------------------

interface Apart {
  readonly days: number;
  readonly earlier: readonly Mention<IngredientRow>[];
  readonly later: readonly Mention<IngredientRow>[];
}

const spans: Readonly<Record<string, number>> = { hour: 0, day: 1, week: 7, month: 30 };
const untilHarvest = new RegExp(
  String.raw`\b(${number})\s*(day|week|month)s?\s*(?:before|to|until|till|from)\s*(?:the\s+|i\s+|we\s+)?(?:harvest|pick|eat)`,
);
const soonEaten =
  /\b(?:eat|pick|harvest)\w*\s+(?:them\s+|it\s+|some\s+)?(?:today|tonight|tomorrow|now|this evening)\b|\bripe (?:now|this week)\b/;
const spanAfter = new RegExp(String.raw`\b(${number})\s+(hour|day|week|month)s?\s+(after|later|ago|before|apart)\b`);
const nextDay =
  /\b(?:the )?(next|following) (day|week|morning)\b|\b(yesterday|last week|the day before|the day after)\b/;

/** "Oil two weeks after sulphur", "peroxide today, nematodes the next day": what went on first, and how long before. */
function apartIn(line: string, things: readonly Mention<IngredientRow>[]): Apart | undefined {
  if (things.length < 2) return undefined;
  const span = spanAfter.exec(line);
  const next = nextDay.exec(line);
  if (!span && !next) return undefined;
  const days = span ? numberIn(span[1] ?? '') * (spans[span[2] ?? ''] ?? 1) : /week/.test(next?.[0] ?? '') ? 7 : 1;
  const at = span?.index ?? next?.index ?? 0;
  const [before, after] = [things.filter((thing) => thing.at < at), things.filter((thing) => thing.at >= at)];
  const word = span?.[3] ?? next?.[1] ?? next?.[3] ?? '';
  // "X two weeks after Y", "X yesterday, now Y": which side of the word went on first.
  if (word === 'after' || word === 'the day after')
    return after.length > 0 ? { days, earlier: after, later: before } : undefined;
  if (word === 'ago' || word === 'yesterday' || word === 'last week' || word === 'the day before') {
    const close = [...things].sort((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at))[0];
    return {
      days,
      earlier: things.filter((thing) => thing === close),
      later: things.filter((thing) => thing !== close),
    };
  }
  const [first, ...rest] = things;
  return first
    ? {
        days,
        earlier: before.length > 0 && after.length > 0 ? before : [first],
        later: after.length > 0 && before.length > 0 ? after : rest,
      }
    : undefined;
}

/** Days to keep apart, by the classes of what went on. */
function keptApart({ keepApart }: Tables, { days, earlier, later }: Apart): CautionSaid[] {
  const has = (found: readonly Mention<IngredientRow>[], name: string) =>
    found.some(({ row }) => row.classes.includes(name));
  return keepApart
    .filter(
      ({ a, b, days: wanted, scope }) =>
        scope !== 'trail' &&
        days < wanted &&
        ((has(earlier, a) && has(later, b)) || (has(earlier, b) && has(later, a))),
    )
    .map(({ days: wanted, why }) => ({
      level: 'caution',
      says: `Leave ${wanted} days between them: ${why}.`,
      instead: `Wait ${trim(wanted - days)} days more.`,
    }));
}

/** "The weedkiller sprayer", "a sprayer that held bleach": what was in the vessel before. */
const heldIn = (line: string, things: readonly Mention<IngredientRow>[]): Mention<IngredientRow>[] =>
  things.filter(({ at, length }) => {
    const [precedes, follows] = [line.slice(0, at), line.slice(at + length)];
    const isItsVessel = /^\s+(?:sprayer|bottle|can|tank)\b/.test(follows) && things.length > 1;
    return isItsVessel || /\b(?:held|had|used for|contained)\s+(?:[a-z]+\s+){0,2}$/.test(precedes);
  });

// --- plants ---------------------------------------------------------------------------------------

/** What remedies of the same first class say about a plant: a stop where none of them may go on it. */
function onPlant(tables: Tables, row: IngredientRow, plant: Mention<PlantRow>, line: string): CautionSaid[] {
  const alike = tables.remedies.filter(
    ({ classes, recipe, rung }) =>
      rung !== 'care' && (recipe?.ingredient === row.id || (classes[0] !== undefined && classes[0] === row.classes[0])),
  );
  if (alike.length === 0) return [];
  const name = plant.row.name.toLowerCase();
  const against = alike.map((remedy) => againstPlant(tables, remedy, plant.row.id));
  const why = against.every((reason) => reason !== undefined) ? against[0] : undefined;
  if (why !== undefined)
    return isBeside(plant, line)
      ? [{ level: 'caution', says: `${plant.row.name} stands near: ${why}. Do not let it be wetted.` }]
      : [{ level: 'stop', says: `Not on ${name}: ${why}.`, instead: 'Work by hand or with water there.' }];
  const test = alike.map((remedy) => testLeafFor(tables, remedy, plant.row.id)).find((reason) => reason !== undefined);
  return test === undefined
    ? []
    : [{ level: 'caution', says: `${plant.row.name}: ${test}. Wet two or three leaves and wait 48 hours.` }];
}

// --- what is not known ----------------------------------------------------------------------------

/** Words of asking, doing and measuring that name nothing; see fillers in read/words for the rest. */
const neutral = new Set(
  `may mix mixing mixed mixture put pour pouring poured add adding added use using used spray sprayed spraying dab dabbed wipe wash washing washed
  rinse clean cleaning cleaned cleaner soak soaking soaked steep stir stirring dilute diluted thin thinned strength strong weak neat part parts ratio
  litre litres liter liters ml mls millilitre cup cups spoon spoons teaspoon teaspoons tablespoon tablespoons gram grams kilo kg ounce pint gallon
  percent held contained bottle bottles bucket buckets jar jars jug vessel tank sprayer sprayers watering can cans tray trays tool tools secateurs knife glove gloves
  mask goggles lid cloth dish cap same together once twice later apart before tonight tomorrow hour hours safe safely okay allowed want try trying
  against treat treating kill killing get rid stop keep away eat eating eaten people person neighbour everything anything somebody someone
  grade food pure organic natural homemade home made household kitchen hot warm cold boiling boil boiled brew brewed fill filled splash little drop drops
  handful pinch scatter sprinkle sprinkled dust dusting bury dig hole tree trees leaf leaves root roots stem flower flowers fruit fruits soil ground lawn grass
  weed weeds insect insects bug bugs pest pests vegetable vegetables veg crop crops bright full sun sunny shade evening noon dusk dawn day heat
  without wearing contact lenses eye eyes skin hand hands hungry ripe tap spare leftover leftovers fresh old new empty compost water rain
  bin barrel shed garage store stored storing myself alone let letting degrees`.split(/\s+/),
);

/** Words that nothing here accounts for: they may be a substance, so what they are in is not called safe. */
function unknownIn(tables: Tables, line: string, named: readonly Mention<Named>[]): string[] {
  const lexicon = lexiconOf(tables);
  const factWords = tables.sceneFacts.flatMap(({ words }) => words);
  const rest = named.reduce((text, { at, length }) => blanked(text, at, length), line);
  const known = new Set(factWords.flatMap((words) => tokensOf(words).map(({ stem }) => stem)));
  const unknown = tokensOf(rest)
    .filter((token) => !isFiller(token) && !neutral.has(token.word) && !known.has(token.stem))
    .filter((token) => !readableStems(token, lexicon).some((stem) => lexicon.stems.has(stem)))
    .map(({ word }) => word);
  return [...new Set(unknown)];
}
