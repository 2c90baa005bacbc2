import type { cardboard, clippings, mulch, perArea } from '../../mix/bench/ground';
import { areaWorking, bedFieldWords } from './shapes';
import type { ToolWords } from './words';

export const mulchWords: ToolWords<typeof mulch> = {
  of: 'mulch',
  name: 'Mulch',
  plain: 'How many barrows or bags a bed takes.',
  fields: {
    ...bedFieldWords,
    depth: 'Depth when settled',
    settles: { label: 'It settles by', hint: 'Chips 15–25, straw 40–50, compost 10–20.' },
    bag: 'A bag holds',
  },
  results: {
    barrows: 'Barrow loads',
    bags: 'Bags',
    litres: 'Volume',
    cubic: 'Heap',
    'cubic-feet': 'or',
    area: 'Area',
  },
  says: {
    'weed-first': 'Weed and water first',
    spread: 'Spread it evenly',
    'off-stems': 'Keep it {5 cm} off stems and {10 cm} off trunks',
    'on-not-in': 'Chips lie on the soil, not in it: dug in they lock nitrogen up.',
    'too-deep': ['Deeper than {15 cm} keeps air from roots.', '{5–10 cm} does.'],
  },
  working: {
    ...areaWorking,
    loose: ['Loose volume', '{area} × {depth} ÷ (1 − {settles} %)', '{litres}'],
    barrows: ['Barrows', '{litres} ÷ {barrow}, rounded up', '{loads}'],
  },
};

export const cardboardWords: ToolWords<typeof cardboard> = {
  of: 'cardboard',
  name: 'Cardboard under mulch',
  plain: 'How many sheets smother a bed, with what they overlap, and what lies on top.',
  fields: {
    ...bedFieldWords,
    sheetLength: 'A sheet, length',
    sheetWidth: 'A sheet, width',
    overlap: 'Overlap',
    cover: {
      label: 'On top',
      options: { chips: '{10 cm} wood chips', compost: '{15 cm} compost', straw: '{18 cm} straw' },
    },
  },
  results: { sheets: 'Sheets', barrows: 'Barrow loads on top', litres: 'or', area: 'Area' },
  says: {
    'overlap-too-wide': [
      'The overlap is as wide as the sheet.',
      'Use larger sheets; {15 cm} overlap keeps runners down.',
    ],
    'plain-card': 'Tape and staples off; plain brown card only',
    flatten: 'Mow or flatten the weeds, water well',
    lay: 'Lay sheets with {overlap} overlap; wet them',
    cover: 'Cover with {depth}',
    gaps: 'Under {15 cm} of overlap runners find the gap.',
    slugs: 'Damp card draws slugs: no seedlings beside it for a month.',
  },
  working: {
    ...areaWorking,
    sheets: [
      'Sheets',
      '{rows} rows over {area}, of sheets {sheetLength} × {sheetWidth}, each {overlap} over the next',
      '{sheets}',
    ],
    cover: ['Cover', '{area} × {depth}', '{litres}'],
  },
};

const mats = (state: string) =>
  [`{depth} of ${state} clippings mats and sours.`, 'At most {most}, then let it dry before more.'] as const;

export const clippingsWords: ToolWords<typeof clippings> = {
  of: 'clippings',
  name: 'Clippings as mulch',
  plain: 'How much a bed takes, and how much lawn gives it.',
  fields: {
    ...bedFieldWords,
    state: { label: 'Clippings are', options: { fresh: 'fresh', dried: 'dried' } },
    depth: 'Depth',
    sprayed: {
      label: 'Lawn weedkiller this season',
      options: { no: 'none', yes: 'used', unknown: 'not known' },
    },
  },
  results: { litres: 'Clippings', lawn: 'Lawn mown for it, about', area: 'Bed' },
  says: {
    weedkiller: [
      'Clippings from a treated lawn carry weedkiller that cripples crops.',
      'Leave them on the lawn for at least one season.',
    ],
    'mats-fresh': mats('fresh'),
    'mats-dried': mats('dried'),
    loosen: 'Loosen the top {5 cm} and water',
    spread: 'Spread {depth}, {5 cm} off stems',
    'keep-moist': 'Water; keep moist, not soggy, for a week',
    'not-known': ['Not known whether it was treated.', 'Grow beans in a pot of it for three weeks first.'],
    'good-signs': 'White threads on day 4–7 and worm tunnels about day 10 are good signs.',
  },
  working: { ...areaWorking, clippings: ['Clippings', '{area} × {depth}', '{litres}'] },
};

/** How often, and where, by what is strewn. */
const bounds = {
  ash: 'a year, only where the pH is under 6.5; not for potatoes or acid lovers',
  lime: 'at once, by a soil test',
  sulphur: 'a year; months in warm soil; useless where lime is free',
  'slug-pellets': 'at dusk, again after two weeks',
} as const;
const tooMuch = (of: keyof typeof bounds) =>
  [`{rate} is too much: at most {most}, ${bounds[of]}.`, 'Use {usual}.'] as const;
const most = (of: keyof typeof bounds) => `At most {most} ${bounds[of]}.`;
const strewn = (name: string) => [name, '{area} × {rate}', '{grams}'] as const;

export const perAreaWords: ToolWords<typeof perArea> = {
  of: 'per-area',
  name: 'So much for so large a bed',
  plain: 'Ash, lime, sulphur and pellets by area, within what soil bears.',
  fields: {
    ...bedFieldWords,
    product: {
      label: 'What',
      options: {
        ash: 'Wood ash',
        lime: 'Garden lime',
        sulphur: 'Elemental sulphur',
        'slug-pellets': 'Iron phosphate pellets',
      },
    },
    rate: 'Rate',
    ph: 'Soil pH',
  },
  results: {
    grams: 'To strew',
    most: 'At most',
    area: 'Area',
  },
  says: {
    'too-much-ash': tooMuch('ash'),
    'too-much-lime': tooMuch('lime'),
    'too-much-sulphur': tooMuch('sulphur'),
    'too-much-slug-pellets': tooMuch('slug-pellets'),
    'limed-enough': ['At pH {ph} the soil needs no lime or ash: it would lock iron up.', 'Leave it, or use compost.'],
    'free-lime': ['At pH {ph} lime is free in the soil and eats the sulphur.', 'Grow acid lovers in pots.'],
    'weigh-out': 'Weigh it out',
    strew: 'Strew evenly on a windless day, half along, half across',
    'rake-in': 'Rake in and water',
    'most-ash': most('ash'),
    'most-lime': most('lime'),
    'most-sulphur': most('sulphur'),
    'most-slug-pellets': most('slug-pellets'),
    pets: 'Out of reach of pets until it is watered in; the label rules.',
    dust: 'Gloves, goggles and a mask: the dust burns eyes.',
    ammonia: 'Three to four weeks apart from manure or ammonium feed: it drives ammonia off.',
  },
  working: {
    ...areaWorking,
    ash: strewn('Wood ash'),
    lime: strewn('Garden lime'),
    sulphur: strewn('Elemental sulphur'),
    'slug-pellets': strewn('Pellets'),
  },
};
