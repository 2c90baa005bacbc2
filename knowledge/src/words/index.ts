/** Concepts and the words gardeners use for them. A sign is recognised from concepts (see `says` in
 * signs/), so a new word is added once, here, and helps every sign that uses the concept.
 * Columns: id, kind (`what` can name a sign, `modifier` only sharpens one), words. Word endings and
 * small misspellings are forgiven by the reader, so only stems that differ need a line. */
import type { ConceptRow } from '@trowel/core/tables';
import { careAndSoilWords } from './care-and-soil';
import { creaturesWords } from './creatures';
import { looksWords } from './looks';
import { marksWords } from './marks';
import { partsWords } from './parts';
import { roles } from './roles';

const rows: readonly ConceptRow[] = [
  ...partsWords,
  ...looksWords,
  ...marksWords,
  ...creaturesWords,
  ...careAndSoilWords,
];

export const concepts: readonly ConceptRow[] = rows.map((row) => {
  const role = roles[row.id];
  return role ? { ...row, role } : row;
});
