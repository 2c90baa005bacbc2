/** How each plant is drawn, by its id: what one knows it by from some steps away. Source: any flora. */
import type { Portrait } from '@trowel/core/tables';

const bean = { habit: 'climber', leaf: 'trio', fruit: { shape: 'pod', tone: 'green' } } as const;
const stone = { habit: 'tree', leaf: 'lance' } as const;
const pome = { habit: 'tree', leaf: 'oval' } as const;
const currant = { habit: 'stems', leaf: 'lobed' } as const;
const umbel = { habit: 'rosette', leaf: 'feather' } as const;
const gourd = { habit: 'trailer', leaf: 'lobed', flower: { shape: 'cup', tone: 'orange' } } as const;
const allium = { habit: 'fan', leaf: 'strap' } as const;

export const portraits: Readonly<Record<string, Portrait>> = {
  // Vegetables.
  'runner-bean': { ...bean, flower: { shape: 'wing', tone: 'red' } },
  pea: {
    habit: 'climber',
    leaf: 'pairs',
    fruit: { shape: 'pod', tone: 'green' },
    flower: { shape: 'wing', tone: 'white' },
  },
  'broad-bean': {
    habit: 'single',
    leaf: 'pairs',
    fruit: { shape: 'pod', tone: 'green' },
    flower: { shape: 'wing', tone: 'white' },
  },
  tomato: {
    habit: 'single',
    leaf: 'pairs',
    fruit: { shape: 'ball', tone: 'red' },
    flower: { shape: 'star', tone: 'yellow' },
  },
  potato: {
    habit: 'stems',
    leaf: 'pairs',
    flower: { shape: 'star', tone: 'white' },
    root: { shape: 'tubers', tone: 'tan' },
  },
  pepper: { habit: 'single', leaf: 'lance', fruit: { shape: 'drop', tone: 'red' } },
  aubergine: { habit: 'single', leaf: 'broad', fruit: { shape: 'drop', tone: 'purple' } },
  courgette: { ...gourd, fruit: { shape: 'long', tone: 'dark' } },
  cucumber: {
    habit: 'climber',
    leaf: 'lobed',
    fruit: { shape: 'long', tone: 'dark' },
    flower: { shape: 'star', tone: 'yellow' },
  },
  squash: { ...gourd, fruit: { shape: 'ball', tone: 'orange' } },
  'sweet-potato': { habit: 'trailer', leaf: 'heart', root: { shape: 'tubers', tone: 'rust' } },
  corn: { habit: 'single', leaf: 'strap', fruit: { shape: 'cob', tone: 'yellow' } },
  cabbage: { habit: 'head', leaf: 'broad' },
  lettuce: { habit: 'rosette', leaf: 'frill', leafTone: 'pale' },
  chard: { habit: 'rosette', leaf: 'broad', stemTone: 'yellow' },
  spinach: { habit: 'rosette', leaf: 'oval', leafTone: 'dark' },
  rocket: { habit: 'rosette', leaf: 'lobed' },
  radish: { habit: 'rosette', leaf: 'broad', root: { shape: 'ball', tone: 'red' } },
  beetroot: { habit: 'rosette', leaf: 'broad', stemTone: 'purple', root: { shape: 'ball', tone: 'purple' } },
  carrot: { ...umbel, root: { shape: 'taper', tone: 'orange' } },
  parsnip: { habit: 'rosette', leaf: 'pairs', root: { shape: 'taper', tone: 'clear' } },
  celery: { habit: 'rosette', leaf: 'hand', stemTone: 'pale' },
  rhubarb: { habit: 'rosette', leaf: 'broad', stemTone: 'red' },
  asparagus: { habit: 'single', leaf: 'feather', leafTone: 'pale' },
  leek: { ...allium, root: { shape: 'bulb', tone: 'clear' } },
  onion: { ...allium, root: { shape: 'bulb', tone: 'orange' } },
  garlic: { ...allium, root: { shape: 'bulb', tone: 'white' } },
  chives: { ...allium, flower: { shape: 'ball', tone: 'pink' } },

  // Fruit.
  apple: { ...pome, fruit: { shape: 'ball', tone: 'red' } },
  'crab-apple': { ...pome, fruit: { shape: 'berries', tone: 'red' }, flower: { shape: 'cup', tone: 'pink' } },
  pear: { ...pome, fruit: { shape: 'drop', tone: 'yellow' } },
  plum: { ...stone, leaf: 'oval', fruit: { shape: 'ball', tone: 'purple' } },
  cherry: { ...stone, fruit: { shape: 'berries', tone: 'red' } },
  peach: { ...stone, fruit: { shape: 'ball', tone: 'orange' } },
  fig: { habit: 'tree', leaf: 'lobed', fruit: { shape: 'drop', tone: 'purple' } },
  redcurrant: { ...currant, fruit: { shape: 'clump', tone: 'red' } },
  blackcurrant: { ...currant, fruit: { shape: 'clump', tone: 'black' } },
  gooseberry: { ...currant, fruit: { shape: 'berries', tone: 'green' } },
  blueberry: { habit: 'stems', leaf: 'oval', fruit: { shape: 'berries', tone: 'blue' } },
  raspberry: { habit: 'canes', leaf: 'trio', fruit: { shape: 'clump', tone: 'red' } },
  strawberry: {
    habit: 'rosette',
    leaf: 'trio',
    fruit: { shape: 'drop', tone: 'red' },
    flower: { shape: 'cup', tone: 'white' },
  },
  grape: { habit: 'climber', leaf: 'lobed', fruit: { shape: 'clump', tone: 'purple' } },
  citrus: { habit: 'tree', leaf: 'oval', leafTone: 'dark', fruit: { shape: 'ball', tone: 'yellow' }, pot: true },

  // Herbs.
  basil: { habit: 'stems', leaf: 'oval' },
  mint: { habit: 'canes', leaf: 'oval', flower: { shape: 'spike', tone: 'pink' } },
  rosemary: { habit: 'stems', leaf: 'needle', flower: { shape: 'spike', tone: 'blue' } },
  parsley: { ...umbel, leaf: 'hand' },

  // Ornamentals.
  rose: { habit: 'stems', leaf: 'pairs', flower: { shape: 'ball', tone: 'red' } },
  'sweet-pea': { habit: 'climber', leaf: 'pairs', flower: { shape: 'wing', tone: 'purple' } },
  dahlia: { habit: 'stems', leaf: 'pairs', flower: { shape: 'daisy', tone: 'orange' } },
  hydrangea: { habit: 'stems', leaf: 'broad', flower: { shape: 'ball', tone: 'blue' } },
  rhododendron: { habit: 'stems', leaf: 'lance', leafTone: 'dark', flower: { shape: 'bell', tone: 'pink' } },
  box: { habit: 'hedge', leaf: 'oval', leafTone: 'dark' },
  laurel: { habit: 'hedge', leaf: 'lance', leafTone: 'dark' },
  viburnum: { habit: 'stems', leaf: 'oval', flower: { shape: 'ball', tone: 'white' } },
  clematis: { habit: 'climber', leaf: 'trio', flower: { shape: 'star', tone: 'purple' } },
  chrysanthemum: { habit: 'stems', leaf: 'lobed', flower: { shape: 'daisy', tone: 'yellow' } },
  nasturtium: { habit: 'trailer', leaf: 'round', flower: { shape: 'cup', tone: 'orange' } },
  hosta: { habit: 'rosette', leaf: 'heart', flower: { shape: 'bell', tone: 'purple' } },
  lily: { habit: 'single', leaf: 'lance', flower: { shape: 'bell', tone: 'orange' } },
  tulip: { habit: 'fan', leaf: 'strap', flower: { shape: 'cup', tone: 'red' }, root: { shape: 'bulb', tone: 'tan' } },
  hollyhock: { habit: 'single', leaf: 'lobed', flower: { shape: 'cup', tone: 'pink' } },
  lawn: { habit: 'turf', leaf: 'strap' },
  hawthorn: { habit: 'tree', leaf: 'lobed', fruit: { shape: 'berries', tone: 'red' } },
  maple: { habit: 'tree', leaf: 'lobed' },
  conifer: { habit: 'cone', leaf: 'needle', leafTone: 'dark' },
  ash: { habit: 'tree', leaf: 'pairs' },
  'horse-chestnut': { habit: 'tree', leaf: 'hand', flower: { shape: 'spike', tone: 'white' } },
  'ornamental-cherry': { ...stone, flower: { shape: 'ball', tone: 'pink' } },
  tree: { habit: 'tree', leaf: 'oval' },

  // In pots.
  fuchsia: { habit: 'stems', leaf: 'oval', flower: { shape: 'bell', tone: 'red' }, pot: true },
  petunia: { habit: 'trailer', leaf: 'oval', flower: { shape: 'cup', tone: 'purple' }, pot: true },
  'maidenhair-fern': { habit: 'rosette', leaf: 'frond', pot: true },
  pelargonium: { habit: 'stems', leaf: 'round', flower: { shape: 'ball', tone: 'pink' }, pot: true },
  seedling: { habit: 'tray', leaf: 'oval' },
  'house-plant': { habit: 'rosette', leaf: 'heart', leafTone: 'dark', pot: true },
  orchid: { habit: 'fan', leaf: 'strap', flower: { shape: 'lip', tone: 'pink' }, pot: true },
  succulent: { habit: 'cactus', leaf: 'needle', pot: true },
  'african-violet': {
    habit: 'rosette',
    leaf: 'round',
    leafTone: 'dark',
    flower: { shape: 'cup', tone: 'purple' },
    pot: true,
  },
};
