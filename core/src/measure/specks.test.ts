import { seeded } from '../chance';
import { drawCard } from './drawn-cards';
import type { Picture } from './leaf';
import { countSpecks, type CountedSpecks } from './specks';

const counted = (picture: Picture, level?: number): CountedSpecks => {
  const found = countSpecks(picture, level);
  if (found.kind === 'cannot') throw new Error(found.because);
  return found;
};
/** One colour for each pixel. */
function painted(width: number, height: number, colour: (x: number, y: number) => number): Picture {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let at = 0; at < width * height; at++) {
    const one = colour(at % width, Math.floor(at / width));
    data.set([one, one, one, 255], at * 4);
  }
  return { width, height, data };
}

describe('specks on a card', () => {
  test('60 cards drawn with known numbers, under uneven light, shadow, blur and grain: 57 within 2 or a tenth (seed 12)', () => {
    const chance = seeded(12);
    const cards = Array.from({ length: 60 }, () => {
      const { picture, count } = drawCard(chance, 320, 240);
      return { count, found: counted(picture) };
    });
    const near = cards.filter(({ count, found }) => Math.abs(found.count - count) <= Math.max(2, count / 10));
    expect(near.length).toBeGreaterThanOrEqual(57);
    // What is said of its error is meant.
    const within = cards.filter(({ count, found }) => found.low <= count && count <= found.high);
    expect(within.length).toBeGreaterThanOrEqual(54);
  });

  test('squares apart are counted one by one; two that touch are two; a line across the card is none', () => {
    const at = (x: number, y: number, left: number, top: number) =>
      x >= left && x < left + 5 && y >= top && y < top + 5;
    const squares = [10, 40, 70, 100].flatMap((left) => [20, 60].map((top) => [left, top] as const));
    const is = (x: number, y: number) =>
      squares.some(([left, top]) => at(x, y, left, top)) || at(x, y, 45, 60) || y === 90;
    expect(counted(painted(160, 120, (x, y) => (is(x, y) ? 40 : 230))).count).toBe(9);
  });

  test('an empty card has none, also where light falls off; the further the line is moved, the more is speck', () => {
    expect(counted(painted(160, 120, (x) => 120 + x / 2)).count).toBe(0);
    const { picture } = drawCard(seeded(3), 320, 240);
    const covered = [0, 0.25, 0.5].map((level) => counted(picture, level).mask.reduce((sum, one) => sum + one, 0));
    expect([...covered].sort((a, b) => a - b)).toEqual(covered);
  });

  test('what cannot be counted is said', () => {
    expect(countSpecks(painted(30, 30, () => 200))).toEqual({ kind: 'cannot', because: 'too-small' });
    expect(countSpecks(painted(160, 120, (x, y) => (((x >> 1) + (y >> 1)) % 2 ? 30 : 220)))).toEqual({
      kind: 'cannot',
      because: 'not-plain',
    });
    expect(() => countSpecks({ width: 80, height: 80, data: new Uint8ClampedArray(4) })).toThrow(/80 × 80/);
  });
});
