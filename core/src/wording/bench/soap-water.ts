import type { soapShake, soapWater } from '../../mix/bench/soap-water';
import type { ToolWords } from './words';

export const soapWaterWords: ToolWords<typeof soapWater> = {
  of: 'soap-water',
  name: 'Soap in your water',
  plain: 'How much of the soap hard water takes, and what is left to work.',
  fields: {
    ready: 'Ready mix wanted',
    strength: 'Strength',
    content: { label: 'Soap in the liquid', hint: 'Castile about 35–40; home-made less.' },
    hardness: 'Hardness of the water',
  },
  results: {
    soap: 'Soap',
    put: 'Soap put in',
    'bound-least': 'Taken by the water, at least',
    'bound-most': 'Taken by the water, at most',
    free: 'Left to work, at least',
    'lost-most': ['Lost, at most', '{value} %'],
    extra: 'More soap for the same effect, at most',
  },
  says: {
    'too-much-soap': [
      '{strength} % of a {content} % soap is {put} of soap; leaves bear {most}.',
      'With this soap use at most {allowed} %.',
    ],
    'water-first': 'Fill in {water} of water first',
    'add-soap': 'Add {soap} of soap',
    swirl: 'Swirl, do not shake',
    'takes-all': ['This water can take all of the soap.', 'Use rain water: more soap only makes more scum.'],
    'rain-takes-none': 'Rain water takes none of it.',
    honest: 'The bound is chemistry and an upper one; half to all of it is lost in practice.',
  },
  working: {
    put: ['Put in', '{dose} of a liquid that is {perMl} soap by weight over volume', '{put}'],
    bound: ['Bound, at most', '2 × {hardness} ÷ 100.09 × 320.55 (lime and soap, by molar mass)', '{bound}'],
    free: ['Left, at least', '{put} − {bound}, never below nothing', '{free}'],
  },
};

const is = (name: string) =>
  `That is ${name} water. The water works’ own figure is better; this is good to a half either way.`;

export const soapShakeWords: ToolWords<typeof soapShake> = {
  of: 'soap-shake',
  name: 'How hard is this water?',
  plain: 'Drops of liquid soap until a shaken jar keeps its foam for five minutes, beside the same with rain water.',
  fields: {
    drops: 'Drops in your water',
    blank: 'Drops in rain water',
    sample: 'Water in the jar',
    content: 'Soap in the liquid',
    perSpoon: { label: 'Drops in a teaspoon', hint: 'About a hundred from most droppers.' },
  },
  results: {
    hardness: 'Hardness, about',
    low: 'From',
    high: 'To',
    degrees: ['German degrees', '{value} °dH'],
    calcium: 'Calcium it brings',
  },
  says: {
    'two-jars': 'Put the water in a jar with a lid, and as much rain water in another',
    'drop-by-drop': 'One drop of soap, shake, wait; go on until the foam stays for five minutes',
    'write-down': 'Write down the drops of each',
    'is-soft': is('soft'),
    'is-middling': is('middling'),
    'is-hard': is('hard'),
    'is-very-hard': is('very hard'),
    honest: 'A kitchen estimate. Drops differ, and soaps differ.',
  },
  working: {
    taken: ['Soap taken', '({drops} − {blank}) ÷ {perSpoon} teaspoons × {content} % ÷ {sample}', '{taken}'],
    hardness: ['Hardness', '{taken} ÷ 6.405, the soap that lime binds by weight', '{hardness}'],
  },
};
