import type { epsom, labelFeed, seedMix } from '../../mix/bench/feeds';
import type { ToolWords } from './words';

const above = (plants: string) =>
  [
    `{nitrogen} nitrogen is above the {most} that ${plants} bear.`,
    'Use {allowed} at most; {middle} is the middle of the band.',
  ] as const;
const element = (name: string, share = '') =>
  [name, `{used} × {heavy} × {${name.toLowerCase()}} %${share}`, '{found}'] as const;

export const feedWords: ToolWords<typeof labelFeed> = {
  of: 'feed',
  name: 'A feed by its label',
  plain: 'From N-P-K on the label to milligrams in the can, beside what plants of that age want.',
  fields: {
    ready: 'Ready feed wanted',
    n: 'N',
    p: 'P (as P₂O₅)',
    k: 'K (as K₂O)',
    form: { label: 'It is', options: { liquid: 'a liquid', powder: 'a powder' } },
    density: { label: 'How heavy', hint: 'Against as much water; feeds are 1.1 to 1.3.' },
    rate: 'Rate',
    powderRate: 'Rate',
    share: { label: 'Share of it', hint: 'Seedlings: a quarter of the outdoor rate.' },
    stage: {
      label: 'For',
      options: {
        seedling: 'Seedlings',
        transplant: 'Young plants set out',
        fruiting: 'Fruiting pots, each watering',
        leafy: 'Leaf crops and house plants',
      },
    },
    tapEc: 'Conductivity of the water',
  },
  results: {
    amount: 'Feed',
    nitrogen: 'Nitrogen (N)',
    phosphorus: 'Phosphorus (P)',
    potassium: 'Potassium (K)',
    'band-low': 'Wanted nitrogen, from',
    'band-high': 'to',
    middle: 'The middle of that takes',
    'ec-low': ['Conductivity, from about', '{value} mS/cm'],
    'ec-high': ['to about', '{value} mS/cm'],
    'again-from': ['Again after', '{value:day|days}'],
    'again-to': ['to', '{value:day|days}'],
  },
  says: {
    'above-seedling': above('seedlings'),
    'above-transplant': above('young plants set out'),
    'above-fruiting': above('fruiting plants in pots'),
    'above-leafy': above('leaf crops and house plants'),
    water: 'Fill in {water} of water',
    'stir-in': 'Stir in {feed} of feed',
    'moist-soil': 'Water moist soil with it, never dry soil',
    'below-band': 'Below the band: fine for a plant that looks well, thin for one that is pale.',
    'above-band': 'Above the band of {from} to {to}: soft growth, and sap-suckers like it.',
    'first-feed':
      'First feed 7–10 days after sprouting, from below, the tray a quarter full. Crisp and crusted: stop and flush.',
  },
  working: {
    used: ['Used', '{rate} × {share} ÷ 100', '{used}'],
    n: element('N'),
    p: element('P', ' × {phosphorusShare}'),
    k: element('K', ' × {potassiumShare}'),
  },
};

const burns = (part: string) => [`{rate} burns: ${part} bear {most}.`, 'Use {5 g/L}.'] as const;

export const epsomWords: ToolWords<typeof epsom> = {
  of: 'epsom',
  name: 'Epsom salts',
  plain: 'Magnesium for a lack that the oldest leaves show between their veins; for nothing else.',
  fields: {
    ready: 'Ready mix wanted',
    rate: 'Rate',
    way: { label: 'Goes', options: { leaf: 'on leaves', soil: 'on soil' } },
    purpose: {
      label: 'For',
      options: { lack: 'magnesium lack', 'fruit-end-rot': 'fruit-end rot', 'just-in-case': 'just in case' },
    },
  },
  results: { epsom: 'Epsom salts', magnesium: 'Magnesium' },
  says: {
    'worsens-rot': ['Magnesium competes with calcium: Epsom salts can make fruit-end rot worse.', 'Water evenly.'],
    'burns-leaf': burns('leaves'),
    'burns-soil': burns('roots'),
    lukewarm: 'Fill in {water} of lukewarm water',
    'stir-in': 'Stir in {epsom} until it is clear',
    'only-salt': ['Where magnesium is not lacking it only adds salt.', 'Test the soil first.'],
    'dull-hours': 'Dull hours, on leaves that are not thirsty; twice, two weeks apart.',
    honest: 'It greens a true magnesium lack; on tomatoes without one it does nothing.',
  },
  working: {
    epsom: ['Epsom salts', '{ready} × {rate}', '{amount}'],
    magnesium: ['Magnesium', '{rate} × {share} %', '{magnesium}'],
  },
};

export const seedMixWords: ToolWords<typeof seedMix> = {
  of: 'seed-mix',
  name: 'Castings in a seed mix',
  plain: 'Worm castings by volume: 2–4 %, or none.',
  fields: { mix: 'Seed mix', share: 'Castings' },
  results: { castings: 'Castings', rest: 'Sterile mix' },
  says: {
    'too-rich': ['{share} % castings is too rich and too wet for seedlings.', 'Use 2–4 %.'],
    sieve: 'Sieve the castings',
    'mix-dry': 'Mix them in dry, then damp all of it',
    stand: 'Let it stand a day before sowing',
    mould: ['Above 4 % mould and gnats are likelier.', '2–4 % is enough.'],
    'no-granules': 'No raw granular feeds in seed mix: they mould.',
  },
  working: { castings: ['Castings', '{mix} × {share} ÷ 100', '{castings}'] },
};
