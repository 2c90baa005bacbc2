import { seeded } from '../chance';
import { sickLooks } from './looks';
import { drawLeaf } from './drawn-leaves';
import { ground, measureLeaf, sound, spotted, type MeasuredLeaf, type Picture } from './leaf';

const [width, height] = [320, 240];
const measured = (picture: Picture, level?: number): MeasuredLeaf => {
  const found = measureLeaf(picture, level);
  if (found.kind === 'cannot') throw new Error(found.because);
  return found;
};
/** One colour for each pixel. */
function painted(colour: (x: number, y: number) => readonly [number, number, number]): Picture {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let at = 0; at < width * height; at++) data.set([...colour(at % width, Math.floor(at / width)), 255], at * 4);
  return { width, height, data };
}
const paper = [236, 236, 232] as const;
const green = [80, 130, 60] as const;
const isIn = (x: number, y: number, radius: number, dx = 0) => Math.hypot(x - width / 2 - dx, y - height / 2) < radius;

describe('how much of a leaf is spotted', () => {
  // Light falls off, shadows lie over them, they are blurred and grainy.
  const chance = seeded(8);
  const leaves = Array.from({ length: 100 }, () => {
    const { picture, share, look } = drawLeaf(chance, width, height);
    return { share, look, found: measured(picture) };
  });

  test('of 100 leaves drawn with known area 95 are within 5 points (seed 8)', () => {
    const near = leaves.filter(({ share, found }) => Math.abs(found.share - share) <= 0.05);
    expect(near.length).toBeGreaterThanOrEqual(95);
    // What is said of its error is meant: nine in ten lie within it.
    const within = leaves.filter(({ share, found }) => found.low <= share && share <= found.high);
    expect(within.length).toBeGreaterThanOrEqual(90);
  });

  test('brown, yellow and powdery are told apart on 95 in 100 of those of which a twentieth or more is sick', () => {
    const sick = leaves.filter(({ share }) => share >= 0.05);
    const right = sick.filter(({ look, found: { looks } }) => sickLooks.every((other) => looks[other] <= looks[look]));
    expect(right.length / sick.length).toBeGreaterThanOrEqual(0.95);
    for (const { found } of leaves)
      expect(sickLooks.reduce((sum, look) => sum + found.looks[look], 0)).toBeCloseTo(found.share, 6);
  });

  test('a sound leaf has nothing spotted, a brown one everything, and each pixel says what it is', () => {
    const whole = measured(painted((x, y) => (isIn(x, y, 60) ? green : paper)));
    expect(whole.share).toBe(0);
    expect(new Set(whole.mask)).toEqual(new Set([ground, sound]));
    const brown = measured(painted((x, y) => (isIn(x, y, 60) ? [112, 76, 46] : paper)));
    expect(brown.share).toBe(1);
    expect(new Set(brown.mask)).toEqual(new Set([ground, spotted]));
  });

  test('a hole as white as the paper, and a black spot at the rim, belong to the leaf', () => {
    const eaten = painted((x, y) => (isIn(x, y, 20) ? paper : isIn(x, y, 60) ? green : paper));
    expect(measured(eaten).share).toBeCloseTo(20 ** 2 / 57 ** 2, 1);
    const black = painted((x, y) => (!isIn(x, y, 60) ? paper : isIn(x, y, 18, 52) ? [30, 28, 26] : green));
    expect(measured(black).share).toBeGreaterThan(0.05);
  });

  test('the further the line is moved, the more counts as spotted', () => {
    const { picture } = drawLeaf(seeded(3), width, height);
    const shares = [0, 0.2, 0.4, 0.6, 0.8, 1].map((level) => measured(picture, level).share);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares[5]).toBeGreaterThan(shares[0] ?? 1);
  });

  test('why it cannot be told is said, and nothing is made up', () => {
    const because = (picture: Picture) => {
      const found = measureLeaf(picture);
      return found.kind === 'cannot' ? found.because : found.share;
    };
    expect(because(painted(() => paper))).toBe('no-leaf');
    expect(because(painted((x, y) => (isIn(x, y, 12) ? green : paper)))).toBe('no-leaf');
    expect(because(painted((x) => (x < width / 4 ? green : paper)))).toBe('cut-off');
    expect(because(painted((x, y) => (((x >> 3) + (y >> 3)) % 2 === 0 ? [180, 60, 40] : [60, 90, 180])))).toBe(
      'not-plain',
    );
    expect(because({ width: 20, height: 20, data: new Uint8ClampedArray(1600) })).toBe('too-small');
    expect(() => measureLeaf({ width: 50, height: 50, data: new Uint8ClampedArray(9) })).toThrow(/50 × 50/);
  });
});
