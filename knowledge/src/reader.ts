import type { Tables } from '@trowel/core/tables';
import { knowledge as tables } from './index';
import { meanings } from './meanings';

/** The knowledge with the reader that it learned: what lines are read with. */
export const knowledge: Tables = { ...tables, meanings };
