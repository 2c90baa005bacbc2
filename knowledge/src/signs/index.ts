import type { SignRow } from '@trowel/core/tables';
import { animalAndLawnSigns } from './animals-lawn';
import { careAndHistorySigns } from './care-history';
import { chewerAndDiseaseSigns } from './chewers-and-diseases';
import { diseaseSigns } from './diseases';
import { feedingAndWaterSigns } from './feeding-and-water';
import { fruitWoodRootSigns } from './fruit-wood-root';
import { helperAndNormalSigns } from './helpers-normal';
import { insectSigns } from './insects';
import { leafLooks } from './leaf-looks';
import { placeAndCareSigns } from './place-and-care';
import { sapSuckerSigns } from './sap-suckers';
import { soilTestSigns } from './soil-tests';
import { weedSigns } from './weeds';

export const signs: readonly SignRow[] = [
  ...sapSuckerSigns,
  ...chewerAndDiseaseSigns,
  ...feedingAndWaterSigns,
  ...leafLooks,
  ...diseaseSigns,
  ...insectSigns,
  ...fruitWoodRootSigns,
  ...animalAndLawnSigns,
  ...helperAndNormalSigns,
  ...placeAndCareSigns,
  ...soilTestSigns,
  ...careAndHistorySigns,
  ...weedSigns,
];
