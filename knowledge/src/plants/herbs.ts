/** Herbs. */
import type { PlantRow } from '@trowel/core/tables';
import { noFruit, plant, tender } from './build';

export const herbs: readonly PlantRow[] = [
  plant({
    id: 'parsley',
    name: 'Parsley and herbs',
    synonyms: ['herb', 'herbs', 'coriander', 'cilantro', 'dill', 'chervil', 'fennel', 'tarragon', 'lovage'],
    groups: ['herb', 'leaf'],
    parts: noFruit,
    source: 'extension',
    grade: 'guideline',
  }),
  plant({
    id: 'basil',
    name: 'Basil',
    groups: ['herb'],
    parts: noFruit,
    sensitive: { soap: tender },
    source: 'extension',
    grade: 'guideline',
  }),
  plant({
    id: 'mint',
    name: 'Mint, lemon balm',
    synonyms: ['mints', 'lemon balm', 'spearmint', 'peppermint'],
    groups: ['herb'],
    parts: noFruit,
    source: 'extension',
    grade: 'guideline',
  }),
  plant({
    id: 'chives',
    name: 'Chives',
    groups: ['herb', 'allium'],
    parts: noFruit,
    source: 'extension',
    grade: 'guideline',
  }),
  plant({
    id: 'rosemary',
    name: 'Rosemary, lavender, sage, thyme',
    synonyms: ['lavender', 'sage', 'thyme', 'oregano', 'marjoram'],
    groups: ['shrub-herb', 'herb', 'shrub'],
    parts: noFruit,
    source: 'extension',
    grade: 'guideline',
  }),
];
