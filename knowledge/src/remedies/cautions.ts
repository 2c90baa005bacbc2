/** Cautions and hours that several remedies share. */
import { windows } from './windows';
import { caution, note } from './build';

export const guideline = { source: 'extension', grade: 'guideline' } as const;

export const calm = { ...windows.daylight, windBelow: 15 } as const;

export const localRules = note(
  'many-places-home',
  'In many places home-made plant sprays are restricted or not allowed at all: ask your extension or plant-health service.',
  'choose',
);

export const labelRules = caution(
  'label-rules-rate',
  'The label rules: rate, plants, wait before harvest, clothing. Only products allowed where you live.',
  'mix',
);

export const bees = caution('nothing-open-blossom', 'Nothing on open blossom, for the bees; at dusk only.');

export const testLeaf = [
  'Wet two or three leaves and mark them',
  'a plant that burns shows it within two days',
] as const;

export const contact = windows.contactSpray;
