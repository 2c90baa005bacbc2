import type { dilute, peroxide, strengthChange } from '../../mix/bench/dilution';
import type { ToolWords } from './words';

const oneTo = ['One part to', '{value} parts of water'] as const;

export const diluteWords: ToolWords<typeof dilute> = {
  of: 'dilute',
  name: 'Thin a stock',
  plain: 'One part stock to so many of water, once or twice over.',
  fields: {
    ready: 'Ready mix wanted',
    parts: 'Water to one part of stock',
    again: { label: 'Thinned again, to', hint: 'Only where the recipe has two steps.' },
  },
  results: {
    stock: 'Stock',
    water: 'Water',
    'one-to': oneTo,
    between: 'First mix',
    'water-in-all': 'Water in all',
  },
  says: {
    'pour-stock': 'Pour in {stock} of stock',
    'fill-up': 'Fill up with {water} of water',
    stir: 'Stir',
    'to-is-not-in': '“1 to {parts}” is not “1 in {parts}”: that would be {unlike} of stock.',
    'measure-stock': 'Measure {stock} of stock',
    'first-mix': 'Fill up with {water} of water: the first mix, {between}',
    'second-mix': 'Pour all of it into {water} of water',
  },
  working: {
    stock: ['Stock', '{ready} ÷ ({parts} + 1)', '{stock}'],
    between: ['First mix needed', '{ready} ÷ ({again} + 1)', '{between}'],
    'stock-in-it': ['Stock in it', '{between} ÷ ({parts} + 1)', '{stock}'],
    'in-all': ['In all', '({parts} + 1) × ({again} + 1) − 1', '1 to {both}'],
  },
};

export const strengthWords: ToolWords<typeof strengthChange> = {
  of: 'strength',
  name: 'Change a strength',
  plain: 'From what the bottle says to what is wanted, both in the same unit.',
  fields: {
    ready: 'Ready mix wanted',
    has: 'The bottle holds',
    wanted: 'Wanted',
    unit: { label: 'Both in', options: { percent: 'per cent', 'g/L': 'g/L', 'mg/L': 'mg/L (ppm)' } },
  },
  results: { stock: 'Stock', water: 'Water', 'one-to': oneTo },
  says: {
    'only-weakens': [
      'A bottle of {has} cannot give {wanted}: water only weakens.',
      'Find a stronger bottle, or make less of it weaker.',
    ],
    'water-first': 'Fill in {water} of water',
    'add-stock': 'Add {stock} from the bottle',
    stir: 'Stir',
  },
  working: { stock: ['Stock (C₁V₁ = C₂V₂)', '{ready} × {wanted} ÷ {has}', '{stock}'] },
};

const tooStrong = (why: string) => [`{strength} % is too strong here: ${why}.`, 'Use {usual} %.'] as const;

export const peroxideWords: ToolWords<typeof peroxide> = {
  of: 'peroxide',
  name: 'Peroxide by its bottle',
  plain: 'From the strength on the label. A tired bottle is replaced, never made up for by more.',
  fields: {
    ready: 'Ready mix wanted',
    use: {
      label: 'For',
      options: {
        leaf: 'Leaves',
        'leaf-tested': 'Leaves that bore a test',
        root: 'Roots, grown plants',
        seedling: 'Seedlings',
        seed: 'Seed, 15–30 minutes',
        pot: 'Empty pots',
        tool: 'Tools',
      },
    },
    bottle: 'The label says',
    wanted: { label: 'Wanted', hint: 'Left empty: the usual for this use.' },
    fizz: {
      label: 'A drop on cut potato',
      hint: 'Potato splits peroxide: no fizz, no peroxide.',
      options: { strong: 'fizzes at once', weak: 'hardly fizzes', untried: 'not tried' },
    },
  },
  results: {
    stock: 'Peroxide',
    water: 'Water',
    'one-to': oneTo,
    strength: ['Ready strength at the label', '{value} %'],
  },
  says: {
    'bottle-too-strong': [
      '{bottle} % peroxide burns skin and eyes and feeds fires; in many places it is not sold to the public.',
      'Buy a 3 % bottle.',
    ],
    'too-strong-leaf': tooStrong('leaves bear 0.3 %; 0.5 % only after a test leaf'),
    'too-strong-leaf-tested': tooStrong('even tested leaves burn above 0.5 %'),
    'too-strong-root': tooStrong('roots bear 0.3 %; growers’ 1 % kills root hairs'),
    'too-strong-seedling': tooStrong('seedlings bear 0.1 %'),
    'too-strong-seed': tooStrong('seed is soaked at 0.06 %, at most 0.3 %'),
    'too-strong-pot': tooStrong('nothing stronger than 3 % is needed'),
    'too-strong-tool': tooStrong('nothing stronger than 3 % is needed'),
    'bottle-too-weak': [
      'A {bottle} % bottle cannot give {strength} %.',
      'Use the bottle as it is, or a fresh 3 % one.',
    ],
    'water-first': 'Fill in {water} of water',
    'add-peroxide': 'Add {stock} of peroxide',
    'use-at-once': 'Use it within the hour; pour nothing back into the bottle',
    'burns-skin': '6–12 % whitens and burns skin: gloves and goggles until it is thinned.',
    'bottle-spent': [
      'This bottle is spent. More of it is a guess that can burn.',
      'Open a fresh bottle; the amount stays as it is.',
    ],
    'try-potato': 'An opened bottle weakens within months. Try a drop on cut potato before you rely on it.',
    'kills-soil-life':
      'It kills soil life and helpers too: a week either way from living products. Never in one vessel with vinegar or bleach.',
    'honest-root': 'Against gnats and root rot growers report help; trials are few and doubtful.',
    'honest-leaf': 'Mixed on mildew, doubtful on insects; it holds for minutes.',
    'honest-cleaning': 'It cleans what it wets; virus on tools needs bleach 1 to 9 or skim milk.',
  },
  working: { peroxide: ['Peroxide (C₁V₁ = C₂V₂)', '{ready} × {strength} ÷ {bottle}', '{stock}'] },
};
