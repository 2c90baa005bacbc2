import type { MeasureSystem } from '@trowel/core/quantities';
import { useGarden } from './queries';

/** The gardener's measures; metric until the garden is known. */
export const useMeasures = (): MeasureSystem => useGarden().data?.measures ?? 'metric';
