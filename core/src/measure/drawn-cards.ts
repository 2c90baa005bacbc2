import type { Chance } from '../chance';
import { lit, type Colour } from './drawn-light';
import type { Picture } from './leaf';

const { hypot, PI, cos, sin } = Math;

/** Cards drawn by us, with a known number of specks: the test of what counts them. */

export interface DrawnCard {
  readonly picture: Picture;
  readonly count: number;
}

/** Yellow, white and blue cards; dark flies on all, pale ones where they show. */
const cards: readonly { readonly card: Colour; readonly specks: readonly Colour[] }[] = [
  {
    card: [232, 206, 60],
    specks: [
      [40, 36, 30],
      [70, 60, 44],
      [244, 244, 238],
    ],
  },
  {
    card: [236, 236, 230],
    specks: [
      [40, 36, 30],
      [84, 70, 50],
    ],
  },
  {
    card: [70, 120, 190],
    specks: [
      [30, 28, 30],
      [236, 236, 226],
    ],
  },
];

/** A card with up to a hundred flies that may touch. */
export function drawCard(chance: Chance, width = 480, height = 360): DrawnCard {
  const { uniform, upTo } = chance;
  const pick = <T>(from: readonly T[]): T => from[upTo(from.length - 1)] as T;
  const between = (low: number, high: number) => low + uniform() * (high - low);
  const { card, specks } = pick(cards);
  const speck = pick(specks);
  const long = between(2.2, 4.5);
  const count = upTo(100);
  const flies = Array.from({ length: count }, () => ({
    x: between(8, width - 8),
    y: between(8, height - 8),
    long: long * between(0.85, 1.2),
    turn: between(0, PI),
  }));
  const colours = new Float32Array(width * height * 3);
  const paint = (x: number, y: number, colour: Colour) => {
    if (x >= 0 && y >= 0 && x < width && y < height) colours.set(colour, (y * width + x) * 3);
  };
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) paint(x, y, card);
  for (const fly of flies)
    for (let dy = -7; dy <= 7; dy++)
      for (let dx = -7; dx <= 7; dx++) {
        const [along, across] = [dx * cos(fly.turn) + dy * sin(fly.turn), dy * cos(fly.turn) - dx * sin(fly.turn)];
        if (hypot(along / fly.long, across / (fly.long * 0.6)) < 1)
          paint(Math.round(fly.x) + dx, Math.round(fly.y) + dy, speck);
      }
  return {
    picture: lit(colours, width, height, chance),
    count,
    note: [card, speck, long.toFixed(1)].join(' '),
  } as never;
}
