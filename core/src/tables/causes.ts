import type { CauseId, ConditionId, PlantGroupId, PlantId, PriorSpec, RemedyId, SignId, Sourced } from './common';
import type { Region } from './region';

/** What a gardener can decide to do about a reading. */
export const actionClasses = [
  'treat-now',
  'mend-care-first',
  'watch',
  'leave',
  'remove',
  'ask-expert',
  'report',
] as const;
export type ActionClass = (typeof actionClasses)[number];

export const causeKinds = ['pest', 'disease', 'shortage', 'excess', 'care', 'weather', 'helper', 'normal'] as const;
export type CauseKind = (typeof causeKinds)[number];

/** Cause or condition → sign: the chance (0…1) that the link by itself makes the sign visible. */
export interface SignLink {
  readonly sign: SignId;
  readonly strength: number;
  /** Why, as the end of a sentence; shown in explanations. */
  readonly why: string;
  /** Why it is seen that often, and not more or less, as a sentence: where look-alikes are told apart by it. */
  readonly size?: string;
}

/** Factor on the odds of the child when the parent holds, and why. */
export interface OddsLink<Parent extends string> {
  readonly from: Parent;
  readonly odds: number;
  readonly why: string;
}

/** When to act: a count at a sign, in that sign's unit. The gardener may set another. */
export interface Threshold {
  readonly sign: SignId;
  readonly actAbove: number;
  readonly says: string;
}

/** Something that would do harm or waste effort if this reading is right. */
export interface AvoidNote {
  readonly what: string;
  readonly why: string;
  /** The remedies this speaks against, left out of the choice while the reading stands. */
  readonly remedies?: readonly RemedyId[];
  /** Whole classes of remedy that it speaks against. */
  readonly classes?: readonly string[];
  /** It is about a habit: no remedy does this, so there is none to leave out. */
  readonly isHabit?: true;
}

/** Causes that are met with the same hands: where it is not clear which of a family it is, what answers them all comes first. */
export const causeFamilies = [
  'caterpillars',
  'leaf-beetles',
  'sap-suckers',
  'mites',
  'hard-sap-suckers',
  'root-maggots',
  'root-grubs',
  'leaf-spots',
  'bark-diseases',
  'wilts',
  'onion-rots',
  'fruit-borers',
  'weedkillers',
] as const;
export type CauseFamily = (typeof causeFamilies)[number];

export interface CauseRow extends Sourced {
  readonly id: CauseId;
  readonly name: string;
  readonly kind: CauseKind;
  readonly family?: CauseFamily;
  /** Two or three plain sentences. */
  readonly plain: string;
  readonly prior: PriorSpec;
  /** Plants or plant groups it is found on; none given means any plant. */
  readonly hosts?: readonly (PlantId | PlantGroupId)[];
  /** Hosts it is met on more often than on others: a factor on its odds there. */
  readonly likelierOn?: Readonly<Record<PlantId | PlantGroupId, number>>;
  /** Factor on the odds on other plants (default 0.02). */
  readonly elsewhere?: number;
  readonly conditions: readonly OddsLink<ConditionId>[];
  readonly causes: readonly OddsLink<CauseId>[];
  readonly signs: readonly SignLink[];
  /** What is right to do at a level that matters. */
  readonly act: ActionClass;
  /** What is right on these plants and groups instead. */
  readonly actOn?: Readonly<Record<PlantId | PlantGroupId, ActionClass>>;
  /** What is right in this part of the world instead: what must be reported where it is new is only treated at home. */
  readonly actIn?: Partial<Record<Region, ActionClass>>;
  /** What is right below the threshold. */
  readonly actBelow?: ActionClass;
  readonly threshold?: Threshold;
  /** Helpers that, where they are at work, make waiting right unless it is far above the threshold. */
  readonly sparedBy?: readonly CauseId[];
  /** It spreads on leaves that stay wet: nothing is sprayed into the night where it is likely. */
  readonly wetLeaves?: true;
  /** What a wrong answer costs, against an ordinary garden problem = 1. */
  readonly weight: number;
  readonly avoid: readonly AvoidNote[];
}

export const weatherKindNames = ['hot-dry', 'dry', 'cold', 'frost', 'wet', 'windy'] as const;
/** What the last days' weather was like. */
export type WeatherKind = (typeof weatherKindNames)[number];

export interface ConditionRow extends Sourced {
  readonly id: ConditionId;
  readonly name: string;
  readonly plain: string;
  readonly about: 'soil' | 'place' | 'water' | 'feeding' | 'air' | 'weather';
  /** Both cannot hold; named on one of the two. */
  readonly opposite?: ConditionId;
  /** Factor on the odds after days of such weather, outdoors. */
  readonly weather?: Readonly<Partial<Record<WeatherKind, number>>>;
  readonly prior: PriorSpec;
  readonly signs: readonly SignLink[];
  readonly avoid: readonly AvoidNote[];
}

/** What it costs (0…1) to do `chosen` when `right` was right. */
export type RegretTable = Readonly<Record<ActionClass, Readonly<Record<ActionClass, number>>>>;
