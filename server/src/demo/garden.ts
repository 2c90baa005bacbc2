import type { BedRow, GardenRow } from '../store/garden';

/** A made-up walled garden by a made-up sea. Nobody lives here. */
export const demoGarden: GardenRow = {
  name: 'The walled plot at Skerrow Bay',
  latitude: 52.1,
  longitude: -4.6,
  time_zone: 'UTC',
  measures: 'metric',
  tap_hardness: 185,
  butt_hardness: 15,
  usual_hour: 17,
};

export const demoBeds: readonly (Omit<BedRow, 'walking_order'> & {
  readonly plants: readonly (readonly [plant: string, label: string])[];
})[] = [
  {
    id: 'gate-bed',
    name: 'Gate Bed',
    setting: 'bed',
    note: 'By the door, sun till three.',
    plants: [
      ['rose', 'Roses'],
      ['sweet-pea', 'Sweet peas'],
    ],
  },
  {
    id: 'long-bed',
    name: 'Long Bed',
    setting: 'bed',
    note: 'Along the south wall.',
    plants: [
      ['redcurrant', 'Redcurrants'],
      ['gooseberry', 'Gooseberries'],
      ['runner-bean', 'Runner beans'],
      ['leek', 'Leeks'],
    ],
  },
  {
    id: 'kiln-bed',
    name: 'Kiln Bed',
    setting: 'bed',
    note: 'Where the old kiln stood; trodden for years.',
    plants: [
      ['chard', 'Beetroot and chard'],
      ['cabbage', 'Winter kale'],
    ],
  },
  {
    id: 'step-pots',
    name: 'Step Pots',
    setting: 'pot',
    note: 'On the kitchen steps.',
    plants: [
      ['blueberry', 'Blueberries in pots'],
      ['strawberry', 'Strawberries'],
    ],
  },
  {
    id: 'lean-to',
    name: 'Lean-to',
    setting: 'greenhouse',
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
    note: 'One old wall apple.',
    plants: [['apple', 'Wall apple']],
  },
  { id: 'drying-green', name: 'Drying Green', setting: 'lawn', note: 'The lawn under the washing line.', plants: [] },
  { id: 'water-butt', name: 'Water Butt', setting: 'bed', note: 'Rain from the shed roof, soft.', plants: [] },
];
