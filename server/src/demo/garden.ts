import type { DrawnSize } from '@trowel/core/mix';
import type { BedRow, GardenPlace } from '../store/garden';

/** A made-up walled garden by a made-up sea. Nobody lives here. */
export const demoGarden: GardenPlace = {
  name: 'The walled plot at Skerrow Bay',
  latitude: 52.1,
  longitude: -4.6,
  time_zone: 'UTC',
  measures: 'metric',
  tap_hardness: 185,
  butt_hardness: 15,
  tap_treatment: 'unknown',
  usual_hour: 17,
  climate: null,
};

export const demoBeds: readonly (Pick<BedRow, 'id' | 'name' | 'setting' | 'note'> & {
  /** Metres from the left and upper corner of the plot. */
  readonly at: readonly [x: number, y: number];
  readonly measured?: DrawnSize;
  readonly plants: readonly (readonly [plant: string, label: string, number?: number])[];
})[] = [
  {
    id: 'gate-bed',
    name: 'Gate Bed',
    setting: 'bed',
    at: [0, 0],
    note: 'By the door, sun till three.',
    measured: { shape: 'rectangle', length: 2.5, width: 1.2 },
    plants: [
      ['rose', 'Roses'],
      ['sweet-pea', 'Sweet peas'],
    ],
  },
  {
    id: 'long-bed',
    name: 'Long Bed',
    setting: 'bed',
    at: [0.6, 8.7],
    note: 'Along the south wall.',
    measured: { shape: 'rectangle', length: 6, width: 1.2 },
    plants: [
      ['redcurrant', 'Redcurrants'],
      ['gooseberry', 'Gooseberries'],
      ['runner-bean', 'Runner beans'],
      ['leek', 'Leeks', 24],
    ],
  },
  {
    id: 'kiln-bed',
    name: 'Kiln Bed',
    setting: 'bed',
    at: [0, 2.5],
    note: 'Where the old kiln stood; trodden for years.',
    measured: { shape: 'rectangle', length: 3, width: 2 },
    plants: [
      ['chard', 'Beetroot and chard'],
      ['cabbage', 'Winter kale'],
    ],
  },
  {
    id: 'step-pots',
    name: 'Step Pots',
    setting: 'pot',
    at: [0, 5.2],
    note: 'On the kitchen steps.',
    plants: [
      ['blueberry', 'Blueberries in pots'],
      ['strawberry', 'Strawberries', 6],
    ],
  },
  {
    id: 'lean-to',
    name: 'Lean-to',
    setting: 'greenhouse',
    at: [3.3, 0],
    note: 'Unheated glass.',
    plants: [
      ['tomato', 'Tomatoes'],
      ['lettuce', 'Cut lettuce'],
      ['seedling', 'Seed trays'],
    ],
  },
  {
    id: 'kitchen-sill',
    name: 'Kitchen Sill',
    setting: 'indoors',
    at: [0, 7],
    note: 'Above the radiator.',
    plants: [
      ['maidenhair-fern', 'Maidenhair fern'],
      ['pelargonium', 'Lemon pelargonium'],
      ['parsley', 'Parsley'],
    ],
  },
  {
    id: 'apple-wall',
    name: 'Apple Wall',
    setting: 'tree',
    at: [6.9, 0],
    note: 'One old wall apple.',
    plants: [['apple', 'Wall apple']],
  },
  {
    id: 'drying-green',
    name: 'Drying Green',
    setting: 'lawn',
    at: [3.8, 3.3],
    note: 'The lawn under the washing line.',
    plants: [],
  },
  {
    id: 'water-butt',
    name: 'Water Butt',
    setting: 'bed',
    measured: { shape: 'circle', across: 0.8 },
    at: [7.5, 7.3],
    note: 'Rain from the shed roof, soft.',
    plants: [],
  },
];

/** What was measured in the demo beds. Shares in %, nutrients in mg/kg. */
export const demoSoilTests = [
  { bed: 'kiln-bed', daysAgo: 420, source: 'jar', found: { texture: { sand: 34, silt: 38, clay: 28 } } },
  { bed: 'long-bed', daysAgo: 400, source: 'jar', found: { texture: { sand: 52, silt: 34, clay: 14 } } },
  {
    bed: 'long-bed',
    daysAgo: 95,
    source: 'lab',
    found: { ph: 6.6, phosphorus: 48, potassium: 160, magnesium: 88, calcium: 1450, organicMatter: 5.2 },
  },
] as const;

export const demoPractice = [
  { cause: 'spider-mites', answer: 'spider-mites', daysAgo: 9, minutes: 3 },
  { cause: 'iron-short', answer: 'magnesium-short', daysAgo: 9, minutes: 0 },
  { cause: 'rust', answer: 'rust', daysAgo: 8, minutes: 1 },
  { cause: 'ladybirds', answer: 'ladybirds', daysAgo: 8, minutes: 0 },
  { cause: 'iron-short', answer: 'iron-short', daysAgo: 8, minutes: 2 },
] as const;

/** A made-up sensor to see how it would be. */
export const demoSensor = 'long-bed';

/** Sprayers and jars of the household; what the green one held was soap. */
export const demoVessels = [
  { name: 'Green sprayer', kind: 'sprayer', volumeMl: 1500, held: 'soap-spray' },
  { name: 'Blue sprayer', kind: 'sprayer', volumeMl: 5000 },
  { name: 'Black bucket', kind: 'bucket', volumeMl: 12_000 },
  { name: 'Pickle jar', kind: 'jar', volumeMl: 2000 },
] as const;

/** In the cupboard: amounts, packs and what they cost. */
export const demoCupboard = [
  { ingredient: 'liquid-soap', amount: 420, packSize: 500, packPrice: 6 },
  { ingredient: 'boric-acid', amount: 80, packSize: 100, packPrice: 4.5 },
  { ingredient: 'sugar', amount: 900, packSize: 1000, packPrice: 1.4 },
  { ingredient: 'vinegar', amount: 700, packSize: 1000, packPrice: 0.9, percent: 5 },
  { ingredient: 'peroxide', amount: 200, packSize: 250, packPrice: 2.2, percent: 3 },
  { ingredient: 'epsom', amount: 500, packSize: 1000, packPrice: 3 },
  { ingredient: 'potassium-bicarbonate', wanted: true },
] as const;

/** Brews of several ages, and what was done with them, in days ago. */
export const demoBrews = [
  {
    start: { kind: 'weed', name: 'Nettle brew', volumeMl: 10_000, warmth: 17 },
    vessel: 'Black bucket',
    daysAgo: 24,
    events: [
      { daysAgo: 22, kind: 'stirred' },
      { daysAgo: 15, kind: 'stirred' },
      { daysAgo: 2, kind: 'used', ml: 1500 },
    ],
  },
  {
    start: {
      kind: 'shell-extract',
      name: 'Shells in the pickle jar',
      volumeMl: 1000,
      shell: { grams: 60, acidPercent: 5, grain: 'crushed' },
    },
    vessel: 'Pickle jar',
    daysAgo: 2,
    events: [{ daysAgo: 1, kind: 'stirred' }],
  },
  {
    start: { kind: 'neem', name: 'Neem leaf, sill', volumeMl: 1000, warmth: 20 },
    daysAgo: 40,
    events: [
      { daysAgo: 37, kind: 'strained' },
      { daysAgo: 36, kind: 'used', ml: 600 },
      { daysAgo: 33, kind: 'thrown-out' },
    ],
  },
] as const;

/** What this household does again and again, of no case: when it began, and the days ago on which it was done. */
export const demoRoutines = [
  {
    plan: { remedy: 'weed-brew-feed', volumeMl: 9000, everyDays: 14 },
    brew: 'Nettle brew',
    beds: ['gate-bed', 'long-bed'],
    daysAgo: 14,
    step: 'apply',
    doneDaysAgo: [14],
  },
  {
    plan: { remedy: 'seaweed-feed', volumeMl: 4500, everyDays: 14 },
    beds: ['step-pots'],
    daysAgo: 14,
    step: 'apply',
    doneDaysAgo: [14],
  },
  { plan: { wish: 'Turn the compost', everyDays: 14 }, beds: [], daysAgo: 27, step: 'do', doneDaysAgo: [27, 13] },
] as const;

/** A recipe this household has made its own. */
export const demoRecipe = {
  format: 'wise-trowel-recipe',
  version: 1,
  name: 'Gentle soap for the roses',
  basedOn: 'soap-spray',
  purpose: 'Greenfly on rose buds, early in the season.',
  parts: [{ ingredient: 'liquid-soap', amount: 6, unit: 'mL/L' }],
  steps: ['Fill in water from the butt', 'Add the soap and swirl', 'Buds and undersides, at dusk'],
} as const;
