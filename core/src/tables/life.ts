import type { Sourced, CauseId, PlantGroupId, PlantId, RemedyId } from './common';

/** Eggs; young that a spray can wet; those in soil, leaf or pupa, which none can; grown. */
export const lifeStages = ['egg', 'young', 'hidden', 'adult'] as const;
export type LifeStage = (typeof lifeStages)[number];

/** How a pest grows with warmth: °C·days above a base, stage by stage. */
export interface LifeRow extends Sourced {
  readonly id: string;
  readonly name: string;
  /** What it is called in readings; the first row that fits plant and cause counts. */
  readonly causes: readonly CauseId[];
  readonly onlyFor?: readonly (PlantId | PlantGroupId)[];
  /** °C below which it stands still. */
  readonly base: number;
  /** °C above which more warmth helps no more. */
  readonly upper?: number;
  /** °C·days as an egg; 0: born alive. */
  readonly egg: number;
  /** °C·days as young within reach of a spray. */
  readonly young: number;
  /** °C·days out of reach, as pupa or in the soil; 0: none. */
  readonly hidden: number;
  /** °C·days from grown to the first laying. */
  readonly before: number;
  /** °C·days over which a grown one lays; judgement. */
  readonly lays: number;
  /** Young or eggs of one female, few and many. */
  readonly brood: readonly [number, number];
  /** By what share the figures can be off. */
  readonly off: number;
  /** Share of each stage that a contact spray kills where it wets them. */
  readonly reach: Readonly<Record<LifeStage, number>>;
}

/** What a remedy takes of each stage where it reaches it, where it is no contact spray of soap. */
export interface ReachRow extends Sourced {
  readonly id: RemedyId;
  readonly takes: Readonly<Partial<Record<LifeStage, number>>>;
}

/** What the model is asked: what becomes of it if … */
export const scenarioIds = [
  'nothing',
  'once',
  'planned',
  'at-hatch',
  'one-left-out',
  'no-undersides',
  'ants-left',
] as const;
export type ScenarioId = (typeof scenarioIds)[number];
