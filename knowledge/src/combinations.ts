/** Things that feed each other, and what is then done together or first. Sources: extension practice. */
import type { CombinationRow } from '@trowel/core/tables';

const guideline = { source: 'extension', grade: 'guideline' } as const;

export const combinations: readonly CombinationRow[] = [
  {
    id: 'ants-and-suckers',
    whenAll: [['ants-tending'], ['aphids', 'mealybugs', 'scale-insects', 'whitefly', 'woolly-aphid', 'root-aphids']],
    remedies: ['ant-bait', 'soap-spray'],
    why: 'The ants guard the sap-suckers: treat one alone and the other brings it back. No soap near the bait’s trail.',
    ...guideline,
  },
  {
    id: 'water-before-calcium',
    whenAll: [['fruit-end-rot'], ['uneven-water', 'dry-soil', 'thirst']],
    remedies: ['even-watering', 'clippings-mulch'],
    why: 'Calcium moves with water: even watering and a mulch come before any calcium, and usually instead of it.',
    ...guideline,
  },
  {
    id: 'less-feed-before-spray',
    whenAll: [['aphids', 'powdery-mildew', 'whitefly'], ['excess-nitrogen']],
    remedies: ['stop-nitrogen', 'water-jet'],
    why: 'Soft, overfed growth feeds them: stop the nitrogen first, or the spray has to be said again and again.',
    ...guideline,
  },
  {
    id: 'dry-before-drench',
    whenAll: [['fungus-gnats', 'root-rot', 'damping-off'], ['overwatered']],
    remedies: ['let-dry', 'gnat-nematodes'],
    why: 'They live by the wet: let it dry first; a drench before that undoes the drying.',
    ...guideline,
  },
  {
    id: 'air-before-milk',
    whenAll: [
      ['powdery-mildew', 'grey-mould', 'downy-mildew'],
      ['still-air', 'wet-leaves'],
    ],
    remedies: ['open-up', 'milk-spray'],
    why: 'Still, damp air brings it back: open the plant up, then spray what is left.',
    ...guideline,
  },
  {
    id: 'lime-before-iron',
    whenAll: [['iron-short', 'manganese-short'], ['alkaline']],
    remedies: ['rain-water-mulch', 'iron-chelate'],
    why: 'Lime locks iron up: rain water and acid mulch last, chelate only greens what is there.',
    ...guideline,
  },
  {
    id: 'wash-and-wet-for-mites',
    whenAll: [['spider-mites'], ['hot-dry-air', 'dusty']],
    remedies: ['water-jet', 'soap-spray'],
    why: 'Dust and dry heat raise them: wash leaves and moisten the air, then soap what is left.',
    ...guideline,
  },
  {
    id: 'remove-then-clean',
    whenAll: [
      ['virus', 'bacterial-spot', 'canker-disease', 'fire-blight'],
      ['aphids', 'thrips', 'whitefly', 'wet-leaves'],
    ],
    remedies: ['remove-plant', 'clean-tools'],
    why: 'Sap-suckers, wet and blades carry it on: take out what is struck and clean the blade between plants.',
    ...guideline,
  },
];
