import type { CauseRow } from '@trowel/core/tables';
import { careAndWeatherCauses } from './care-and-weather';
import { chewerAndDiseaseCauses } from './chewers-and-diseases';
import { feedingAndWaterCauses } from './feeding-and-water';
import { helperNormalAndAnimalCauses } from './helpers-normal-animals';
import { moreDiseaseCauses } from './more-diseases';
import { morePestCauses } from './more-pests';
import { sapSuckerCauses } from './sap-suckers';

export const causes: readonly CauseRow[] = [
  ...sapSuckerCauses,
  ...chewerAndDiseaseCauses,
  ...feedingAndWaterCauses,
  ...morePestCauses,
  ...moreDiseaseCauses,
  ...careAndWeatherCauses,
  ...helperNormalAndAnimalCauses,
];
