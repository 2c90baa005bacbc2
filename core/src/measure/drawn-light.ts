import type { Chance } from '../chance';
import type { Picture } from './leaf';

// Taken once: these are asked for at every pixel.
const { exp, floor, cos, sin, PI } = Math;

export type Colour = readonly [red: number, green: number, blue: number];

/** What is drawn as a camera would take it: uneven light, a shadow over a part, blur and grain. */
export function lit(colours: Float32Array, width: number, height: number, { uniform, upTo }: Chance): Picture {
  const size = width * height;
  const between = (low: number, high: number) => low + uniform() * (high - low);
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
  return { width, height, data };
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
