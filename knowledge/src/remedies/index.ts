import type { RemedyRow } from '@trowel/core/tables';
import { careAndHandRemedies } from './care-and-hand';
import { withFacts } from './facts';
import { helpersAndGround } from './helpers-and-ground';
import { kitchenAndShop } from './kitchen-and-shop';
import { mixedRemedies } from './mixed';
import { moreCareRemedies } from './more-care';
import { moreMixedRemedies } from './more-mixed';

export const remedies: readonly RemedyRow[] = [
  ...careAndHandRemedies,
  ...moreCareRemedies,
  ...helpersAndGround,
  ...mixedRemedies,
  ...moreMixedRemedies,
  ...kitchenAndShop,
].map(withFacts);
