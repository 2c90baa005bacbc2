import { randomUUID } from 'node:crypto';
import { bedNames, everyPlanting } from '../store/garden';
import { addApplication, addJob, addStepEvent, endJob, everyApplication } from '../store/jobs';
import { bedIn, filled, plantingIn, type Sheet } from './sheet';

/**
 * What was put on, where and when. One that comes in from elsewhere is a job of its own that is over: the days to keep
 * apart, and how often something may go on, are reckoned with it.
 */
export const applications: Sheet = {
  id: 'applications',
  columns: ['date', 'place', 'plant_id', 'plant', 'remedy', 'strength', 'volume_ml', 'case'],
  needed: ['date', 'place', 'remedy'],
  rows: ({ db }) => {
    const beds = bedNames(db);
    const labels = new Map(everyPlanting(db).map(({ id, label }) => [id, label]));
    return everyApplication(db).map(({ on_date, bed_id, planting_id, remedy, strength, volume_ml, case_name }) =>
      filled({
        date: on_date,
        place: beds.get(bed_id),
        plant_id: planting_id,
        plant: labels.get(planting_id ?? ''),
        remedy,
        strength,
        volume_ml,
        case: case_name,
      }),
    );
  },
  read: ({ db, tables }, line) => {
    const on = line.neededDay('date');
    const bed = bedIn(db, line);
    const planting = plantingIn(db, line, bed);
    const named = line.needed('remedy', 120);
    const remedy = tables.remedies.find(({ id, name }) => id === named || name.toLowerCase() === named.toLowerCase());
    if (!remedy) return line.refuse('remedy', 'unknown-remedy', { given: named });
    const step = remedy.steps.find(({ applies }) => applies);
    if (!step) return line.refuse('remedy', 'csv-puts-nothing-on', { remedy: remedy.name });
    const strength = line.number('strength', { least: 0.0001, most: 1000 }) ?? null;
    const volume = line.number('volume_ml', { least: 0.1, most: 1e7 }) ?? null;
    const at = `${on}T12:00:00.000Z`;
    return [
      {
        cells: filled({
          date: on,
          place: bed.name,
          plant_id: planting?.id,
          plant: planting?.label,
          remedy: remedy.id,
          strength,
          volume_ml: volume,
          // Of which case it was is told on the way out only.
          case: line.text('case', 200),
        }),
        put: () => {
          const id = randomUUID();
          const where = { bed_id: bed.id, planting_id: planting?.id ?? null };
          addJob(
            db,
            {
              id,
              case_id: null,
              remedy: remedy.id,
              wish: null,
              recipe: null,
              routine_id: null,
              part: null,
              pattern: 0,
              chosen_on: on,
            },
            [where],
            {
              strength,
              volume_ml: volume,
              water: null,
              vessel_id: null,
              batch_id: null,
              every_days: null,
              until_on: null,
            },
          );
          const event = { job_id: id, step: step.id, round: 1, outcome: 'done', result: null, count_id: null } as const;
          const eventId = addStepEvent(db, { ...event, on_date: on, at });
          addApplication(db, {
            ...where,
            event_id: eventId,
            job_id: id,
            remedy: remedy.id,
            on_date: on,
            strength,
            volume_ml: volume,
            mix_id: null,
          });
          endJob(db, id, on, 'done');
          return [
            ['application', { job_id: id }],
            ['step_event', { job_id: id }],
            ['job_setting', { job_id: id }],
            ['job_place', { job_id: id }],
            ['job', { id }],
          ];
        },
      },
    ];
  },
};
