import type { RecipeDocument } from '../contract/recipe';
import { ingredientNamed } from '../judge';
import type { RemedyRow, RoutinePart, StepSpec, Tables, WindowSpec } from '../tables';

/** Minutes that something of the gardener's own is thought to take where nothing is said. */
const usualMinutes = 10;

/** A row of which nothing is known but what it is called and what is done. */
const plainRow = (id: string, name: string, steps: readonly StepSpec[]): RemedyRow => ({
  id,
  name,
  rung: 'care',
  plain: name,
  honest: '',
  targets: [],
  rate: '',
  limits: [],
  cautions: [],
  classes: [],
  steps,
  preHarvestDays: 0,
  expect: {
    what: '',
    sign: '',
    unit: 'yes-no',
    clearBelow: 0,
    reduction: [0, 0],
    days: [0, 0],
    twiceDaysApart: 0,
    lateLookDays: 0,
  },
  facts: {
    reaches: '',
    where: '',
    keeps: { days: 0, says: '', how: 'nothing' },
    wear: [],
    cost: 'nothing',
    spares: { helpers: 'safe', soil: 'safe', water: 'safe' },
    prepare: [],
  },
  source: 'growers',
  grade: 'folk',
});

/** A reminder in the gardener's own words, as a chain of one step that puts nothing on. */
export const reminderRow = (wish: string): RemedyRow =>
  plainRow('reminder', wish, [
    {
      id: 'do',
      phase: 'apply',
      does: wish,
      why: 'you asked to be reminded',
      // At the next visit within a week: a reminder is not urgent by itself.
      gap: [0, 6],
      minutes: usualMinutes,
      window: { part: 'any' },
    },
  ]);

/** Work that puts nothing on, in steps of its own; what is counted in it, if anything. */
export function doneRow(name: string, steps: readonly StepSpec[], counts?: RoutinePart['counts']): RemedyRow {
  const row = plainRow('reminder', name, steps);
  return counts ? { ...row, expect: { ...row.expect, ...counts, unit: 'number' } } : row;
}

/** Is it a reminder, and nothing that is put on? */
export const isReminder = ({ id }: Pick<RemedyRow, 'id'>): boolean => id === 'reminder';

/** By which way a recipe goes, as remedies are classed, and the hours that suit it. */
const waysOf: Record<RecipeDocument['goesOn'], { readonly classes: readonly string[]; readonly window: WindowSpec }> = {
  leaves: {
    classes: ['spray'],
    window: { part: 'evening', sun: 'avoid', dryAfter: 2, windBelow: 15, between: [5, 30] },
  },
  'bare-wood': { classes: ['spray'], window: { part: 'day', dryAfter: 2, windBelow: 15, between: [2, 30] } },
  soil: { classes: ['drench'], window: { part: 'any' } },
  tools: { classes: ['hygiene'], window: { part: 'any' } },
  bait: { classes: ['bait'], window: { part: 'any', dryAfter: 2 } },
};

/**
 * A recipe of the gardener's own as a remedy: what it was begun from lends its chain, its limits by plant and pace and
 * what is expected of it; classes come from what is really in it. Its amounts are worked out by `mixOwn`.
 */
export function ownRow(tables: Pick<Tables, 'ingredients' | 'remedies'>, recipe: RecipeDocument): RemedyRow {
  const base = tables.remedies.find(({ id }) => id === recipe.basedOn);
  const { classes, window } = waysOf[recipe.goesOn];
  const inIt = recipe.parts.flatMap(({ ingredient }) => ingredientNamed(tables, ingredient)?.classes ?? []);
  const put: StepSpec = {
    id: 'apply',
    phase: 'apply',
    does: `Put on: ${recipe.name}`,
    why: recipe.purpose === '' ? 'your own recipe' : recipe.purpose,
    gap: [0, 2],
    minutes: usualMinutes,
    window,
    applies: true,
  };
  const { recipe: _, ...rest } = base ?? plainRow('own-recipe', recipe.name, [put]);
  return {
    ...rest,
    name: recipe.name,
    classes: [...new Set([...classes, ...inIt])],
    preHarvestDays: recipe.preHarvestDays,
    facts: { ...rest.facts, keeps: { ...rest.facts.keeps, days: recipe.keepsDays } },
  };
}
