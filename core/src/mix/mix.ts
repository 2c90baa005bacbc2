import {
  againstPlant,
  ingredientNamed,
  percentIn,
  readQuestion,
  ruleSaid,
  rulesIn,
  testLeafFor,
  type Scene,
} from '../choose';
import type { CautionSaid, Mixed, MixOrder, MixPart, MixResponse } from '../contract/mix';
import { inputError } from '../contract/problem';
import {
  measureWithSpoons,
  millilitres,
  milligramsPerLitre,
  spoonWords,
  toSi,
  trim,
  unitInMillilitres,
  unitsOf,
  type MeasureSystem,
} from '../measures';
import { plantNamed } from '../read';
import { cardWords } from '../wording/card';
import { rowById, withinCap, type IngredientRow, type RecipeSpec, type RemedyRow, type Tables } from '../tables';
import { benchTool } from './bench';
import { boricAcidInBorax } from './bench/bait';
import { mixOwn } from './own-recipe';
import { liquidPart, powderPart, round, waterFor } from './parts';
import { findSlip } from './slips';
import { soapInWater, surelyBound } from './soap';

/**
 * Works out a mix, or says why it will not: amounts as a person can measure them, the order of
 * pouring, what hard water takes, cautions, slips, and the working of every number.
 * @throws InputError naming the field, for input that does not fit.
 */
export function mix(tables: Tables, order: MixOrder): MixResponse {
  if (order.ask !== undefined) return answerQuestion(tables, order.ask);
  if (order.tool !== undefined) return workWith(tables, order, order.tool);
  if (order.together && order.remedy === undefined && order.oneTo === undefined)
    return checkTogether(tables, order.together, order);
  if (!order.volume) throw inputError('volume', 'is missing: how much ready mix is wanted?');
  const ml = volumeOf(order);
  if (order.recipe !== undefined) return mixOwn(tables, order.recipe, ml, order.measures);
  if (order.remedy === undefined) {
    if (order.oneTo === undefined) throw inputError('remedy', 'name a remedy, or "oneTo" for a plain dilution');
    const beside = order.together && checkTogether(tables, order.together, order);
    return beside?.kind === 'refused' ? beside : plainDilution(order, ml, order.oneTo);
  }
  const remedy = tables.remedies.find(({ id }) => id === order.remedy);
  if (!remedy)
    throw inputError('remedy', `"${order.remedy}" is not known; known with a recipe: ${withRecipes(tables)}`);
  if (!remedy.recipe) throw inputError('remedy', `${remedy.name} has nothing to mix: ${remedy.rate}`);
  return mixRemedy(tables, { ...remedy, recipe: remedy.recipe }, order, ml);
}

function workWith(tables: Tables, { measures, values = {}, typed }: MixOrder, id: string): MixResponse {
  const answer = benchTool(id).answer(tables, measures, values);
  const first = answer.kind === 'worked' ? answer.parts[0] : undefined;
  const slip = typed && first ? findSlip(first.ml, typed, measures) : undefined;
  return slip ? ({ ...answer, slip } as MixResponse) : answer;
}

const withRecipes = (tables: Tables) =>
  tables.remedies
    .filter(({ recipe }) => recipe)
    .map(({ id }) => id)
    .join(', ');

function volumeOf({ volume, measures }: MixOrder): number {
  const unit = unitInMillilitres(volume?.unit ?? '', measures);
  if (unit === undefined)
    throw inputError('volume.unit', `"${volume?.unit}" is not known; use mL, L, tsp, tbsp, cup, fl oz, pt, qt or gal`);
  const ml = (volume?.amount ?? 0) * unit;
  if (ml > 200_000) throw inputError('volume.amount', 'is more than 200 litres; mix what one evening needs');
  return ml;
}

/** Things to be poured together, with what else is true of the job. */
function checkTogether(tables: Tables, words: readonly string[], { facts = [], daysToHarvest }: MixOrder): MixResponse {
  const found = words.map((word) => ({ word, row: ingredientNamed(tables, word), percent: percentIn(word) }));
  const notUnderstood = found.filter(({ row }) => !row).map(({ word }) => word);
  const things = found.flatMap(({ row, percent }) =>
    row ? [{ classes: row.classes, ...(percent === undefined ? {} : { percent }) }] : [],
  );
  return verdictOn(tables, { things, facts, ...(daysToHarvest === undefined ? {} : { daysToHarvest }) }, notUnderstood);
}

function answerQuestion(tables: Tables, line: string): MixResponse {
  const { scene, cautions, understood, notUnderstood } = readQuestion(tables, line);
  const answer = verdictOn(tables, scene, understood.length === 0 ? [line] : [...notUnderstood], cautions);
  return { ...answer, understood: [...understood] } as MixResponse;
}

function verdictOn(
  tables: Tables,
  scene: Scene,
  notUnderstood: string[],
  more: readonly CautionSaid[] = [],
): MixResponse {
  const all = [...more, ...rulesIn(tables, scene).map(ruleSaid)];
  const cautions = (['stop', 'caution', 'note'] as const).flatMap((level) =>
    all.filter((said) => said.level === level),
  );
  const stop = cautions.find(({ level }) => level === 'stop');
  if (stop)
    return {
      kind: 'refused',
      because: cautions,
      says: `Stop. ${stop.says} ${stop.instead ?? ''}`.trim(),
      ...(notUnderstood.length > 0 ? { notUnderstood } : {}),
    };
  const mind = cautions.length > 0 ? `Mind this: ${cautions[0]?.says ?? ''} ${cautions[0]?.instead ?? ''}`.trim() : '';
  const unknown =
    notUnderstood.length > 0
      ? `Not known here: ${notUnderstood.join(', ')}. What is not known cannot be called safe.`
      : '';
  const says = `${unknown} ${mind}`.trim() || 'No rule here speaks against it. Labels and local rules come first.';
  return { kind: 'checked', cautions, says, notUnderstood };
}

type Mixable = RemedyRow & { readonly recipe: RecipeSpec };

function mixRemedy(tables: Tables, remedy: Mixable, order: MixOrder, ml: number): MixResponse {
  const { recipe } = remedy;
  const strength = strengthOf(remedy, order);
  const because: CautionSaid[] = [];
  if (!withinCap(recipe, strength.value))
    because.push({
      level: 'stop',
      says: `${strengthWords(recipe, strength.value)} is beyond the limit of ${strengthWords(recipe, recipe.cap)}: ${remedy.limits[0] ?? 'plants are hurt above it'}`,
      instead: `Use ${strengthWords(recipe, defaultOf(recipe).value)}, look after two days, and step up only then.`,
    });
  for (const name of order.plants ?? []) because.push(...plantStop(tables, remedy, name, 'plants'));
  if (because.length > 0)
    return { kind: 'refused', because, says: `${because[0]?.says ?? ''} ${because[0]?.instead ?? ''}`.trim() };

  const product = productFor(tables, remedy, order);
  // What else goes in, and all that is known of the job, is checked with every part of the mix.
  const others = (order.together ?? []).flatMap((word) => ingredientNamed(tables, word) ?? []);
  const rules = rulesIn(tables, {
    things: [
      {
        classes: [...product.classes, ...remedy.classes],
        ...(order.bottlePercent === undefined ? {} : { percent: order.bottlePercent }),
      },
      ...others,
    ],
    facts: order.facts ?? [],
    before: order.vesselHeld === undefined ? [] : [{ classes: order.vesselHeld, where: 'tank', daysAgo: 0 }],
    ...(order.daysToHarvest === undefined ? {} : { daysToHarvest: order.daysToHarvest }),
  }).map(ruleSaid);
  if (rules.some(({ level }) => level === 'stop'))
    return { kind: 'refused', because: rules, says: `Stop. ${rules[0]?.says ?? ''} ${rules[0]?.instead ?? ''}`.trim() };

  const amounts = withAlso(tables, recipe, amountsFor(recipe, strength.value, ml, product, order), ml);
  const parts = amounts.parts.map((amount) => partFor(tables, amount, order.measures));
  const soap =
    recipe.kind === 'percent-volume' && recipe.hardWaterBinds
      ? hardWaterFor(recipe.cap, strength.value, ml, product, order)
      : undefined;
  const overloaded = soap?.overLimit;
  if (overloaded)
    return { kind: 'refused', because: [overloaded], says: `${overloaded.says} ${overloaded.instead ?? ''}`.trim() };
  const water = waterFor(amounts.waterMl, order.measures);
  const slip = order.typed && parts[0] ? findSlip(parts[0].ml, order.typed, order.measures) : undefined;
  return {
    kind: 'mix',
    remedy: remedy.id,
    name: remedy.name,
    strength: strength.label,
    totalMl: round(ml, 1),
    water,
    parts,
    order: pouringOrder(recipe, water.says, parts),
    ...(soap ? { hardWater: soap.said } : {}),
    cautions: [
      ...remedy.cautions.filter(({ at }) => at !== 'choose').map(({ level, says }) => ({ level, says })),
      // A rule that the remedy’s own cautions already name would only be read twice.
      ...rules.filter(({ says }) => !remedy.cautions.some((own) => own.says.slice(0, 24) === says.slice(0, 24))),
      ...(order.plants ?? []).flatMap((name) => plantTest(tables, remedy, name)),
      ...(order.nearby ?? []).flatMap((name) => nearbyCaution(tables, remedy, name)),
    ],
    card: cardWords(remedy),
    ...(slip ? { slip } : {}),
    working: [...amounts.working, ...(soap?.working ?? [])],
    honest: remedy.honest,
    grade: remedy.grade,
  };
}

// --- strength -------------------------------------------------------------------------------------

const defaultOf = (recipe: RecipeSpec) => {
  const found = recipe.strengths.find(({ byDefault }) => byDefault) ?? recipe.strengths[0];
  if (!found) throw new Error('a recipe has no strength');
  return found;
};

function strengthOf({ recipe }: Mixable, { strength }: MixOrder): { value: number; label: string } {
  if (strength === undefined) return defaultOf(recipe);
  if (typeof strength === 'number') return { value: strength, label: strengthWords(recipe, strength) };
  const named = recipe.strengths.find(({ id }) => id === strength);
  if (!named)
    throw inputError(
      'strength',
      `"${strength}" is not known here; use ${recipe.strengths.map(({ id }) => id).join(', ')} or a number`,
    );
  return named;
}

/** A strength in the recipe's own unit, in words. */
export function strengthWords({ kind }: RecipeSpec, value: number): string {
  switch (kind) {
    case 'percent-volume':
      return `${trim(value, 2)} % by volume`;
    case 'one-to-n':
      return `1 to ${trim(value, 1)}`;
    case 'grams-per-litre':
      return `${trim(value, 2)} g per litre`;
    case 'percent-strength':
      return `${trim(value, 2)} %`;
    case 'bait':
      return `${trim(value, 2)} % boric acid`;
    default:
      return kind satisfies never;
  }
}

// --- amounts --------------------------------------------------------------------------------------

interface Amount {
  readonly ingredient: string;
  readonly ml?: number;
  readonly grams?: number;
}

interface Amounts {
  readonly parts: readonly Amount[];
  readonly waterMl: number;
  readonly working: Mixed['working'];
}

function amountsFor(recipe: RecipeSpec, value: number, ml: number, product: IngredientRow, order: MixOrder): Amounts {
  switch (recipe.kind) {
    case 'percent-volume': {
      const stock = (ml * value) / 100;
      return {
        parts: [{ ingredient: product.id, ml: stock }],
        waterMl: ml - stock,
        working: [
          { what: product.name, how: `${trim(ml, 1)} mL × ${trim(value, 2)} ÷ 100`, value: `${trim(stock, 2)} mL` },
        ],
      };
    }
    case 'one-to-n': {
      const stock = ml / (value + 1);
      return {
        parts: [{ ingredient: product.id, ml: stock }],
        waterMl: ml - stock,
        working: [
          {
            what: `${product.name}, 1 part to ${trim(value, 1)} of water`,
            how: `${trim(ml, 1)} mL ÷ (${trim(value, 1)} + 1)`,
            value: `${trim(stock, 2)} mL`,
          },
        ],
      };
    }
    case 'grams-per-litre': {
      const weight = (ml / 1000) * value;
      return {
        parts: [{ ingredient: product.id, grams: weight }],
        waterMl: ml,
        working: [
          { what: product.name, how: `${trim(ml / 1000, 3)} L × ${trim(value, 2)} g/L`, value: `${trim(weight, 2)} g` },
        ],
      };
    }
    case 'percent-strength': {
      const bottle = bottlePercentOf(order, value);
      const stock = (ml * value) / bottle;
      return {
        parts: [{ ingredient: product.id, ml: stock }],
        waterMl: ml - stock,
        working: [
          {
            what: `${product.name} from a ${trim(bottle, 1)} % bottle (C₁V₁ = C₂V₂)`,
            how: `${trim(ml, 1)} mL × ${trim(value, 2)} ÷ ${trim(bottle, 1)}`,
            value: `${trim(stock, 2)} mL`,
          },
        ],
      };
    }
    case 'bait': {
      // The syrup weighs close to its volume in grams at 20 % sugar (1.08 g/mL).
      const syrupDensity = 1.08;
      const total = ml * syrupDensity;
      const boric = (total * value) / 100;
      const isBorax = product.id === 'borax';
      const poison = isBorax ? boric / boricAcidInBorax : boric;
      const sugar = (total * recipe.sugarPercent) / 100;
      return {
        parts: [
          { ingredient: 'sugar', grams: sugar },
          { ingredient: product.id, grams: poison },
        ],
        waterMl: total - sugar - poison,
        working: [
          { what: 'Syrup', how: `${trim(ml, 1)} mL × 1.08 g/mL`, value: `${trim(total, 1)} g` },
          { what: 'Boric acid', how: `${trim(total, 1)} g × ${trim(value, 2)} ÷ 100`, value: `${trim(boric, 2)} g` },
          ...(isBorax ? [{ what: 'as borax', how: `${trim(boric, 2)} g ÷ 0.649`, value: `${trim(poison, 2)} g` }] : []),
          { what: 'Sugar', how: `${trim(total, 1)} g × ${recipe.sugarPercent} ÷ 100`, value: `${trim(sugar, 1)} g` },
        ],
      };
    }
    default:
      return recipe satisfies never;
  }
}

/** What goes in beside the main thing, measured like it. */
function withAlso(tables: Tables, { also = [] }: RecipeSpec, amounts: Amounts, ml: number): Amounts {
  const litres = ml / 1000;
  const liquid = also.reduce((sum, { perLitre, unit }) => sum + (unit === 'mL' ? perLitre * litres : 0), 0);
  return {
    parts: [
      ...amounts.parts,
      ...also.map(({ ingredient, perLitre, unit }) =>
        unit === 'mL' ? { ingredient, ml: perLitre * litres } : { ingredient, grams: perLitre * litres },
      ),
    ],
    waterMl: amounts.waterMl - liquid,
    working: [
      ...amounts.working,
      ...also.map(({ ingredient, perLitre, unit, why }) => ({
        what: `${rowById(tables.ingredients, ingredient, 'ingredients').name} (${why})`,
        how: `${trim(litres, 3)} L × ${trim(perLitre, 2)} ${unit}/L`,
        value: `${trim(perLitre * litres, 2)} ${unit}`,
      })),
    ],
  };
}

/** Label strength where nothing is said: what pharmacies sell. */
const usualBottle = 3;

/** How strong a bottle may be at all is a safety rule; here it must only be strong enough. */
function bottlePercentOf({ bottlePercent = usualBottle }: MixOrder, wanted: number): number {
  if (bottlePercent < wanted)
    throw inputError('bottlePercent', `a ${trim(bottlePercent, 2)} % bottle cannot give ${trim(wanted, 2)} %`);
  return bottlePercent;
}

function productFor(tables: Tables, { recipe }: Mixable, { product }: MixOrder): IngredientRow {
  const usual = rowById(tables.ingredients, recipe.ingredient, 'ingredients');
  if (product === undefined) return usual;
  const given = ingredientNamed(tables, product);
  const fits = given && given.classes.some((name) => usual.classes.includes(name));
  if (!fits) throw inputError('product', `"${product}" cannot stand in for ${usual.name.toLowerCase()}`);
  return given;
}

function partFor(tables: Tables, { ingredient, ml, grams: weight }: Amount, system: MeasureSystem): MixPart {
  const { name, density } = rowById(tables.ingredients, ingredient, 'ingredients');
  return weight === undefined
    ? liquidPart({ ingredient, name }, ml ?? 0, system)
    : powderPart({ ingredient, name, density }, weight, system);
}

function pouringOrder(recipe: RecipeSpec, water: string, parts: readonly MixPart[]): string[] {
  const measured = parts.map((item) =>
    item.grams === undefined
      ? `${item.spoons} (${trim(item.ml, 1)} mL) of ${item.name.toLowerCase()}`
      : `${trim(item.grams, 1)} g of ${item.name.toLowerCase()} (about ${item.spoons})`,
  );
  const rest = measured.slice(1).map((words) => `Add ${words}`);
  switch (recipe.kind) {
    case 'percent-volume':
      // Oil floats: it is creamed with the soap before water comes to it.
      return recipe.ingredient === 'oil' && rest.length > 0
        ? [
            `Shake ${measured[0]} with ${measured.slice(1).join(' and ')} and as much water to a cream`,
            `Fill up with ${water} of water, shaking`,
            'Shake again while you spray',
          ]
        : [
            `Fill in ${water} of water first`,
            `Add ${measured[0]}`,
            ...rest,
            'Swirl, do not shake, so that it does not foam',
          ];
    case 'percent-strength':
      return [`Fill in ${water} of water first`, `Add ${measured[0]}`, ...rest, 'Swirl once; use it at once'];
    case 'one-to-n':
      return [
        `Pour in ${measured[0]}`,
        ...rest,
        `Fill up with ${water} of water`,
        'Stir, and strain what goes into a sprayer',
      ];
    case 'grams-per-litre':
      return [
        `Fill in ${water} of lukewarm water`,
        `Stir in ${measured[0]} until nothing is left at the bottom`,
        ...rest,
      ];
    case 'bait':
      return [
        `Warm ${water} of water`,
        `Dissolve ${measured[0]}`,
        `Dissolve ${measured[1]}; wear gloves`,
        'Let it cool, label it with what, how strong and when',
      ];
    default:
      return recipe satisfies never;
  }
}

function plainDilution(order: MixOrder, ml: number, parts: number): MixResponse {
  const stock = ml / (parts + 1);
  const measured = measureWithSpoons(millilitres(stock), order.measures);
  const water = waterFor(ml - stock, order.measures);
  const slip = order.typed ? findSlip(stock, order.typed, order.measures) : undefined;
  return {
    kind: 'mix',
    name: `1 to ${trim(parts, 1)}`,
    strength: `1 part to ${trim(parts, 1)} of water`,
    totalMl: round(ml, 1),
    water,
    parts: [liquidPart({ ingredient: 'stock', name: 'Stock' }, stock, order.measures)],
    order: [
      `Pour in ${spoonWords(measured)} (${trim(stock, 1)} mL) of stock`,
      `Fill up with ${water.says} of water`,
      'Stir',
    ],
    cautions: [],
    ...(slip ? { slip } : {}),
    working: [
      {
        what: `Stock, 1 part to ${trim(parts, 1)}`,
        how: `${trim(ml, 1)} mL ÷ (${trim(parts, 1)} + 1)`,
        value: `${trim(stock, 2)} mL`,
      },
    ],
  };
}

// --- soap in hard water ---------------------------------------------------------------------------

interface HardWater {
  readonly said: NonNullable<Mixed['hardWater']>;
  readonly working: Mixed['working'];
  readonly overLimit?: CautionSaid;
}

function hardWaterFor(
  cap: number,
  value: number,
  ml: number,
  product: IngredientRow,
  order: MixOrder,
): HardWater | undefined {
  const reference = product.active?.gramsPerMl ?? 0;
  const content = order.soapPercent === undefined ? reference : order.soapPercent / 100;
  // The limit is on soap itself: 2 % of a 35 % soap is 7 g/L, and a richer soap reaches it sooner.
  const mostSoap = cap * 10 * reference;
  const mlPerLitre = value * 10;
  if (mlPerLitre * content > mostSoap * 1.0001) {
    const allowed = mostSoap / content / 10;
    return {
      said: { shareLost: { low: 0, high: 0 }, says: '', useRainWater: false },
      working: [],
      overLimit: {
        level: 'stop',
        says: `${trim(value, 2)} % of a ${trim(content * 100, 0)} % soap is ${trim(mlPerLitre * content, 1)} g of soap per litre; leaves bear ${trim(mostSoap, 1)} g.`,
        instead: `With this soap use at most ${trim(allowed, 2)} %.`,
      },
    };
  }
  if (!order.water) return undefined;
  const hardness = milligramsPerLitre(hardnessOf(order.water.hardness, order.measures));
  const found = soapInWater(mlPerLitre, content, hardness);
  const low = found.shareLost * surelyBound;
  const useRainWater = found.shareLost >= 0.9;
  // Never so much that, if only half is bound, more than the plant's limit is left free.
  const wantedExtra = found.bound / content;
  const freeIfLittleBound = (mlPerLitre + wantedExtra) * content - found.bound * surelyBound;
  const canAddMore = !useRainWater && found.shareLost > 0.05 && freeIfLittleBound <= mostSoap;
  const extraMl = (wantedExtra * ml) / 1000;
  return {
    said: {
      shareLost: { low: round(low, 3), high: round(found.shareLost, 3) },
      says: lossWords(low, found.shareLost, useRainWater),
      ...(canAddMore
        ? {
            extra: {
              ml: round(extraMl, 1),
              spoons: spoonWords(measureWithSpoons(millilitres(extraMl), order.measures)),
            },
          }
        : {}),
      useRainWater,
    },
    working: [
      {
        what: 'Soap put in',
        how: `${trim(mlPerLitre, 1)} mL/L × ${trim(content, 2)} g/mL`,
        value: `${trim(found.put, 2)} g/L`,
      },
      {
        what: 'Soap bound by hard water, at most',
        how: `2 × ${trim(hardness, 0)} mg/L ÷ 100.09 × 320.6 ÷ 1000`,
        value: `${trim(found.bound, 2)} g/L`,
      },
      {
        what: 'Soap left to work, at least',
        how: `${trim(found.put, 2)} − ${trim(found.bound, 2)}`,
        value: `${trim(found.free, 2)} g/L`,
      },
    ],
  };
}

function hardnessOf(given: number | { readonly amount: number; readonly unit: string }, system: MeasureSystem): number {
  if (typeof given === 'number') return given;
  const si = toSi('hardness', given.amount, given.unit, system);
  if (si === undefined)
    throw inputError(
      'water.hardness.unit',
      `"${given.unit}" is not known; use ${unitsOf('hardness', system).join(', ')}`,
    );
  return si;
}

function lossWords(low: number, high: number, useRainWater: boolean): string {
  if (useRainWater) return 'This water can take all of the soap: use rain water.';
  if (high < 0.05) return 'This water takes hardly any of the soap.';
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

// --- plants ---------------------------------------------------------------------------------------

function plantStop(tables: Tables, remedy: RemedyRow, name: string, field: string): CautionSaid[] {
  const plant = plantOf(tables, name, field);
  const why = againstPlant(tables, remedy, plant.id);
  return why === undefined
    ? []
    : [
        {
          level: 'stop',
          says: `Not on ${plant.name.toLowerCase()}: ${why}.`,
          instead: 'Work by hand or with water there.',
        },
      ];
}

function plantTest(tables: Tables, remedy: RemedyRow, name: string): CautionSaid[] {
  const plant = plantOf(tables, name, 'plants');
  const why = testLeafFor(tables, remedy, plant.id);
  return why === undefined
    ? []
    : [{ level: 'caution', says: `${plant.name}: ${why}. Wet two or three leaves and wait 48 hours.` }];
}

function nearbyCaution(tables: Tables, remedy: RemedyRow, name: string): CautionSaid[] {
  const plant = plantOf(tables, name, 'nearby');
  const why = againstPlant(tables, remedy, plant.id);
  return why === undefined
    ? []
    : [{ level: 'caution', says: `${plant.name} stands near: ${why}. Do not let it be wetted.` }];
}

function plantOf(tables: Tables, name: string, field: string) {
  const id = tables.plants.some((plant) => plant.id === name) ? name : plantNamed(tables, name);
  if (id === undefined)
    throw inputError(field, `the plant "${name}" is not known; leave it out or use a commoner name`);
  return rowById(tables.plants, id, 'plants');
}
