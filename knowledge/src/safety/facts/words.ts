import type { SceneFact } from '@trowel/core/tables';

/** Words by the fact that they stand for. */
export type FactWords = Partial<Record<SceneFact, readonly string[]>>;
