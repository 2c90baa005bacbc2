/** Remedies that must not meet on the same plant or soil, in days to leave either way. */
import type { KeepApartRow } from '@trowel/core/tables';

const guideline = { source: 'extension', grade: 'guideline' } as const;
const practice = { source: 'growers', grade: 'practice' } as const;

export const keepApart: readonly KeepApartRow[] = [
  { id: 'soap-living', a: 'soap', b: 'living', days: 3, why: 'soap kills what is alive', scope: 'plant', ...guideline },
  {
    id: 'soap-foliar',
    a: 'soap',
    b: 'foliar-feed',
    days: 3,
    why: 'soap and salts together spot leaves',
    scope: 'plant',
    ...guideline,
  },
  {
    id: 'soap-milk',
    a: 'soap',
    b: 'milk',
    days: 1,
    why: 'soap washes the milk film off before it works',
    scope: 'plant',
    ...practice,
  },
  {
    id: 'flush-feed',
    a: 'flush',
    b: 'feed',
    days: 7,
    why: 'feeding right after a flush puts back the salts just washed out',
    scope: 'plant',
    ...guideline,
  },
  {
    id: 'dry-drench',
    a: 'drying',
    b: 'drench',
    days: 7,
    why: 'a drench undoes the drying',
    scope: 'plant',
    ...guideline,
  },
  {
    id: 'bait-trail',
    a: 'bait',
    b: 'soap',
    days: 7,
    why: 'soap near the trail breaks it, and the bait is not carried home',
    scope: 'trail',
    ...practice,
  },
  {
    id: 'picked-sprayed',
    a: 'water-jet',
    b: 'soap',
    days: 0,
    why: 'the jet comes first, or it washes the soap off',
    scope: 'plant',
    ...practice,
  },
];
