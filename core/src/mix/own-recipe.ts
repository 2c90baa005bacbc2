import { ingredientNamed, ruleSaid, rulesIn, type Thing } from '../choose';
import type { CautionSaid, MixResponse } from '../contract/mix';
import { inputError } from '../contract/problem';
import type { RecipeDocument } from '../contract/recipe';
import { trim, type MeasureSystem } from '../measures';
import type { IngredientRow, RecipeSpec, SceneFact, Tables } from '../tables';
import { liquidPart, powderPart, round, waterFor } from './parts';

/** What an own recipe's place says about the scene. */
const placeFacts: Record<RecipeDocument['goesOn'], readonly SceneFact[]> = {
  leaves: ['on-leaves'],
  soil: ['on-soil'],
  tools: [],
  bait: [],
};

/**
 * Everything that speaks against a recipe of the gardener's own: unknown ingredients are errors; limits of
 * the remedies that use the same ingredient, and the safety rules, are cautions and stops.
 * @throws InputError naming the part that is not known.
 */
export function checkRecipe(tables: Tables, recipe: RecipeDocument): CautionSaid[] {
  const rows = ingredientsOf(tables, recipe);
  const things: Thing[] = rows.map((row, at) => {
    const percent = recipe.parts[at]?.percent;
    return {
      classes: recipe.goesOn === 'leaves' ? [...row.classes, 'spray'] : row.classes,
      ...(percent === undefined ? {} : { percent }),
    };
  });
  const limits = rows.flatMap((row, at) => limitFor(tables, row, recipe, at));
  return [...limits, ...rulesIn(tables, { things, facts: placeFacts[recipe.goesOn] }).map(ruleSaid)];
}

function ingredientsOf(tables: Tables, recipe: RecipeDocument): IngredientRow[] {
  if (recipe.basedOn !== undefined && !tables.remedies.some(({ id }) => id === recipe.basedOn))
    throw inputError('basedOn', `"${recipe.basedOn}" is not a remedy that is known here; leave it out`);
  return recipe.parts.map(({ ingredient }, at) => {
    const row = ingredientNamed(tables, ingredient);
    if (!row) throw inputError(`parts[${at}].ingredient`, `"${ingredient}" is not known; use a commoner name`);
    return row;
  });
}

/** Leaves bear no more than the mildest cap of the remedies that put this ingredient on them (or of the one it is based on). */
function limitFor(tables: Tables, row: IngredientRow, recipe: RecipeDocument, at: number): CautionSaid[] {
  const part = recipe.parts[at];
  const same = tables.remedies.filter(
    ({ id, recipe: spec, classes }) =>
      spec?.ingredient === row.id &&
      (recipe.basedOn === undefined
        ? classes.includes('spray') === (recipe.goesOn === 'leaves')
        : id === recipe.basedOn),
  );
  const caps = same.flatMap(({ recipe: spec, name }) =>
    spec ? [{ most: mostPerLitre(spec, part?.percent), name, spec }] : [],
  );
  const least = caps.sort((a, b) => a.most - b.most)[0];
  if (!part || !least || part.amount <= least.most * 1.0001) return [];
  const unit = part.unit;
  return [
    {
      level: 'stop',
      says: `${trim(part.amount, 2)} ${unit} of ${row.name.toLowerCase()} is above the limit of ${trim(least.most, 2)} ${unit} (${least.name.toLowerCase()}).`,
      instead: `Use ${trim(least.most, 2)} ${unit} or less.`,
    },
  ];
}

/** The most of an ingredient in a litre of ready mix that a recipe's cap allows, mL or g. */
function mostPerLitre(spec: RecipeSpec, bottlePercent = 3): number {
  switch (spec.kind) {
    case 'percent-volume':
      return spec.cap * 10;
    case 'one-to-n':
      return 1000 / (spec.cap + 1);
    case 'grams-per-litre':
      return spec.cap;
    case 'percent-strength':
      return (1000 * spec.cap) / bottlePercent;
    case 'bait':
      return spec.cap * 10.8;
    default:
      return spec satisfies never;
  }
}

/** The mixing card of an own recipe, or why it will not. */
export function mixOwn(tables: Tables, recipe: RecipeDocument, ml: number, system: MeasureSystem): MixResponse {
  const because = checkRecipe(tables, recipe);
  const stop = because.find(({ level }) => level === 'stop');
  if (stop) return { kind: 'refused', because, says: `${stop.says} ${stop.instead ?? ''}`.trim() };
  const litres = ml / 1000;
  const parts = recipe.parts.map(({ ingredient, amount, unit }) => {
    const row = ingredientNamed(tables, ingredient);
    if (!row) throw inputError('parts', `"${ingredient}" is not known`);
    const thing = { ingredient: row.id, name: row.name, density: row.density };
    return unit === 'mL/L' ? liquidPart(thing, amount * litres, system) : powderPart(thing, amount * litres, system);
  });
  const liquid = recipe.parts.reduce((sum, { amount, unit }) => sum + (unit === 'mL/L' ? amount * litres : 0), 0);
  const water = waterFor(Math.max(0, ml - liquid), system);
  return {
    kind: 'mix',
    name: recipe.name,
    strength: 'your own recipe',
    totalMl: round(ml, 1),
    water,
    parts,
    order:
      recipe.steps.length > 0
        ? recipe.steps
        : [
            `Fill in ${water.says} of water`,
            ...parts.map(({ spoons, name }) => `Add ${spoons} of ${name.toLowerCase()}`),
            'Stir',
          ],
    cautions: because,
    working: recipe.parts.map(({ ingredient, amount, unit }) => ({
      what: ingredient,
      how: `${trim(litres, 3)} L × ${trim(amount, 3)} ${unit}`,
      value: `${trim(amount * litres, 2)} ${unit === 'mL/L' ? 'mL' : 'g'}`,
    })),
    honest: 'Your own recipe: nobody has tried it but you. Count before and after.',
    grade: 'folk',
  };
}

/** A known remedy's recipe as a document to be changed. */
export function recipeOf(tables: Tables, remedyId: string): RecipeDocument {
  const remedy = tables.remedies.find(({ id }) => id === remedyId);
  const spec = remedy?.recipe;
  if (!remedy || !spec) throw inputError('remedy', `"${remedyId}" has no recipe to begin from`);
  const usual = spec.strengths.find(({ byDefault }) => byDefault) ?? spec.strengths[0];
  const powder = spec.kind === 'grams-per-litre' || spec.kind === 'bait';
  const value = usual?.value ?? 1;
  const amount =
    spec.kind === 'percent-volume' || spec.kind === 'bait'
      ? value * 10
      : spec.kind === 'one-to-n'
        ? 1000 / (value + 1)
        : spec.kind === 'percent-strength'
          ? (1000 * value) / 3
          : value;
  return {
    format: 'wise-trowel-recipe',
    version: 1,
    name: `My ${remedy.name.toLowerCase()}`,
    basedOn: remedy.id,
    purpose: remedy.plain,
    parts: [{ ingredient: spec.ingredient, amount: round(amount, 2), unit: powder ? 'g/L' : 'mL/L' }],
    steps: [],
    goesOn:
      spec.kind === 'bait'
        ? 'bait'
        : remedy.classes.includes('spray')
          ? 'leaves'
          : remedy.classes.includes('hygiene')
            ? 'tools'
            : 'soil',
    preHarvestDays: remedy.preHarvestDays,
    keepsDays: remedy.facts.keeps.days,
    notes: '',
  };
}
