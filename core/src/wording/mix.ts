import type { CautionSaid, Mixed, MixPart, MixResponse, Todo, Worked, WorkingLine } from '../contract/mix';
import { cautionKey, type CautionFound, type Need, type ReadOf } from '../judge';
import type { HardWaterFound, MixFound, ResultFound, ShoppingItem, SlipFound, StrengthFound } from '../mix';
import type { LoadInAll } from '../jobs';
import type { PartFound } from '../mix/parts';
import { sharesLost } from '../mix/soap';
import {
  baseUnitOf,
  bulkWords,
  figureOf,
  grams,
  inBaseUnit,
  inWords,
  measurePowder,
  measureWater,
  measureWithSpoons,
  millilitres,
  mL,
  plainNumber,
  spoonWords,
  systems,
  toSi,
  unitWords,
  type Measured,
  type MeasureSystem,
  type Said,
} from '../quantities';
import { rowById, type RecipeSpec, type RemedyRow, type Tables, type Use } from '../tables';
import { toolWords } from './bench';
import type { SaysWords } from './bench/words';
import { cardWords } from './card';
import { factWords } from './facts';
import { waterNames } from './learnt';
import { fill, pourWords, weightWords } from './everyday/fill';
import { counted, lowerFirst, moneyWords, sentences } from './everyday/language';

/** Everything that mixing says, by code. `{ingredient}` and the like are names, filled in from the tables. */
const steps: Readonly<Record<string, string>> = {
  water: 'Fill in {water} of water',
  'water-first': 'Fill in {water} of water first',
  lukewarm: 'Fill in {water} of lukewarm water',
  warm: 'Warm {water} of water',
  add: 'Add {amount} of {ingredient}',
  'pour-in': 'Pour in {amount} of {ingredient}',
  'stir-in': 'Stir in {amount} of {ingredient} until nothing is left at the bottom',
  cream: 'Shake {amount} of {ingredient} with {otherAmount} of {other} and as much water to a cream',
  dissolve: 'Dissolve {amount} of {ingredient}',
  'dissolve-gloved': 'Dissolve {amount} of {ingredient}; wear gloves',
  'fill-up': 'Fill up with {water} of water',
  'fill-up-shaking': 'Fill up with {water} of water, shaking',
  'shake-again': 'Shake again while you spray',
  swirl: 'Swirl, do not shake, so that it does not foam',
  'swirl-once': 'Swirl once; use it at once',
  stir: 'Stir',
  'stir-and-strain': 'Stir, and strain what goes into a sprayer',
  'cool-and-label': 'Let it cool, label it with what, how strong and when',
  'own-step': '{text}',
};

const working: Readonly<Record<string, readonly [what: string, how: string, value: string]>> = {
  'by-volume': ['{ingredient}', '{ready} × {percent} ÷ 100', '{stock}'],
  'one-to': ['{ingredient}, 1 part to {parts} of water', '{ready} ÷ ({parts} + 1)', '{stock}'],
  'by-weight': ['{ingredient}', '{ready} × {rate}', '{weight}'],
  'by-rate': ['{ingredient}', '{ready} × {rate}', '{amount}'],
  'from-bottle': ['{ingredient} from a {bottle} % bottle (C₁V₁ = C₂V₂)', '{ready} × {percent} ÷ {bottle}', '{stock}'],
  syrup: ['Syrup', '{ready}, {density} times as heavy as water', '{total}'],
  boric: ['Boric acid', '{total} × {percent} ÷ 100', '{boric}'],
  'as-borax': ['as borax', '{boric} ÷ {share}', '{borax}'],
  sugar: ['Sugar', '{total} × {percent} ÷ 100', '{sugar}'],
  also: ['{ingredient} ({why})', '{ready} × {rate}', '{amount}'],
  'soap-put': ['Soap put in', '{rate} of a liquid that is {content} soap by weight over volume', '{put}'],
  'soap-bound': ['Soap bound by hard water, at most', '2 × {hardness} ÷ 100.09 × 320.6', '{bound}'],
  'soap-left': ['Soap left to work, at least', '{put} − {bound}', '{free}'],
};

/** What a caution says where its figures are no longer at hand; undefined where it says nothing without them. */
export const cautionAlone = (code: string): string | undefined => {
  const [says] = cautions[code] ?? [];
  return says === undefined || says.includes('{') ? undefined : says;
};

const cautions: Readonly<Record<string, SaysWords>> = {
  'beyond-cap': [
    '{strength} is beyond the limit of {limit}: {why}',
    'Use {usual}, look after two days, and step up only then.',
  ],
  'too-much-soap': [
    '{strength} % of a {content} % soap is {put} of soap; leaves bear {most}.',
    'With this soap use at most {allowed} %.',
  ],
  'not-on-plant': ['Not on {plant}: {why}.', 'Work by hand or with water there.'],
  'try-a-leaf': '{plant}: {why}. Wet two or three leaves and wait 48 hours.',
  'go-lightly': [
    '{plant}: {why}. Its leaves have borne it: go lightly.',
    'Rinse it off after two hours and look again the next day.',
  ],
  'stands-near': '{plant} stands near: {why}. Do not let it be wetted.',
  'over-limit': ['{dose} % of {ingredient} is over the limit of {most} %: {why}.', '{instead}'],
  'test-first': [
    '{dose} % of {ingredient} is over {most} %: up to {tested} % only after two or three leaves have borne it for 48 hours.',
    '{instead}',
  ],
  'nothing-of-it': ['No {ingredient} there: {why}.', '{instead}'],
  'over-label': [
    'More {ingredient} than its label says burns or poisons: the label is the limit.',
    'Use the rate on the label, or half of it first.',
  ],
  'over-area': ['{rate} is over the limit of {limitRate}: {why}.', '{instead}'],
  'over-depth': ['A layer of {depth} is more than {most}: {why}.', '{instead}'],
  'too-often': ['That is too often: {why}.', '{instead}'],
  'test-harmed': [
    'The test leaves were marked: this plant does not bear it.',
    'Stop it here, rinse those leaves, and choose another remedy.',
  ],
  'test-unseen': ['Nobody has looked at the test leaves yet.', 'Look at them and note what you see; then the rest.'],
  'test-runs': ['The test leaf needs {wanted:day|days}.', 'Look at it in {wait:day|days}, then spray the whole.'],
  'too-soon': ['Leave {wanted:day|days} between two rounds.', 'Later, if it is still needed.'],
  'too-many': ['At most {most} times in {within:day|days}.', 'Something else now, or wait and look.'],
  'too-long': ['That is too long: {why}.', '{instead}'],
  'too-old': ['That is too old: {why}.', '{instead}'],
  'too-cold': ['Too cold for it, under {degrees}: {why}.', '{instead}'],
  'too-warm': ['Too warm for it, above {degrees}: {why}.', '{instead}'],
  'too-young': [
    'Seedlings live on their seed until {wanted:day|days} after they sprouted.',
    'Feed them in {wait:day|days}.',
  ],
  'wait-to-pick': ['Leave {wanted:day|days} between this and picking, then wash.', 'Pick {wait:day|days} later.'],
  'out-of-season': ['It is for {months:months}.', 'Note it for then.'],
  'days-between': ['Leave {wanted:day|days} between them: {why}.', 'Wait {wait:day|days} more.'],
};

/** Everything that mixing itself may say, for the test that walks it all. */
export const mixSentences = { steps, working, cautions };

/** What was found, as a card that can be followed. @param tables with their amounts in the reader's measures */
export function mixWords(tables: Tables, found: MixFound, system: MeasureSystem): MixResponse {
  switch (found.kind) {
    case 'worked':
      return workedWords(tables, found, system);
    case 'mix':
      return mixedWords(tables, found, system);
    case 'checked': {
      const said = found.cautions.map((caution) => cautionWords(tables, caution, system));
      const notUnderstood = [...found.notUnderstood];
      const unknown =
        notUnderstood.length > 0
          ? `Not known here: ${notUnderstood.join(', ')}. What is not known cannot be called safe.`
          : '';
      const [first] = said;
      const asks = found.needs.map((need) => needWords(tables, need, system));
      const mind = first ? `Mind this: ${sentences(first.says, first.instead)}` : '';
      return {
        kind: 'checked',
        cautions: said,
        says:
          sentences(unknown, asks[0]?.asks, mind) ||
          'No rule here speaks against it. Labels and local rules come first.',
        understood: readWords(tables, found.understood, system),
        ...(asks.length > 0 ? { asks } : {}),
        notUnderstood,
        ...(found.notUsed.length > 0 ? { notUsed: [...found.notUsed] } : {}),
      };
    }
    case 'refused': {
      const because = found.because.map((caution) => cautionWords(tables, caution, system, found.tool));
      const stop = because.find(({ level }) => level === 'stop') ?? because[0];
      return {
        kind: 'refused',
        because,
        says: sentences('Stop.', stop?.says, stop?.instead),
        understood: readWords(tables, found.understood, system),
        ...(found.notUnderstood.length > 0 ? { notUnderstood: [...found.notUnderstood] } : {}),
        ...(found.notUsed.length > 0 ? { notUsed: [...found.notUsed] } : {}),
      };
    }
    default:
      return found satisfies never;
  }
}

function workedWords(tables: Tables, found: Extract<MixFound, { kind: 'worked' }>, system: MeasureSystem): Worked {
  const words = toolWords(found.tool);
  const say = (template: SaysWords | undefined, { code, with: data }: Said) => {
    if (template === undefined) throw new Error(`"${code}" of the tool "${found.tool}" has no words`);
    return fill(typeof template === 'string' ? template : template[0], data, system);
  };
  return {
    kind: 'worked',
    tool: found.tool,
    name: words.name,
    results: found.results.map((row) => resultWords(found.tool, row, system)),
    parts: found.parts.map((part) => partWords(tables, part, system)),
    ...(found.waterMl === undefined ? {} : { water: waterOf(found.waterMl, system) }),
    order: found.order.map((one) => ({ id: one.code, says: say(words.says[one.code], one) })),
    cautions: found.cautions.map((caution) => cautionWords(tables, caution, system, found.tool)),
    ...(found.slip ? { slip: slipWords(found.slip, system) } : {}),
    working: found.working.map((one) => workingWords(words.working[one.code], one, system)),
    ...(found.curve && words.curve
      ? {
          curve: {
            ...words.curve,
            points: found.curve.points.map(([x, y]): [number, number] => [x, y]),
            ...(found.curve.here ? { here: [...found.curve.here] as [number, number] } : {}),
          },
        }
      : {}),
    ...(found.honest ? { honest: say(words.says[found.honest.code], found.honest) } : {}),
    ...(found.grade ? { grade: found.grade } : {}),
  };
}

/** A figure with its unit, rounded for reading; the value stays in the unit it is reckoned in. */
function resultWords(tool: string, { id, value, digits, main, is }: ResultFound, system: MeasureSystem) {
  const words = toolWords(tool);
  const label = words.results[id];
  if (label === undefined) throw new Error(`the result "${id}" of the tool "${tool}" has no words`);
  const [name, says = '{value}'] = typeof label === 'string' ? [label] : label;
  const figure = typeof value === 'number' ? value : figureOf(value);
  const named = is === undefined ? undefined : words.is?.[is];
  const shownValue = typeof value === 'number' ? Number(value.toFixed(digits)) : value;
  return {
    id,
    label: fill(name, {}, system),
    value: Number(figure.toFixed(Math.max(digits, 3))),
    unit: typeof value === 'number' ? '' : (value.unit ?? baseUnitOf(value.kind)),
    says: named ?? fill(says, { value: shownValue }, system),
    ...(main ? { main } : {}),
  };
}

function workingWords(
  template: readonly [what: string, how: string, value: string] | undefined,
  { code, with: data }: Said,
  system: MeasureSystem,
): WorkingLine {
  if (!template) throw new Error(`the working "${code}" has no words`);
  const [what, how, value] = template.map((text) => fill(text, data, system)) as [string, string, string];
  return { id: code, what, how, value };
}

function mixedWords(tables: Tables, found: Extract<MixFound, { kind: 'mix' }>, system: MeasureSystem): Mixed {
  const remedy = found.of.kind === 'remedy' ? rowById(tables.remedies, found.of.remedy, 'remedies') : undefined;
  const named = (one: Said) => ({ ...one, with: withNames(tables, one.with) });
  const order = found.order.map((one, at): Todo => {
    const { code, with: data } = named(one);
    // A step of one's own has no code but its place in the recipe.
    return { id: code === 'own-step' ? `own-step-${at}` : code, says: fill(steps[code] ?? '', data, system) };
  });
  return {
    kind: 'mix',
    ...(remedy ? { remedy: remedy.id } : {}),
    name: remedy?.name ?? (found.of.kind === 'own' ? found.of.name : `1 to ${plainNumber(found.strength?.value ?? 0)}`),
    strength: found.strength ? strengthLabel(remedy, found.strength, system) : 'your own recipe',
    totalMl: found.totalMl,
    water: waterOf(found.waterMl, system),
    parts: found.parts.map((part) => partWords(tables, part, system)),
    order: uniqueIds(order),
    ...(found.hardWater ? { hardWater: hardWaterWords(found.hardWater, system) } : {}),
    cautions: found.cautions.map((caution) => cautionWords(tables, caution, system)),
    ...(remedy ? { card: cardWords(remedy, system) } : {}),
    ...(found.slip ? { slip: slipWords(found.slip, system) } : {}),
    working: found.working.map((one) => workingWords(working[one.code], named(one), system)),
    ...(remedy
      ? { honest: remedy.honest }
      : found.of.kind === 'own'
        ? { honest: 'Your own recipe: nobody has tried it but you. Count before and after.' }
        : {}),
    ...(found.grade ? { grade: found.grade } : {}),
  };
}

/** The same thing may be added twice over (two powders): each line needs an id of its own. */
const uniqueIds = (order: readonly Todo[]): Todo[] => {
  const times = new Map<string, number>();
  return order.map((todo) => {
    const before = times.get(todo.id) ?? 0;
    times.set(todo.id, before + 1);
    return before === 0 ? todo : { ...todo, id: `${todo.id}-${before + 1}` };
  });
};

/** Ids in a sentence's data turned into names: ingredients and plants, small inside a sentence. */
function withNames(tables: Tables, data: Said['with']): Said['with'] {
  const { ingredient, other, plant, remedy } = data;
  const name = (id: unknown, rows: readonly { readonly id: string; readonly name: string }[], table: string) =>
    typeof id === 'string' ? lowerFirst(rowById(rows, id, table).name) : undefined;
  return {
    ...data,
    ...(ingredient === undefined
      ? {}
      : { ingredient: ingredient === 'stock' ? 'stock' : (name(ingredient, tables.ingredients, 'ingredients') ?? '') }),
    ...(other === undefined ? {} : { other: name(other, tables.ingredients, 'ingredients') ?? '' }),
    ...(plant === undefined ? {} : { plant: name(plant, tables.plants, 'plants') ?? '' }),
    ...(remedy === undefined ? {} : { remedy: name(remedy, tables.remedies, 'remedies') ?? '' }),
  };
}

/** One caution in words, with what is acknowledged when it has been read. */
export function cautionWords(tables: Tables, found: CautionFound, system: MeasureSystem, tool?: string): CautionSaid {
  const { level } = found;
  const rule = cautionKey(found);
  if ('rule' in found) {
    const { says, instead } = rowById(tables.safetyRules, found.rule, 'safetyRules');
    return { rule, level, says, instead };
  }
  if ('own' in found) {
    const own = rowById(tables.remedies, found.own.remedy, 'remedies').cautions.find(
      ({ id }) => id === found.own.caution,
    );
    return { rule, level, says: own?.says ?? '' };
  }
  const template = tool === undefined ? cautions[found.code] : toolWords(tool).says[found.code];
  if (template === undefined) throw new Error(`the caution "${found.code}" has no words`);
  const data = withNames(tables, { ...found.with, ...limitData(tables, found, system) });
  const [says, instead] = typeof template === 'string' ? [template] : template;
  return {
    rule,
    level,
    says: startLarge(fill(says, data, system)),
    ...(instead === undefined ? {} : { instead: fill(instead, data, system) }),
  };
}

/** A limit of strength in the recipe's own unit, and why it stands where it does. */
function limitData(tables: Tables, { code, with: data }: Said, system: MeasureSystem): Said['with'] {
  if (data.limit !== undefined) {
    const row = [
      ...tables.limits,
      ...tables.areaLimits,
      ...tables.depthLimits,
      ...tables.paces,
      ...tables.temperatures,
    ].find(({ id }) => id === data.limit);
    return row ? { why: row.why, instead: row.instead } : {};
  }
  if (code !== 'beyond-cap') return {};
  const remedy = rowById(tables.remedies, String(data.remedy), 'remedies');
  const why = remedy.limits[0] ?? 'plants are hurt above it';
  if (!remedy.recipe) return { why };
  const { kind } = remedy.recipe;
  const tell = (value: unknown) => strengthWords({ kind }, Number(value), system);
  return { why, strength: tell(data.value), limit: tell(data.most), usual: tell(data.usual) };
}

const startLarge = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A strength in the recipe's own unit, in words. */
export function strengthWords({ kind }: Pick<RecipeSpec, 'kind'>, value: number, system: MeasureSystem): string {
  switch (kind) {
    case 'percent-volume':
      return `${plainNumber(value)} % by volume`;
    case 'one-to-n':
      return `1 to ${plainNumber(value)}`;
    case 'grams-per-litre':
      return inWords(inBaseUnit('mass/volume', value), system);
    case 'percent-strength':
      return `${plainNumber(value)} %`;
    case 'bait':
      return `${plainNumber(value)} % boric acid`;
    default:
      return kind satisfies never;
  }
}

function strengthLabel(remedy: RemedyRow | undefined, { kind, value, named }: StrengthFound, system: MeasureSystem) {
  const label = remedy?.recipe?.strengths.find(({ id }) => id === named)?.label;
  return label ?? (remedy ? strengthWords({ kind }, value, system) : `1 part to ${plainNumber(value)} of water`);
}

/** One thing to measure out: its name, the tools, the amount, and a surer way where no spoon comes near. */
export function partWords(tables: Tables, part: PartFound, system: MeasureSystem): MixPart {
  const { ingredient, ml, grams: weight, density = 1 } = part;
  const measured =
    weight === undefined ? measureWithSpoons(millilitres(ml), system) : measurePowder(grams(weight), density, system);
  return {
    ingredient,
    name: ingredient === 'stock' ? 'Stock' : rowById(tables.ingredients, ingredient, 'ingredients').name,
    ml: Number(ml.toFixed(2)),
    ...(weight === undefined ? {} : { grams: Number(weight.toFixed(2)) }),
    pieces: measured.pieces.map((piece) => ({ ...piece })),
    spoons: spoonWords(measured),
    amount: weight === undefined ? inWords(mL(ml), system, { within: 0.05 }) : weightWords(weight, system),
    ...(measured.surer ? { surer: surerWords(measured.surer, system) } : {}),
    measuredMl: Number(measured.measuredMl.toFixed(2)),
    errorPercent: Number(measured.errorPercent.toFixed(1)),
    approximate: weight !== undefined,
  };
}

function surerWords(surer: NonNullable<Measured['surer']>, system: MeasureSystem): string {
  if (surer.kind === 'larger-batch')
    return `Surer: make ${counted(surer.times, 'time', 'times')} as much, then the spoon fits.`;
  const spoon = spoonWords({ pieces: [surer.spoon] });
  return `Surer: stir ${spoon} into ${bulkWords(measureWater(millilitres(surer.intoMl), system))} of water, and take ${pourWords(surer.useMl, system)} of that.`;
}

/** Water as a jug of that system shows it. */
function waterOf(ml: number, system: MeasureSystem): Mixed['water'] {
  const bulk = measureWater(millilitres(ml), system);
  return { ml: Number(ml.toFixed(1)), amount: bulk.amount, unit: bulk.unit, says: bulkWords(bulk) };
}

// --- soap in hard water ---------------------------------------------------------------------------

function hardWaterWords({ shareLost, extraMl, useRainWater }: HardWaterFound, system: MeasureSystem) {
  const spoons = extraMl === undefined ? undefined : pourWords(extraMl, system);
  return {
    shareLost,
    says: lossWords(shareLost.low, shareLost.high, useRainWater),
    ...(extraMl === undefined || spoons === undefined
      ? {}
      : {
          extra: {
            ml: Number(extraMl.toFixed(1)),
            spoons,
            says: `With this water, up to ${spoons} more gives the same effect.`,
          },
        }),
    useRainWater,
  };
}

function lossWords(low: number, high: number, useRainWater: boolean): string {
  if (useRainWater) return 'This water can take all of the soap: use rain water.';
  if (high < sharesLost.hardlyAny) return 'This water takes hardly any of the soap.';
  return `This water takes ${shareWords(low)} to ${shareWords(high)} of the soap. Rain water takes none.`;
}

const fractionNames: readonly [number, string][] = [
  [1 / 10, 'a tenth'],
  [1 / 6, 'a sixth'],
  [1 / 4, 'a quarter'],
  [1 / 3, 'a third'],
  [2 / 5, 'two fifths'],
  [1 / 2, 'half'],
  [3 / 5, 'three fifths'],
  [2 / 3, 'two thirds'],
  [3 / 4, 'three quarters'],
];

/** The nearest plain fraction. */
function shareWords(share: number): string {
  return fractionNames.reduce((best, next) => (Math.abs(next[0] - share) < Math.abs(best[0] - share) ? next : best))[1];
}

// --- slips, questions, shopping -------------------------------------------------------------------

function slipWords({ kind, factor, typedMl, wantedMl }: SlipFound, system: MeasureSystem) {
  const tell = (ml: number) => inWords(mL(ml), system, { within: 0.05 });
  const times = `That is ${tell(typedMl)}; the recipe wants ${tell(wantedMl)}`;
  const ratio = Math.round(systems[system].tbsp / systems[system].tsp);
  const spoons = `A tablespoon is ${ratio === 4 ? 'four' : 'three'} teaspoons here.`;
  const hint: Record<SlipFound['kind'], string> = {
    'meant-teaspoons': `. Did you mean teaspoons? ${spoons}`,
    'meant-tablespoons': `. Did you mean tablespoons? ${spoons}`,
    'gallon-for-quart': '. Is that the dose for a gallon in a quart?',
    'quart-for-gallon': '. Is that the dose for a quart in a gallon?',
    'too-much': `, ${plainNumber(Number(factor.toFixed(1)))} times less. Please measure again.`,
    'too-little': `, ${plainNumber(Number((1 / factor).toFixed(1)))} times more. Please measure again.`,
  };
  return { factor, says: `${times}${hint[kind]}` };
}

/** What was read from a question, each thing once. */
export function readWords(tables: Tables, read: readonly ReadOf[], system: MeasureSystem): string[] {
  const words = read.map((one): string => {
    switch (one.kind) {
      case 'ingredient':
        return rowById(tables.ingredients, one.id, 'ingredients').name;
      case 'plant':
        return rowById(tables.plants, one.id, 'plants').name;
      case 'work':
        return rowById(tables.works, one.id, 'works').name;
      case 'percent':
        return `${plainNumber(one.percent)} % ${lowerFirst(rowById(tables.ingredients, one.ingredient, 'ingredients').name)} in what goes on${one.from ? ` (${inWords(one.from.taken, system)} in ${inWords(one.from.base, system)})` : ''}`;
      case 'label':
        return `${plainNumber(one.percent)} % on the label`;
      case 'use':
        return useWords[one.use];
      case 'every':
        return `every ${counted(Number(one.days.toFixed(1)), 'day', 'days')}`;
      case 'fact':
        return factWords[one.fact];
      case 'apart':
        return `${counted(one.days, 'day', 'days')} apart`;
      case 'whole':
        return 'the whole of it, as people ask who mean this';
      default:
        return one satisfies never;
    }
  });
  return [...new Set(words)];
}

const useWords: Readonly<Record<Use, string>> = {
  leaf: 'on leaves',
  root: 'to roots',
  seedling: 'on seedlings',
  seed: 'on seed',
  soak: 'as a soak',
  soil: 'on soil',
  tool: 'on tools and pots',
  bait: 'as bait',
};

/** A question back, and what may be answered. */
export function needWords(tables: Tables, need: Need, system: MeasureSystem): { asks: string; answers: string[] } {
  const name = (id: string) => lowerFirst(rowById(tables.ingredients, id, 'ingredients').name);
  const litre = inWords(mL(1000), system);
  const spoon = (count: number) => `${counted(count, 'teaspoon', 'teaspoons')} in ${litre}`;
  switch (need.kind) {
    case 'what':
      return { asks: 'What is it, by the name on its label? What has no name is poured on nothing.', answers: [] };
    case 'which-bottle':
      return {
        asks: `How strong is the ${name(need.ingredient)}, by its label?`,
        answers: ['3 %', '6 %', '9 %', '12 %'],
      };
    case 'how-strong':
      return { asks: `How much ${name(need.ingredient)} in how much water?`, answers: [spoon(1), spoon(2), spoon(4)] };
    case 'where':
      return {
        asks: `Where does the ${name(need.ingredient)} go?`,
        answers: ['on leaves', 'on the soil', 'on tools and empty pots'],
      };
    default:
      return need satisfies never;
  }
}

/** Why something is to be bought. */
export function shoppingWords(tables: Tables, item: ShoppingItem, system: MeasureSystem): string {
  if (item.kind === 'listed') return 'on your list';
  const tell = (amount: number) => inWords(item.isPowder ? inBaseUnit('mass', amount) : mL(amount), system);
  const remedy = lowerFirst(rowById(tables.remedies, item.remedy, 'remedies').name);
  return `${tell(item.need)} for ${remedy}${item.have === undefined ? '' : `, ${tell(item.have)} there`}`;
}

/** What a recipe of one's own is called until it is named. */
export const ownRecipeName = ({ name }: Pick<RemedyRow, 'name'>): string => `My ${lowerFirst(name)}`;

/** A caution in one line: what is wrong and what to do instead. */
export function cautionLine(tables: Tables, found: CautionFound, system: MeasureSystem): string {
  const { says, instead } = cautionWords(tables, found, system);
  return found.level === 'stop' ? sentences('Stop.', says, instead) : sentences(says, instead);
}

/** "2 tablespoons of liquid soap"; what a jug or a syringe measures, by its amount. */
function carriedWords(tables: Tables, part: PartFound, system: MeasureSystem): string {
  const { spoons, amount, pieces, name } = partWords(tables, part, system);
  return `${pieces.some(({ tool }) => tool === 'jug' || tool === 'syringe') ? amount : spoons} of ${lowerFirst(name)}`;
}

/** What to carry to the bed for one go: "1 tablespoon of liquid soap to 1.5 L of water". */
export function carryWords(
  card: Pick<Extract<MixFound, { kind: 'mix' }>, 'parts' | 'waterMl'>,
  tables: Tables,
  system: MeasureSystem,
): string {
  return `${card.parts.map((part) => carriedWords(tables, part, system)).join(', ')} to ${waterOf(card.waterMl, system).says} of water`;
}

/** What goes into one fill of several: "1 tablespoon of liquid soap". */
export const doseWords = (parts: readonly PartFound[], share: number, tables: Tables, system: MeasureSystem): string =>
  parts
    .map((part) =>
      carriedWords(
        tables,
        {
          ...part,
          ml: part.ml * share,
          ...(part.grams === undefined ? {} : { grams: part.grams * share }),
        },
        system,
      ),
    )
    .join(', ');

/** What to take along for several mixes in all: "2 tablespoons of liquid soap", "3 L of rainwater". */
export const loadWords = (tables: Tables, { parts, water }: LoadInAll, system: MeasureSystem): string[] => [
  ...parts.map((part) => carriedWords(tables, part, system)),
  ...water.flatMap(({ from, ml }) => (ml > 0 ? [`${waterOf(ml, system).says} of ${waterNames[from]}`] : [])),
];

/** What a mix costs, and how dear that is by the jug: a litre, a quart, a pint. */
export function costLine(price: number, totalMl: number, system: MeasureSystem): string {
  const jug = { metric: 'L', australian: 'L', us: 'qt', imperial: 'pt' }[system];
  const one = toSi('volume', 1, jug, system) ?? 1000;
  return `Costs about ${moneyWords(price)}, ${moneyWords((price / totalMl) * one)} a ${jug === 'L' ? 'litre' : unitWords(jug, 1)}.`;
}
