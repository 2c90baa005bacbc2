/** What was learned of how people speak, by itself: some megabytes that a page fetches apart from the tables. */
import type { MeaningsData } from '@trowel/core/tables';
import acts from '../reader/acts.json';
import learned from '../reader/meanings.json';
import scenes from '../reader/scenes.json';
import vectors from '../reader/vectors.json';

export const meanings: MeaningsData = {
  ...learned,
  wheres: learned.wheres as MeaningsData['wheres'],
  vectors,
  acts,
  scenes,
};
