import type { ConceptId, SignId, Sourced } from './common';
import type { PlateSpec } from './plates';

export const wheres = [
  'newest-leaves',
  'leaves',
  'oldest-leaves',
  'leaf-underside',
  'leaf-edge',
  'veins',
  'stem',
  'growing-tip',
  'flower',
  'fruit',
  'bark',
  'roots',
  'soil-surface',
  'inside-soil',
  'lawn',
  'water',
  'around',
  'care',
  'weather',
] as const;
export type Where = (typeof wheres)[number];

export const whats = [
  'colour',
  'spot',
  'hole',
  'trail',
  'powder',
  'web',
  'wilt',
  'curl',
  'stunting',
  'insect',
  'residue',
  'growth',
  'reading',
] as const;
export type What = (typeof whats)[number];

export const patterns = ['even', 'patchy', 'all-plants', 'one-plant', 'spreading', 'any'] as const;
export type Pattern = (typeof patterns)[number];

/** What a number given with the sign counts. */
export const amountKinds = ['per-leaf', 'share-of-leaves', 'per-minute', 'count', 'none'] as const;
export type AmountKind = (typeof amountKinds)[number];

/**
 * One thing a gardener can see, measure or report, as where × what × pattern × amount.
 */
export interface SignRow extends Sourced {
  readonly id: SignId;
  /** Short label, as it stands under its plate. */
  readonly name: string;
  /** One plain sentence: what it looks like, and what it is not. */
  readonly plain: string;
  readonly where: Where;
  readonly what: What;
  readonly pattern: Pattern;
  readonly amount: AmountKind;
  /** Chance that it is noticed although nothing in the tables brings it about (0…1). */
  readonly background: number;
  /**
   * Sets of words that together mean this sign, in any order: `'sticky leaf'` needs both concepts
   * (see words); `'=coffee =grounds'` needs those very words. The set that uses most of what was said
   * wins a phrase, so a special sign is preferred to a general one.
   */
  readonly says: readonly string[];
  /** Cannot be seen together with these on the same plant. */
  readonly excludes?: readonly SignId[];
  /** Seeing this one also means seeing these: they add nothing new and are not counted twice. */
  readonly covers?: readonly SignId[];
  /** A plant that shows it bears less: the level at which to act is lower. */
  readonly weakens?: true;
  readonly plate: PlateSpec;
}

/** In `says`, a word meant as it stands and not as a concept. */
export const isLiteral = (word: string): boolean => word.startsWith('=');

/** A concept and the words and short phrases that gardeners use for it. */
export interface ConceptRow {
  readonly id: ConceptId;
  /** A `modifier` (a place, a pattern) only sharpens a sign; a `what` can name one. */
  readonly kind: 'what' | 'modifier';
  readonly words: readonly string[];
  /** What part it plays in a line, for the concepts that play one. */
  readonly role?: ConceptRole;
}

export interface ConceptRole {
  /** What the word is of: a `tint` sharpens a mark, a `colour` is a mark, unless what stands after it has that colour. */
  readonly is?: 'tint' | 'colour' | 'creature';
  /** Before a creature it is said of that: "powdery grey lice". */
  readonly ofCreatures?: true;
  /** A place that changes what a clause is about: `stays` where the next clause is still about it. */
  readonly subject?: 'changes' | 'stays';
  /** Where the signs of a line that names it may stand. */
  readonly places?: readonly Where[];
  /** Groups of plants and settings on which it is meant where nothing is said. */
  readonly usualOn?: readonly string[];
}
