import type { ConditionId, Grade, Sourced } from './common';
import type { WeedDrawing } from './plates';

/** What a weed that came by itself hints at, and how much. */
export interface WeedHint {
  readonly of: ConditionId;
  /** Chance (0…1) that the condition by itself brings this weed in numbers. */
  readonly strength: number;
  readonly why: string;
  /** How sure the hint is; weeds are never more than practice. */
  readonly grade: Grade;
}

export const weedRoots = ['tap', 'runner', 'creeping-stem', 'fibrous', 'bulb', 'tuber', 'rhizome', 'spores'] as const;
export type WeedRoot = (typeof weedRoots)[number];
export const weedLives = ['annual', 'biennial', 'perennial'] as const;

/** A weed: how to know it, what it hints at, how it lives, how it goes. */
export interface WeedRow extends Sourced {
  /** Also the id of its sign. */
  readonly id: string;
  readonly name: string;
  /** Other names, in lower case. */
  readonly synonyms: readonly string[];
  readonly plain: string;
  readonly life: (typeof weedLives)[number];
  readonly root: WeedRoot;
  readonly spreads: string;
  /** How it goes, and what not to do. */
  readonly removal: string;
  /** Chance to be found in numbers although no condition in the tables brings it. */
  readonly background: number;
  readonly hints: readonly WeedHint[];
  /** Where touching or brewing it can hurt. */
  readonly caution?: string;
  readonly drawing: WeedDrawing;
}
