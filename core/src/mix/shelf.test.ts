import type { RemedyRow } from '../tables';
import { levelIn, recipeShelf } from './shelf';

const row = (id: string, ...made: string[]): RemedyRow =>
  ({
    id,
    name: id,
    ...(made[0] === undefined
      ? {}
      : { recipe: { ingredient: made[0], also: made.slice(1).map((ingredient) => ({ ingredient })) } }),
  }) as unknown as RemedyRow;
const remedies = [row('wait'), row('soap', 'soap'), row('oil', 'oil', 'soap'), row('milk', 'milk')];
const ids = (rows: readonly RemedyRow[]) => rows.map(({ id }) => id);

describe('the shelf of recipes', () => {
  test('what was used last stands first, then what the cupboard holds whole, then the rest; each once', () => {
    const shelf = recipeShelf({ remedies }, ['milk', 'gone', 'wait'], ['soap', 'milk']);
    expect([shelf.last, shelf.atHand, shelf.rest].map(ids)).toEqual([['milk'], ['soap'], ['oil']]);
  });

  test('never more than seven stand first', () => {
    const many = Array.from({ length: 20 }, (_, at) => row(`r${at}`, 'soap'));
    const { last, atHand, rest } = recipeShelf({ remedies: many }, ids(many), ['soap']);
    expect([last.length, atHand.length, rest.length]).toEqual([3, 4, 13]);
  });
});

describe('how full it is drawn', () => {
  test('of its pack, where that is known', () => expect(levelIn(250, 1000)).toBe(0.25));
  test('of the smallest usual pack it fits in, where it is not, or holds more', () => {
    expect(levelIn(200, null)).toBe(0.8);
    expect(levelIn(300, 250)).toBe(0.6);
    expect(levelIn(60_000, null)).toBe(1);
  });
  test('nothing measured, no level; none left, an empty one', () => {
    expect(levelIn(null, 500)).toBeUndefined();
    expect(levelIn(0, 500)).toBe(0);
  });
});
