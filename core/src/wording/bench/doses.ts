import type { doseStrength, labelRate, partsPercent, potDrench, spoonsGrams } from '../../mix/bench/doses';
import type { ToolWords } from './words';

const things = {
  'liquid-soap': 'true soap',
  detergent: 'washing-up liquid',
  oil: 'oil',
  azadirachtin: 'neem extract',
  milk: 'milk',
  vinegar: 'vinegar',
  peroxide: 'peroxide',
  bleach: 'bleach',
  alcohol: 'rubbing alcohol',
  'seedling-feed': 'liquid feed',
  bicarbonate: 'bicarbonate of soda',
  'potassium-bicarbonate': 'potassium bicarbonate',
  epsom: 'Epsom salts',
  'feed-powder': 'soluble feed',
  pepper: 'chilli powder',
  'wood-ash': 'wood ash',
} as const;

export const doseStrengthWords: ToolWords<typeof doseStrength> = {
  of: 'dose-strength',
  name: 'How strong is it?',
  plain: 'A spoon in a jug: what that comes to, and whether it is borne where it goes.',
  fields: {
    of: { label: 'What', options: things },
    dose: 'How much',
    weight: { label: 'Or weighed', hint: 'A powder on a scale; it stands before the spoons.' },
    into: 'In how much water',
    filled: { label: 'The water', options: { added: 'it is added to', 'made-up': 'it is filled up to' } },
    label: 'Strength on the bottle',
    goes: {
      label: 'Goes on',
      options: {
        leaf: 'leaves',
        root: 'roots',
        seedling: 'seedlings',
        soak: 'pots that soak',
        tool: 'tools, empty pots',
      },
    },
  },
  results: {
    strength: ['Strength', '{value} %'],
    'per-litre': 'That is',
    ppm: ['That is', '{value} ppm'],
    grams: 'Weighs',
    'one-to': ['One part to', '{value} parts of water'],
    limit: ['Borne there', 'up to {value} %'],
    borne: 'So it is',
  },
  says: {
    'more-than-water': ['{dose} into {into} is more than half of it.', 'Turn the two round.'],
    over: ['{strength} % is over the limit of {most} % there.', 'Thin it.'],
    'test-first': [
      '{strength} % is over {most} %: only after a test leaf.',
      'Wet two or three leaves and wait 48 hours.',
    ],
    'no-limit': 'No limit for it is known there: go by its label.',
  },
  working: {
    weighs: ['Weighs', '{dose}, where a cup weighs {cup}', '{grams}'],
    powder: ['Share, weight in volume', '{dose} in {into}', '{share} %'],
    'made-up': ['Share', '{dose} ÷ {into}', '{share} %'],
    added: ['Share', '{dose} ÷ ({into} + {dose})', '{share} %'],
    label: ['Strength', '{share} % of a bottle of {label} %', '{strength} %'],
  },
  is: { within: 'within the limit', tested: 'for tested leaves only', over: 'too strong', 'no-limit': 'by its label' },
};

export const spoonsGramsWords: ToolWords<typeof spoonsGrams> = {
  of: 'spoons-grams',
  name: 'Spoons and weight',
  plain: 'A spoon of one powder weighs twice a spoon of another: by what a cup of it weighs.',
  fields: {
    of: { label: 'What', options: things },
    way: { label: 'From', options: { 'to-grams': 'spoons and cups to weight', 'to-spoons': 'weight to spoons' } },
    volume: 'Volume',
    mass: 'Weight',
  },
  results: { mass: 'Weighs', volume: 'Measures', cup: 'A level cup weighs' },
  says: { bulk: 'Powders settle: level the spoon, and take it as good to a fifth.' },
  working: {
    mass: ['Weight', '{volume}, where a cup weighs {cup}', '{mass}'],
    volume: ['Volume', '{mass}, where a cup weighs {cup}', '{volume}'],
  },
};

export const labelRateWords: ToolWords<typeof labelRate> = {
  of: 'label-rate',
  name: 'A label’s rate in this sprayer',
  plain: 'What the label says for a large tank, brought to the one in your hand.',
  fields: {
    form: { label: 'It is', options: { liquid: 'liquid', powder: 'powder' } },
    rate: 'Rate on the label',
    powderRate: 'Rate on the label',
    ready: 'This sprayer or can',
    share: { label: 'Of that rate', hint: 'Half is 50. A label is the most.' },
  },
  results: { amount: 'Measure out', used: 'Rate used', percent: ['Strength', '{value} %'] },
  says: {
    'over-label': ['{share} % of a label’s rate is over it.', 'Its rate is the most; less is often enough.'],
    'label-rules': 'The label rules: where, how often, how long before picking.',
  },
  working: { amount: ['Amount', '{used} × {ready}', '{amount}'] },
};

export const partsPercentWords: ToolWords<typeof partsPercent> = {
  of: 'parts-percent',
  name: 'Parts and per cent',
  plain: '“1 to 9” is 10 %, and one in ten.',
  fields: {
    way: { label: 'From', options: { 'to-percent': 'parts to per cent', 'to-parts': 'per cent to parts' } },
    part: 'Parts of it',
    parts: 'Parts of water',
    percent: 'Share of the mix',
  },
  results: {
    percent: ['Share of the mix', '{value} %'],
    'one-to': ['One part to', '{value} parts of water'],
    'one-in': ['One part in', '{value} parts'],
    'per-litre': 'That is',
  },
  says: {},
  working: {
    percent: ['Share', '{part} ÷ ({part} + {parts})', '{share} %'],
    parts: ['Water to one part', '100 ÷ {share} − 1', '{water}'],
  },
};

export const potDrenchWords: ToolWords<typeof potDrench> = {
  of: 'pot-drench',
  name: 'A drench for pots',
  plain: 'How much each pot is given: enough to reach the foot, not so much that it runs through.',
  fields: {
    across: 'Width of the pot at its rim',
    deep: 'Depth of the soil in it',
    pots: 'How many pots',
    share: { label: 'Of the pot’s volume', hint: '10 to 20 for a drench, 25 to water through.' },
  },
  results: { each: 'Each pot', total: 'Mix in all', pot: 'A pot holds' },
  says: {
    'runs-through': 'More than a quarter mostly runs through: a saucer, and pour it away.',
    'moist-first': 'On moist soil: water dry pots the day before.',
  },
  working: {
    pot: ['A pot, narrower at its foot', '{across} across, {deep} deep', '{pot}'],
    each: ['Each', '{share} % of {pot}', '{each}'],
    total: ['In all', '{each} × {pots}', '{total}'],
  },
};
