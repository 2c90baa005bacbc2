import type { SafetyRule } from '@trowel/core/tables';
import { guideline } from './build';

/** Who does it. */
export const people: readonly SafetyRule[] = [
  guideline(
    'borate-pregnant',
    'stop',
    { things: ['borate'], facts: ['pregnant'] },
    'Borates harm the unborn.',
    'Let someone else set a bought, sealed bait.',
  ),
  guideline(
    'borate-child',
    'stop',
    { things: ['borate'], facts: ['by-a-child'] },
    'No child handles borates.',
    'An adult, with gloves.',
  ),
  guideline(
    'neem-pregnant',
    'caution',
    { things: ['neem'], facts: ['pregnant'] },
    'Neem extracts are kept from pregnant people and infants.',
    'Soap or water.',
  ),
  guideline(
    'ferment-asthma',
    'caution',
    { things: ['ferment'], facts: ['asthma'] },
    'Brews give off spores and gas.',
    'Let someone else stir, outdoors, upwind.',
  ),
  guideline(
    'bleach-asthma',
    'caution',
    { things: ['bleach'], facts: ['asthma'] },
    'Bleach can bring on asthma.',
    'Skim milk 20 % or heat for tools.',
  ),
  guideline(
    'dust-asthma',
    'stop',
    { things: ['dust'], facts: ['asthma'] },
    'Fine dust can bring on asthma.',
    'Traps, picking or boards.',
  ),
  guideline(
    'child-mixes',
    'caution',
    { things: ['spray'], facts: ['by-a-child'] },
    'Children do not mix or spray.',
    'They can count and pick.',
  ),
  guideline(
    'hairy-caterpillar',
    'caution',
    { facts: ['hairy-caterpillar'] },
    'Their hairs burn skin, eyes and lungs.',
    'Not by hand: a long tool, or ask somebody.',
  ),
  guideline('milky-sap', 'caution', { facts: ['sap-burns'] }, 'Milky sap burns eyes and skin.', 'Gloves and goggles.'),
  guideline(
    'compost-bag',
    'note',
    { facts: ['bag-opened'] },
    'Dry compost can carry legionella: open it away from the face and damp it.',
    'Gloves; wash hands.',
  ),
];
