import type { Chance } from '../chance';
import type { Picture } from './leaf';

// Taken once: these are asked for at every pixel.
const { hypot, atan2, cos, sin, abs, exp, floor, PI } = Math;

/** Leaves drawn by us, whose spotted share is known: the test of what measures them. */

export interface DrawnLeaf {
  readonly picture: Picture;
  /** Spotted part of the leaf's area, counted before light, blur and noise. */
  readonly share: number;
}

type Colour = readonly [number, number, number];
const greens: readonly Colour[] = [
  [70, 120, 52],
  [92, 142, 66],
  [48, 92, 44],
  [112, 150, 84],
  [86, 118, 58],
];
const powder: Colour = [214, 214, 206];
/** Brown, rusty, yellow, powdery, black. */
const spots: readonly Colour[] = [[112, 76, 46], [168, 96, 44], [206, 188, 84], powder, [44, 40, 36]];
const grounds: readonly Colour[] = [
  [236, 236, 232],
  [244, 238, 224],
  [206, 210, 216],
  [120, 150, 196],
];

/** A leaf of a random shape, green, share of spots, light, shadow, blur and noise. */
export function drawLeaf({ uniform, upTo }: Chance, width = 320, height = 240): DrawnLeaf {
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
  // Light falls off to one side; a shadow with a soft edge lies over a part.
  const [falls, towards, shadowAt, shadow] = [between(0, 0.45), between(0, 2 * PI), between(0, 1), between(0.45, 1)];
  const isAcross = uniform() < 0.5;
  for (let at = 0; at < size; at++) {
    const [x, y] = [(at % width) / width, floor(at / width) / height];
    const side = (x - 0.5) * cos(towards) + (y - 0.5) * sin(towards);
    const edge = 1 / (1 + exp(-((isAcross ? x : y) - shadowAt) * 25));
    const light = (1 - falls * (side + 0.5)) * (shadow + (1 - shadow) * edge);
    for (let part = 0; part < 3; part++) colours[at * 3 + part] = (colours[at * 3 + part] ?? 0) * light;
  }
  const blurred = blur(colours, width, height, upTo(2));
  const grain = between(0, 6);
  const data = new Uint8ClampedArray(size * 4);
  for (let at = 0; at < size; at++) {
    for (let part = 0; part < 3; part++)
      data[at * 4 + part] = (blurred[at * 3 + part] ?? 0) + (uniform() + uniform() - 1) * grain;
    data[at * 4 + 3] = 255;
  }
  return { picture: { width, height, data }, share: area === 0 ? 0 : hit / area };
}

/** Each pixel the mean of those around it, `reach` to each side. */
function blur(colours: Float32Array, width: number, height: number, reach: number): Float32Array {
  if (reach === 0) return colours;
  const out = new Float32Array(colours.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let part = 0; part < 3; part++) {
        let [sum, count] = [0, 0];
        for (let dy = -reach; dy <= reach; dy++)
          for (let dx = -reach; dx <= reach; dx++) {
            const [nx, ny] = [x + dx, y + dy];
            if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue;
            sum += colours[(ny * width + nx) * 3 + part] ?? 0;
            count += 1;
          }
        out[(y * width + x) * 3 + part] = sum / count;
      }
  return out;
}
