import { randomUUID } from 'node:crypto';
import { bedSize, inputError } from '@trowel/core/contract';
import { bedSizeOf } from '@trowel/core/mix';
import { answered } from '@trowel/core/practice';
import { kinNamed, plantNamed } from '@trowel/core/read';
import { rowById } from '@trowel/core/tables';
import { readSoilCsv } from '../formats/soil-csv';
import { notFound } from '../problems';
import * as cases from '../store/cases';
import * as clinic from '../store/clinic';
import * as garden from '../store/garden';
import { readingOf } from '../views/reading';
import { act, type Deps } from './command';

export const addBed = act('addBed', ({ db }, { name, setting, note }) => {
  if (garden.maybeOneBedNamed(db, name)) throw inputError('name', 'bed-name-taken', { given: name });
  const id = randomUUID();
  garden.addBed(db, { id, name, setting, note });
  return { caseId: null, result: { id } };
});

export const addPlanting = act('addPlanting', ({ db, tables, today }, { plant, label }, bedId) => {
  if (!garden.maybeOneBed(db, bedId)) throw notFound('bed', bedId);
  const known = tables.plants.some(({ id }) => id === plant) ? plant : plantNamed(tables, plant);
  if (known === undefined) throw inputError('plant', 'unknown-plant', { given: plant });
  const id = randomUUID();
  const row = rowById(tables.plants, known, 'plants');
  garden.addPlanting(db, { id, bed_id: bedId, plant: known, label: label ?? row.name, planted_on: today });
  const isRelative = kinNamed(row, plant) !== undefined;
  return { caseId: null, result: { id, ...(isRelative ? { readAs: row.name } : {}) } };
});

export const changeGarden = act(
  'changeGarden',
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

export const addSoilTest = act('addSoilTest', (context, { on, source, found }, bedId) => {
  if (!garden.maybeOneBed(context.db, bedId)) throw notFound('bed', bedId);
  const id = randomUUID();
  clinic.addSoilTest(context.db, { id, bedId, on: on ?? context.today, found, source });
  weighAnew(context, ({ bed_id }) => bed_id === bedId);
  return { caseId: null, result: { id } };
});

/** All rows or none: a bad one is named by line and column and nothing is written. */
export const importSoilTests = act('importSoilTests', (context, { csv }) => {
  const rows = readSoilCsv(csv).map((row) => {
    const bed = garden.maybeOneBedNamed(context.db, row.bed);
    if (!bed) throw inputError(`csv line ${row.line}, column bed`, 'no-bed-called', { given: row.bed });
    return { ...row, bedId: bed.id };
  });
  for (const { bedId, on, found } of rows)
    clinic.addSoilTest(context.db, { id: randomUUID(), bedId, on, found, source: 'import' });
  weighAnew(context, ({ bed_id }) => rows.some(({ bedId }) => bedId === bed_id));
  return { caseId: null, result: { imported: rows.length } };
});

export const setThreshold = act('setThreshold', (context, { actAbove }, causeId) => {
  const { db, tables, today } = context;
  const cause = tables.causes.find(({ id }) => id === causeId);
  if (!cause) throw notFound('cause', causeId);
  if (!cause.threshold) throw inputError('actAbove', 'not-counted', { cause: cause.name });
  clinic.saveThreshold(db, causeId, actAbove, today);
  weighAnew(context, () => true);
  return { caseId: null, result: {} };
});

export const answerPractice = act('answerPractice', ({ db, tables, today }, { cause, answer, minutes }) => {
  for (const [field, id] of [
    ['cause', cause],
    ['answer', answer],
  ] as const)
    if (!tables.causes.some((row) => row.id === id)) throw inputError(field, 'unknown-cause', { given: id });
  const before = clinic.maybeOneCard(db, cause);
  const isRight = cause === answer;
  clinic.saveCard(db, answered(before, cause, isRight, today), (before?.minutes ?? 0) + Math.round(minutes));
  return { caseId: null, result: { right: isRight } };
});

export const setBedSize = act('setBedSize', ({ db }, { values }, bedId) => {
  if (!garden.maybeOneBed(db, bedId)) throw notFound('bed', bedId);
  const size = values === null ? null : bedSize.parse(bedSizeOf(values, garden.oneGarden(db).measures));
  garden.setSize(db, bedId, size);
  return { caseId: null, result: { area: size?.area ?? null } };
});

export const setSprouted = act('setSprouted', ({ db }, { on, hasCastings }, plantingId) => {
  if (!garden.maybeOnePlanting(db, plantingId)) throw notFound('planting', plantingId);
  garden.setSprouted(db, plantingId, on, hasCastings);
  return { caseId: null, result: {} };
});

export const setHowMany = act('setHowMany', ({ db }, { number }, plantingId) => {
  if (!garden.maybeOnePlanting(db, plantingId)) throw notFound('planting', plantingId);
  garden.setNumber(db, plantingId, number);
  return { caseId: null, result: {} };
});

export const setHarvest = act('setHarvest', (context, { on }, plantingId) => {
  if (!garden.maybeOnePlanting(context.db, plantingId)) throw notFound('planting', plantingId);
  garden.setHarvest(context.db, plantingId, on);
  weighAnew(context, ({ planting_id }) => planting_id === plantingId);
  return { caseId: null, result: {} };
});

export const acts = {
  addBed,
  addPlanting,
  changeGarden,
  addSoilTest,
  importSoilTests,
  setThreshold,
  answerPractice,
  setHarvest,
  setBedSize,
  setHowMany,
  setSprouted,
};
