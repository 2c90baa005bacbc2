import { randomUUID } from 'node:crypto';
import { bedSize, inputError } from '@trowel/core/contract';
import { bedSizeOf, sized } from '@trowel/core/mix';
import { answered } from '@trowel/core/practice';
import { kinNamed, plantNamed } from '@trowel/core/read';
import { rowById, type PlantRow } from '@trowel/core/tables';
import { conflict, notFound } from '../problems';
import * as cases from '../store/cases';
import * as clinic from '../store/clinic';
import * as garden from '../store/garden';
import type { Db } from '../database';
import { anyOpenJobsInBed, anyPlaces } from '../store/jobs';
import { familyBefore } from '../views/grown';
import { jobName } from '../views/jobs';
import { readingOf } from '../views/reading';
import { act, type ActContext, type Deps } from './command';

export const addBed = act('addBed', ({ db }, { name, setting, note }) => ({
  caseId: null,
  result: { id: newBed(db, { name, setting, note }) },
}));

/** @returns the id @throws InputError where the name is taken */
export function newBed(db: Db, bed: Pick<garden.BedRow, 'name' | 'setting' | 'note'>): string {
  refuseTakenName(db, bed.name);
  const id = randomUUID();
  garden.addBed(db, { id, ...bed });
  return id;
}

function refuseTakenName(db: Db, name: string): void {
  const taken = garden.maybeOneBedNamed(db, name);
  if (taken) throw inputError('name', taken.removed_on === null ? 'bed-name-taken' : 'bed-name-gone', { given: name });
}

const oneBed = (db: Db, id: string): garden.BedRow => {
  const bed = garden.maybeOneBed(db, id);
  if (!bed) throw notFound('bed', id);
  return bed;
};

export const changeBed = act('changeBed', (context, { name, setting, note, near }, bedId) => {
  const { db } = context;
  const now = oneBed(db, bedId);
  if (name !== undefined && name !== now.name) refuseTakenName(db, name);
  garden.changeBed(db, {
    id: bedId,
    name: name ?? now.name,
    setting: setting ?? now.setting,
    note: note ?? now.note,
    near: near ?? now.near,
  });
  if (setting !== undefined) weighAnew(context, ({ bed_id }) => bed_id === bedId);
  return { caseId: null, result: {} };
});

/** Out of use; only where nothing is open there, so that no case and no job loses its place. */
export const removeBed = act('removeBed', ({ db, tables, today }, _input, bedId) => {
  const bed = oneBed(db, bedId);
  if (bed.removed_on !== null) throw conflict('gone-already', { name: bed.name });
  const inUse = [
    ...cases.anyOpenCases(db).flatMap(({ bed_id, name }) => (bed_id === bedId ? [name] : [])),
    ...anyOpenJobsInBed(db, bedId).map((job) => jobName(tables, job)),
  ];
  if (inUse.length > 0) throw conflict('bed-in-use', { name: bed.name, what: inUse.join(', ') });
  garden.setBedGone(db, bedId, today);
  return { caseId: null, result: {} };
});

export const restoreBed = act('restoreBed', ({ db }, _input, bedId) => {
  const bed = oneBed(db, bedId);
  if (bed.removed_on === null) throw conflict('not-gone', { name: bed.name });
  garden.setBedGone(db, bedId, null);
  return { caseId: null, result: {} };
});

/** All of them or none. */
export const layOutBeds = act('layOutBeds', ({ db }, { beds }) => {
  for (const { id, at, size } of beds) {
    oneBed(db, id);
    garden.setSpot(db, id, at);
    if (size !== undefined) garden.setSize(db, id, size === null ? null : bedSize.parse(sized(size)));
  }
  return { caseId: null, result: {} };
});

export const setWalkingOrder = act('setWalkingOrder', ({ db }, { beds }) => {
  const all = garden.anyBeds(db).map(({ id }) => id);
  if (beds.length !== all.length || !all.every((id) => beds.includes(id))) throw conflict('not-all-beds');
  beds.forEach((id, at) => garden.setWalkingPlace(db, id, at + 1));
  return { caseId: null, result: {} };
});

export const setVisits = act('setVisits', ({ db }, { visits }) => {
  garden.saveVisits(db, visits);
  return { caseId: null, result: {} };
});

export const addAway = act('addAway', ({ db }, { from, until }) => {
  if (until < from) throw inputError('until', 'ends-before-it-begins', { from });
  const id = randomUUID();
  garden.addAway(db, { id, from_on: from, until_on: until });
  return { caseId: null, result: { id } };
});

export const dropAway = act('dropAway', ({ db }, _input, id) => {
  garden.dropAway(db, id);
  return { caseId: null, result: {} };
});

const onePlanting = (db: Db, id: string): garden.PlantingRow => {
  const planting = garden.maybeOnePlanting(db, id);
  if (!planting) throw notFound('planting', id);
  return planting;
};

/** Harvested, dead or moved away: no longer there to be read or treated; what was done to it is kept. */
export const removePlanting = act('removePlanting', (context, _input, plantingId) => {
  takeOut(context, plantingId);
  return { caseId: null, result: {} };
});

/** Takes a planting out, unless something goes on with it. */
export function takeOut({ db, tables, today }: ActContext, plantingId: string): void {
  const { label, bed_id, removed_on } = onePlanting(db, plantingId);
  if (removed_on !== null) throw conflict('gone-already', { name: label });
  const inUse = [
    ...cases.anyOpenCases(db).flatMap(({ planting_id, name }) => (planting_id === plantingId ? [name] : [])),
    ...anyOpenJobsInBed(db, bed_id).flatMap((job) =>
      job.ended_on === null && anyPlaces(db, job.id).some(({ planting_id }) => planting_id === plantingId)
        ? [jobName(tables, job)]
        : [],
    ),
  ];
  if (inUse.length > 0) throw conflict('bed-in-use', { name: label, what: [...new Set(inUse)].join(', ') });
  garden.setPlantingGone(db, plantingId, today);
}

export const restorePlanting = act('restorePlanting', ({ db }, _input, plantingId) => {
  const { label, removed_on } = onePlanting(db, plantingId);
  if (removed_on === null) throw conflict('not-gone', { name: label });
  garden.setPlantingGone(db, plantingId, null);
  return { caseId: null, result: {} };
});

export const addPlanting = act('addPlanting', (context, { plant, label }, bedId) => {
  const { db, tables, today } = context;
  oneBed(db, bedId);
  const { id, row } = newPlanting(context, bedId, plant, label);
  const isRelative = kinNamed(row, plant) !== undefined;
  const before = familyBefore(db, tables, { bed_id: bedId, plant: row.id, planted_on: today });
  return {
    caseId: null,
    result: {
      id,
      ...(isRelative ? { readAs: row.name } : {}),
      ...(before ? { grewBefore: { label: before.label, until: before.to } } : {}),
    },
  };
});

/** @throws InputError where the plant is not known */
export function newPlanting(
  { db, tables, today }: ActContext,
  bedId: string,
  plant: string,
  label?: string,
): { id: string; row: PlantRow } {
  const known = tables.plants.some(({ id }) => id === plant) ? plant : plantNamed(tables, plant);
  if (known === undefined) throw inputError('plant', 'unknown-plant', { given: plant });
  const id = randomUUID();
  const row = rowById(tables.plants, known, 'plants');
  garden.addPlanting(db, { id, bed_id: bedId, plant: known, label: label ?? row.name, planted_on: today });
  return { id, row };
}

export const changeGarden = act(
  'changeGarden',
  (context, { name, place, measures, tapHardness, buttHardness, tapTreatment, usualHour, climate }) => {
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
      tap_treatment: tapTreatment ?? now.tap_treatment,
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
  oneBed(context.db, bedId);
  const id = randomUUID();
  clinic.addSoilTest(context.db, { id, bedId, on: on ?? context.today, found, source });
  weighAnew(context, ({ bed_id }) => bed_id === bedId);
  return { caseId: null, result: { id } };
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
  oneBed(db, bedId);
  const size = values === null ? null : bedSize.parse(bedSizeOf(values, garden.oneGarden(db).measures));
  garden.setSize(db, bedId, size);
  return { caseId: null, result: { area: size?.area ?? null } };
});

export const setSprouted = act('setSprouted', ({ db }, { on, hasCastings }, plantingId) => {
  onePlanting(db, plantingId);
  garden.setSprouted(db, plantingId, on, hasCastings);
  return { caseId: null, result: {} };
});

export const setHowMany = act('setHowMany', ({ db }, { number, potMl }, plantingId) => {
  onePlanting(db, plantingId);
  if (potMl !== undefined) garden.setPot(db, plantingId, potMl);
  garden.setNumber(db, plantingId, number);
  return { caseId: null, result: {} };
});

export const setBloom = act('setBloom', ({ db }, { until }, plantingId) => {
  onePlanting(db, plantingId);
  garden.setBloom(db, plantingId, until);
  return { caseId: null, result: {} };
});

export const setHarvest = act('setHarvest', (context, { on }, plantingId) => {
  onePlanting(context.db, plantingId);
  garden.setHarvest(context.db, plantingId, on);
  weighAnew(context, ({ planting_id }) => planting_id === plantingId);
  return { caseId: null, result: {} };
});

export const acts = {
  addBed,
  changeBed,
  removeBed,
  restoreBed,
  layOutBeds,
  setWalkingOrder,
  setVisits,
  addAway,
  dropAway,
  removePlanting,
  restorePlanting,
  addPlanting,
  changeGarden,
  addSoilTest,
  setThreshold,
  answerPractice,
  setBloom,
  setHarvest,
  setBedSize,
  setHowMany,
  setSprouted,
};
