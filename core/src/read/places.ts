import type { SignRow, What, Where } from '../tables';
import type { Occurrence } from '../hear/words';

/** A place carried over from the clause before stands beyond its tokens; one that goes without saying, further out. */
export const carriedAt = 1000;
export const contextAt = 2000;

/** Signs that are of one place only; others (creatures, wilting, slow growth) are met anywhere. */
const fixed = new Set<Where>(['fruit', 'roots', 'flower', 'lawn', 'bark', 'soil-surface', 'inside-soil']);

/** Marks of leaves that are no marks of what grows below, of wood, fruit or turf. */
const ofLeaves = new Set<Where>(['leaves', 'leaf-edge', 'veins', 'oldest-leaves']);
const marks = new Set<What>(['spot', 'colour', 'hole', 'curl', 'growth']);

/** True where a line names places and a sign stands in none of them: "soft brown buds" are no soft brown roots. */
export function isElsewhere(
  { where, what }: SignRow,
  parts: readonly Occurrence[],
  occurrences: readonly Occurrence[],
): boolean {
  if (!fixed.has(where) && !(ofLeaves.has(where) && marks.has(what))) return false;
  const isPlace = ({ phrase, at }: Occurrence) => at < carriedAt && phrase.role?.places !== undefined;
  if (parts.some(isPlace)) return false;
  // The name of a crop is a fruit only where nothing else is said.
  const named = occurrences.filter(
    (found) => isPlace(found) && !occurrences.some(({ phrase, at }) => phrase.kind === 'plant' && at === found.at),
  );
  return named.length > 0 && !named.some(({ phrase }) => phrase.role?.places?.includes(where));
}
