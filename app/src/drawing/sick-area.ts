import { strewn } from './ink';

/** The leaf on which sick area is shown: an oval on a card of 100 by 70. */
export const oval = { x: 50, y: 35, rx: 44, ry: 26 } as const;

export interface Disc {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** No two spots are of one size. */
const sizes = [1, 0.7, 1.25, 0.85, 1.1, 0.6] as const;

/** Share of the oval that lies under the discs, by points a unit apart. */
export function shareUnder(discs: readonly Disc[], apart = 1): number {
  let [within, under] = [0, 0];
  for (let x = oval.x - oval.rx; x <= oval.x + oval.rx; x += apart)
    for (let y = oval.y - oval.ry; y <= oval.y + oval.ry; y += apart) {
      if (((x - oval.x) / oval.rx) ** 2 + ((y - oval.y) / oval.ry) ** 2 > 1) continue;
      within += 1;
      if (discs.some((disc) => (x - disc.x) ** 2 + (y - disc.y) ** 2 <= disc.radius ** 2)) under += 1;
    }
  return under / within;
}

/** Spots that cover so many per cent of the oval, strewn over it; the same every time. */
export function spotsOf(percent: number): Disc[] {
  if (percent <= 0) return [];
  const places = strewn(4 + Math.round(percent / 5), 3, { ...oval, rx: oval.rx * 0.92, ry: oval.ry * 0.9 });
  const sized = (scale: number) =>
    places.map(({ x, y }, at) => ({ x, y, radius: scale * (sizes[at % sizes.length] ?? 1) }));
  // Larger spots cover more: the scale is found by halving.
  let [low, high]: [number, number] = [0, oval.rx];
  for (let round = 0; round < 16; round += 1) {
    const middle = (low + high) / 2;
    if (shareUnder(sized(middle)) * 100 < percent) low = middle;
    else high = middle;
  }
  return sized(high);
}
