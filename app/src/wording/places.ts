import type { BedView } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import type { Climate, Setting, WeedRoot } from '@trowel/core/tables';

export const settingWords: Readonly<Record<Setting, string>> = {
  bed: 'Bed',
  pot: 'Pots',
  indoors: 'Indoors',
  greenhouse: 'Under glass',
  lawn: 'Lawn',
  tree: 'Tree or wall',
};

export const systemWords: Readonly<Record<MeasureSystem, string>> = {
  metric: 'Metric',
  us: 'US',
  imperial: 'Imperial',
  australian: 'Australian',
};

export const climateWords: Readonly<Record<Climate, { readonly name: string; readonly says: string }>> = {
  cool: { name: 'Short summers', says: 'Seasons begin a month later and end a month sooner than usual.' },
  temperate: {
    name: 'Mild',
    says: 'Spring and autumn frosts, growth from April to October or its southern counterpart.',
  },
  warm: { name: 'Long summers', says: 'Seasons begin a month sooner and end a month later than usual.' },
  tropical: { name: 'No winter', says: 'The calendar says little about what is common.' },
};

export const rootWords: Readonly<Record<WeedRoot, string>> = {
  tap: 'tap root',
  runner: 'running roots',
  'creeping-stem': 'rooting stems',
  fibrous: 'fibrous roots',
  bulb: 'bulbs',
  rhizome: 'rhizomes',
  spores: 'no roots, spores',
};

type LabKey = Exclude<keyof BedView['soilTests'][number]['found'], 'texture'>;

/** What a laboratory measures, in the order of its sheet; its units are the same everywhere. */
export const labFields: readonly { readonly key: LabKey; readonly name: string; readonly unit: string }[] = [
  { key: 'ph', name: 'pH', unit: '' },
  { key: 'phosphorus', name: 'P', unit: 'ppm' },
  { key: 'potassium', name: 'K', unit: 'ppm' },
  { key: 'magnesium', name: 'Mg', unit: 'ppm' },
  { key: 'calcium', name: 'Ca', unit: 'ppm' },
  { key: 'nitrogen', name: 'N', unit: 'ppm' },
  { key: 'organicMatter', name: 'Humus', unit: '%' },
  { key: 'ec', name: 'EC', unit: 'mS/cm' },
];
