import type { SafetyRule } from '@trowel/core/tables';
import { guideline } from './build';

/** The hour and the weather. */
export const hours: readonly SafetyRule[] = [
  guideline(
    'soap-heat',
    'stop',
    { things: ['soap'], facts: ['very-hot'] },
    'Soap burns leaves above {32 °C}.',
    'Early or late, under {30 °C}.',
  ),
  guideline(
    'oil-heat',
    'stop',
    { things: ['oil'], facts: ['very-hot'] },
    'Oil burns leaves above {32 °C}.',
    'Between {4 °C} and {30 °C}.',
  ),
  guideline(
    'sulphur-heat',
    'stop',
    { things: ['sulphur'], facts: ['hot'] },
    'Sulphur burns leaves above {27–30 °C}.',
    'A cooler day.',
  ),
  guideline(
    'spray-hot',
    'caution',
    { things: ['spray'], facts: ['hot'] },
    'Above {30 °C} sprays burn leaves.',
    'Wait for the cool of the day.',
  ),
  guideline(
    'spray-sun',
    'caution',
    { things: ['soap'], facts: ['sun'] },
    'In full sun soap dries to scorch.',
    'Dawn or dusk, or a dull day.',
  ),
  guideline(
    'oil-sun',
    'caution',
    { things: ['oil'], facts: ['sun'] },
    'In full sun oil scorches.',
    'Dawn or dusk, or a dull day.',
  ),
  guideline(
    'living-sun',
    'caution',
    { things: ['living'], facts: ['sun'] },
    'Sun kills what is alive in the mix.',
    'Dusk, on wet soil.',
  ),
  guideline(
    'spray-wind',
    'caution',
    { things: ['spray'], facts: ['wind'] },
    'Wind carries spray to your face and the neighbours.',
    'Under {15 km/h}.',
  ),
  guideline(
    'oil-frost',
    'stop',
    { things: ['oil'], facts: ['frost'] },
    'Oil on frozen plants kills buds.',
    'Above {4 °C}.',
  ),
  guideline('spray-frost', 'caution', { things: ['spray'], facts: ['frost'] }, 'Wet leaves freeze.', 'A mild hour.'),
  guideline(
    'spray-thirsty',
    'caution',
    { things: ['spray'], facts: ['thirsty'] },
    'A thirsty plant burns.',
    'Water first, spray tomorrow.',
  ),
  guideline(
    'soap-thirsty',
    'stop',
    { things: ['soap'], facts: ['thirsty'] },
    'Soap burns wilted or dry plants.',
    'Water first, spray tomorrow.',
  ),
  guideline(
    'feed-thirsty',
    'caution',
    { things: ['feed'], facts: ['thirsty'] },
    'Feed on dry roots burns them.',
    'Water first.',
  ),
];
