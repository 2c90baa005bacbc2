import { ingredientNamed, judge, type ActThing, type CautionFound, usualStrength } from '../judge';
import { inputError } from '../problem';
import type { RecipeDocument } from '../contract/recipe';
import { gPerLitre, mL, mLPerLitre, g, said, type Quantity } from '../quantities';
import { rowById, type IngredientRow, type SceneFact, type Tables, type Use } from '../tables';
import type { MixFound } from './found';
import { perLitreOf } from './limits';
import { liquid, powder, round, type PartFound } from './parts';
import { measureOf } from './pouring';
import { refused } from './remedy-mix';

/** Where an own recipe goes, as limits count it. */
const useOf: Record<RecipeDocument['goesOn'], Use> = {
  leaves: 'leaf',
  'bare-wood': 'leaf',
  soil: 'root',
  tools: 'tool',
  bait: 'bait',
};
const placeFacts: Record<RecipeDocument['goesOn'], readonly SceneFact[]> = {
  leaves: ['on-leaves'],
  'bare-wood': ['bare-branches'],
  soil: ['on-soil'],
  tools: [],
  bait: [],
};

/**
 * Everything that speaks against a recipe of the gardener's own: each part is judged by what it is, whatever the
 * recipe was begun from and under whatever name it was typed.
 * @throws InputError naming the part that is not known.
 */
export function checkRecipe(tables: Tables, recipe: RecipeDocument): CautionFound[] {
  const things = ingredientsOf(tables, recipe).map((row, at): ActThing => {
    const { percent: label, amount = 0 } = recipe.parts[at] ?? {};
    const share = amount / 10;
    return {
      ingredient: row.id,
      classes: useOf[recipe.goesOn] === 'leaf' ? [...row.classes, 'spray'] : row.classes,
      ...(label === undefined ? {} : { percent: label }),
      // Of a bottle with a strength on its label the strength that goes on counts.
      dose: row.label ? (share * (label ?? row.label.usual ?? 100)) / 100 : share,
    };
  });
  return judge(tables, { things, facts: placeFacts[recipe.goesOn], use: useOf[recipe.goesOn] });
}

function ingredientsOf(tables: Tables, recipe: RecipeDocument): IngredientRow[] {
  if (recipe.basedOn !== undefined && !tables.remedies.some(({ id }) => id === recipe.basedOn))
    throw inputError('basedOn', 'unknown-remedy-leave-out', { given: recipe.basedOn });
  return recipe.parts.map(({ ingredient }, at) => {
    const row = ingredientNamed(tables, ingredient);
    if (!row) throw inputError(`parts[${at}].ingredient`, 'unknown-ingredient', { given: ingredient });
    return row;
  });
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
    if (!row) throw inputError('parts', 'unknown', { given: ingredient });
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
  if (!remedy || !spec) throw inputError('remedy', 'no-recipe-to-begin', { given: remedyId });
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
        amount: round(
          perLitreOf(spec, usualStrength(spec).value, rowById(tables.ingredients, spec.ingredient, 'ingredients')),
          2,
        ),
        unit: isPowder ? 'g/L' : 'mL/L',
      },
      ...(spec.also ?? []).map(({ ingredient, perLitre, unit }) => ({
        ingredient,
        amount: perLitre,
        unit: `${unit}/L` as const,
      })),
    ],
    steps: [],
    goesOn:
      spec.kind === 'bait'
        ? 'bait'
        : remedy.classes.includes('spray')
          ? remedy.scene?.includes('bare-branches')
            ? 'bare-wood'
            : 'leaves'
          : remedy.classes.includes('hygiene')
            ? 'tools'
            : 'soil',
    preHarvestDays: remedy.preHarvestDays,
    keepsDays: remedy.facts.keeps.days,
    notes: '',
  };
}
