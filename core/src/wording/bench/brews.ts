import type { brew, BrewKind } from '../../mix/bench/brews';
import type { ToolWords } from './words';

export const brewNames: Readonly<Record<BrewKind, string>> = {
  weed: 'Weed brew',
  'leaf-mould': 'Leaf-mould microbe brew',
  neem: 'Neem leaf, steeped',
  compost: 'Compost steeped in water',
};

const inDays = '{value:day|days}';
const oneTo = '{value} parts of water';

export const brewToolWords: ToolWords<typeof brew> = {
  of: 'brew',
  name: 'A brew by its age',
  plain: 'Is it ready, how far to thin it now, how much it gives, and when to start the next.',
  fields: {
    kind: { label: 'Brew', options: brewNames },
    days: 'It has stood',
    warmth: 'Where it stands, on average',
    have: 'Brew in hand',
    weekly: 'Ready mix used each week',
    seeds: {
      label: 'Seeds or runners in it',
      options: { no: 'none', seeds: 'seeds', runners: 'bindweed or couch runners' },
    },
    on: { label: 'Goes', options: { soil: 'on soil', 'raw-leaves': 'on leaves eaten raw' } },
  },
  results: {
    ready: ['Ready after', inDays],
    parts: ['Thin it now, 1 part to', oneTo],
    'parts-when-ready': ['When ready, 1 part to', oneTo],
    mix: ['It gives', '{value} ready mix'],
    weeks: ['Lasts for', '{value:week|weeks}'],
    start: ['Start the next in', inDays],
    keeps: ['From ready it keeps', inDays],
    wait: ['Wait before harvest', inDays],
  },
  says: {
    germs: ['Brews can carry germs: never on leaves or fruit eaten raw.', 'On soil, and wait before harvest.'],
    'seeds-live': ['Seeds live four weeks under water; this has stood {days:day|days}.', 'Wait {wait:day|days} more.'],
    'runners-live': [
      'Runners live eight weeks under water; this has stood {days:day|days}.',
      'Wait {wait:day|days} more.',
    ],
    stir: 'Stir it',
    thin: 'One part to {parts} of rain water',
    'moist-soil': 'On moist soil, off the leaves; wash hands',
    'past-best': 'It is past its best ({days:day|days}): compost it.',
    'not-ready': 'Not ready: {days:day|days} more at this warmth.',
    'can-breed-germs':
      'Can breed harmful germs: soil only, 120 days before harvest (90 where nothing edible touches the soil), never near salad, sprouts or seedlings.',
    'soil-only':
      'Soil only, and not in the last {days:day|days} before harvest. It stinks: gloves, lid loose, outdoors.',
    'no-chlorine':
      'No chlorine in the water: let it stand open a day, or take rain water (chloramine stays: filter it).',
    'honest-weed': 'A thin, uneven feed: free, and not measured by anybody.',
    'honest-leaf-mould': 'Folk practice; no trial shows that it does what compost does not.',
    'honest-neem': 'Weaker than seed oil, and gone within two days; folk to practice.',
    'honest-compost': 'Sprayed compost teas did nothing reliable in trials; on soil it is a thin feed.',
  },
  working: {
    age: ['Age at {22 °C}', '{days:day|days} at {warmth}, {pace} times the pace', '{age:day|days}'],
    gives: ['Gives', '{have} × ({parts} + 1)', '{mix}'],
  },
  curve: { across: 'days', up: 'parts of water to one' },
};
