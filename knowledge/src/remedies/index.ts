/** All remedies, by how they work; their facts stand in facts.ts. */
import type { RemedyRow } from '@trowel/core/tables';
import { withFacts } from './facts';
import { airRemedies } from './air';
import { boughtGroundRemedies } from './bought-ground';
import { boughtSpraysRemedies } from './bought-sprays';
import { byHandRemedies } from './by-hand';
import { coversAndTrapsRemedies } from './covers-and-traps';
import { cropRemedies } from './crop';
import { drenchesRemedies } from './drenches';
import { feedsRemedies } from './feeds';
import { helpersRemedies } from './helpers';
import { lawnRemedies } from './lawn';
import { peopleRemedies } from './people';
import { plantCareRemedies } from './plant-care';
import { soilRemedies } from './soil';
import { spraysRemedies } from './sprays';
import { wateringRemedies } from './watering';

export const remedies: readonly RemedyRow[] = [
  ...wateringRemedies,
  ...plantCareRemedies,
  ...soilRemedies,
  ...lawnRemedies,
  ...airRemedies,
  ...cropRemedies,
  ...byHandRemedies,
  ...coversAndTrapsRemedies,
  ...helpersRemedies,
  ...spraysRemedies,
  ...drenchesRemedies,
  ...feedsRemedies,
  ...boughtSpraysRemedies,
  ...boughtGroundRemedies,
  ...peopleRemedies,
].map(withFacts);
