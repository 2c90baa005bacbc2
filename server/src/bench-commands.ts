import { randomUUID } from 'node:crypto';
import { ingredientNamed, ruleSaid, rulesIn, type Scene } from '@trowel/core/choose';
import {
  addVessel as addVesselInput,
  deleteRecipe as deleteRecipeInput,
  dropIngredient as dropIngredientInput,
  inputError,
  keepIngredient as keepIngredientInput,
  noteBatch as noteBatchInput,
  noteMix as noteMixInput,
  noteVessel as noteVesselInput,
  saveRecipe as saveRecipeInput,
  setPreferences as setPreferencesInput,
  startBatch as startBatchInput,
  takeBackBatchEvent as takeBackBatchEventInput,
  takeBackMix as takeBackMixInput,
} from '@trowel/core/contract';
import { answerMix } from '@trowel/core/headless';
import { batchClasses, batchKinds, batchNames, batchState, checkRecipe } from '@trowel/core/mix';
import type { SceneFact, Tables } from '@trowel/core/tables';
import { z } from 'zod';
import { command } from './command';
import type { Db } from './database';
import { notFound, Problem } from './problems';
import * as bench from './store/bench';
import { oneGarden, savePreferences } from './store/garden';
import { answerWithId } from './store/log';
import { batchOf } from './views/bench';
import { unread } from './views/step-safety';

/** @throws Problem for a stop, or for cautions that have not been read. */
function mustBeSafe(tables: Tables, scene: Scene, acknowledged: readonly string[]): void {
  const left = unread(rulesIn(tables, scene).map(ruleSaid), acknowledged);
  if (left.length === 0) return;
  const isStop = left[0]?.level === 'stop';
  throw new Problem(
    'conflict',
    left.map(({ says, instead }) => `${isStop ? 'Stop. ' : ''}${says} ${instead ?? ''}`.trim()).join(' '),
    isStop ? [] : left.map(({ rule = '', says }) => ({ field: 'acknowledged', message: `${rule}: ${says}` })),
  );
}

const theVessel = (db: Db, id: string) => {
  const row = bench.maybeOneVessel(db, id);
  if (!row) throw notFound('vessel', id);
  return row;
};
const theBatch = (db: Db, id: string) => {
  const row = bench.maybeOneBatch(db, id);
  if (!row) throw notFound('batch', id);
  return row;
};

export const setPreferences = command('set-preferences', setPreferencesInput, ({ db, tables }, input) => {
  const now = oneGarden(db);
  const known = new Set<string>([
    ...tables.remedies.flatMap(({ id, rung, classes }) => [id, rung, ...classes]),
    ...tables.ingredients.flatMap(({ id, classes }) => [id, ...classes]),
  ]);
  input.forbids?.forEach((name, at) => {
    if (!known.has(name))
      throw inputError(`forbids[${at}]`, `"${name}" is neither a remedy, a class nor an ingredient`);
  });
  const schools = { ...now.schools };
  for (const [remedy, strength] of Object.entries(input.schools ?? {})) {
    const row = tables.remedies.find(({ id }) => id === remedy);
    if (!row?.recipe) throw inputError(`schools.${remedy}`, 'has no recipe to keep a strength of');
    if (strength === null) delete schools[remedy];
    else if (row.recipe.strengths.some(({ id }) => id === strength)) schools[remedy] = strength;
    else throw inputError(`schools.${remedy}`, `must be one of ${row.recipe.strengths.map(({ id }) => id).join(', ')}`);
  }
  savePreferences(db, {
    forbids: input.forbids ?? now.forbids,
    only_cupboard: input.onlyFromCupboard ?? now.only_cupboard,
    schools,
  });
  return { caseId: null, result: {} };
});

export const keepIngredient = command('keep-ingredient', keepIngredientInput, ({ db, tables }, input) => {
  const row = ingredientNamed(tables, input.ingredient);
  if (!row) throw inputError('ingredient', `"${input.ingredient}" is not known; use a commoner name`);
  const now = bench.maybeOneKept(db, row.id);
  const keep = <Value>(given: Value | undefined, before: Value | undefined, usual: Value): Value =>
    given === undefined ? (before ?? usual) : given;
  bench.saveKept(db, {
    ingredient: row.id,
    amount: keep(input.amount, now?.amount, null),
    unit: keep(input.unit, now?.unit, row.form === 'liquid' ? 'mL' : 'g'),
    pack_size: keep(input.packSize, now?.pack_size, null),
    pack_price: keep(input.packPrice, now?.pack_price, null),
    percent: keep(input.percent, now?.percent, null),
    wanted: keep(input.wanted, now?.wanted, false),
  });
  return { caseId: null, result: { ingredient: row.id } };
});

export const dropIngredient = command('drop-ingredient', dropIngredientInput, ({ db }, _input, ingredient = '') => {
  if (!bench.maybeOneKept(db, ingredient)) throw notFound('ingredient in the cupboard', ingredient);
  bench.dropKept(db, ingredient);
  return { caseId: null, result: {} };
});

export const addVessel = command('add-vessel', addVesselInput, ({ db }, { name, kind, volumeMl }) => {
  const id = randomUUID();
  bench.addVessel(db, { id, name, kind, volume_ml: volumeMl });
  return { caseId: null, result: { id } };
});

/** Notes what a vessel holds, unless what it held before forbids that; or that it has been washed. */
export const noteVessel = command(
  'note-vessel',
  noteVesselInput,
  ({ db, tables, today }, { held, washed }, id = '') => {
    const row = theVessel(db, id);
    if (washed) bench.saveHeld(db, row.id, null, [], today);
    else {
      if (held === undefined) throw inputError('held', 'say what it holds, or "washed": true');
      const { name, classes } = whatIs(tables, held);
      mustBeSafe(
        tables,
        { things: [{ classes }], before: [{ classes: row.classes, where: 'tank', daysAgo: 0 }] },
        allNotes(tables),
      );
      bench.saveHeld(db, row.id, name, classes, today);
    }
    return { caseId: null, result: {} };
  },
);

/**
 * Notes that a remedy has been mixed: refused as the card would be, its cautions must have been read, what
 * went in is taken from the cupboard, and the sprayer holds it from now on.
 */
export const noteMix = command('note-mix', noteMixInput, ({ db, tables, today }, input) => {
  const { remedy, strength, volumeMl, plants, vesselId, acknowledged } = input;
  const vessel = vesselId === undefined ? undefined : theVessel(db, vesselId);
  const card = answerMix(tables, {
    remedy,
    volume: { amount: volumeMl, unit: 'mL' },
    ...(strength === undefined ? {} : { strength }),
    ...(plants === undefined ? {} : { plants }),
    ...(vessel ? { vesselHeld: vessel.classes } : {}),
  });
  if (card.kind !== 'mix') throw new Problem('conflict', 'says' in card ? card.says : 'That cannot be mixed.');
  const left = card.cautions.filter(
    ({ level, rule, says }) => level === 'caution' && !acknowledged.includes(rule ?? says),
  );
  if (left.length > 0)
    throw new Problem(
      'conflict',
      left.map(({ says }) => says).join(' '),
      left.map(({ rule, says }) => ({ field: 'acknowledged', message: rule ?? says })),
    );
  const took: MixNoted['took'] = [];
  for (const part of card.parts) {
    const kept = bench.maybeOneKept(db, part.ingredient);
    if (kept?.amount == null) continue;
    const amount = Math.min(kept.amount, part.grams ?? part.ml);
    bench.saveKept(db, { ...kept, amount: kept.amount - amount });
    took.push({ ingredient: part.ingredient, amount });
  }
  const { name, classes } = whatIs(tables, remedy);
  if (vessel) bench.saveHeld(db, vessel.id, name, classes, today);
  const noted: MixNoted = {
    id: randomUUID(),
    took,
    ...(vessel
      ? { vessel: { id: vessel.id, now: name, held: vessel.held, classes: vessel.classes, on: vessel.last_on } }
      : {}),
  };
  return { caseId: null, result: noted };
});

/** What noting a mix changed, so that it can be taken back. */
const mixNoted = z.object({
  id: z.string(),
  took: z.array(z.object({ ingredient: z.string(), amount: z.number() })),
  vessel: z
    .object({
      id: z.string(),
      now: z.string(),
      held: z.string().nullable(),
      classes: z.array(z.string()),
      on: z.string().nullable(),
    })
    .optional(),
});
type MixNoted = z.infer<typeof mixNoted>;

/** Takes back a mix that was noted by mistake: the cupboard has it again, the sprayer what it held before. */
export const takeBackMix = command('take-back-mix', takeBackMixInput, ({ db }, _input, id = '') => {
  const found = answerWithId(db, 'note-mix', 'take-back-mix', id);
  if (!found) throw notFound('mix', id);
  if (found.isTakenBack) throw new Problem('conflict', 'That mix has been taken back already.');
  const { took, vessel } = mixNoted.parse(found.result);
  for (const { ingredient, amount } of took) {
    const kept = bench.maybeOneKept(db, ingredient);
    if (kept?.amount != null) bench.saveKept(db, { ...kept, amount: kept.amount + amount });
  }
  // What went in since is what it holds; only an untouched vessel goes back.
  const row = vessel && bench.maybeOneVessel(db, vessel.id);
  if (vessel && row?.held === vessel.now) bench.saveHeld(db, vessel.id, vessel.held, vessel.classes, vessel.on);
  return { caseId: null, result: { id } };
});

/** Only stops matter to a vessel: every caution counts as read. */
const allNotes = (tables: Tables): string[] => tables.safetyRules.map(({ id }) => id);

function whatIs(tables: Tables, word: string): { name: string; classes: readonly string[] } {
  const remedy = tables.remedies.find(({ id }) => id === word);
  const usedBy = remedy?.recipe && tables.ingredients.find(({ id }) => id === remedy.recipe?.ingredient);
  if (remedy) return { name: remedy.name, classes: [...remedy.classes, ...(usedBy?.classes ?? [])] };
  const kind = batchKinds.find((id) => id === word);
  if (kind) return { name: batchNames[kind], classes: batchClasses[kind] };
  const ingredient = ingredientNamed(tables, word);
  if (!ingredient) throw inputError('held', `"${word}" is not known; name a remedy, a brew or an ingredient`);
  return { name: ingredient.name, classes: ingredient.classes };
}

/** How many tag patterns the app can draw. */
const tagPatterns = 12;

export const startBatch = command('start-batch', startBatchInput, ({ db, tables, today }, input) => {
  const { kind, vesselId, shell, lid, acknowledged } = input;
  if (kind === 'shell-extract' && !shell)
    throw inputError('shell', 'is missing: grams of shell, acid in the vinegar, grain');
  if (kind !== 'shell-extract' && shell) throw inputError('shell', 'belongs to shell extract only');
  const vessel = vesselId === undefined ? undefined : theVessel(db, vesselId);
  if (vessel && vessel.volume_ml < input.volumeMl)
    throw inputError('volumeMl', `is more than ${vessel.name} holds (${vessel.volume_ml} mL)`);
  const facts: SceneFact[] = lid === 'tight' ? ['lid-tight'] : [];
  mustBeSafe(
    tables,
    {
      things: [
        {
          classes: batchClasses[kind],
          ...(shell === undefined ? {} : { percent: shell.acidPercent }),
        },
      ],
      facts,
      before: vessel ? [{ classes: vessel.classes, where: 'tank', daysAgo: 0 }] : [],
    },
    acknowledged,
  );
  const id = randomUUID();
  bench.addBatch(db, {
    id,
    kind,
    name: input.name ?? batchNames[kind],
    pattern: bench.anyBatches(db).length % tagPatterns,
    started_on: today,
    volume_ml: input.volumeMl,
    warmth: input.warmth,
    vessel_id: vessel?.id ?? null,
    shell,
  });
  if (vessel) bench.saveHeld(db, vessel.id, batchNames[kind], batchClasses[kind], today);
  return { caseId: null, result: { id } };
});

/** Where a brew goes, as facts of the scene. */
const goesFacts = { soil: ['on-soil'], leaves: ['on-leaves'], 'raw-leaves': ['on-raw-leaves'] } as const;

export const noteBatch = command('note-batch', noteBatchInput, ({ db, tables, today }, input, id = '') => {
  const row = theBatch(db, id);
  const events = bench.anyBatchEvents(db, row.id);
  const state = batchState(batchOf(row, events), today);
  if (state.stage === 'gone') throw new Problem('conflict', `Nothing is left of ${row.name}.`);
  if (input.kind === 'fizz-ended' && row.kind !== 'shell-extract')
    throw inputError('kind', 'only shells in vinegar fizz');
  if (input.kind === 'used') {
    if (input.ml === undefined) throw inputError('ml', 'is missing: how much of it was used?');
    if (input.ml > state.leftMl + 0.5) throw inputError('ml', `is more than is left (${Math.round(state.leftMl)} mL)`);
    if (state.stage === 'working') throw new Problem('conflict', `${row.name} is not ready before ${state.readyOn}.`);
    const vessel = input.vesselId === undefined ? undefined : theVessel(db, input.vesselId);
    mustBeSafe(
      tables,
      {
        things: [{ classes: batchClasses[row.kind] }],
        facts: goesFacts[input.goesOn],
        before: vessel ? [{ classes: vessel.classes, where: 'tank', daysAgo: 0 }] : [],
        ...(input.daysToHarvest === undefined ? {} : { daysToHarvest: input.daysToHarvest }),
      },
      input.acknowledged,
    );
    if (vessel) bench.saveHeld(db, vessel.id, row.name, batchClasses[row.kind], today);
  }
  bench.addBatchEvent(db, {
    batch_id: row.id,
    kind: input.kind,
    on_date: today,
    ml: input.kind === 'used' ? (input.ml ?? null) : null,
  });
  return { caseId: null, result: {} };
});

export const takeBackBatchEvent = command(
  'take-back-batch-event',
  takeBackBatchEventInput,
  ({ db }, _input, id = '') => {
    const row = theBatch(db, id);
    const events = bench.anyBatchEvents(db, row.id);
    const last = events[events.length - 1];
    if (!last) throw new Problem('conflict', 'Nothing has been noted yet, so there is nothing to take back.');
    bench.dropBatchEvent(db, last.id);
    return { caseId: null, result: { takenBack: last.kind } };
  },
);

/** Saves an own recipe, new or changed, unless a limit or a rule forbids it. */
export const saveRecipe = command('save-recipe', saveRecipeInput, ({ db, tables, today }, { document }, id) => {
  if (id !== undefined && !bench.maybeOneRecipe(db, id)) throw notFound('recipe', id);
  const stop = checkRecipe(tables, document).find(({ level }) => level === 'stop');
  if (stop) throw new Problem('conflict', `${stop.says} ${stop.instead ?? ''}`.trim());
  const recipeId = id ?? randomUUID();
  bench.saveRecipe(db, recipeId, document, today);
  return { caseId: null, result: { id: recipeId } };
});

export const deleteRecipe = command('delete-recipe', deleteRecipeInput, ({ db }, _input, id = '') => {
  if (!bench.maybeOneRecipe(db, id)) throw notFound('recipe', id);
  bench.dropRecipe(db, id);
  return { caseId: null, result: {} };
});
