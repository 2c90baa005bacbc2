import { randomUUID } from 'node:crypto';
import { inputError } from '@trowel/core/contract';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import { maybeOneBed, oneGarden } from '../store/garden';
import {
  addHour,
  addSensor,
  anyHours,
  dropHours,
  maybeOneSensor,
  maybeSensorIn,
  saveSensorReading,
  saveSoilWarmth,
  setSensorGone,
  type SensorRow,
} from '../store/weather';
import { hoursOf, skyOver } from '../weather/sky';
import { act } from './command';
import { readAnew } from './takings';

/** A day as a thermometer and a gauge give it; what was read of that day before gives way. */
export const noteWeather = act('noteWeather', (context, { on, low, high, rain, wind, soil }) => {
  const { db, today } = context;
  if (on > today) throw inputError('on', 'not-after', { latest: today });
  if (high < low) throw inputError('high', 'at-least', { least: low });
  const [like] = skyOver(db, oneGarden(db), on, 1, on);
  if (!like) throw new Error('a day has no sky');
  dropHours(db, on);
  hoursOf({ low, high, rain, wind }, like).forEach((sky, hour) => addHour(db, { date: on, hour, ...sky }));
  saveSoilWarmth(db, on, soil ?? null);
  readAnew(context, new Set(), [['weather', { date: on }]]);
  return { caseId: null, result: {} };
});

export const dropWeather = act('dropWeather', (context, _input, on) => {
  const { db } = context;
  if (anyHours(db, on, on).length === 0) throw notFound('weather', on);
  dropHours(db, on);
  saveSoilWarmth(db, on, null);
  readAnew(context, new Set(), [['weather', { date: on }]]);
  return { caseId: null, result: {} };
});

export const putSensor = act('putSensor', ({ db, today }, { kind }, bedId) => {
  const bed = maybeOneBed(db, bedId);
  if (!bed) throw notFound('bed', bedId);
  if (maybeSensorIn(db, bedId)) throw conflict('sensor-there', { name: bed.name });
  const id = randomUUID();
  addSensor(db, { id, bed_id: bedId, kind, put_on: today });
  return { caseId: null, result: { id } };
});

const oneSensor = (db: Db, id: string): SensorRow => {
  const sensor = maybeOneSensor(db, id);
  if (!sensor) throw notFound('sensor', id);
  return sensor;
};

export const removeSensor = act('removeSensor', ({ db, today }, _input, id) => {
  const sensor = oneSensor(db, id);
  if (sensor.gone_on !== null) throw conflict('gone-already', { name: id });
  setSensorGone(db, id, today);
  return { caseId: null, result: {} };
});

export const restoreSensor = act('restoreSensor', ({ db }, _input, id) => {
  const sensor = oneSensor(db, id);
  if (sensor.gone_on === null) throw conflict('not-gone', { name: id });
  const other = maybeSensorIn(db, sensor.bed_id);
  if (other) throw conflict('sensor-there', { name: maybeOneBed(db, sensor.bed_id)?.name ?? '' });
  setSensorGone(db, id, null);
  return { caseId: null, result: {} };
});

/** Hours that a sensor of one's own sends: all of them or none. */
export const noteReadings = act('noteReadings', ({ db, today }, { readings }, id) => {
  const sensor = oneSensor(db, id);
  if (sensor.kind !== 'own') throw conflict('sensor-made-up');
  readings.forEach((reading, at) => {
    if (reading.date > today) throw inputError(`readings[${at}].date`, 'not-after', { latest: today });
    saveSensorReading(db, id, reading);
  });
  return { caseId: null, result: { taken: readings.length } };
});

export const acts = { noteWeather, dropWeather, putSensor, removeSensor, restoreSensor, noteReadings };
