import type { OddsLink, SignLink } from '@trowel/core/tables';

/** A sign link in one line: the sign, its strength (0…1) and why, as the end of a sentence. */
export const shows = (sign: string, strength: number, why: string): SignLink => ({ sign, strength, why });

/** An odds link in one line: what makes it likelier, the factor on the odds, and why. */
export const fedBy = (from: string, odds: number, why: string): OddsLink<string> => ({ from, odds, why });

/** Northern months. */
export const months = (from: number, to: number): number[] =>
  Array.from({ length: ((to - from + 12) % 12) + 1 }, (_, index) => ((from - 1 + index) % 12) + 1);
