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
export function withoutCommon(vector: Float64Array, { mean, direction }: Common): Float64Array {
  const own = Float64Array.from(vector, (value, at) => value - (mean[at] ?? 0));
  let share = 0;
  for (let at = 0; at < own.length; at += 1) share += own[at]! * (direction[at] ?? 0);
  let size = 0;
  for (let at = 0; at < own.length; at += 1) {
    own[at]! -= share * (direction[at] ?? 0);
    size += own[at]! ** 2;
  }
  const by = 1 / (Math.sqrt(size) || 1);
  for (let at = 0; at < own.length; at += 1) own[at]! *= by;
  return own;
}
