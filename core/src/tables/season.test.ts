import fc from 'fast-check';
import { climates } from './common';
import { inSeason, northernMonth, seasonsTell } from './season';

const month = fc.integer({ min: 1, max: 12 });
const season = fc
  .tuple(month, fc.integer({ min: 3, max: 6 }))
  .map(([from, length]) => Array.from({ length }, (_, at) => ((from + at - 1) % 12) + 1));

describe('seasons', () => {
  test('July in the south is January in the north, and twice six months is a year', () => {
    expect(northernMonth(7, -37)).toBe(1);
    expect(northernMonth(12, -37)).toBe(6);
    expect(northernMonth(7, 52)).toBe(7);
    fc.assert(fc.property(month, (at) => expect(northernMonth(northernMonth(at, -1), -1)).toBe(at)));
  });

  test('short summers lie within the mild season, and that within the long one, by a month at each end', () => {
    fc.assert(
      fc.property(season, (months) => {
        const open = (climate: (typeof climates)[number]) =>
          Array.from({ length: 12 }, (_, at) => at + 1).filter((at) => inSeason(months, at, climate));
        const [cool, mild, warm] = [open('cool'), open('temperate'), open('warm')];
        expect(mild).toHaveLength(months.length);
        expect(cool).toHaveLength(months.length - 2);
        expect(warm).toHaveLength(months.length + 2);
        expect(mild).toEqual(expect.arrayContaining(cool));
        expect(warm).toEqual(expect.arrayContaining(mild));
      }),
    );
  });

  test('near the equator the calendar says nothing, unless the gardener knows better', () => {
    expect(seasonsTell(5)).toBe(false);
    expect(seasonsTell(-34)).toBe(true);
    expect(seasonsTell(5, 'cool')).toBe(true);
    expect(seasonsTell(52, 'tropical')).toBe(false);
  });
});
