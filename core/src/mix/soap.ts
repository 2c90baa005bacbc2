/**
 * How much soap hard water takes, and what is left to work.
 *
 * Calcium and magnesium bind soap as scum: 2 mol of soap for each mol of hardness. With hardness H in
 * mg/L as CaCO3 (100.09 g/mol) and a potassium-oleate-like soap (320 g/mol), the bound soap is
 * 2 · H / 100.09 mmol/L × 320 g/mol: 0.64 g/L for H = 100 mg/L. This is an upper bound (coconut-type
 * soaps bind a quarter less, and some scum still wets), so half to all of it is shown.
 * Source: stoichiometry.
 */
import { gramsPerLitre, type GramsPerLitre, type MilligramsPerLitre } from '../quantities';

const soapMolarMass = 320.55;
const calciumCarbonateMolarMass = 100.09;

/** Soap bound by hard water, at most, in g per litre of mix. */
export function soapBoundAtMost(hardness: MilligramsPerLitre): GramsPerLitre {
  return gramsPerLitre((((2 * hardness) / calciumCarbonateMolarMass) * soapMolarMass) / 1000);
}

/** g of soap per litre that leaves bear: 2 % v/v of a 35 % soap. Source: label rates of insecticidal soaps. */
export const mostSoap = 7;

/** Calcium in hardness by weight: 40.08 ÷ 100.09, as CaCO₃. */
export const calciumInHardness = 0.4004;

/** Shares of the soap lost at which it is hardly any, is worth saying, and is as good as all (judgement). */
export const sharesLost = { hardlyAny: 0.05, worthSaying: 0.2, all: 0.9 } as const;

/** The least share of that bound which is surely lost. */
export const surelyBound = 0.5;

export interface SoapInWater {
  /** g/L put in. */
  readonly put: GramsPerLitre;
  /** g/L bound, at most. */
  readonly bound: GramsPerLitre;
  /** g/L left to work, at least; never below zero. */
  readonly free: GramsPerLitre;
  /** 0…1 of what was put in, at most. */
  readonly shareLost: number;
}

/** @param content g of soap per mL of the product */
export function soapInWater(mlPerLitre: number, content: number, hardness: MilligramsPerLitre): SoapInWater {
  const put = mlPerLitre * content;
  const bound = soapBoundAtMost(hardness);
  return {
    put: gramsPerLitre(put),
    bound,
    free: gramsPerLitre(Math.max(0, put - bound)),
    shareLost: put === 0 ? 0 : Math.min(1, bound / put),
  };
}
