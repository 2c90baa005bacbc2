import type { Picture } from './leaf';
import { pieces, type Mask } from './raster';

// Taken once: these are asked for at every pixel.
const { min, max, hypot, log, round, floor, ceil } = Math;

/**
 * How many specks there are on a card that fills the photograph: insects on a sticky card, droppings on paper held
 * under a twig. Each pixel is told by how far its colour is from that of the card round it, so that light that falls
 * off makes no speck; what hangs together is one piece, and a piece as large as several usual ones is several.
 */

export type SpecksTrouble = 'not-plain' | 'too-small' | 'crowded';

export interface CountedSpecks {
  readonly kind: 'counted';
  readonly count: number;
  /** How many there would be if the line between card and speck were drawn a little otherwise. */
  readonly low: number;
  readonly high: number;
  /** Where it was drawn: 0 only what stands out most, 1 all that differs at all. */
  readonly level: number;
  /** 1 for each pixel of a speck that counts. */
  readonly mask: Mask;
}
export type Specks = CountedSpecks | { readonly kind: 'cannot'; readonly because: SpecksTrouble };

/** Pictures are counted on at this many pixels along their longer side: a card of a hand's length has 4 px to the millimetre. */
export const specksSide = 640;

const smallest = 60;
/** Keeps a black pixel from having a logarithm without end. */
const dark = 8;
/** The card round a pixel is looked at this far to each side, as a part of the longer side. */
const around = 1 / 16;
/** Grain of a plain card: the median distance of its pixels from what is round them. */
const plainWithin = 0.16;
/** What is further from the card than this, or than so many times its grain, is speck. */
const nearest = 0.22;
const grains = 6;
/** The line at level 0 and at level 1. */
const lines = [1.1, 0.08] as const;
/** The line is moved by this part for what it would be if drawn otherwise. */
const lineWithin = 0.08;
/** Specks that lie on each other, and one that is none: a count is never surer than by this part. */
const neverSurer = 0.07;
/** Fewer pixels than this are grain. */
const leastPixels = 4;
/** What is longer than this part of the longer side is an edge, a grid line or a leaf. */
const longest = 0.12;
/** A piece more than so many times as large as is usual is several that touch. */
const several = 1.55;
/** A piece so much smaller than is usual is a leg, a wing or dust. */
const crumb = 0.3;
/** More of the card than this under specks cannot be counted. */
const crowded = 0.3;

/**
 * @param level where the line is drawn, 0–1, as the gardener moves it; left out, by the card's own grain
 * @throws RangeError where the data do not fit the size
 */
export function countSpecks({ width, height, data }: Picture, level?: number): Specks {
  if (data.length !== width * height * 4)
    throw new RangeError(`a picture of ${width} × ${height} has ${width * height * 4} values, not ${data.length}`);
  if (min(width, height) < smallest) return { kind: 'cannot', because: 'too-small' };
  const away = awayFromCard({ width, height, data });
  const grain = Float32Array.from(away).sort()[away.length >> 1] ?? 0;
  if (grain > plainWithin) return { kind: 'cannot', because: 'not-plain' };
  const drawn = level ?? levelOf(max(nearest, grains * grain));
  const found = specksAt(away, lineAt(drawn), width, height);
  if (found.covered > crowded) return { kind: 'cannot', because: 'crowded' };
  const counts = [drawn - lineWithin, drawn + lineWithin].map((at) => specksAt(away, lineAt(at), width, height).count);
  return {
    kind: 'counted',
    count: found.count,
    low: min(floor(found.count * (1 - neverSurer)), ...counts),
    high: max(ceil(found.count * (1 + neverSurer)), ...counts),
    level: drawn,
    mask: found.mask,
  };
}

/** The line at a level; even steps of the level are even factors of it. */
const lineAt = (level: number): number => lines[0] * (lines[1] / lines[0]) ** min(1, max(0, level));
const levelOf = (line: number): number => min(1, max(0, log(line / lines[0]) / log(lines[1] / lines[0])));

function specksAt(away: Float32Array, line: number, width: number, height: number) {
  const long = longest * max(width, height);
  const found = [...pieces((at) => (away[at] ?? 0) > line, { width, height })];
  const fit = found.filter((piece) => piece.length >= leastPixels && lengthOf(piece, width) <= long);
  // Crumbs beside the specks are many and small: what is usual is told from where most of the area is.
  const bySize = fit.map(({ length }) => length).sort((a, b) => a - b);
  const half = bySize.reduce((sum, one) => sum + one, 0) / 2;
  let under = 0;
  const usual = bySize.find((one) => (under += one) >= half) ?? 1;
  const specks = fit.filter(({ length }) => length >= crumb * usual);
  const mask = new Uint8Array(away.length);
  for (const piece of specks) for (const at of piece) mask[at] = 1;
  return {
    mask,
    count: specks.reduce((sum, { length }) => sum + (length > several * usual ? round(length / usual) : 1), 0),
    covered: found.reduce((sum, { length }) => sum + length, 0) / away.length,
  };
}

/** Of a piece, along its longer side. */
function lengthOf(piece: readonly number[], width: number): number {
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const at of piece) {
    const [x, y] = [at % width, floor(at / width)];
    left = min(left, x);
    right = max(right, x);
    top = min(top, y);
    bottom = max(bottom, y);
  }
  return max(right - left, bottom - top) + 1;
}

/**
 * How far each pixel is from the card round it, over the logarithms of red, green and blue. The card is the mean of what
 * is round a pixel; taken twice, the second time without what stands out the first time.
 */
function awayFromCard({ width, height, data }: Picture): Float32Array {
  const size = width * height;
  const reach = max(4, round(around * max(width, height)));
  const colours = [0, 1, 2].map((part) =>
    Float32Array.from({ length: size }, (_, at) => log((data[at * 4 + part] ?? 0) + dark)),
  );
  const awayBy = (counts: Uint8Array) => {
    const cards = colours.map((values) => meanAround(values, counts, width, height, reach));
    return Float32Array.from({ length: size }, (_, at) =>
      hypot(...colours.map((values, part) => (values[at] ?? 0) - (cards[part]?.[at] ?? 0))),
    );
  };
  const first = awayBy(new Uint8Array(size).fill(1));
  const usual = Float32Array.from(first).sort()[size >> 1] ?? 0;
  return awayBy(Uint8Array.from(first, (one) => (one < max(0.12, 3 * usual) ? 1 : 0)));
}

/** The mean of what counts within so many pixels to each side, by running sums; of all where nothing counts there. */
function meanAround(
  values: Float32Array,
  counts: Uint8Array,
  width: number,
  height: number,
  reach: number,
): Float32Array {
  const wide = width + 1;
  const [sums, many] = [new Float64Array(wide * (height + 1)), new Float64Array(wide * (height + 1))];
  let [all, counted] = [0, 0];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const [one, value] = [counts[at] ?? 0, (values[at] ?? 0) * (counts[at] ?? 0)];
      all += value;
      counted += one;
      const here = (y + 1) * wide + x + 1;
      for (const [grid, own] of [
        [sums, value],
        [many, one],
      ] as const)
        grid[here] = own + (grid[here - 1] ?? 0) + (grid[here - wide] ?? 0) - (grid[here - wide - 1] ?? 0);
    }
  const within = (grid: Float64Array, left: number, top: number, right: number, bottom: number) =>
    (grid[bottom * wide + right] ?? 0) -
    (grid[top * wide + right] ?? 0) -
    (grid[bottom * wide + left] ?? 0) +
    (grid[top * wide + left] ?? 0);
  const mean = counted === 0 ? 0 : all / counted;
  return Float32Array.from({ length: width * height }, (_, at) => {
    const [x, y] = [at % width, floor(at / width)];
    const box = [max(0, x - reach), max(0, y - reach), min(width, x + reach + 1), min(height, y + reach + 1)] as const;
    const number = within(many, ...box);
    return number === 0 ? mean : within(sums, ...box) / number;
  });
}
