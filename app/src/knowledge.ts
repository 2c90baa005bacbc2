import { spokenIn } from '@trowel/core/quantities';
import type { Tables } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { useMeasures } from '@/api/measures';

/** The knowledge with every amount in the gardener's measures. Only pages of the workshop may ask for it. */
export const useKnowledge = (): Tables => spokenIn(knowledge, useMeasures());
