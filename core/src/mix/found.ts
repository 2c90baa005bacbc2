import type { CautionFound } from '../judge/caution';
import type { Need, ReadOf } from '../judge/question';
import type { Quantity, Said } from '../quantities';
import type { Grade, RemedyId } from '../tables';
import type { PartFound } from './parts';

/** What mixing finds, in codes; `wording/mix` makes the card of it. */

/** A figure, by id. `is` names one of a few answers where a number says little ("the vinegar runs out"). */
export interface ResultFound<Id extends string = string> {
  readonly id: Id;
  readonly value: Quantity | number;
  readonly digits: number;
  readonly main?: true;
  readonly is?: string;
}

/** How a mixed thing came about. */
export type MixedOf =
  | { readonly kind: 'remedy'; readonly remedy: RemedyId }
  | { readonly kind: 'own'; readonly name: string; readonly steps: readonly string[] }
  | { readonly kind: 'dilution'; readonly parts: number };

/** A slip behind a difference between what is meant to be measured and what is wanted. */
export interface SlipFound {
  /** How many times too much (or, below 1, too little). */
  readonly factor: number;
  readonly kind:
    'meant-teaspoons' | 'meant-tablespoons' | 'gallon-for-quart' | 'quart-for-gallon' | 'too-much' | 'too-little';
  readonly typedMl: number;
  readonly wantedMl: number;
}

export interface HardWaterFound {
  readonly shareLost: { readonly low: number; readonly high: number };
  /** More soap for the same effect, where that is safe; mL for the whole batch. */
  readonly extraMl?: number;
  readonly useRainWater: boolean;
}

/** Strength in the recipe's own unit. */
export interface StrengthFound {
  readonly kind: 'percent-volume' | 'one-to-n' | 'grams-per-litre' | 'percent-strength' | 'bait';
  readonly value: number;
  /** Its name among the recipe's strengths, where it has one. */
  readonly named?: string;
}

export type MixFound =
  | {
      readonly kind: 'worked';
      readonly tool: string;
      readonly results: readonly ResultFound[];
      readonly parts: readonly PartFound[];
      readonly waterMl?: number;
      readonly order: readonly Said[];
      readonly cautions: readonly CautionFound[];
      readonly slip?: SlipFound;
      readonly working: readonly Said[];
      readonly curve?: {
        readonly points: readonly (readonly [number, number])[];
        readonly here?: readonly [number, number];
      };
      readonly honest?: Said;
      readonly grade?: Grade;
    }
  | {
      readonly kind: 'mix';
      readonly of: MixedOf;
      readonly strength?: StrengthFound;
      readonly totalMl: number;
      readonly waterMl: number;
      readonly parts: readonly PartFound[];
      readonly order: readonly Said[];
      readonly hardWater?: HardWaterFound;
      readonly cautions: readonly CautionFound[];
      readonly slip?: SlipFound;
      readonly working: readonly Said[];
      readonly grade?: Grade;
    }
  | {
      readonly kind: 'checked';
      readonly cautions: readonly CautionFound[];
      readonly understood: readonly ReadOf[];
      /** What has to be known before it can be called fine. */
      readonly needs: readonly Need[];
      readonly notUnderstood: readonly string[];
      readonly notUsed: readonly string[];
    }
  | {
      readonly kind: 'refused';
      /** The tool of the bench that refuses, where one does: its words are its own. */
      readonly tool?: string;
      readonly because: readonly CautionFound[];
      readonly understood: readonly ReadOf[];
      readonly notUnderstood: readonly string[];
      readonly notUsed: readonly string[];
    };
