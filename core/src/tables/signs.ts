import type { ConceptId, SignId, Sourced } from './common';

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
  'roots',
  'soil-surface',
  'inside-soil',
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

/** What the drawing of a sign starts from. */
export const plateBases = [
  'leaf',
  'leaf-under',
  'lobed-leaf',
  'shoot',
  'stem',
  'fruit',
  'seedling',
  'pot',
  'soil',
  'root',
  'insect',
  'weed',
  'bed',
  'care',
] as const;
export type PlateBase = (typeof plateBases)[number];

/**
 * Parameters of the drawn plate. `marks` names the patterns laid over the base; `tint` the colour
 * role of the base. The drawing code owns what each mark looks like; a test walks that every mark is drawn.
 */
export interface PlateSpec {
  readonly base: PlateBase;
  readonly marks: readonly string[];
  readonly tint?: 'healthy' | 'pale' | 'dark' | 'yellow' | 'purple' | 'dull' | 'brown';
}

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
   * Sets of concepts (see words) that together mean this sign: `'sticky leaf'` needs both. The set
   * with the most concepts wins a phrase, so a special sign is preferred to a general one.
   */
  readonly says: readonly string[];
  /** Cannot be seen together with these on the same plant. */
  readonly excludes?: readonly SignId[];
  /** Seeing this one also means seeing these: they add nothing new and are not counted twice. */
  readonly covers?: readonly SignId[];
  readonly plate: PlateSpec;
}

/** A concept and the words and short phrases that gardeners use for it. */
export interface ConceptRow {
  readonly id: ConceptId;
  /** A `modifier` (a place, a pattern) only sharpens a sign; a `what` can name one. */
  readonly kind: 'what' | 'modifier';
  readonly words: readonly string[];
}
