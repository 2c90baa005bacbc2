import type { BedView } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import type { Climate, NearFact, Setting, TapTreatment, WeedRoot } from '@trowel/core/tables';

export const settingWords: Readonly<Record<Setting, string>> = {
  bed: 'Bed',
  pot: 'Pots',
  indoors: 'Indoors',
  greenhouse: 'Under glass',
  lawn: 'Lawn',
  tree: 'Tree or wall',
};

/** What can be close to a place for good. */
export const nearWords: Readonly<Record<NearFact, string>> = {
  'near-pond': 'A pond or stream',
  'near-children-or-pets': 'Children or pets play here',
  'near-cats': 'Cats',
  'near-worm-bin': 'A worm bin',
  'near-food': 'Food is kept or eaten',
  'near-paving': 'Paving',
};

/** What the water of the tap was made safe with. */
export const tapTreatmentWords: Readonly<Record<TapTreatment, string>> = {
  unknown: 'Nobody knows',
  none: 'Nothing',
  chlorine: 'Chlorine',
  chloramine: 'Chloramine',
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
  tuber: 'tubers on threads',
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

/** By number, 0 Sunday … 6 Saturday. */
export const weekdayWords: readonly { readonly short: string; readonly long: string }[] = [
  { short: 'Su', long: 'Sunday' },
  { short: 'Mo', long: 'Monday' },
  { short: 'Tu', long: 'Tuesday' },
  { short: 'We', long: 'Wednesday' },
  { short: 'Th', long: 'Thursday' },
  { short: 'Fr', long: 'Friday' },
  { short: 'Sa', long: 'Saturday' },
];

/** Why a crop is not sown in a place although it is its time. */
export const notHereWords = {
  family: 'their family grew there within three years',
  'same-trouble': 'they get the same trouble',
} as const;
