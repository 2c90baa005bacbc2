import type { calciumMagnesium, shellExtract } from '../../mix/bench/extraction';
import type { ToolWords } from './words';

const inDays = '{value:day|days}';

export const shellWords: ToolWords<typeof shellExtract> = {
  of: 'shell-extract',
  name: 'Shells in vinegar',
  plain: 'What dissolves, what runs out, how much it foams, and how much calcium the watering can gets.',
  fields: {
    shell: { label: 'Dry shell', hint: 'One egg’s shell is {5–6 g}; “9 eggs” is understood.' },
    vinegar: 'Vinegar',
    acid: 'Acid in the vinegar',
    grain: { label: 'Shell is', options: { powder: 'powder', crushed: 'crushed', pieces: 'in pieces' } },
    days: 'It has stood',
    parts: 'Thinned, 1 part to',
    hardness: 'Hardness of the water',
  },
  results: {
    'runs-out': 'Runs out first',
    calcium: 'Calcium in the extract, when done',
    'shell-left': 'Shell left over',
    'shell-used': 'Shell dissolved',
    'acid-left': ['Acid left', '{value} %'],
    gas: 'Gas given off',
    jar: 'Jar, with room for foam',
    ready: ['Fizz ends after about', inDays],
    'so-far': ['Dissolved by now, about', '{value} %'],
    ppm: 'Calcium, thinned so',
    'ppm-1000': 'at 1 to 1000',
    'ppm-500': 'at 1 to 500',
    'ppm-250': 'at 1 to 250',
    tap: 'The water itself brings',
    'litre-plant': 'With {4 L} to a plant each week',
  },
  is: { 'the-vinegar': 'the vinegar', 'the-shell': 'the shell' },
  says: {
    'acid-injures': ['{acid} % acid injures eyes and skin.', 'Use kitchen vinegar of 5 %.'],
    'acid-too-strong': ['{acid} % acid is stronger than a recipe here may use.', 'Use kitchen vinegar of 5 or 6 %.'],
    rinse: 'Rinse and dry the shells; toast at {200 °C} at most, then crush',
    jar: 'Put them in a jar of {jar} or more',
    'pour-slowly': 'Pour the vinegar on slowly, in four goes: it foams',
    'loose-lid': 'Cloth or loose lid: the gas must get out',
    strain: 'Stir daily; when nothing fizzes, strain, label, keep cold and dark',
    'never-tight': ['Never close the jar tight: it gives off gas and bursts.', 'A cloth and a rubber band.'],
    'hot-shells': 'Glass and hot shells: let them cool. Never roast to white powder; that is quicklime and burns.',
    keeps: 'Keeps 3–6 months in the cold; throw it out with film or bad smell.',
    'tap-brings-more': 'Your water alone brings {tap}; this adds {adds}.',
    honest:
      'The chemistry is sure. As a cure it is not: thinned like this it is 1–5 % of what trials sprayed, and at 1 to 1000 no effect on fruit-end rot is to be expected. Even watering is what helps.',
  },
  working: {
    acid: ['Acid', '{vinegar} × {acid} % ÷ {molar}', '{mol} mol'],
    shell: ['Shell', '{shell} × {purity} ÷ {molar}', '{mol} mol'],
    dissolved: ['Dissolved', 'the less of {shellMol} and {acidMol} ÷ 2', '{mol} mol'],
    calcium: ['Calcium', '{mol} mol × {molar} in {vinegar}', '{calcium}'],
    gas: ['Gas', '{mol} mol, each {24.06 L} as a gas', '{gas}'],
    thinned: ['Thinned', '{calcium} ÷ ({parts} + 1)', '{ppm}'],
    tap: ['From the water', '{hardness} × {share}', '{tap}'],
    eggs: ['Eggs', '{shell} ÷ {one}', '{eggs:shell|shells}'],
  },
  curve: { across: 'days', up: '% dissolved (estimate)' },
};

export const calciumMagnesiumWords: ToolWords<typeof calciumMagnesium> = {
  of: 'calcium-magnesium',
  name: 'Calcium and magnesium feed',
  plain: 'Shell extract and Epsom salts, each thinned first: as stocks they drop gypsum.',
  fields: {
    ready: 'Ready feed wanted',
    extract: 'Calcium in the extract',
    parts: 'Extract, 1 part to',
    epsom: 'Epsom salts in the ready feed',
    purpose: {
      label: 'For',
      options: {
        feeding: 'magnesium lack shown by the old leaves',
        'fruit-end-rot': 'fruit-end rot',
        other: 'something else',
      },
    },
  },
  results: {
    stock: 'Shell extract',
    epsom: 'Epsom salts',
    calcium: 'Calcium',
    magnesium: 'Magnesium',
    ratio: 'Calcium to one of magnesium',
  },
  says: {
    'worsens-rot': [
      'Magnesium competes with calcium: this feed can make fruit-end rot worse.',
      'Water evenly, and go easy on feed.',
    ],
    gypsum: [
      'At {calcium} calcium and {epsom} Epsom salts gypsum falls out.',
      'Thin the extract further before the Epsom salts go in.',
    ],
    thin: 'Thin the extract in half the water ({water})',
    dissolve: 'Dissolve the Epsom salts in the other half',
    together: 'Pour the two together and use it the same day',
    'more-magnesium': [
      'More magnesium than calcium: it competes with calcium and potassium.',
      'Halve the Epsom salts.',
    ],
    'only-for-lack': 'Only for a lack that the old leaves show between their veins. Never for fruit-end rot.',
    honest: 'Where neither is lacking it does nothing.',
  },
  working: {
    extract: ['Extract', '{ready} ÷ ({parts} + 1)', '{stock}'],
    calcium: ['Calcium', '{ca} ÷ ({parts} + 1)', '{calcium}'],
    magnesium: ['Magnesium', '{epsom} × {share} %', '{magnesium}'],
    gypsum: ['Calcium × sulphate', '{calcium} × {sulphate} µmol', '{product} millionths, gypsum from {limit}'],
  },
};
