import type { PlantRow } from '../tables';
import type { Evidence } from '../evidence';

/** Half a step: what a strip can tell apart. */
const phMargin = 0.5;
/** Where no plant is named: what most garden plants bear. */
const ordinaryPh: readonly [number, number] = [5.5, 7.3];
/** mS/cm by pour-through, seedlings and others; above, salts trouble roots (extension practice). */
const saltyEc = { seedling: 2.6, other: 4 } as const;
/** mg/L as CaCO3: "hard" on most scales. */
const hardFrom = 200;

export interface SoilFacts {
  readonly ph?: number;
  readonly ec?: number;
  readonly hardness?: number;
}

/** The signs that a measured value gives; the integrity check looks them up. */
export const signsOfSoil = {
  phHigh: 'ph-high',
  phLow: 'ph-low',
  salty: 'ec-high',
  hardWater: 'care-hard-water',
} as const;

/** Measured values turned into evidence, against what this plant bears. */
export function evidenceFromSoil({ ph, ec, hardness }: SoilFacts, plant: PlantRow | undefined): Evidence[] {
  const evidence: Evidence[] = [];
  if (ph !== undefined) {
    const [low, high] = plant ? [plant.ph[0] - phMargin, plant.ph[1] + phMargin] : ordinaryPh;
    evidence.push(
      { sign: signsOfSoil.phHigh, state: ph > high ? 'seen' : 'absent' },
      { sign: signsOfSoil.phLow, state: ph < low ? 'seen' : 'absent' },
    );
  }
  if (ec !== undefined) {
    const limit = plant?.groups.includes('seedling') ? saltyEc.seedling : saltyEc.other;
    evidence.push({ sign: signsOfSoil.salty, state: ec > limit ? 'seen' : 'absent' });
  }
  if (hardness !== undefined)
    evidence.push({ sign: signsOfSoil.hardWater, state: hardness >= hardFrom ? 'seen' : 'absent' });
  return evidence;
}
