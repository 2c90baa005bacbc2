import fc from 'fast-check';
import type { CauseRow, SignRow, Tables } from '../tables';
import { decidingLinks } from './look-alikes';

const signs = ['shared', 'mine', 'yours', 'rare'].map((id) => ({ id, background: 0.02 }) as SignRow);
const cause = (id: string, strengths: Readonly<Record<string, number>>, from: readonly string[] = []): CauseRow =>
  ({
    id,
    signs: Object.entries(strengths).map(([sign, strength]) => ({ sign, strength, why: 'it shows' })),
    causes: from.map((of) => ({ from: of, odds: 5, why: 'it feeds it' })),
  }) as unknown as CauseRow;
const decided = (...causes: CauseRow[]) =>
  decidingLinks({ causes, signs } as unknown as Tables).map((found) => [found.cause.id, found.link.sign]);

describe('links that tell look-alikes apart', () => {
  const one = { shared: 0.9, mine: 0.8 };
  const other = { shared: 0.8, yours: 0.7 };

  test('what each shows and the other does not', () =>
    expect(decided(cause('a', one), cause('b', other))).toEqual([
      ['a', 'mine'],
      ['b', 'yours'],
    ]));

  test('nothing in common: nobody takes one for the other', () =>
    expect(decided(cause('a', { mine: 0.9 }), cause('b', { yours: 0.9 }))).toEqual([]));

  test('where one feeds the other, both stand together', () =>
    expect(decided(cause('a', one), cause('b', other, ['a']))).toEqual([]));

  test('a sign that is seldom seen settles nothing', () =>
    expect(decided(cause('a', { shared: 0.9, rare: 0.3 }), cause('b', other))).toEqual([['b', 'yours']]));

  test('whichever comes first, the same links are found', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.dictionary(
            fc.constantFrom('shared', 'mine', 'yours', 'rare'),
            fc.double({ min: 0.05, max: 0.95, noNaN: true }),
            {
              minKeys: 1,
            },
          ),
          { minLength: 2, maxLength: 5 },
        ),
        (rows) => {
          const causes = rows.map((strengths, at) => cause(`c${at}`, strengths));
          const words = (found: string[][]) => found.map((pair) => pair.join(' ')).sort();
          expect(words(decided(...causes))).toEqual(words(decided(...[...causes].reverse())));
        },
      ),
    ));
});
