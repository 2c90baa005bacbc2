import { randomUUID } from 'node:crypto';
import { cautionKey, ingredientNamed, judge, type Act } from '@trowel/core/judge';
import { type RecipeDocument, inputError } from '@trowel/core/contract';
import { asksWater } from '@trowel/core/jobs';
import { batchClasses, batchState, checkRecipe, mixRemedy } from '@trowel/core/mix';
import { batchKinds } from '@trowel/core/tables';
import { inWords, mL } from '@trowel/core/quantities';
import type { SceneFact, Tables } from '@trowel/core/tables';
import { batchNames, cautionLine } from '@trowel/core/wording';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import * as bench from '../store/bench';
import { oneGarden, savePreferences } from '../store/garden';
import { maybeOneMix } from '../store/jobs';
import { batchOf } from '../views/job';
import { refuseUnread, unread } from '../views/step-safety';
import { act, type ActContext } from './command';
import { mustHold, setJob, theJob } from './jobs';
import { giveBack, heldClasses, makeMix } from './mixing';
import { brewBegun } from './routines';
import { tagPatterns } from './tags';

/** @throws Problem for a stop, or for cautions that have not been read. */
function mustBeSafe(db: Db, tables: Tables, doing: Act, acknowledged: readonly string[]): void {
  const left = unread(judge(tables, doing), acknowledged);
  if (left.length > 0) throw refuseUnread(tables, left, oneGarden(db).measures);
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

export const setPreferences = act('setPreferences', ({ db, tables }, input) => {
  const now = oneGarden(db);
  const known = new Set<string>([
    ...tables.remedies.flatMap(({ id, rung, classes }) => [id, rung, ...classes]),
    ...tables.ingredients.flatMap(({ id, classes }) => [id, ...classes]),
  ]);
  input.forbids?.forEach((name, at) => {
    if (!known.has(name)) throw inputError(`forbids[${at}]`, 'unknown-rule', { given: name });
  });
  const schools = { ...now.schools };
  for (const [remedy, strength] of Object.entries(input.schools ?? {})) {
    const row = tables.remedies.find(({ id }) => id === remedy);
    if (!row?.recipe) throw inputError(`schools.${remedy}`, 'no-recipe');
    if (strength === null) delete schools[remedy];
    else if (row.recipe.strengths.some(({ id }) => id === strength)) schools[remedy] = strength;
    else
      throw inputError(`schools.${remedy}`, 'one-of', { known: row.recipe.strengths.map(({ id }) => id).join(', ') });
  }
  savePreferences(db, {
    forbids: input.forbids ?? now.forbids,
    only_cupboard: input.onlyFromCupboard ?? now.only_cupboard,
    schools,
  });
  return { caseId: null, result: {} };
});

export const keepIngredient = act('keepIngredient', ({ db, tables }, input) => {
  const row = ingredientNamed(tables, input.ingredient);
  if (!row) throw inputError('ingredient', 'unknown-ingredient', { given: input.ingredient });
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

export const dropIngredient = act('dropIngredient', ({ db }, _input, ingredient) => {
  if (!bench.maybeOneKept(db, ingredient)) throw notFound('ingredient in the cupboard', ingredient);
  bench.dropKept(db, ingredient);
  return { caseId: null, result: {} };
});

export const addVessel = act('addVessel', ({ db }, { name, kind, volumeMl }) => {
  const id = randomUUID();
  bench.addVessel(db, { id, name, kind, volume_ml: volumeMl });
  return { caseId: null, result: { id } };
});

/** Notes what a vessel holds, unless what it held before forbids that; or that it has been washed. */
export const noteVessel = act('noteVessel', ({ db, tables, today }, { held, washed }, id) => {
  const row = theVessel(db, id);
  if (washed) bench.saveHeld(db, row.id, null, [], today);
  else {
    if (held === undefined) throw inputError('held', 'say-held');
    const { name, classes } = whatIs(tables, held);
    mustBeSafe(
      db,
      tables,
      { things: [{ classes }], before: [{ classes: row.classes, where: 'tank', daysAgo: 0 }] },
      allNotes(tables),
    );
    bench.saveHeld(db, row.id, name, classes, today);
  }
  return { caseId: null, result: {} };
});

/**
 * Notes that a remedy has been mixed: refused as the card would be, its cautions must have been read, what
 * went in is taken from cupboard and brew, the sprayer holds it, and the job it is for is done like this from now on.
 */
export const noteMix = act('noteMix', (context, input) => {
  const { db, tables, today } = context;
  const { remedy, strength, volumeMl, plants, vesselId, jobId, batchId, water, acknowledged } = input;
  const vessel = vesselId === undefined ? undefined : theVessel(db, vesselId);
  const job = jobId === undefined ? undefined : theJob(db, jobId);
  if (job && job.remedy !== remedy) throw inputError('jobId', 'other-remedy', { name: remedy });
  const garden = oneGarden(db);
  const { measures } = garden;
  const row = tables.remedies.find(({ id }) => id === remedy);
  const hardness = water === undefined ? undefined : water === 'tap' ? garden.tap_hardness : garden.butt_hardness;
  const card = mixRemedy(tables, {
    remedy,
    measures,
    volume: { amount: volumeMl, unit: 'mL' },
    ...(strength === undefined ? {} : { strength }),
    ...(plants === undefined ? {} : { plants }),
    ...(vessel ? { vesselHeld: [...vessel.classes] } : {}),
    ...(hardness === undefined || !row || !asksWater(row) ? {} : { water: { hardness } }),
  });
  if (card.kind === 'refused')
    throw conflict('said', { says: card.because.map((found) => cautionLine(tables, found, measures)).join(' ') });
  if (card.kind !== 'mix' || !row) throw new Error(`a remedy was mixed as "${card.kind}"`);
  const left = card.cautions.filter((found) => found.level === 'caution' && !acknowledged.includes(cautionKey(found)));
  if (left.length > 0) throw refuseUnread(tables, left, measures);
  const batch = batchId ?? job?.batch_id ?? null;
  mustHold(db, batch, today, row, card.parts);
  if (job)
    setJob(context, job, {
      // What is drawn from a brew is thinned by its age, each time anew.
      ...(batch === null ? { strength: card.strength?.value ?? null } : {}),
      volumeMl,
      ...(water === undefined ? {} : { water }),
      ...(vesselId === undefined ? {} : { vesselId }),
      ...(batch === null ? {} : { batchId: batch }),
    });
  const id = makeMix(db, tables, {
    remedy: row,
    card,
    jobId: job?.id ?? null,
    vessel,
    batchId: batch,
    eventId: null,
    today,
  });
  return { caseId: job?.case_id ?? null, result: { id } };
});

/** Takes back a mix that was noted by mistake: cupboard and brew have it again, the sprayer what it held before. */
export const takeBackMix = act('takeBackMix', ({ db }, _input, id) => {
  const mix = maybeOneMix(db, id);
  if (!mix) throw notFound('mix', id);
  if (mix.taken_back === 1) throw conflict('taken-back-already');
  giveBack(db, mix);
  return { caseId: null, result: { id } };
});

/** Only stops matter to a vessel: every caution counts as read. */
const allNotes = (tables: Tables): string[] => tables.safetyRules.map(({ id }) => id);

function whatIs(tables: Tables, word: string): { name: string; classes: readonly string[] } {
  const remedy = tables.remedies.find(({ id }) => id === word);
  if (remedy) return { name: remedy.name, classes: heldClasses(tables, remedy) };
  const kind = batchKinds.find((id) => id === word);
  if (kind) return { name: batchNames[kind], classes: batchClasses[kind] };
  const ingredient = ingredientNamed(tables, word);
  if (!ingredient) throw inputError('held', 'unknown-thing', { given: word });
  return { name: ingredient.name, classes: ingredient.classes };
}

export const startBatch = act('startBatch', (context, input) => {
  const { db, tables, today } = context;
  const { kind, vesselId, shell, lid, acknowledged } = input;
  if (kind === 'shell-extract' && !shell) throw inputError('shell', 'shell-missing');
  if (kind !== 'shell-extract' && shell) throw inputError('shell', 'shell-only');
  const vessel = vesselId === undefined ? undefined : theVessel(db, vesselId);
  if (vessel && vessel.volume_ml < input.volumeMl)
    throw inputError('volumeMl', 'more-than-vessel', {
      vessel: vessel.name,
      holds: inWords(mL(vessel.volume_ml), oneGarden(db).measures),
    });
  const facts: SceneFact[] = lid === 'tight' ? ['lid-tight'] : [];
  mustBeSafe(
    db,
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
  brewBegun(context, id, kind);
  return { caseId: null, result: { id } };
});

/** Another one like it, begun today. Its cautions were read when that one was begun; what stops it now stops it. */
export const repeatBatch = act('repeatBatch', (context, _input, like) => {
  const { db, tables, today } = context;
  const row = theBatch(db, like);
  mustBeSafe(
    db,
    tables,
    { things: [{ classes: batchClasses[row.kind], ...(row.shell ? { percent: row.shell.acidPercent } : {}) }] },
    allNotes(tables),
  );
  const id = randomUUID();
  bench.addBatch(db, {
    ...row,
    id,
    pattern: bench.anyBatches(db).length % tagPatterns,
    started_on: today,
    // The one before still stands in its vessel.
    vessel_id: null,
    shell: row.shell,
  });
  brewBegun(context, id, row.kind);
  return { caseId: null, result: { id } };
});

/** Where a brew goes, as facts of the scene. */
const goesFacts = { soil: ['on-soil'], leaves: ['on-leaves'], 'raw-leaves': ['on-raw-leaves'] } as const;

export const noteBatch = act('noteBatch', ({ db, tables, today }, input, id) => {
  const row = theBatch(db, id);
  const events = bench.anyBatchEvents(db, row.id);
  const state = batchState(batchOf(row, events), today);
  if (state.stage === 'gone') throw conflict('nothing-left', { name: row.name });
  if (input.kind === 'fizz-ended' && row.kind !== 'shell-extract') throw inputError('kind', 'no-fizz');
  if ((input.kind === 'ready-seen' || input.kind === 'not-yet') && state.stage === 'past')
    throw conflict('brew-past', { name: row.name, day: { day: state.bestBefore } });
  if (input.kind === 'used') {
    if (input.ml === undefined) throw inputError('ml', 'used-missing');
    if (input.ml > state.leftMl + 0.5)
      throw inputError('ml', 'more-than-left', { left: inWords(mL(Math.round(state.leftMl)), oneGarden(db).measures) });
    if (state.stage === 'working') throw conflict('not-ready', { name: row.name, day: { day: state.readyOn } });
    const vessel = input.vesselId === undefined ? undefined : theVessel(db, input.vesselId);
    mustBeSafe(
      db,
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

export const takeBackBatchEvent = act('takeBackBatchEvent', ({ db }, _input, id) => {
  const row = theBatch(db, id);
  const events = bench.anyBatchEvents(db, row.id);
  const last = events[events.length - 1];
  if (!last) throw conflict('nothing-noted');
  bench.dropBatchEvent(db, last.id);
  return { caseId: null, result: { takenBack: last.kind } };
});

/** Saves an own recipe unless a limit or a rule forbids it. */
function keepRecipe({ db, tables, today }: ActContext, document: RecipeDocument, id: string) {
  const stop = checkRecipe(tables, document).find(({ level }) => level === 'stop');
  if (stop) throw conflict('said', { says: cautionLine(tables, stop, oneGarden(db).measures) });
  bench.saveRecipe(db, id, document, today);
  return { caseId: null, result: { id } };
}

export const saveRecipe = act('saveRecipe', (context, { document }) => keepRecipe(context, document, randomUUID()));

export const changeRecipe = act('changeRecipe', (context, { document }, id) => {
  if (!bench.maybeOneRecipe(context.db, id)) throw notFound('recipe', id);
  return keepRecipe(context, document, id);
});

export const deleteRecipe = act('deleteRecipe', ({ db }, _input, id) => {
  if (!bench.maybeOneRecipe(db, id)) throw notFound('recipe', id);
  bench.dropRecipe(db, id);
  return { caseId: null, result: {} };
});

export const acts = {
  setPreferences,
  keepIngredient,
  dropIngredient,
  addVessel,
  noteVessel,
  noteMix,
  takeBackMix,
  startBatch,
  repeatBatch,
  noteBatch,
  takeBackBatchEvent,
  saveRecipe,
  changeRecipe,
  deleteRecipe,
};
