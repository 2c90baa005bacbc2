/** What is used of jstat, which brings no types: functions on numbers, its generator set from outside. */
declare module 'jstat' {
  export const jStat: {
    /** From here on every draw comes from this source of uniform numbers in [0, 1). */
    setRandom(uniform: () => number): void;
    /** A draw from the gamma distribution of that shape and scale 1 (Marsaglia and Tsang). */
    randg(shape: number): number;
    /** Natural logarithm of the gamma function. */
    gammaln(of: number): number;
    readonly normal: {
      cdf(at: number, mean: number, spread: number): number;
      inv(share: number, mean: number, spread: number): number;
    };
    readonly beta: { inv(share: number, a: number, b: number): number };
  };
}
