import type { Chance } from '../chance';
import { lit, type Colour } from './drawn-light';
import type { SickLook } from './looks';
import type { Picture } from './leaf';

// Taken once: these are asked for at every pixel.
const { hypot, atan2, cos, sin, abs, PI } = Math;

/** Leaves drawn by us, whose spotted share is known: the test of what measures them. */

export interface DrawnLeaf {
  readonly picture: Picture;
  /** Spotted part of the leaf's area, counted before light, blur and noise. */
  readonly share: number;
  /** What its spots look like. */
  readonly look: SickLook;
}

const greens: readonly Colour[] = [
  [70, 120, 52],
  [92, 142, 66],
  [48, 92, 44],
  [112, 150, 84],
  [86, 118, 58],
];
const powder: Colour = [214, 214, 206];
/** Brown, rusty, yellow, powdery, black. */
const yellow: Colour = [206, 188, 84];
const spots: readonly Colour[] = [[112, 76, 46], [168, 96, 44], yellow, powder, [44, 40, 36]];
const grounds: readonly Colour[] = [
  [236, 236, 232],
  [244, 238, 224],
  [206, 210, 216],
  [120, 150, 196],
];

/** A leaf of a random shape, green, share of spots, light, shadow, blur and noise. */
export function drawLeaf(chance: Chance, width = 320, height = 240): DrawnLeaf {
  const { uniform, upTo } = chance;
  const pick = <T>(from: readonly T[]): T => from[upTo(from.length - 1)] as T;
  const between = (low: number, high: number) => low + uniform() * (high - low);
  const [green, kind, paper] = [pick(greens), pick(spots), pick(grounds)];
  // Powder is a veil, through which some of the green is seen.
  const veil = kind === powder ? between(0.5, 0.8) : 1;
  const spot = kind.map((part, at) => part * veil + (green[at] ?? 0) * (1 - veil));
  const turn = between(0, PI);
  const [long, broad] = [between(0.32, 0.42) * height, between(0.2, 0.32) * height];
  const [lobes, depth] = [3 + upTo(4), between(0, 0.14)];
  const radiusAt = (angle: number) => (1 + depth * cos(lobes * angle)) / hypot(cos(angle) / long, sin(angle) / broad);
  const discs = Array.from({ length: upTo(14) }, () => ({
    x: width / 2 + between(-long, long),
    y: height / 2 + between(-long, long),
    radius: between(4, 22),
  }));
  const size = width * height;
  const colours = new Float32Array(size * 3);
  let [area, hit] = [0, 0];
  const veins = between(4, 9);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x - width / 2, y - height / 2];
      const angle = atan2(dy, dx) - turn;
      const isLeaf = hypot(dx, dy) < radiusAt(angle);
      const isSpot = isLeaf && discs.some((disc) => hypot(x - disc.x, y - disc.y) < disc.radius);
      if (isLeaf) area += 1;
      if (isSpot) hit += 1;
      // Veins are paler, and no leaf is one green.
      const vein = abs(sin((dx * cos(turn) + dy * sin(turn)) / veins)) < 0.08 ? 1.12 : 1;
      const colour = isSpot ? spot : isLeaf ? green.map((part) => part * vein) : paper;
      for (let part = 0; part < 3; part++) colours[(y * width + x) * 3 + part] = colour[part] ?? 0;
    }
  const look = kind === powder ? 'powder' : kind === yellow ? 'pale' : 'spots';
  return { picture: lit(colours, width, height, chance), share: area === 0 ? 0 : hit / area, look };
}
