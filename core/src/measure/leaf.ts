import type { SickLook } from './looks';
import { grown, largestFilled, median3, otsu, type Mask, type Size } from './raster';

// Taken once: these are asked for at every pixel.
const { min, max, floor, hypot, log, round } = Math;

/**
 * How much of a leaf is spotted, pale or powdery, from a photograph of it on a plain light ground.
 *
 * Light that falls unevenly, and a shadow, make all three colours of a pixel darker by the same factor; their ratios
 * stay as they are. So all is told from the logarithms of the ratios, against those of the ground: what differs from
 * the ground is leaf, and of the leaf is sound what is greener than red by at least a part of what its greenest part is.
 */

/** Pixels as a canvas gives them: red, green, blue, opacity in turn, 0–255. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** What a pixel of the mask is. */
export const ground = 0;
export const sound = 1;
export const spotted = 2;

export type MeasureTrouble = 'not-plain' | 'no-leaf' | 'cut-off' | 'too-small';

export interface MeasuredLeaf {
  readonly kind: 'measured';
  /** Part of the leaf's area that is spotted, 0–1. */
  readonly share: number;
  /** Where it would lie if the line between sound and spotted, or the leaf's rim, were drawn a little otherwise. */
  readonly low: number;
  readonly high: number;
  /** Of that, by what it looks like. */
  readonly looks: Readonly<Record<SickLook, number>>;
  /** Where the line was drawn: 0 only what is not green at all, 1 all but the greenest. */
  readonly level: number;
  /** For each pixel `ground`, `sound` or `spotted`. */
  readonly mask: Uint8Array;
}
export type Measured = MeasuredLeaf | { readonly kind: 'cannot'; readonly because: MeasureTrouble };

/** Pictures are measured at this many pixels along their longer side: finer shows no more of a leaf. */
export const measuredSide = 480;

/** Keeps a black pixel from having a ratio. */
const dark = 6;
/** Part of the shorter side along the edges that has to be ground. */
const frame = 0.05;
/** The colour of a plain ground varies by no more than this, as the median distance from its median. */
const plainWithin = 0.1;
/** What is nearer to the ground than this many times its own grain, or than that, is ground. */
const grains = 5;
const nearest = 0.07;
/** A shadow leaves more than this of the light; what is darker than that beside the ground is no shadow. */
const darkest = 0.3;
/** A leaf is at least this part of the picture. */
const leastLeaf = 0.02;
/** Of the frame a leaf may cover this part: more, and it is cut off. */
const mostCutOff = 0.08;
/** The rim is half ground, this many pixels wide: what stands there is not judged. */
const rim = 3;
/** Bays in the rim up to twice this wide are spots that look like the ground, not shape. */
const bay = 6;
const nearlyWhite = 0.15;
/** A leaf without anything green has no greenest part of its own. */
const leastGreen = 0.08;
const usualGreen = 0.3;
/** Where the two are not clearly apart the line is drawn half way. */
const halfWay = 0.5;
const clearlyApart = 0.6;
/** The line is moved by this part for what it would be if drawn otherwise; and drawing and rim are never surer than that. */
const lineWithin = 0.12;
const neverSurer = 0.03;
/** A veil has nearly the colour of the light itself: its ratios are within these of it. */
const veil = { red: 0.17, blue: 0.3 } as const;
/** What is pale is hardly redder than it is green. */
const paleRed = 0.25;
/** A veil and what is pale are no darker than sound leaf by more than this logarithm. */
const noDarker = -0.12;

/**
 * @param level where the line is drawn, 0–1, as the gardener moves it; left out, where the colours part
 * @returns the share with its mask, or why it cannot be told
 * @throws RangeError where the data do not fit the size
 */
export function measureLeaf({ width, height, data }: Picture, level?: number): Measured {
  if (data.length !== width * height * 4)
    throw new RangeError(`a picture of ${width} × ${height} has ${width * height * 4} values, not ${data.length}`);
  if (min(width, height) < smallest) return { kind: 'cannot', because: 'too-small' };
  const size = { width, height };
  const { red, blue, light } = ratiosOf(data, size);
  const edge = edgeOf(size);
  const of = (values: Float32Array) => Float32Array.from(edge, (at) => values[at] ?? 0);
  const [redGround, blueGround, lightGround] = [median(of(red)), median(of(blue)), median(of(light))];
  const away = median3(
    red.map((one, at) => hypot(one - redGround, (blue[at] ?? 0) - blueGround)),
    size,
  );
  const grain = median(of(away));
  if (grain > plainWithin) return { kind: 'cannot', because: 'not-plain' };
  const from = max(nearest, grains * grain);
  const darkFrom = lightGround + log(darkest);
  const isThing = Uint8Array.from(away, (one, at) => (one > from || (light[at] ?? 0) < darkFrom ? 1 : 0));
  const leaf = leafIn(isThing, size);
  const area = leaf.reduce((sum, one) => sum + one, 0);
  if (area < leastLeaf * width * height) return { kind: 'cannot', because: 'no-leaf' };
  if (edge.filter((at) => leaf[at] === 1).length > mostCutOff * edge.length)
    return { kind: 'cannot', because: 'cut-off' };
  const inner = grown(leaf, size, -rim);
  const within = Array.from(inner.keys()).filter((at) => inner[at] === 1);
  if (within.length === 0) return { kind: 'cannot', because: 'no-leaf' };

  // A white ground shows the colour of the light; a coloured one only its own.
  const isWhite = hypot(redGround, blueGround) <= nearlyWhite;
  const balance = isWhite ? redGround : 0;
  const greenness = median3(
    red.map((one) => balance - one),
    size,
  );
  const green = Float32Array.from(within, (at) => greenness[at] ?? 0);
  const greenest = percentile(green, 0.9);
  const whole = greenest < leastGreen ? usualGreen : greenest;
  const drawn = level ?? partOf(green, whole);
  const soundLight = median(
    Float32Array.from(
      within.filter((_, index) => (green[index] ?? 0) >= drawn * whole),
      (at) => light[at] ?? 0,
    ),
  );
  // Of a leaf without anything sound, what is lighter than half the paper's light is called light.
  const leafLight = Number.isFinite(soundLight) ? soundLight : lightGround - Math.LN2;
  const [redLight, blueLight] = isWhite ? [redGround, blueGround] : [0, 0];
  const lookAt = (at: number): SickLook => {
    if ((light[at] ?? 0) - leafLight < noDarker) return 'spots';
    const [redder, bluer] = [(red[at] ?? 0) - redLight, (blue[at] ?? 0) - blueLight];
    if (Math.abs(redder) < veil.red && Math.abs(bluer) < veil.blue) return 'powder';
    return redder < paleRed ? 'pale' : 'spots';
  };
  const shareAt = (part: number) => green.filter((one) => one < part * whole).length / green.length;
  const share = shareAt(drawn);
  const mask = new Uint8Array(width * height);
  const seen: Record<SickLook, number> = { spots: 0, pale: 0, powder: 0 };
  within.forEach((at, index) => {
    const isSick = (green[index] ?? 0) < drawn * whole;
    mask[at] = isSick ? spotted : sound;
    if (isSick) seen[lookAt(at)] += 1 / within.length;
  });
  return {
    kind: 'measured',
    share,
    looks: seen,
    low: max(0, min(shareAt(drawn - lineWithin), share - neverSurer)),
    high: min(1, max(shareAt(drawn + lineWithin), share + neverSurer)),
    level: drawn,
    mask,
  };
}
const smallest = 40;

/** Logarithms of red to green, of blue to green, and of the light. */
function ratiosOf(data: Uint8ClampedArray, { width, height }: Size) {
  const [red, blue, light] = [0, 1, 2].map(() => new Float32Array(width * height)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  for (let at = 0; at < red.length; at++) {
    const [r, g, b] = [data[at * 4] ?? 0, data[at * 4 + 1] ?? 0, data[at * 4 + 2] ?? 0];
    red[at] = log((r + dark) / (g + dark));
    blue[at] = log((b + dark) / (g + dark));
    light[at] = log((r + g + b) / 3 + dark);
  }
  return { red, blue, light };
}

/** The one leaf among what is no ground: the largest piece, its holes and narrow bays filled. */
function leafIn(isThing: Mask, size: Size): Mask {
  const opened = grown(grown(isThing, size, -1), size, 1);
  const largest = largestFilled(opened, size);
  return largestFilled(grown(grown(largest, size, bay), size, -bay), size);
}

/** Where the colours within the leaf part, as a part of its greenest; half way where they do not. */
function partOf(green: Float32Array, whole: number): number {
  const { line, below, above } = otsu(green, -whole, whole);
  return (above - below) / whole >= clearlyApart ? min(0.7, max(0.3, line / whole)) : halfWay;
}

function edgeOf({ width, height }: Size): number[] {
  const wide = max(2, round(frame * min(width, height)));
  const isEdge = (at: number) => {
    const [x, y] = [at % width, floor(at / width)];
    return x < wide || y < wide || x >= width - wide || y >= height - wide;
  };
  return Array.from({ length: width * height }, (_, at) => at).filter(isEdge);
}

/** @returns NaN of none */
const percentile = (values: Float32Array, share: number): number => {
  const sorted = Float32Array.from(values).sort();
  return sorted[min(sorted.length - 1, floor(share * sorted.length))] ?? NaN;
};
const median = (values: Float32Array): number => percentile(values, 0.5);
