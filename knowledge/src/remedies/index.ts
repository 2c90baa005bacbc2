import type { RemedyRow } from '@trowel/core/tables';
import { careAndHandRemedies } from './care-and-hand';
import { mixedRemedies } from './mixed';

export const remedies: readonly RemedyRow[] = [...careAndHandRemedies, ...mixedRemedies];
