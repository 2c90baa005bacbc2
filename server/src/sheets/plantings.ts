import { plantNamed } from '@trowel/core/read';
import { addPlantingWhole, bedNames, everyPlanting } from '../store/garden';
import { bedIn, filled, type Sheet } from './sheet';

export const plantings: Sheet = {
  id: 'plantings',
  columns: ['id', 'place', 'plant', 'label', 'planted', 'removed', 'harvest', 'number'],
  needed: ['place', 'plant', 'planted'],
  rows: ({ db }) => {
    const names = bedNames(db);
    return everyPlanting(db).map(({ id, bed_id, plant, label, planted_on, removed_on, harvest_on, number }) => ({
      id,
      ...filled({
        place: names.get(bed_id),
        plant,
        label,
        planted: planted_on,
        removed: removed_on,
        harvest: harvest_on,
        number,
      }),
    }));
  },
  read: ({ db, tables }, line) => {
    const bed = bedIn(db, line);
    const named = line.needed('plant', 80);
    const plant = tables.plants.some(({ id }) => id === named) ? named : plantNamed(tables, named);
    if (plant === undefined) return line.refuse('plant', 'unknown-plant', { given: named });
    const label = line.text('label', 80) || named;
    const planted = line.neededDay('planted');
    const removed = line.day('removed');
    if (removed !== undefined && removed < planted) line.refuse('removed', 'ends-before-it-begins', { from: planted });
    const harvest = line.day('harvest');
    const number = line.number('number', { least: 1, most: 100_000 });
    return [
      {
        id: line.text('id', 80),
        cells: filled({ place: bed.name, plant, label, planted, removed, harvest, number }),
        put: (id) => {
          addPlantingWhole(db, {
            id,
            bed_id: bed.id,
            plant,
            label,
            planted_on: planted,
            removed_on: removed ?? null,
            harvest_on: harvest ?? null,
            number: number === undefined ? null : Math.round(number),
          });
          return [['planting', { id }]];
        },
      },
    ];
  },
};
