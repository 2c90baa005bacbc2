import type { RemedyRow } from '@trowel/core/tables';
import { careAndHandRemedies } from './care-and-hand';
import { mixedRemedies } from './mixed';
import { moreCareRemedies } from './more-care';
import { moreMixedRemedies } from './more-mixed';

export const remedies: readonly RemedyRow[] = [
  ...careAndHandRemedies,
  ...moreCareRemedies,
  ...mixedRemedies,
  ...moreMixedRemedies,
];
