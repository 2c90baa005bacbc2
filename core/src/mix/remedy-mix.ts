import { ingredientNamed, judge, nearbyCaution, remedyAct, strengthFor } from '../judge';
import type { RemedyOrder } from '../contract/mix';
import { inputError } from '../problem';
import { plantNamed } from '../read';
import { rowById, type IngredientRow, type PlantRow, type RecipeSpec, type RemedyRow, type Tables } from '../tables';
import { amountsFor, withAlso, type Amount } from './amounts';
import type { CautionFound } from '../judge/caution';
import type { MixFound, StrengthFound } from './found';
import { hardWaterFor } from './hard-water';
import { liquid, powder, round, type PartFound } from './parts';
import { pouringOrder } from './pouring';
import { findSlip } from './slips';
import { volumeOf } from './volume';

type Mixable = RemedyRow & { readonly recipe: RecipeSpec };

/**
 * A remedy mixed to order, or why it will not be: amounts, the order of pouring, what hard water takes,
 * cautions, slips, and the working of every number.
 * @throws InputError naming the field, for input that does not fit.
 */
export function mixRemedy(tables: Tables, order: RemedyOrder): MixFound {
  const remedy = mixable(tables, order.remedy);
  const ml = volumeOf(order);
  const { recipe } = remedy;
  const plants = (order.plants ?? []).map((name) => plantOf(tables, name, 'plants'));
  const nearby = (order.nearby ?? []).map((name) => plantOf(tables, name, 'nearby'));
  const product = productFor(tables, remedy, order);
  const scene = {
    product,
    label: order.bottlePercent,
    plants: plants.map(({ id }) => id),
    facts: order.facts ?? [],
    before: order.vesselHeld === undefined ? [] : [{ classes: order.vesselHeld, where: 'tank' as const, daysAgo: 0 }],
    ...(order.daysToHarvest === undefined ? {} : { daysToHarvest: order.daysToHarvest }),
  };
  const strength = strengthOf(tables, remedy, order, scene);
  const act = remedyAct(tables, remedy, { ...scene, strength: strength.value });
  // What else goes in, and all that is known of the job, is checked with every part of the mix.
  const others = (order.together ?? []).flatMap((word) => ingredientNamed(tables, word) ?? []);
  const judged = judge(tables, {
    ...act,
    things: [...act.things, ...others.map(({ id, classes }) => ({ ingredient: id, classes }))],
  });
  if (judged.some(({ level }) => level === 'stop')) return refused(judged);

  const amounts = withAlso(recipe, amountsFor(recipe, strength.value, ml, product, order), ml);
  const parts = amounts.parts.map((amount) => partFor(tables, amount));
  const soap =
    recipe.kind === 'percent-volume' && recipe.hardWaterBinds
      ? hardWaterFor(recipe.cap, strength.value, ml, product, order)
      : undefined;
  if (soap?.kind === 'over-limit') return refused([soap.caution]);
  const slip = order.typed && parts[0] ? findSlip(parts[0].ml, order.typed, order.measures) : undefined;
  // A rule that one of the remedy’s own cautions already says would only be read twice.
  const alreadySaid = new Set(remedy.cautions.flatMap(({ rule }) => rule ?? []));
  return {
    kind: 'mix',
    of: { kind: 'remedy', remedy: remedy.id },
    strength,
    totalMl: round(ml, 1),
    waterMl: amounts.waterMl,
    parts,
    order: pouringOrder(recipe, amounts.waterMl, parts),
    ...(soap?.kind === 'found' ? { hardWater: soap.found } : {}),
    cautions: [
      ...remedy.cautions
        .filter(({ at }) => at !== 'choose')
        .map(({ id, level }): CautionFound => ({ level, own: { remedy: remedy.id, caution: id } })),
      ...judged.filter((found) => !('rule' in found) || !alreadySaid.has(found.rule)),
      ...nearby.flatMap((plant) => nearbyCaution(tables, remedy, plant)),
    ],
    ...(slip ? { slip } : {}),
    working: [...amounts.working, ...(soap?.kind === 'found' ? soap.working : [])],
    grade: remedy.grade,
  };
}

export const refused = (because: readonly CautionFound[]): MixFound => ({
  kind: 'refused',
  because,
  understood: [],
  notUnderstood: [],
  notUsed: [],
});

function mixable(tables: Tables, id: string): Mixable {
  const remedy = tables.remedies.find((row) => row.id === id);
  if (!remedy) {
    const known = tables.remedies.filter(({ recipe }) => recipe).map((row) => row.id);
    throw inputError('remedy', 'unknown-with-recipe', { given: id, known: known.join(', ') });
  }
  if (!remedy.recipe) throw inputError('remedy', 'nothing-to-mix', { remedy: remedy.name, rate: remedy.rate ?? '' });
  return { ...remedy, recipe: remedy.recipe };
}

function strengthOf(
  tables: Tables,
  remedy: Mixable,
  { strength }: RemedyOrder,
  scene: Parameters<typeof strengthFor>[2],
): StrengthFound {
  const { recipe } = remedy;
  const { kind } = recipe;
  if (typeof strength === 'number') return { kind, value: strength };
  const found =
    strength === undefined ? strengthFor(tables, remedy, scene) : recipe.strengths.find(({ id }) => id === strength);
  if (!found)
    throw inputError('strength', 'strength-unknown', {
      given: String(strength),
      known: recipe.strengths.map(({ id }) => id).join(', '),
    });
  return { kind, value: found.value, named: found.id };
}

function productFor(tables: Tables, { recipe }: Mixable, { product }: RemedyOrder): IngredientRow {
  const usual = rowById(tables.ingredients, recipe.ingredient, 'ingredients');
  if (product === undefined) return usual;
  const given = ingredientNamed(tables, product);
  const fits = given && given.classes.some((name) => usual.classes.includes(name));
  if (!fits) throw inputError('product', 'cannot-stand-in', { given: product, usual: usual.name.toLowerCase() });
  return given;
}

function partFor(tables: Tables, { ingredient, ml, grams }: Amount): PartFound {
  const row = rowById(tables.ingredients, ingredient, 'ingredients');
  return grams === undefined ? liquid(row, ml ?? 0) : powder(row, grams);
}

function plantOf(tables: Tables, name: string, field: string): PlantRow {
  const id = tables.plants.some((plant) => plant.id === name) ? name : plantNamed(tables, name);
  if (id === undefined) throw inputError(field, 'unknown-plant-leave-out', { given: name });
  return rowById(tables.plants, id, 'plants');
}
