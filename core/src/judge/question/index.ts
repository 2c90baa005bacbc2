import { amountsIn, dosesIn, timesIn, type HeardAmount, type HeardDose, type HeardTimes } from '../../hear';
import type { IsoDate, MeasureSystem } from '../../quantities';
import type { IngredientRow, PlantRow, SceneFact, Tables, Use } from '../../tables';
import { onlyOnce, type CautionFound } from '../caution';
import { hasLabel, usualLabelOf } from '../bottles';
import { judge, type Act, type ActThing } from '../judge';
import { againstPlant, notOnPlant, standsNear, testLeafFor, tryALeaf } from '../on-plant';
import { remedyUse } from '../remedy-act';
import { mentions, type Mention } from '../mentions';
import { needsOf, type Need } from './needs';
import { isThere } from './denied';
import { blanked, factsIn, isBeside, nameable, type Named } from './names';
import { apartIn, daysToHarvestIn, heldIn, keptApart } from './order';
import { unknownIn } from './unknown';
import { isYoung, whereItGoes } from './use';

export { percentIn } from './figures';
export type { Need } from './needs';

/** One thing that was read from a question. */
export type ReadOf =
  | { readonly kind: 'ingredient'; readonly id: string }
  | { readonly kind: 'plant'; readonly id: string }
  | { readonly kind: 'percent'; readonly percent: number; readonly ingredient: string }
  | { readonly kind: 'label'; readonly percent: number }
  | { readonly kind: 'use'; readonly use: Use }
  | { readonly kind: 'every'; readonly days: number }
  | { readonly kind: 'fact'; readonly fact: SceneFact }
  | { readonly kind: 'apart'; readonly days: number };

/** A question in a gardener's words, as far as it is understood. */
export interface Asked {
  readonly act: Act;
  /** What the judge says of it, with what plants and days to keep apart have to say. The gravest first. */
  readonly cautions: readonly CautionFound[];
  /** What was read. */
  readonly understood: readonly ReadOf[];
  /** What has to be known before it can be called fine. */
  readonly needs: readonly Need[];
  /** Words that may be a substance nobody here knows. */
  readonly notUnderstood: readonly string[];
}

/** How the gardener speaks: whose cups, and what day it is. */
export interface Speaker {
  readonly measures: MeasureSystem;
  readonly today?: IsoDate;
}

/** Reads a question such as "may I put 20 % vinegar on weeds near the pond". Unknown words are handed back, not guessed. */
export function readQuestion(tables: Tables, line: string, { measures, today }: Speaker): Asked {
  const lower = line.toLowerCase();
  const named = withFeeds(tables, lower, mentions(nameable(tables), lower));
  const all = named.flatMap((found) => (found.row.kind === 'ingredient' ? [{ ...found, row: found.row.row }] : []));
  const things = all.filter(isThere(lower));
  const plants = named.flatMap((found) => (found.row.kind === 'plant' ? [{ ...found, row: found.row.row }] : []));
  const isAboutWeeds = named.some(({ row }) => row.kind === 'weed');
  const heardFacts = factsIn(tables, lower, plants, isAboutWeeds, measures);
  const times = timesIn(lower, today);
  // Water is what things are put into; an amount beside it is no dose of it.
  const dosed = things.filter(({ row }) => row.id !== 'water');
  const heard = dosesIn(
    lower,
    dosed.map(({ at, length, row }) => ({
      at,
      length,
      form: row.form,
      density: row.density,
      hasLabel: hasLabel(row),
    })),
    measures,
  );
  // "Leaf-mould brew" is no leaf.
  const places = dosed.reduce((text, { at, length }) => blanked(text, at, length), lower);
  const use = whereItGoes(places, heardFacts, plants, things);
  const isByLabel = heard.some(({ labelRate }) => labelRate === 1);
  const facts = [...new Set([...heardFacts, ...factsOfUse(use), ...(isByLabel ? (['by-label'] as const) : [])])];
  const said = onceEach(things.map((mention) => ({ mention, dose: heard[dosed.indexOf(mention)] ?? {} })));
  const apart = apartIn(lower, things, times);
  const earlier = new Set(apart?.earlier ?? []);
  const held = heldIn(lower, things);
  const used = said.filter(({ mention }) => !earlier.has(mention) && !held.includes(mention));
  const daysToHarvest = daysToHarvestIn(lower, times);
  const act: Act = {
    things: used.flatMap(({ mention, dose }) => {
      const thing = thingOf(mention.row, dose, use, facts);
      const nitrogen = mention.row.classes.includes('feed') ? nitrogenOf(lower, dose) : undefined;
      return nitrogen
        ? [{ classes: thing.classes, ...(thing.ingredient ? { ingredient: thing.ingredient } : {}) }, nitrogen]
        : [thing];
    }),
    facts,
    before: [
      ...said
        .filter(({ mention }) => earlier.has(mention))
        .flatMap(({ mention: { row } }) =>
          (['plant', 'bed'] as const).map((where) => ({ classes: row.classes, where, daysAgo: apart?.days ?? 0 })),
        ),
      ...held.map(({ row: { classes } }) => ({ classes, where: 'tank' as const, daysAgo: 0 })),
    ],
    ...(daysToHarvest === undefined ? {} : { daysToHarvest }),
    ...(use === undefined ? {} : { use }),
    ...(isYoung(lower, plants) ? { isYoung: true } : {}),
    ...(wasTested(lower) ? { isTested: true } : {}),
    ...pacesOf(times, use, amountsIn(lower, measures)),
    isHeard: true,
  };
  const cautions = onlyOnce([
    ...judge(tables, act),
    ...used.flatMap(({ mention }) => plants.flatMap((plant) => onPlant(tables, mention.row, plant, lower, act))),
    ...(apart ? keptApart(tables, apart) : []),
  ]);
  return {
    act,
    cautions,
    understood: [
      ...things.map(({ row: { id } }) => ({ kind: 'ingredient', id }) as const),
      ...readDoses(said),
      ...plants.map(({ row: { id } }) => ({ kind: 'plant', id }) as const),
      ...(use === undefined ? [] : [{ kind: 'use', use } as const]),
      ...(act.everyDays === undefined ? [] : [{ kind: 'every', days: act.everyDays } as const]),
      ...facts.map((fact) => ({ kind: 'fact', fact }) as const),
      ...(apart ? [{ kind: 'apart', days: apart.days } as const] : []),
    ],
    needs: needsOf(tables, act, used, named, lower),
    notUnderstood: unknownIn(tables, lower, named),
  };
}

/** Of a thing that is named twice the mention with a strength counts: "the 3 % peroxide … how much peroxide". */
function onceEach(
  said: readonly { readonly mention: Mention<IngredientRow>; readonly dose: HeardDose }[],
): { mention: Mention<IngredientRow>; dose: HeardDose }[] {
  const rows = new Map<string, { mention: Mention<IngredientRow>; dose: HeardDose }>();
  for (const one of said) {
    const known = rows.get(one.mention.row.id);
    if (!known) rows.set(one.mention.row.id, one);
    else rows.set(one.mention.row.id, { mention: known.mention, dose: { ...one.dose, ...known.dose } });
  }
  return [...rows.values()];
}

function thingOf(row: IngredientRow, dose: HeardDose, use: Use | undefined, facts: readonly SceneFact[]): ActThing {
  const label = dose.label ?? usualLabelOf(row);
  const isThinned = dose.percent !== undefined;
  const isWhole =
    !isThinned && (dose.neat === true || (hasLabel(row) && dose.label !== undefined && use !== undefined));
  const share = isThinned ? dose.percent : isWhole ? neat : undefined;
  const strength =
    share === undefined ? undefined : hasLabel(row) && label !== undefined ? (share * label) / 100 : share;
  return {
    ingredient: row.id,
    // What is said to be sprayed is a spray, whatever it is.
    classes: use === 'leaf' || facts.includes('on-leaves') ? [...row.classes, 'spray'] : row.classes,
    ...(dose.label === undefined ? {} : { percent: dose.label }),
    ...(strength === undefined ? {} : { dose: strength }),
    ...(dose.perArea === undefined ? {} : { perArea: dose.perArea }),
    ...(dose.labelRate === undefined ? {} : { labelRate: dose.labelRate }),
  };
}

const neat = 100;

/** N-P-K as it stands on a label: "4-3-8". */
const npk = /(?<![\d-])(\d{1,2})-(\d{1,2})-(\d{1,2})(?![\d-])/;

/** "20-20-20" names a feed by its numbers, where no other word does. */
function withFeeds(tables: Tables, line: string, named: readonly Mention<Named>[]): Mention<Named>[] {
  const found = npk.exec(line);
  const isThere = named.some(({ row }) => row.kind === 'ingredient' && row.row.classes.includes('feed'));
  const row = tables.ingredients.find(
    ({ id }) =>
      id ===
      (/\b(?:soluble|powder|granul\w+|crystals|g|grams?|oz|ounces?)\b/.test(line) ? 'feed-powder' : 'seedling-feed'),
  );
  if (!found || isThere || !row) return [...named];
  return [...named, { row: { kind: 'ingredient', row } as const, at: found.index, length: found[0].length }].sort(
    (a, b) => a.at - b.at,
  );
}

/** The nitrogen of a feed in what goes on, g in 100 mL, where its label is named. */
function nitrogenOf(line: string, { percent }: HeardDose): ActThing | undefined {
  const share = npk.exec(line)?.[1];
  return share === undefined || percent === undefined
    ? undefined
    : { ingredient: 'nitrogen', classes: ['nitrogen'], dose: (percent * Number(share)) / 100 };
}

/** What follows from where it goes. */
const factsOfUse = (use: Use | undefined): SceneFact[] =>
  use === 'leaf' ? ['on-leaves'] : use === 'root' || use === 'soil' ? ['on-soil'] : [];

function pacesOf(
  { every, lasting, age }: HeardTimes,
  use: Use | undefined,
  amounts: readonly HeardAmount[],
): Partial<Act> {
  // What is soaked is soaked for as long as the line says, whatever the words.
  const spell = lasting ?? amounts.find(({ kind, amount }) => kind === 'time' && amount <= 3)?.amount;
  return {
    ...(every === undefined ? {} : { everyDays: every }),
    ...(spell === undefined || (use !== 'soak' && use !== 'tool') ? {} : { soakMinutes: spell * 1440 }),
    ...(age === undefined ? {} : { ageDays: age }),
  };
}

/** "Tested two leaves on Tuesday, no marks". */
const wasTested = (line: string): boolean =>
  /\b(?:tested|tried|trialled|did)\b[^.;?!]{0,30}\b(?:lea(?:f|ves)|patch|shoot)\b/.test(line) &&
  !/\b(?:not|hasn'?t|haven'?t|never|without|no)\b[^.;?!]{0,20}\b(?:test|tried|done)/.test(line);

const readDoses = (said: readonly { mention: Mention<IngredientRow>; dose: HeardDose }[]): ReadOf[] =>
  said.flatMap(({ mention, dose }) => [
    ...(dose.label === undefined ? [] : [{ kind: 'label', percent: dose.label } as const]),
    ...(dose.percent === undefined
      ? []
      : [{ kind: 'percent', percent: Number(dose.percent.toPrecision(3)), ingredient: mention.row.id } as const]),
  ]);

/** What remedies of the same first class say about a plant: a stop where none of them may go on it. */
function onPlant(
  tables: Tables,
  row: IngredientRow,
  plant: Mention<PlantRow>,
  line: string,
  { use, isTested }: Act,
): CautionFound[] {
  // A leaf that is not wetted is not hurt: what is bait, or on a blade, says nothing of the plant.
  if (use === 'tool' || use === 'bait') return [];
  const alike = tables.remedies.filter(
    ({ classes, recipe, rung }) =>
      rung !== 'care' && (recipe?.ingredient === row.id || (classes[0] !== undefined && classes[0] === row.classes[0])),
  );
  if (alike.length === 0) return [];
  const fitting = alike.filter((remedy) => remedyUse(remedy) === use);
  const against = (fitting.length > 0 ? fitting : alike).map((remedy) => againstPlant(tables, remedy, plant.row.id));
  const why = against.every((reason) => reason !== undefined) ? against[0] : undefined;
  if (why !== undefined) return [isBeside(plant, line) ? standsNear(plant.row, why) : notOnPlant(plant.row, why)];
  const test = alike.map((remedy) => testLeafFor(tables, remedy, plant.row.id)).find((reason) => reason !== undefined);
  return test === undefined || isTested ? [] : [tryALeaf(plant.row, test)];
}
