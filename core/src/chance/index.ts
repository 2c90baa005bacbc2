import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

export { remembered } from './remembered';

/** Chance from a seed: the same seed, the same draws, on every machine. */
export interface Chance {
  /** A number in [0, 1). */
  readonly uniform: () => number;
  /** A whole number from 0 up to and with `most`. */
  readonly upTo: (most: number) => number;
}

/** The one random generator of the product (xoroshiro128+). */
export function seeded(seed: number): Chance {
  const generator = xoroshiro128plus(seed);
  return {
    uniform: () => (generator.next() >>> 0) / 2 ** 32,
    upTo: (most) => uniformInt(generator, 0, Math.max(0, most)),
  };
}

/** Puts a list in an order by chance, each as likely as any other (Fisher and Yates), in its place. */
export function shuffle(list: unknown[], chance: Chance): void {
  for (let at = list.length - 1; at > 0; at -= 1) {
    const other = chance.upTo(at);
    [list[at], list[other]] = [list[other], list[at]];
  }
}

/** Chance that at least one of them is there, where they come each by itself. None of none: 0. */
export const anyOf = (chances: readonly number[]): number =>
  1 - chances.reduce((none, chance) => none * (1 - chance), 1);
