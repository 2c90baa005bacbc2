import { inputError } from '@trowel/core/contract';
import { randomUUID } from 'node:crypto';
import { onlyWaits, strengthFor } from '@trowel/core/judge';
import { addDays } from '@trowel/core/quantities';
import { readLine, type About, type Understood } from '@trowel/core/read';
import { caseNameFor, keptWords } from '@trowel/core/wording';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import * as cases from '../store/cases';
import * as garden from '../store/garden';
import * as treatments from '../store/treatments';
import { emptyReading, readingOf } from '../views/reading';
import { applyCautions, maybeRemedy, refuseUnread, unread } from '../views/step-safety';
import { act } from './command';
import { tagPatterns } from './tags';

const theCase = (db: Db, id: string) => {
  const row = cases.maybeOneCase(db, id);
  if (!row) throw notFound('case', id);
  return row;
};

const theOpenCase = (db: Db, id: string) => {
  const row = theCase(db, id);
  if (row.status === 'closed') throw conflict('case-closed', { name: row.name });
  return row;
};

/** What is known of a case before its line is read. */
function aboutCase(db: Db, row: cases.CaseRow): About {
  const planting = row.planting_id === null ? undefined : garden.maybeOnePlanting(db, row.planting_id);
  const bed = garden.maybeOneBed(db, row.bed_id);
  return { ...(planting ? { plant: planting.plant } : {}), ...(bed ? { setting: bed.setting } : {}) };
}

export const openCase = act('openCase', ({ db, tables, today }, { bedId, plantingId, name }) => {
  const bed = garden.maybeOneBed(db, bedId);
  if (!bed) throw inputError('bedId', 'no-such-bed', { given: bedId });
  const planting = plantingId === undefined ? undefined : garden.maybeOnePlanting(db, plantingId);
  if (plantingId !== undefined && planting?.bed_id !== bedId)
    throw inputError('plantingId', 'not-in-bed', { given: plantingId ?? '', bed: bed.name });
  const id = randomUUID();
  const plantName = planting ? keptWords(tables, 'plants', planting.plant) : undefined;
  const caseName = name ?? caseNameFor(bed.name, planting && (planting.label || plantName));
  cases.addCase(db, {
    id,
    name: caseName,
    pattern: cases.countCases(db) % tagPatterns,
    bed_id: bedId,
    planting_id: plantingId ?? null,
    opened_on: today,
    reading: emptyReading,
  });
  return { caseId: id, result: { id } };
});

export const addEvidence = act('addEvidence', ({ db, tables, clock, today }, { said, items = [] }, caseId) => {
  const row = theOpenCase(db, caseId);
  const read = said === undefined ? undefined : readLine(tables, said, aboutCase(db, row));
  items.forEach(({ sign }, index) => {
    if (!tables.signs.some(({ id }) => id === sign))
      throw inputError(`items[${index}].sign`, 'unknown-sign', { given: sign });
  });
  // What was tapped, or read more surely, is not undone by a doubtful word.
  const known = cases.anyEvidence(db, row.id);
  const isTapped = ({ sign, state, amount }: Understood) =>
    amount === undefined && known.some((item) => item.sign === sign && item.state === state && item.sure === null);
  const isNoted = (sign: string) =>
    known.some((item) => item.sign === sign) || (read?.understood ?? []).some((item) => item.sign === sign);
  for (const item of (read?.understood ?? []).filter((one) => !isTapped(one)))
    cases.addObservation(db, {
      caseId: row.id,
      sign: item.sign,
      state: item.state,
      amount: item.amount,
      said: item.say,
      sure: item.sure,
      on: today,
    });
  for (const { say, state, sure, signs } of read?.perhaps ?? [])
    if (sure !== undefined && signs[0] !== undefined && !isNoted(signs[0]))
      cases.addObservation(db, { caseId: row.id, sign: signs[0], state, said: say, sure, on: today });
  for (const { sign, state, amount } of items)
    cases.addObservation(db, { caseId: row.id, sign, state, amount, on: today });
  cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
  return {
    caseId: row.id,
    result: {
      understood: (read?.understood ?? []).map((item) => ({ ...item })),
      perhaps: (read?.perhaps ?? []).map(({ signs, ...rest }) => ({ ...rest, signs: [...signs] })),
      notUnderstood: [...(read?.notUnderstood ?? [])],
    },
  };
});

export const answerCheck = act('answerCheck', ({ db, tables, clock, today }, { check, answer }, caseId) => {
  const row = theOpenCase(db, caseId);
  const checkRow = tables.checks.find(({ id }) => id === check);
  if (!checkRow) throw inputError('check', 'unknown-check', { given: check });
  const given = checkRow.answers.find(({ id }) => id === answer);
  if (!given) throw inputError('answer', 'one-of', { known: checkRow.answers.map(({ id }) => `"${id}"`).join(', ') });
  cases.addCheckDone(db, { caseId: row.id, check, answer, on: today });
  for (const { sign, state } of given.gives)
    cases.addObservation(db, { caseId: row.id, sign, state, said: checkRow.name, on: today });
  cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
  return { caseId: row.id, result: {} };
});

export const chooseRemedy = act('chooseRemedy', ({ db, tables, today }, { remedy, strength, from }, caseId) => {
  const row = theOpenCase(db, caseId);
  const remedyRow = tables.remedies.find(({ id }) => id === remedy);
  if (!remedyRow) throw inputError('remedy', 'unknown-remedy', { given: remedy });
  const planting = row.planting_id === null ? undefined : garden.maybeOnePlanting(db, row.planting_id);
  if (treatments.anyTreatments(db, row.id).some((other) => other.remedy === remedy && other.ended_on === null))
    throw conflict('under-way', { remedy: remedyRow.name });
  const id = randomUUID();
  const { recipe } = remedyRow;
  const plants = planting ? [planting.plant] : [];
  const mixed = strength ?? (recipe ? strengthFor(tables, { ...remedyRow, recipe }, { plants }).value : null);
  // A rule that would stop it at the bed stops it here already: the plant, what this bed had, how near the harvest is.
  const on = from !== undefined && from > today ? from : today;
  const wanted = { id, case_id: row.id, remedy, strength: mixed, chosen_on: on, ended_on: null };
  const stops = applyCautions(db, tables, wanted, on).filter((found) => found.level === 'stop' && !onlyWaits(found));
  if (stops.some((found) => 'code' in found && found.code === 'beyond-cap'))
    throw inputError('strength', 'beyond-limit', { why: remedyRow.limits[0] ?? '' });
  if (stops.length > 0) throw refuseUnread(tables, stops.slice(0, 1), garden.oneGarden(db).measures);
  treatments.addTreatment(db, { id, case_id: row.id, remedy, strength: mixed, chosen_on: on });
  return { caseId: row.id, result: { id } };
});

const theTreatment = (db: Db, id: string) => {
  const row = treatments.maybeOneTreatment(db, id);
  if (!row) throw notFound('treatment', id);
  theOpenCase(db, row.case_id);
  return row;
};

export const endTreatment = act('endTreatment', ({ db, today }, _input, treatmentId) => {
  // What was marked in a case that is closed by now can be dropped without opening the case again.
  const marked = treatments.maybeOneTreatment(db, treatmentId);
  const row = marked && theCase(db, marked.case_id).status === 'closed' ? marked : theTreatment(db, treatmentId);
  treatments.endTreatment(db, row.id, today);
  return { caseId: row.case_id, result: {} };
});

export const recordStep = act('recordStep', ({ db, tables, today }, { treatmentId, step, outcome, acknowledged }) => {
  const row = theTreatment(db, treatmentId);
  const remedy = maybeRemedy(tables, row.remedy);
  if (!remedy) throw conflict('no-longer-known', { given: row.remedy });
  const spec = remedy.steps.find(({ id }) => id === step);
  if (!spec) throw inputError('step', 'no-such-step', { given: step, remedy: remedy.name });
  const current = treatments.anyStepsOf(db, row.id).find((event) => event.step === step);
  if (outcome === 'undone' && !current) throw conflict('not-ticked');
  if (outcome !== 'undone' && current) throw conflict('ticked-already');
  const left = outcome === 'done' && spec.applies ? unread(applyCautions(db, tables, row, today), acknowledged) : [];
  if (left.length > 0) throw refuseUnread(tables, left, garden.oneGarden(db).measures);
  treatments.addStepEvent(db, { treatmentId: row.id, step, outcome, on: today });
  return { caseId: row.case_id, result: {} };
});

export const addLook = act('addLook', ({ db, today }, { treatmentId, kind, counts, harmSeen }, caseId) => {
  const row = theOpenCase(db, caseId);
  if (treatmentId !== undefined && theTreatment(db, treatmentId).case_id !== row.id)
    throw inputError('treatmentId', 'other-case');
  const id = randomUUID();
  cases.addLook(db, {
    id,
    case_id: row.id,
    treatment_id: treatmentId ?? null,
    kind,
    looked_on: today,
    counts,
    harm_seen: harmSeen,
  });
  return { caseId: row.id, result: { id } };
});

export const closeCase = act('closeCase', ({ db, tables, today }, { outcome }, caseId) => {
  const row = theOpenCase(db, caseId);
  const all = treatments.anyTreatments(db, row.id);
  const lateDays = Math.max(0, ...all.map(({ remedy }) => maybeRemedy(tables, remedy)?.expect.lateLookDays ?? 0));
  // What is marked for a month to come keeps its month: closing this trouble does not keep the next one away.
  for (const { id, chosen_on } of all) if (chosen_on <= today) treatments.endTreatment(db, id, today);
  cases.closeCase(db, row.id, outcome, today, outcome === 'solved' ? addDays(today, lateDays || 14) : null);
  return { caseId: row.id, result: {} };
});

export const reopenCase = act('reopenCase', ({ db }, _input, caseId) => {
  const row = theCase(db, caseId);
  if (row.status === 'open') throw conflict('case-open');
  cases.reopenCase(db, row.id);
  return { caseId: row.id, result: {} };
});

export const acts = {
  openCase,
  addEvidence,
  answerCheck,
  chooseRemedy,
  endTreatment,
  recordStep,
  addLook,
  closeCase,
  reopenCase,
};
