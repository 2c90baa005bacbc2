/** A concept in one line, by its kind. */
import type { ConceptRow } from '@trowel/core/tables';

export const what = (id: string, ...words: string[]): ConceptRow => ({ id, kind: 'what', words });

export const modifier = (id: string, ...words: string[]): ConceptRow => ({ id, kind: 'modifier', words });
