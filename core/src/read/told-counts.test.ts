import type { AmountKind } from '../tables';
import { amountTold } from './told-counts';

describe('counts as a line tells them', () => {
  test.each<[string, AmountKind, number | undefined]>([
    ['I cut a square and found one grub', 'count', 1],
    ['dug up a dozen of them', 'count', 12],
    ['nine white grubs in a square foot', 'count', 9],
    ['six or seven a plant', 'per-leaf', 6],
    ['about 12 aphids a leaf', 'per-leaf', 12],
    ['I counted nine on one leaf', 'per-leaf', 9],
    ['forty ants a minute go up', 'per-minute', 40],
    ['two of five leaves are spotted', 'share-of-leaves', 40],
    ['one in four', 'share-of-leaves', 25],
    ['half of the leaves by now', 'share-of-leaves', 50],
    ['30 % of the foliage', 'share-of-leaves', 30],
    ['two thirds of the leaves', 'share-of-leaves', 67],
    ['since two weeks', 'count', undefined],
    ['the night went down to 3 C', 'count', undefined],
    ['2 cm long', 'count', undefined],
    ['a grub', 'count', undefined],
    ['three of the leaves', 'share-of-leaves', undefined],
    ['twelve of them', 'none', undefined],
  ])('%s (%s): %s', (text, kind, amount) => {
    expect(amountTold(text, kind)).toBe(amount);
  });
});
