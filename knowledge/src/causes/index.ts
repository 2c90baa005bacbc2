import type { CauseRow } from '@trowel/core/tables';
import { chewerAndDiseaseCauses } from './chewers-and-diseases';
import { feedingAndWaterCauses } from './feeding-and-water';
import { sapSuckerCauses } from './sap-suckers';

export const causes: readonly CauseRow[] = [...sapSuckerCauses, ...chewerAndDiseaseCauses, ...feedingAndWaterCauses];
