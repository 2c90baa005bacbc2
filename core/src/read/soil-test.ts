import type { PlantRow } from '../tables';
import type { Evidence } from '../evidence';
import { evidenceFromSoil } from './facts';
import { textureClass, type Texture } from './texture';

/** What one test of a bed's soil found; what was not measured is left out. */
export interface SoilTest {
  readonly ph?: number;
  /** mS/cm. */
  readonly ec?: number;
  /** mg/kg of plant-available nutrient. */
  readonly nitrogen?: number;
  readonly phosphorus?: number;
  readonly potassium?: number;
  readonly magnesium?: number;
  readonly calcium?: number;
  /** % of dry soil. */
  readonly organicMatter?: number;
  readonly texture?: Texture;
}

/**
 * Below `low` crops commonly answer to the nutrient, above `high` they have far more than they need
 * (mg/kg; extension tables for common acid extractants; laboratories differ, so their own words rule).
 */
export const nutrientLimits = {
  nitrogen: { low: 10 },
  phosphorus: { low: 25, high: 120 },
  potassium: { low: 100 },
  magnesium: { low: 50 },
  calcium: { low: 400 },
} as const;
/** % organic matter below which garden soil counts as poor in humus (extension practice). */
export const humusLow = 3;

const sandyFrom = 70;
const clayeyFrom = 35;

/** A soil test as evidence for a reading of the bed, or of one plant in it. */
export function evidenceFromTest(test: SoilTest, plant: PlantRow | undefined): Evidence[] {
  const seenIf = (sign: string, isSeen: boolean): Evidence => ({ sign, state: isSeen ? 'seen' : 'absent' });
  const evidence = evidenceFromSoil(
    { ...(test.ph === undefined ? {} : { ph: test.ph }), ...(test.ec === undefined ? {} : { ec: test.ec }) },
    plant,
  );
  const { nitrogen, phosphorus, potassium, magnesium, calcium, organicMatter, texture } = test;
  if (nitrogen !== undefined) evidence.push(seenIf('lab-n-low', nitrogen < nutrientLimits.nitrogen.low));
  if (phosphorus !== undefined)
    evidence.push(
      seenIf('lab-p-low', phosphorus < nutrientLimits.phosphorus.low),
      seenIf('lab-p-high', phosphorus > nutrientLimits.phosphorus.high),
    );
  if (potassium !== undefined) evidence.push(seenIf('lab-k-low', potassium < nutrientLimits.potassium.low));
  if (magnesium !== undefined) evidence.push(seenIf('lab-mg-low', magnesium < nutrientLimits.magnesium.low));
  if (calcium !== undefined) evidence.push(seenIf('lab-ca-low', calcium < nutrientLimits.calcium.low));
  if (organicMatter !== undefined) evidence.push(seenIf('lab-humus-low', organicMatter < humusLow));
  if (texture)
    evidence.push(
      seenIf('jar-sandy', texture.sand >= sandyFrom || textureClass(texture) === 'loamy-sand'),
      seenIf('jar-clayey', texture.clay >= clayeyFrom),
    );
  return evidence;
}
