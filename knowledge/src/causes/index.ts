/** All causes, by what they are and where they are met. The order carries no meaning. */
import type { CauseRow } from '@trowel/core/tables';
import { animals } from './animals';
import { borersAndRootEaters } from './borers-and-root-eaters';
import { care } from './care';
import { inFamily } from './families';
import { helpers } from './helpers';
import { leafChewers } from './leaf-chewers';
import { leafDiseases } from './leaf-diseases';
import { normal } from './normal';
import { nutrition } from './nutrition';
import { onFruit } from './on-fruit';
import { onOrnamentals } from './on-ornamentals';
import { onVegetables } from './on-vegetables';
import { rotsAndWilts } from './rots-and-wilts';
import { sapSuckers } from './sap-suckers';
import { toReport } from './to-report';
import { turf } from './turf';
import { weather } from './weather';
import { woodAndFruitDiseases } from './wood-and-fruit-diseases';

export const causes: readonly CauseRow[] = [
  ...sapSuckers,
  ...leafChewers,
  ...borersAndRootEaters,
  ...animals,
  ...leafDiseases,
  ...rotsAndWilts,
  ...woodAndFruitDiseases,
  ...turf,
  ...helpers,
  ...normal,
  ...nutrition,
  ...weather,
  ...care,
  ...onVegetables,
  ...onFruit,
  ...onOrnamentals,
  ...toReport,
].map(inFamily);
