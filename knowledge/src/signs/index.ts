import type { SignRow } from '@trowel/core/tables';
import { chewerAndDiseaseSigns } from './chewers-and-diseases';
import { feedingAndWaterSigns } from './feeding-and-water';
import { placeAndCareSigns } from './place-and-care';
import { sapSuckerSigns } from './sap-suckers';

export const signs: readonly SignRow[] = [
  ...sapSuckerSigns,
  ...chewerAndDiseaseSigns,
  ...feedingAndWaterSigns,
  ...placeAndCareSigns,
];
