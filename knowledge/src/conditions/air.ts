/** Air, light and what lives there. */
import type { ConditionRow } from '@trowel/core/tables';
import { notAny, shows } from '../build';
import { condition } from './build';

export const airConditions: readonly ConditionRow[] = [
  {
    id: 'still-air',
    name: 'Crowded, still, humid air',
    plain: 'Leaves stay damp and spores stay where they fall.',
    about: 'air',
    prior: { base: 0.15, bySetting: { greenhouse: 2, indoors: 1.3 } },
    signs: [shows('still-humid', 0.95, 'it was seen at the plant')],
    avoid: [],
    source: 'extension',
    grade: 'guideline',
  },
  condition({
    id: 'low-light',
    name: 'Little light',
    plain: 'Less light than the plant lives on.',
    about: 'air',
    prior: { base: 0.1, bySetting: { indoors: 2, lawn: 1.2 } },
    signs: [
      shows('little-light', 0.95, 'the place is dim'),
      shows('leaning', 0.4, 'it reaches for light'),
      shows('lanky', 0.3, 'it stretches'),
    ],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'strong-light',
    name: 'Too much light or heat, too close',
    plain: 'A lamp or hot glass within a hand of the leaves.',
    about: 'air',
    prior: { base: 0.02, bySetting: { indoors: 3 } },
    signs: [shows('lamp-close', 0.95, 'it was seen at the plant')],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'enemies-killed',
    name: 'Natural enemies killed',
    plain: 'A broad insect killer took the helpers, and pests come back faster than they.',
    about: 'air',
    prior: { base: 0.04 },
    signs: [shows('broad-spray', 0.95, 'it was used lately')],
    avoid: [notAny(['broad'], 'The same spray again', 'it kills the helpers again')],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'cut-close',
    name: 'Cut too close',
    plain: 'Short grass has short roots and leaves gaps.',
    about: 'air',
    prior: { base: 0.1, bySetting: { lawn: 1.5, bed: 0.01, pot: 0.01, indoors: 0.01, tree: 0.01, greenhouse: 0.01 } },
    signs: [shows('cut-short', 0.95, 'under {3 cm}, or a blunt blade')],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'dusty',
    name: 'Dust on leaves',
    plain: 'Dust shelters mites and hinders those who eat them.',
    about: 'air',
    prior: { base: 0.04, bySetting: { indoors: 1.5 } },
    signs: [shows('dusty-leaves', 0.95, 'it can be wiped off')],
    source: 'extension',
    grade: 'guideline',
  }),
];
