import type { SafetyRule } from '@trowel/core/tables';
import { chemistry, guideline } from './build';

/** How it is kept, and what it is for. */
export const keeping: readonly SafetyRule[] = [
  guideline(
    'sealed-steep',
    'stop',
    { things: ['steep'], facts: ['lid-tight'] },
    'Leaves steeping in a closed vessel give gas and foul.',
    'Lid loose, in shade.',
  ),
  guideline(
    'raw-steep',
    'caution',
    { things: ['steep'], facts: ['on-raw-leaves'] },
    'Steeped leaves stay on what is eaten raw.',
    'Not on salad; elsewhere wait a week and wash.',
  ),
  guideline(
    'steep-harvest',
    'caution',
    { things: ['steep'], harvestWithin: 7 },
    'Steeped leaves wait three to seven days before picking.',
    'Pick first, spray after; then wash.',
  ),

  guideline(
    'sealed-ferment',
    'stop',
    { things: ['ferment'], facts: ['lid-tight'] },
    'A brew in a closed vessel gives gas and bursts it.',
    'Lid loose, or a cloth.',
  ),
  chemistry(
    'sealed-shells',
    'stop',
    { things: ['shell', 'acid'], facts: ['lid-tight'] },
    'Shells in vinegar give gas: a closed jar bursts.',
    'Lid loose, or a cloth.',
  ),
  chemistry(
    'sealed-peroxide',
    'stop',
    { things: ['peroxide'], facts: ['lid-tight'] },
    'Peroxide mixes give oxygen: a closed bottle bursts.',
    'Use it at once; nothing goes back into the bottle.',
  ),
  guideline(
    'drink-bottle',
    'stop',
    { facts: ['drink-bottle'] },
    'Somebody will drink it.',
    'Its own bottle, labelled, locked away.',
  ),
  guideline(
    'no-label',
    'caution',
    { facts: ['no-label'] },
    'What is not labelled is forgotten.',
    'What, how strong, when, whose sprayer.',
  ),
  guideline(
    'helper',
    'stop',
    { facts: ['target-helper'] },
    'That is a helper, and what kills pests kills it too: leave it.',
    'Look for what it is eating.',
  ),
  guideline(
    'birds-nesting',
    'caution',
    { facts: ['birds-nesting'] },
    'Cutting or spraying drives birds off their brood; in many places it is against the law.',
    'Wait until they have flown, about the end of August.',
  ),
  guideline(
    'dead-limbs',
    'stop',
    { facts: ['dead-limbs'] },
    'Dead limbs and bored trunks fall.',
    'Keep away and ask an arborist.',
  ),
  guideline(
    'forbidden',
    'stop',
    { facts: ['forbidden-here'] },
    'What your region forbids is not used here.',
    'Ask the extension or plant-health service what may be.',
  ),
  guideline(
    'worm-moves',
    'stop',
    { facts: ['suspect-worm', 'moves-soil'] },
    'Soil with jumping worms spreads them.',
    'Bare roots only; tell the plant-health service.',
  ),
  guideline(
    'blight-compost',
    'stop',
    { facts: ['blight-or-virus', 'to-compost'] },
    'Blight and viruses live on in compost and tubers.',
    'Bin, burn or bury {60 cm} deep, by the local rule; save no seed.',
  ),
  guideline(
    'treated-mulch',
    'stop',
    { facts: ['treated-lawn', 'as-mulch'] },
    'Clippings of a treated lawn cripple crops for a season or more.',
    'Leave them on the lawn; test beans in a pot of it.',
  ),
  guideline(
    'town-roots',
    'caution',
    { facts: ['eaten-root-in-town'] },
    'Old paint and roads leave lead in the soil.',
    'A laboratory test before eating roots and greens; raised beds until then.',
  ),
];
