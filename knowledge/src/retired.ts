/**
 * Ids that were once in use, and what stands for them now. Gardens keep ids for years: one that is
 * renamed, split or taken out gets a line here, and is never used again for something else.
 *
 * table: where it stood · id: what it was · now: the id that took its place, or null where nothing does ·
 * name: what it was called, for gardens that still hold it.
 */
import type { RetiredRow } from '@trowel/core/tables';

export const retired: readonly RetiredRow[] = [];
