import { byRule, ingredientNamed, rulesIn, type CautionFound, type Thing } from '../judge';
import { inputError } from '../problem';
import type { RecipeDocument } from '../contract/recipe';
import { gPerLitre, mL, mLPerLitre, g, said, type Quantity } from '../quantities';
import type { IngredientRow, SceneFact, Tables } from '../tables';
import type { MixFound } from './found';
import { perLitreOf, usualStrength } from './limits';
import { liquid, powder, round, type PartFound } from './parts';
import { measureOf } from './pouring';
import { refused } from './remedy-mix';

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
export function checkRecipe(tables: Tables, recipe: RecipeDocument): CautionFound[] {
  const rows = ingredientsOf(tables, recipe);
  const things: Thing[] = rows.map((row, at) => {
    const percent = recipe.parts[at]?.percent;
    return {
      classes: recipe.goesOn === 'leaves' ? [...row.classes, 'spray'] : row.classes,
      ...(percent === undefined ? {} : { percent }),
    };
  });
  const limits = rows.flatMap((row, at) => limitFor(tables, row, recipe, at));
  return [...limits, ...rulesIn(tables, { things, facts: placeFacts[recipe.goesOn] }).map(byRule)];
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
function limitFor(tables: Tables, row: IngredientRow, recipe: RecipeDocument, at: number): CautionFound[] {
  const part = recipe.parts[at];
  const same = tables.remedies.filter(
    ({ id, recipe: spec, classes }) =>
      spec?.ingredient === row.id &&
      (recipe.basedOn === undefined
        ? classes.includes('spray') === (recipe.goesOn === 'leaves')
        : id === recipe.basedOn),
  );
  const caps = same.flatMap(({ recipe: spec, id }) =>
    spec ? [{ most: perLitreOf(spec, spec.cap, part?.percent), id }] : [],
  );
  const least = caps.sort((a, b) => a.most - b.most)[0];
  if (!part || !least || part.amount <= least.most * 1.0001) return [];
  return [
    {
      level: 'stop',
      ...said('above-limit', {
        ingredient: row.id,
        rate: rateOf(part.amount, part.unit),
        most: rateOf(least.most, part.unit),
        remedy: least.id,
      }),
    },
  ];
}

const rateOf = (amount: number, unit: 'mL/L' | 'g/L'): Quantity =>
  unit === 'mL/L' ? mLPerLitre(amount) : gPerLitre(amount);

/** The mixing card of an own recipe, or why it will not. @param ml of ready mix */
export function mixOwn(tables: Tables, recipe: RecipeDocument, ml: number): MixFound {
  const because = checkRecipe(tables, recipe);
  if (because.some(({ level }) => level === 'stop')) return refused(because);
  const litres = ml / 1000;
  const parts = recipe.parts.map(({ ingredient, amount, unit }): PartFound => {
    const row = ingredientNamed(tables, ingredient);
    if (!row) throw inputError('parts', `"${ingredient}" is not known`);
    return unit === 'mL/L' ? liquid(row, amount * litres) : powder(row, amount * litres);
  });
  const poured = recipe.parts.reduce((sum, { amount, unit }) => sum + (unit === 'mL/L' ? amount * litres : 0), 0);
  const waterMl = Math.max(0, ml - poured);
  return {
    kind: 'mix',
    of: { kind: 'own', name: recipe.name, steps: recipe.steps },
    totalMl: round(ml, 1),
    waterMl,
    parts,
    order:
      recipe.steps.length > 0
        ? recipe.steps.map((text) => said('own-step', { text }))
        : [
            said('water', { water: { water: waterMl } }),
            ...parts.map((part) => said('add', { ingredient: part.ingredient, amount: measureOf(part) })),
            said('stir'),
          ],
    cautions: because,
    working: recipe.parts.map(({ amount, unit }, at) =>
      said('by-rate', {
        ingredient: parts[at]?.ingredient ?? '',
        ready: mL(ml),
        rate: rateOf(amount, unit),
        amount: unit === 'mL/L' ? mL(amount * litres) : g(amount * litres),
      }),
    ),
    grade: 'folk',
  };
}

/** A known remedy's recipe as a document to be changed; its name is left to be given. */
export function recipeOf(tables: Tables, remedyId: string): RecipeDocument {
  const remedy = tables.remedies.find(({ id }) => id === remedyId);
  const spec = remedy?.recipe;
  if (!remedy || !spec) throw inputError('remedy', `"${remedyId}" has no recipe to begin from`);
  const isPowder = spec.kind === 'grams-per-litre' || spec.kind === 'bait';
  return {
    format: 'wise-trowel-recipe',
    version: 1,
    name: remedy.name,
    basedOn: remedy.id,
    purpose: remedy.plain,
    parts: [
      {
        ingredient: spec.ingredient,
        amount: round(perLitreOf(spec, usualStrength(spec).value), 2),
        unit: isPowder ? 'g/L' : 'mL/L',
      },
    ],
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
