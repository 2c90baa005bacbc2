/**
 * The part that a concept plays in a line, beside naming a sign: what is the colour of what, which place a clause is
 * about, and where the signs of a place may stand.
 */
import type { ConceptRole, Where } from '@trowel/core/tables';

const leafy: readonly Where[] = [
  'leaves',
  'leaf-edge',
  'leaf-underside',
  'veins',
  'oldest-leaves',
  'newest-leaves',
  'growing-tip',
];
const below: readonly Where[] = ['roots', 'inside-soil', 'soil-surface'];
const woody: readonly Where[] = ['stem', 'bark', 'growing-tip', 'leaf-underside'];

export const roles: Readonly<Record<string, ConceptRole>> = {
  // Places.
  leaf: { places: leafy },
  under: { places: [...leafy, 'fruit', 'stem', 'lawn', ...below], subject: 'changes' },
  tip: { places: [...leafy, 'flower', 'stem', 'lawn'] },
  edge: { places: [...leafy, 'lawn', 'flower', 'fruit'] },
  veins: { places: leafy },
  fern: { places: leafy, usualOn: ['fern'] },
  stem: { places: woody, subject: 'changes' },
  joint: { places: woody },
  bark: { places: ['bark', 'stem'], subject: 'stays' },
  fruit: { places: ['fruit'], subject: 'stays' },
  pod: { places: ['fruit'] },
  'flower-end': { places: ['fruit'], subject: 'changes' },
  'apple-fruit': {
    places: ['fruit', 'leaves', 'bark', 'stem', 'flower'],
    subject: 'stays',
    usualOn: ['apple', 'pear'],
  },
  flower: { places: ['flower', 'growing-tip'], subject: 'changes' },
  root: { places: below, subject: 'changes', usualOn: ['root-crop'] },
  bulb: { places: below, subject: 'stays', usualOn: ['bulb', 'allium'] },
  tuber: { places: below, subject: 'stays', usualOn: ['potato'] },
  soil: { places: [...below, 'around', 'stem', 'water'], subject: 'changes' },
  compost: { places: [...below, 'around'] },
  lawn: { places: ['lawn', 'soil-surface', 'inside-soil', 'around'], subject: 'stays', usualOn: ['lawn'] },
  old: { subject: 'stays' },
  new: { subject: 'stays' },
  middle: { subject: 'changes' },
  seedling: { subject: 'stays', usualOn: ['seedling'] },
  pot: { subject: 'changes', usualOn: ['indoors', 'pot'] },
  'all-over': { subject: 'changes' },
  'while-wet': { subject: 'changes' },
  'while-dry': { subject: 'changes' },

  // Colours: a tint sharpens a mark, a colour is one.
  red: { is: 'tint' },
  white: { is: 'tint' },
  grey: { is: 'tint' },
  black: { is: 'tint' },
  green: { is: 'tint' },
  yellow: { is: 'colour' },
  pale: { is: 'colour' },
  brown: { is: 'colour' },
  purple: { is: 'colour' },
  bronze: { is: 'colour' },
  orange: { is: 'colour' },
  silver: { is: 'colour', ofCreatures: true },
  rust: { is: 'colour' },

  // What lives, and what is said of it.
  powder: { ofCreatures: true },
  fuzz: { ofCreatures: true },
  sticky: { ofCreatures: true },
  aphid: { is: 'creature' },
  insect: { is: 'creature' },
  larva: { is: 'creature' },
  grub: { is: 'creature' },
  mite: { is: 'creature' },
  caterpillar: { is: 'creature' },
};
