/** The few operations on a grid of pixels that measuring needs; a mask is 1 where it holds. Rows lie one after another. */

// Taken once: these are asked for at every pixel.
const { min, max, floor, abs } = Math;

export interface Size {
  readonly width: number;
  readonly height: number;
}
export type Mask = Uint8Array;

/** The median of each pixel and its eight neighbours: takes grain away and leaves edges where they are. */
export function median3(values: Float32Array, { width, height }: Size): Float32Array {
  const out = new Float32Array(values.length);
  const around = new Float32Array(9);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let count = 0;
      for (let ny = max(0, y - 1); ny <= min(height - 1, y + 1); ny++)
        for (let nx = max(0, x - 1); nx <= min(width - 1, x + 1); nx++) around[count++] = values[ny * width + nx] ?? 0;
      const near = around.subarray(0, count).sort();
      out[y * width + x] = near[count >> 1] ?? 0;
    }
  return out;
}

/**
 * The line that parts values best into two heaps (Otsu 1979: the greatest variance between them), over 256 steps.
 * @returns the line, and the means of what lies below and above it
 */
export function otsu(values: Float32Array, low: number, high: number): { line: number; below: number; above: number } {
  const steps = 256;
  const heap = new Float64Array(steps);
  const at = (value: number) => min(steps - 1, max(0, floor(((value - low) / (high - low)) * steps)));
  for (const value of values) heap[at(value)] = (heap[at(value)] ?? 0) + 1;
  const whole = heap.reduce((sum, count, step) => sum + count * step, 0);
  let best = { line: (low + high) / 2, below: low, above: high };
  let [most, count, sum] = [-1, 0, 0];
  for (let step = 0; step < steps - 1; step++) {
    count += heap[step] ?? 0;
    sum += (heap[step] ?? 0) * step;
    const rest = values.length - count;
    if (count === 0 || rest === 0) continue;
    const [below, above] = [sum / count, (whole - sum) / rest];
    const between = count * rest * (below - above) ** 2;
    if (between <= most) continue;
    most = between;
    const value = (of: number) => low + ((of + 0.5) / steps) * (high - low);
    best = { line: value(step + 0.5), below: value(below), above: value(above) };
  }
  return best;
}

/** Each piece (four neighbours) that `is` holds for, as the places of its pixels. */
export function* pieces(is: (at: number) => boolean, { width, height }: Size): Generator<number[]> {
  const seen = new Uint8Array(width * height);
  for (let start = 0; start < seen.length; start++) {
    if (seen[start] === 1 || !is(start)) continue;
    seen[start] = 1;
    const piece = [start];
    for (const at of piece) {
      const x = at % width;
      for (const next of [x > 0 ? at - 1 : -1, x < width - 1 ? at + 1 : -1, at - width, at + width]) {
        if (next < 0 || next >= seen.length || seen[next] === 1 || !is(next)) continue;
        seen[next] = 1;
        piece.push(next);
      }
    }
    yield piece;
  }
}

/** The largest piece, with what it encloses: what is white or black within a leaf is leaf. */
export function largestFilled(mask: Mask, size: Size): Mask {
  let largest: number[] = [];
  for (const piece of pieces((at) => mask[at] === 1, size)) if (piece.length > largest.length) largest = piece;
  const out = new Uint8Array(mask.length);
  for (const at of largest) out[at] = 1;
  for (const hole of pieces((at) => out[at] === 0, size))
    if (!hole.some((at) => isAtEdge(at, size))) for (const at of hole) out[at] = 1;
  return out;
}

const isAtEdge = (at: number, { width, height }: Size): boolean =>
  at < width || at >= width * (height - 1) || at % width === 0 || at % width === width - 1;

/** Grown (`by` > 0) or shrunk (`by` < 0) by that many pixels, in a square: the distance along rows, then columns. */
export function grown(mask: Mask, size: Size, by: number): Mask {
  const wants = by > 0 ? 1 : 0;
  const reach = abs(by);
  const along = (from: Mask, step: number, length: number, startOf: (line: number) => number, lines: number) => {
    const out = Uint8Array.from(from);
    for (let line = 0; line < lines; line++) {
      const start = startOf(line);
      for (let at = 0; at < length; at++) {
        if (from[start + at * step] !== wants) continue;
        for (let near = max(0, at - reach); near <= min(length - 1, at + reach); near++)
          out[start + near * step] = wants;
      }
    }
    return out;
  };
  const { width, height } = size;
  const rows = along(mask, 1, width, (line) => line * width, height);
  return along(rows, width, height, (line) => line, width);
}
