import { randomUUID } from 'node:crypto';
import {
  addSoilTest as addSoilTestInput,
  answerPractice as answerPracticeInput,
  importSoilTests as importSoilTestsInput,
  setHarvest as setHarvestInput,
  setThreshold as setThresholdInput,
  addBed as addBedInput,
  addEvidence as addEvidenceInput,
  addLook as addLookInput,
  addPlanting as addPlantingInput,
  answerCheck as answerCheckInput,
  changeGarden as changeGardenInput,
  chooseRemedy as chooseRemedyInput,
  closeCase as closeCaseInput,
  endTreatment as endTreatmentInput,
  inputError,
  openCase as openCaseInput,
  reopenCase as reopenCaseInput,
  stepEvent as stepEventInput,
} from '@trowel/core/contract';
import { addDays } from '@trowel/core/plan';
import { plantNamed, readLine, type About } from '@trowel/core/read';
import { againstPlant } from '@trowel/core/choose';
import { rowById, withinCap } from '@trowel/core/tables';
import type { Db } from './database';
import { command, type Deps } from './command';
import { notFound, Problem } from './problems';
import { emptyReading, readingOf } from './views/reading';
import { applyCautions, unread } from './views/step-safety';
import { answered } from '@trowel/core/practice';
import { readSoilCsv } from './formats/soil-csv';
import * as cases from './store/cases';
import * as clinic from './store/clinic';
import * as garden from './store/garden';
import * as treatments from './store/treatments';

const theCase = (db: Db, id = '') => {
  const row = cases.maybeOneCase(db, id);
  if (!row) throw notFound('case', id);
  return row;
};

const theOpenCase = (db: Db, id = '') => {
  const row = theCase(db, id);
  if (row.status === 'closed') throw new Problem('conflict', `The case “${row.name}” is closed; open it again first.`);
  return row;
};

/** What is known of a case before its line is read. */
function aboutCase(db: Db, row: cases.CaseRow): About {
  const planting = row.planting_id === null ? undefined : garden.maybeOnePlanting(db, row.planting_id);
  const bed = garden.maybeOneBed(db, row.bed_id);
  return { ...(planting ? { plant: planting.plant } : {}), ...(bed ? { setting: bed.setting } : {}) };
}

/** How many tag patterns the app can draw. */
const tagPatterns = 12;

export const openCase = command('open-case', openCaseInput, ({ db, tables, today }, { bedId, plantingId, name }) => {
  const bed = garden.maybeOneBed(db, bedId);
  if (!bed) throw inputError('bedId', `there is no bed "${bedId}"`);
  const planting = plantingId === undefined ? undefined : garden.maybeOnePlanting(db, plantingId);
  if (plantingId !== undefined && planting?.bed_id !== bedId)
    throw inputError('plantingId', `"${plantingId}" does not grow in ${bed.name}`);
  const id = randomUUID();
  const plantName = planting ? rowById(tables.plants, planting.plant, 'plants').name : undefined;
  const caseName = name ?? (planting ? planting.label || plantName || bed.name : `The ground of ${bed.name}`);
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

export const addEvidence = command(
  'add-evidence',
  addEvidenceInput,
  ({ db, tables, clock, today }, { said, items = [] }, caseId) => {
    const row = theOpenCase(db, caseId);
    const read = said === undefined ? undefined : readLine(tables, said, aboutCase(db, row));
    items.forEach(({ sign }, index) => {
      if (!tables.signs.some(({ id }) => id === sign))
        throw inputError(`items[${index}].sign`, `"${sign}" is not a sign that is known here`);
    });
    for (const item of read?.understood ?? [])
      cases.addObservation(db, {
        caseId: row.id,
        sign: item.sign,
        state: item.state,
        amount: item.amount,
        said: item.say,
        on: today,
      });
    for (const { sign, state, amount } of items)
      cases.addObservation(db, { caseId: row.id, sign, state, amount, on: today });
    cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
    return { caseId: row.id, result: { understood: read?.understood ?? [], notUnderstood: read?.notUnderstood ?? [] } };
  },
);

export const answerCheck = command(
  'answer-check',
  answerCheckInput,
  ({ db, tables, clock, today }, { check, answer }, caseId) => {
    const row = theOpenCase(db, caseId);
    const checkRow = tables.checks.find(({ id }) => id === check);
    if (!checkRow) throw inputError('check', `"${check}" is not a check that is known here`);
    const given = checkRow.answers.find(({ id }) => id === answer);
    if (!given) throw inputError('answer', `must be one of ${checkRow.answers.map(({ id }) => `"${id}"`).join(', ')}`);
    cases.addCheckDone(db, { caseId: row.id, check, answer, on: today });
    for (const { sign, state } of given.gives)
      cases.addObservation(db, { caseId: row.id, sign, state, said: checkRow.name, on: today });
    cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
    return { caseId: row.id, result: {} };
  },
);

export const chooseRemedy = command(
  'choose-remedy',
  chooseRemedyInput,
  ({ db, tables, today }, { remedy, strength }, caseId) => {
    const row = theOpenCase(db, caseId);
    const remedyRow = tables.remedies.find(({ id }) => id === remedy);
    if (!remedyRow) throw inputError('remedy', `"${remedy}" is not a remedy that is known here`);
    const planting = row.planting_id === null ? undefined : garden.maybeOnePlanting(db, row.planting_id);
    const against = againstPlant(tables, remedyRow, planting?.plant);
    if (against !== undefined) throw new Problem('conflict', `${remedyRow.name} is not for this plant: ${against}.`);
    if (strength !== undefined && remedyRow.recipe && !withinCap(remedyRow.recipe, strength))
      throw inputError('strength', `is beyond the limit: ${remedyRow.limits[0] ?? ''}`);
    if (treatments.anyTreatments(db, row.id).some((other) => other.remedy === remedy && other.ended_on === null))
      throw new Problem('conflict', `${remedyRow.name} is already under way in this case.`);
    const id = randomUUID();
    // A rule that would stop it at the bed stops it here already: what this bed had, how near the harvest is.
    const stop = applyCautions(
      db,
      tables,
      { id, case_id: row.id, remedy, strength: null, chosen_on: today, ended_on: null },
      today,
    ).find(({ level }) => level === 'stop');
    if (stop) throw new Problem('conflict', `Stop. ${stop.says} ${stop.instead ?? ''}`.trim());
    const standard = remedyRow.recipe?.strengths.find(({ byDefault }) => byDefault)?.value ?? null;
    treatments.addTreatment(db, { id, case_id: row.id, remedy, strength: strength ?? standard, chosen_on: today });
    return { caseId: row.id, result: { id } };
  },
);

const theTreatment = (db: Db, id: string) => {
  const row = treatments.maybeOneTreatment(db, id);
  if (!row) throw notFound('treatment', id);
  theOpenCase(db, row.case_id);
  return row;
};

export const endTreatment = command('end-treatment', endTreatmentInput, ({ db, today }, _input, treatmentId = '') => {
  const row = theTreatment(db, treatmentId);
  treatments.endTreatment(db, row.id, today);
  return { caseId: row.case_id, result: {} };
});

export const recordStep = command(
  'record-step',
  stepEventInput,
  ({ db, tables, today }, { treatmentId, step, outcome, acknowledged }) => {
    const row = theTreatment(db, treatmentId);
    const remedy = rowById(tables.remedies, row.remedy, 'remedies');
    const spec = remedy.steps.find(({ id }) => id === step);
    if (!spec) throw inputError('step', `"${step}" is not a step of ${remedy.name}`);
    const current = treatments.anyStepsOf(db, row.id).find((event) => event.step === step);
    if (outcome === 'undone' && !current)
      throw new Problem('conflict', 'That step is not ticked, so there is nothing to undo.');
    if (outcome !== 'undone' && current) throw new Problem('conflict', 'That step is ticked already.');
    const left = outcome === 'done' && spec.applies ? unread(applyCautions(db, tables, row, today), acknowledged) : [];
    if (left.length > 0)
      throw new Problem(
        'conflict',
        left.map(({ says, instead }) => `${says} ${instead ?? ''}`.trim()).join(' '),
        left
          .filter(({ level }) => level === 'caution')
          .map(({ rule = '', says }) => ({ field: 'acknowledged', message: `${rule}: ${says}` })),
      );
    treatments.addStepEvent(db, { treatmentId: row.id, step, outcome, on: today });
    return { caseId: row.case_id, result: {} };
  },
);

export const addLook = command(
  'add-look',
  addLookInput,
  ({ db, today }, { treatmentId, kind, counts, harmSeen }, caseId) => {
    const row = theOpenCase(db, caseId);
    if (treatmentId !== undefined && theTreatment(db, treatmentId).case_id !== row.id)
      throw inputError('treatmentId', 'belongs to another case');
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
  },
);

export const closeCase = command('close-case', closeCaseInput, ({ db, tables, today }, { outcome }, caseId) => {
  const row = theOpenCase(db, caseId);
  const all = treatments.anyTreatments(db, row.id);
  const lateDays = Math.max(
    0,
    ...all.map(({ remedy }) => rowById(tables.remedies, remedy, 'remedies').expect.lateLookDays),
  );
  for (const { id } of all) treatments.endTreatment(db, id, today);
  cases.closeCase(db, row.id, outcome, today, outcome === 'solved' ? addDays(today, lateDays || 14) : null);
  return { caseId: row.id, result: {} };
});

export const reopenCase = command('reopen-case', reopenCaseInput, ({ db }, _input, caseId) => {
  const row = theCase(db, caseId);
  if (row.status === 'open') throw new Problem('conflict', 'The case is open already.');
  cases.reopenCase(db, row.id);
  return { caseId: row.id, result: {} };
});

export const addBed = command('add-bed', addBedInput, ({ db }, { name, setting, note }) => {
  if (garden.maybeOneBedNamed(db, name)) throw inputError('name', `there is a bed called "${name}" already`);
  const id = randomUUID();
  garden.addBed(db, { id, name, setting, note });
  return { caseId: null, result: { id } };
});

export const addPlanting = command(
  'add-planting',
  addPlantingInput,
  ({ db, tables, today }, { plant, label }, bedId = '') => {
    if (!garden.maybeOneBed(db, bedId)) throw notFound('bed', bedId);
    const known = tables.plants.some(({ id }) => id === plant) ? plant : plantNamed(tables, plant);
    if (known === undefined)
      throw inputError('plant', `"${plant}" is not a plant that is known here; try a commoner name`);
    const id = randomUUID();
    garden.addPlanting(db, {
      id,
      bed_id: bedId,
      plant: known,
      label: label ?? rowById(tables.plants, known, 'plants').name,
      planted_on: today,
    });
    return { caseId: null, result: { id } };
  },
);

export const changeGarden = command(
  'change-garden',
  changeGardenInput,
  (context, { name, place, measures, tapHardness, buttHardness, usualHour, climate }) => {
    const { db } = context;
    const now = garden.oneGarden(db);
    garden.saveGarden(db, {
      name: name ?? now.name,
      latitude: place?.latitude ?? now.latitude,
      longitude: place?.longitude ?? now.longitude,
      time_zone: place?.timeZone ?? now.time_zone,
      measures: measures ?? now.measures,
      tap_hardness: tapHardness ?? now.tap_hardness,
      butt_hardness: buttHardness ?? now.butt_hardness,
      usual_hour: usualHour ?? now.usual_hour,
      climate: climate === undefined ? now.climate : climate,
    });
    // Seasons and weather turn with these.
    if (place !== undefined || climate !== undefined) weighAnew(context, () => true);
    return { caseId: null, result: {} };
  },
);

/** Open cases are weighed anew when something about their garden or their ground changes. */
function weighAnew({ db, tables, clock }: Deps, isTouched: (row: cases.CaseRow) => boolean): void {
  for (const row of cases.anyOpenCases(db))
    if (isTouched(row)) cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
}

export const addSoilTest = command('add-soil-test', addSoilTestInput, (context, { on, source, found }, bedId = '') => {
  if (!garden.maybeOneBed(context.db, bedId)) throw notFound('bed', bedId);
  const id = randomUUID();
  clinic.addSoilTest(context.db, { id, bedId, on: on ?? context.today, found, source });
  weighAnew(context, ({ bed_id }) => bed_id === bedId);
  return { caseId: null, result: { id } };
});

/** All rows or none: a bad one is named by line and column and nothing is written. */
export const importSoilTests = command('import-soil-tests', importSoilTestsInput, (context, { csv }) => {
  const rows = readSoilCsv(csv).map((row) => {
    const bed = garden.maybeOneBedNamed(context.db, row.bed);
    if (!bed) throw inputError(`csv line ${row.line}, column bed`, `there is no bed called "${row.bed}"`);
    return { ...row, bedId: bed.id };
  });
  for (const { bedId, on, found } of rows)
    clinic.addSoilTest(context.db, { id: randomUUID(), bedId, on, found, source: 'import' });
  weighAnew(context, ({ bed_id }) => rows.some(({ bedId }) => bedId === bed_id));
  return { caseId: null, result: { imported: rows.length } };
});

export const setThreshold = command('set-threshold', setThresholdInput, (context, { actAbove }, causeId = '') => {
  const { db, tables, today } = context;
  const cause = tables.causes.find(({ id }) => id === causeId);
  if (!cause) throw notFound('cause', causeId);
  if (!cause.threshold) throw inputError('actAbove', `${cause.name} is not judged by a count`);
  clinic.saveThreshold(db, causeId, actAbove, today);
  weighAnew(context, () => true);
  return { caseId: null, result: {} };
});

export const answerPractice = command(
  'answer-practice',
  answerPracticeInput,
  ({ db, tables, today }, { cause, answer, minutes }) => {
    for (const [field, id] of [
      ['cause', cause],
      ['answer', answer],
    ] as const)
      if (!tables.causes.some((row) => row.id === id))
        throw inputError(field, `"${id}" is not a cause that is known here`);
    const before = clinic.maybeOneCard(db, cause);
    const isRight = cause === answer;
    clinic.saveCard(db, answered(before, cause, isRight, today), (before?.minutes ?? 0) + Math.round(minutes));
    return { caseId: null, result: { right: isRight } };
  },
);

export const setHarvest = command('set-harvest', setHarvestInput, (context, { on }, plantingId = '') => {
  if (!garden.maybeOnePlanting(context.db, plantingId)) throw notFound('planting', plantingId);
  garden.setHarvest(context.db, plantingId, on);
  weighAnew(context, ({ planting_id }) => planting_id === plantingId);
  return { caseId: null, result: {} };
});
