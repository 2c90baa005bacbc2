import type { Token } from '../hear/words';
import type { WordVectors } from '../tables';
import { unpackInt8, unpackUint8 } from './packed';

export interface Directions {
  readonly dimensions: number;
  /** Row of a word, or undefined for a word that is not in the table. */
  readonly rowOf: ReadonlyMap<string, number>;
  /** One row a word. */
  readonly rows: Int8Array;
  /** 1 / length of each row. */
  readonly scale: Float32Array;
  /** 0…1: how much a word tells, by how rare it is. */
  readonly tells: Float32Array;
}

export function directionsOf(data: WordVectors): Directions {
  const rows = unpackInt8(data.rows);
  const { dimensions } = data;
  const words = data.words.split(' ');
  const scale = Float32Array.from(words, (_, row) => {
    let size = 0;
    for (let at = 0; at < dimensions; at += 1) size += (rows[row * dimensions + at] ?? 0) ** 2;
    return 1 / (Math.sqrt(size) || 1);
  });
  return {
    dimensions,
    rowOf: new Map(words.map((word, row) => [word, row])),
    rows,
    scale,
    tells: Float32Array.from(unpackUint8(data.tells), (value) => value / 255),
  };
}

/** Mean direction of a phrase, rarer words counting more; all zeros where no word of it is known. */
export function meanDirection(
  { rowOf, rows, scale, tells, dimensions }: Directions,
  tokens: readonly Token[],
): Float64Array {
  const mean = new Float64Array(dimensions);
  let total = 0;
  for (const { word } of tokens) {
    const row = rowOf.get(word);
    if (row === undefined) continue;
    const weight = tells[row] ?? 0;
    total += weight;
    const by = weight * (scale[row] ?? 0);
    for (let at = 0; at < dimensions; at += 1) mean[at]! += by * (rows[row * dimensions + at] ?? 0);
  }
  if (total > 0) for (let at = 0; at < dimensions; at += 1) mean[at]! /= total;
  return mean;
}

export interface Common {
  readonly mean: Float32Array;
  readonly direction: Float32Array;
}

/** Takes out what all phrases share and makes the rest of length one. */
export function withoutCommon(vector: Float64Array, common: Common): Float64Array {
  const { own, size } = partedFrom(vector, common);
  return own.map((value) => value / size);
}

/** A direction without what all phrases share: what is left, its length, and how much it went the common way. */
function partedFrom(vector: Float64Array, { mean, direction }: Common) {
  const own = new Float64Array(vector.length);
  let share = 0;
  for (let at = 0; at < own.length; at += 1) {
    own[at] = vector[at]! - (mean[at] ?? 0);
    share += own[at]! * (direction[at] ?? 0);
  }
  let size = 0;
  for (let at = 0; at < own.length; at += 1) {
    own[at]! -= share * (direction[at] ?? 0);
    size += own[at]! ** 2;
  }
  return { own, share, size: Math.sqrt(size) || 1 };
}

/** How near some words lie to each row of a table of directions of length one, −1…1, in the order of its rows. */
export type Nearness = (tokens: readonly Token[]) => Float64Array;

/** Words whose nearness is kept; a garden's talk has fewer. */
const mostKept = 4000;

/**
 * Nearness of phrases to the rows of a table. What a phrase says is the sum of what its words say, so the nearness of
 * each word is worked out when it is first met, and a phrase only adds up.
 * @param rows one direction after the other
 */
export function nearnessTo(rows: Float32Array, directions: Directions, common: Common): Nearness {
  const { dimensions, rowOf, rows: words, scale, tells } = directions;
  const count = rows.length / dimensions;
  const along = (vector: ArrayLike<number>, start: number, by: number): Float32Array => {
    const near = new Float32Array(count);
    for (let row = 0; row < count; row += 1) {
      let sum = 0;
      for (let at = 0; at < dimensions; at += 1) sum += vector[start + at]! * rows[row * dimensions + at]!;
      near[row] = by * sum;
    }
    return near;
  };
  const meanNear = along(common.mean, 0, 1);
  const sharedNear = along(common.direction, 0, 1);
  const kept = new Map<number, Float32Array>();
  const nearOf = (word: number): Float32Array => {
    const known = kept.get(word);
    if (known) return known;
    if (kept.size >= mostKept) kept.clear();
    const near = along(words, word * dimensions, tells[word]! * scale[word]!);
    kept.set(word, near);
    return near;
  };
  return (tokens) => {
    const { share, size } = partedFrom(meanDirection(directions, tokens), common);
    const near = new Float64Array(count);
    let total = 0;
    for (const { word } of tokens) {
      const row = rowOf.get(word);
      if (row === undefined) continue;
      total += tells[row]!;
      const own = nearOf(row);
      for (let at = 0; at < count; at += 1) near[at]! += own[at]!;
    }
    const by = total > 0 ? 1 / total : 1;
    for (let at = 0; at < count; at += 1) near[at] = (near[at]! * by - meanNear[at]! - share * sharedNear[at]!) / size;
    return near;
  };
}
