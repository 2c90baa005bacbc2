/** Weather and place. */
import type { ConditionRow } from '@trowel/core/tables';
import { months, shows } from '../build';
import { condition } from './build';

export const weatherConditions: readonly ConditionRow[] = [
  {
    id: 'hot-dry-air',
    name: 'Hot, dry air',
    plain: 'Mites breed fast and their enemies do not.',
    about: 'weather',
    weather: { 'hot-dry': 4 },
    prior: { base: 0.12, bySetting: { indoors: 1.6, greenhouse: 1.8 }, months: months(6, 9) },
    signs: [shows('hot-dry-spell', 0.95, 'the weather says so')],
    avoid: [],
    source: 'extension',
    grade: 'guideline',
  },
  {
    id: 'cold',
    name: 'Cold roots',
    plain: 'Cold roots take up little, phosphorus least of all.',
    about: 'weather',
    weather: { cold: 3, frost: 4 },
    prior: { base: 0.1, bySetting: { indoors: 0.3 }, months: months(10, 5) },
    signs: [
      shows('cold-nights', 0.95, 'the thermometer says so'),
      shows('soil-cold-read', 0.7, 'the thermometer says so'),
      shows('frost-night', 0.35, 'it froze'),
      shows('drained-then-cold', 0.5, 'cold came suddenly'),
    ],
    avoid: [],
    source: 'extension',
    grade: 'guideline',
  },
  condition({
    id: 'exposed',
    name: 'Exposed to wind or frost',
    plain: 'Nothing breaks the wind, or cold air gathers.',
    about: 'weather',
    weather: { windy: 3, frost: 2 },
    prior: { base: 0.1, bySetting: { indoors: 0.02, greenhouse: 0.05 } },
    signs: [shows('windy-place', 0.95, 'it blew'), shows('frost-night', 0.25, 'it froze')],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'weedkiller-about',
    name: 'Weedkiller about',
    plain: 'It was used within reach in the last weeks.',
    about: 'weather',
    prior: { base: 0.03, bySetting: { indoors: 0.05 } },
    signs: [shows('weedkiller-near', 0.95, 'it was seen or used')],
    source: 'extension',
    grade: 'guideline',
  }),
  condition({
    id: 'set-failed-weather',
    name: 'Too hot, too cold or no bees at flowering',
    plain: 'Pollen dies or nobody carries it.',
    about: 'weather',
    prior: { base: 0.08, bySetting: { greenhouse: 1.5 } },
    signs: [shows('too-hot-for-set', 0.95, 'it was so while it flowered')],
    source: 'extension',
    grade: 'guideline',
  }),
];
