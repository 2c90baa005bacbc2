import { batchKinds } from '@trowel/core/tables';
import { tagPatterns } from '../acts/tags';
import { addBatch, anyBatches } from '../store/bench';
import { filled, type Sheet } from './sheet';

/** A brew of shells is what its shells make of it, which a table does not say: it is begun at the bench. */
const kinds = batchKinds.filter((kind) => kind !== 'shell-extract');

export const batches: Sheet = {
  id: 'batches',
  columns: ['id', 'name', 'kind', 'started', 'volume_ml', 'warmth_c'],
  needed: ['name', 'kind', 'started', 'volume_ml'],
  rows: ({ db }) =>
    anyBatches(db).map(({ id, name, kind, started_on, volume_ml, warmth }) => ({
      id,
      ...filled({ name, kind, started: started_on, volume_ml, warmth_c: warmth }),
    })),
  read: ({ db }, line) => {
    const id = line.text('id', 80);
    const name = line.needed('name', 80);
    const kind = line.oneOf('kind', id === '' ? kinds : batchKinds);
    const started = line.neededDay('started');
    const volume = line.neededNumber('volume_ml', { least: 1, most: 1e7 });
    const warmth = line.number('warmth_c', { least: -20, most: 60 }) ?? 20;
    return [
      {
        id,
        cells: filled({ name, kind, started, volume_ml: volume, warmth_c: warmth }),
        put: (as) => {
          if (kind === 'shell-extract') line.refuse('kind', 'one-of', { known: kinds.join(', ') });
          addBatch(db, {
            id: as,
            name,
            kind,
            started_on: started,
            volume_ml: volume,
            warmth,
            pattern: anyBatches(db).length % tagPatterns,
            vessel_id: null,
            shell: undefined,
          });
          return [['batch', { id: as }]];
        },
      },
    ];
  },
};
