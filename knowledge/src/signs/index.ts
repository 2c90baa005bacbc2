/** All signs, by where they are seen. The order carries no meaning. */
import type { SignRow } from '@trowel/core/tables';
import { barkSigns } from './bark';
import { careSigns } from './care';
import { fruitSigns } from './fruit';
import { groundSigns } from './ground';
import { holesAndTrailsSigns } from './holes-and-trails';
import { insectsOnLeavesSigns } from './insects-on-leaves';
import { lawnSigns } from './lawn';
import { leafCoatingsSigns } from './leaf-coatings';
import { leafColourSigns } from './leaf-colour';
import { leafShapeSigns } from './leaf-shape';
import { leafSpotsSigns } from './leaf-spots';
import { ofOnePlantSigns } from './of-one-plant';
import { placeAndWeatherSigns } from './place-and-weather';
import { rootsSigns } from './roots';
import { soilTestsSigns } from './soil-tests';
import { stemsAndShootsSigns } from './stems-and-shoots';
import { visitorsSigns } from './visitors';
import { weedSigns } from './weeds';

export const signs: readonly SignRow[] = [
  ...leafColourSigns,
  ...leafSpotsSigns,
  ...leafCoatingsSigns,
  ...leafShapeSigns,
  ...holesAndTrailsSigns,
  ...insectsOnLeavesSigns,
  ...stemsAndShootsSigns,
  ...fruitSigns,
  ...barkSigns,
  ...rootsSigns,
  ...groundSigns,
  ...soilTestsSigns,
  ...lawnSigns,
  ...ofOnePlantSigns,
  ...visitorsSigns,
  ...careSigns,
  ...placeAndWeatherSigns,
  ...weedSigns,
];
