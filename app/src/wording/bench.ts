import type { BenchTool, NumberUnit } from '@trowel/core/mix';
import type { SpoonTool } from '@trowel/core/quantities';

export const groupNames: Readonly<Record<BenchTool['group'], string>> = {
  strength: 'How strong',
  sprays: 'Sprays, soaks, baits',
  feeds: 'Feeds and brews',
  ground: 'Beds and ground',
  helpers: 'Living helpers',
  counts: 'Counts and warmth',
  money: 'Money',
};

/** The parts of the bench, in order. */
export const benchParts = {
  mix: 'Mix',
  ask: 'May I …?',
  work: 'Work it out',
  brews: 'Brews',
  cupboard: 'Cupboard',
  recipes: 'My recipes',
} as const;

export const vesselKinds = [
  { id: 'sprayer', name: 'Sprayer' },
  { id: 'can', name: 'Can' },
  { id: 'jar', name: 'Jar' },
  { id: 'bucket', name: 'Bucket' },
] as const;

/** Units of bare numbers, beside their field. */
export const numberUnitWords: Readonly<Record<NumberUnit, string>> = {
  none: '',
  percent: '%',
  'percent-volume': '% by volume',
  'percent-label': '% on its label',
  parts: 'parts of water',
  plants: 'plants',
  trees: 'trees',
  minutes: 'min',
  days: 'days',
  drops: 'drops',
  'ms-cm': 'mS/cm',
  million: 'million',
  'mg-litre': 'ppm',
};

/** What stands under a drawn tool. */
export const toolNames: Readonly<Record<SpoonTool, string>> = {
  tsp: 'teaspoon',
  tbsp: 'TABLESPOON',
  cup: 'cup',
  syringe: 'mL syringe',
  jug: 'mL, by the jug',
  drops: 'drops',
};

/** What some households will not have: a rule in words, and the classes or ingredients it stands for. */
export const houseRules: readonly { readonly ids: readonly string[]; readonly says: string }[] = [
  { ids: ['bought'], says: 'Nothing bought' },
  { ids: ['peroxide'], says: 'No peroxide' },
  // Borates are an ingredient of the bait, whose own class is bait.
  { ids: ['boric-acid', 'borax'], says: 'No borates' },
  { ids: ['soap'], says: 'No soap' },
  { ids: ['oil'], says: 'No oil' },
  { ids: ['sulphur'], says: 'No sulphur' },
  { ids: ['copper'], says: 'No copper' },
  { ids: ['insecticide'], says: 'No insect poisons' },
  { ids: ['broad'], says: 'No knockdowns' },
  { ids: ['milk'], says: 'No milk' },
  { ids: ['ferment'], says: 'No brews' },
];

/** Questions to begin with; amounts are drawn in the reader's measures. */
export const askExamples: readonly string[] = [
  'Bleach and vinegar for the pots',
  'A cup of soap in {2 L}, on roses',
  'Oil one week after sulphur',
  'Neem on beans in flower, bees about',
];
