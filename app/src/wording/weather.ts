import { unitFor, type MeasureSystem } from '@trowel/core/quantities';

/** What a sensor is, and what that means for what it says. */
export const sensorKindWords = {
  'made-up': {
    name: 'Made up',
    says: 'It follows the weather here and is watered when it gets dry; nothing in your soil is measured.',
  },
  own: { name: 'Your own', says: 'What it sends counts for the plan.' },
} as const;

export const degreesUnit = (system: MeasureSystem): string => unitFor('temperature', 0, system);
/** Rain is told in millimetres, or in inches where people read those. */
export const rainUnit = (system: MeasureSystem): string => (system === 'us' ? 'in' : 'mm');
