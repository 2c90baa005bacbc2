import type { SignRow, What, Where } from '../tables';
import type { Occurrence } from './words';

/** A place carried over from the clause before stands beyond its tokens; one that goes without saying, further out. */
export const carriedAt = 1000;
export const contextAt = 2000;

const leafy: readonly Where[] = [
  'leaves',
  'leaf-edge',
  'leaf-underside',
  'veins',
  'oldest-leaves',
  'newest-leaves',
  'growing-tip',
];
const below: readonly Where[] = ['roots', 'inside-soil', 'soil-surface'];

/** Where the signs of a place that is named may stand. */
const meant: Readonly<Record<string, readonly Where[]>> = {
  leaf: leafy,
  under: [...leafy, 'fruit', 'stem', 'lawn', ...below],
  tip: [...leafy, 'flower', 'stem', 'lawn'],
  edge: [...leafy, 'lawn', 'flower', 'fruit'],
  veins: leafy,
  fern: leafy,
  stem: ['stem', 'bark', 'growing-tip', 'leaf-underside'],
  joint: ['stem', 'bark', 'growing-tip', 'leaf-underside'],
  bark: ['bark', 'stem'],
  fruit: ['fruit'],
  pod: ['fruit'],
  'flower-end': ['fruit'],
  'apple-fruit': ['fruit', 'leaves', 'bark', 'stem', 'flower'],
  flower: ['flower', 'growing-tip'],
  root: below,
  bulb: below,
  tuber: below,
  soil: [...below, 'around', 'stem', 'water'],
  compost: [...below, 'around'],
  lawn: ['lawn', 'soil-surface', 'inside-soil', 'around'],
};
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
  const isPlace = ({ phrase, at }: Occurrence) => phrase.kind !== 'plant' && at < carriedAt && phrase.key in meant;
  if (parts.some(isPlace)) return false;
  // The name of a crop is a fruit only where nothing else is said.
  const named = occurrences.filter(
    (found) => isPlace(found) && !occurrences.some(({ phrase, at }) => phrase.kind === 'plant' && at === found.at),
  );
  return named.length > 0 && !named.some(({ phrase }) => meant[phrase.key]?.includes(where));
}
