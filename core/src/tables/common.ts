import type { Region } from './region';

/**
 * What every row of knowledge carries, and the ids that tie rows together.
 *
 * Ids are "flavoured" strings: a plain literal in a table is accepted, but a SignId handed to
 * something that wants a CauseId does not compile.
 */
declare const flavour: unique symbol;
type Flavoured<Name extends string> = string & { readonly [flavour]?: Name };

export type SignId = Flavoured<'sign'>;
export type CauseId = Flavoured<'cause'>;
export type ConditionId = Flavoured<'condition'>;
export type PlantId = Flavoured<'plant'>;
export type PlantGroupId = Flavoured<'plant-group'>;
export type CheckId = Flavoured<'check'>;
export type RemedyId = Flavoured<'remedy'>;
export type IngredientId = Flavoured<'ingredient'>;
export type ConceptId = Flavoured<'concept'>;

/**
 * How well something is proven. `trial`: published trials agree. `guideline`: extension practice.
 * `practice`: many growers report it. `folk`: plausible, unproven. `doubtful`: trials speak against it.
 */
export const grades = ['trial', 'guideline', 'practice', 'folk', 'doubtful'] as const;
export type Grade = (typeof grades)[number];

/** Where a figure comes from; never a made-up citation, only the kind of source. */
export const sourceKinds = ['trials', 'extension', 'growers', 'chemistry', 'label', 'judgement'] as const;
export type SourceKind = (typeof sourceKinds)[number];

export interface Sourced {
  readonly source: SourceKind;
  readonly grade: Grade;
}

export const settings = ['bed', 'pot', 'indoors', 'greenhouse', 'lawn', 'tree'] as const;
export type Setting = (typeof settings)[number];

export const climates = ['cool', 'temperate', 'warm', 'tropical'] as const;
/** How long seasons are: cool shortens each by a month at both ends, warm lengthens it, tropical has none. */
export type Climate = (typeof climates)[number];

/** A probability in 0…1 that depends on where and when: a base and the factors on its odds. */
export interface PriorSpec {
  /** Chance that it is present on a plant that someone has stopped to look at. */
  readonly base: number;
  /** Factor on the odds by setting; settings not named count as 1. */
  readonly bySetting?: Partial<Record<Setting, number>>;
  /** Northern months (1–12) in which it is common; the odds are divided by four outside them. */
  readonly months?: readonly number[];
  /**
   * Factor on the odds by part of the world, from where it is established (judgement); those not named, and a place that
   * is not known, count as 1.
   */
  readonly byRegion?: Partial<Record<Region, number>>;
}
