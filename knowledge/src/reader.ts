/** What was learned of how people speak, beside the tables: some megabytes, loaded where lines are read. */
import type { MeaningsData, Tables } from '@trowel/core/tables';
import learned from '../reader/meanings.json';
import vectors from '../reader/vectors.json';
import { knowledge as tables } from './index';

const meanings: MeaningsData = { ...learned, wheres: learned.wheres as MeaningsData['wheres'], vectors };

/** The knowledge with the reader that it learned: what lines are read with. */
export const knowledge: Tables = { ...tables, meanings };
