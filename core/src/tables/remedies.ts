import type {
  CauseId,
  ConditionId,
  IngredientId,
  PlantGroupId,
  PlantId,
  RemedyId,
  Setting,
  SignId,
  Sourced,
} from './common';
import type { ActionClass } from './causes';
import type { CountUnit } from './counting';
import type { StepAsk, StepResult } from './jobs';
import type { Tone } from './plates';
import type { SensitiveTo } from './plants';
import type { SceneFact } from './safety';
import type { WeedRoot } from './weeds';

/** The ladder: try in this order unless the case is urgent. */
export const rungs = ['leave', 'care', 'hand', 'helpers', 'home-made', 'bought', 'professional'] as const;
export type Rung = (typeof rungs)[number];

export interface IngredientRow extends Sourced {
  readonly id: IngredientId;
  readonly name: string;
  readonly words: readonly string[];
  /** g/mL, of the liquid or of the heaped powder (approximate). */
  readonly density: number;
  /** g of the thing that acts per mL of the product as bought (soap solids, say). */
  readonly active?: { readonly name: string; readonly gramsPerMl: number; readonly range: readonly [number, number] };
  /** Its label says how strong it is, and that matters: what is usual where nothing is said, %. */
  readonly label?: { readonly usual?: number };
  readonly form: 'liquid' | 'powder';
  /** What safety rules call it: acid, bleach, soap … */
  readonly classes: readonly string[];
}

/** Something that goes in beside the main thing, per litre of ready mix. */
export interface AlsoIn {
  readonly ingredient: IngredientId;
  readonly perLitre: number;
  readonly unit: 'mL' | 'g';
  /** What it is there for. */
  readonly why: string;
}

/** How a remedy is mixed. Strengths are numbers; measures are worked out for the job at hand. */
/** Ready mix that one of these takes: a plant of usual size, a square metre, a bait station; or a pot, by what it holds. */
export interface Needs {
  readonly per: 'plant' | 'm2' | 'station' | 'pot';
  readonly ml: number;
  /** Share of what a pot or tray holds that is poured on it. */
  readonly ofPot?: number;
}

export type RecipeSpec = { readonly also?: readonly AlsoIn[]; readonly needs?: Needs } & RecipeKind;

export type RecipeKind =
  | {
      /** Percent of the product by volume in water. */
      readonly kind: 'percent-volume';
      readonly ingredient: IngredientId;
      readonly strengths: readonly Strength[];
      /** Never above this, % v/v at the reference active content. */
      readonly cap: number;
      readonly hardWaterBinds?: true;
    }
  | {
      /** 1 part stock plus N parts water. */
      readonly kind: 'one-to-n';
      readonly ingredient: IngredientId;
      readonly strengths: readonly Strength[];
      /** Never stronger than 1 to this. */
      readonly cap: number;
    }
  | {
      /** Grams per litre of water. */
      readonly kind: 'grams-per-litre';
      readonly ingredient: IngredientId;
      readonly strengths: readonly Strength[];
      readonly cap: number;
    }
  | {
      /** Percent of the thing that acts, diluted from a bottle whose label states its own percent. */
      readonly kind: 'percent-strength';
      readonly ingredient: IngredientId;
      readonly strengths: readonly Strength[];
      readonly cap: number;
    }
  | {
      /** Percent by weight of the poison in a sugar syrup. */
      readonly kind: 'bait';
      readonly ingredient: IngredientId;
      readonly strengths: readonly Strength[];
      readonly cap: number;
      /** % sugar by weight in the syrup. */
      readonly sugarPercent: number;
    };

export interface Strength {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  /** Why some growers take this one. */
  readonly why: string;
  readonly byDefault?: true;
}

export type CautionLevel = 'note' | 'caution' | 'stop';

export interface Caution {
  /** Its own within the remedy; what has been read is remembered by it. */
  readonly id: string;
  readonly level: CautionLevel;
  /** The safety rule that it already says, so that it is not read twice. */
  readonly rule?: string;
  readonly says: string;
  /** The moment at which it is shown. */
  readonly at: 'choose' | 'mix' | 'apply';
}

/** Kinds of hour a step needs. */
export interface WindowSpec {
  readonly part: 'any' | 'morning' | 'evening' | 'day';
  readonly sun?: 'needed' | 'avoid';
  /** Hours without rain before and after the start. */
  readonly dryBefore?: number;
  readonly dryAfter?: number;
  /** km/h */
  readonly windBelow?: number;
  /** °C of the air */
  readonly between?: readonly [number, number];
  /** °C about 10 cm down in the soil */
  readonly soil?: readonly [number, number];
}

export const stepKinds = ['count', 'test-leaf', 'test-look', 'cards'] as const;
/** Steps that are more than work: something is counted, a few leaves are tried and looked at, two baits are offered. */
export type StepKind = (typeof stepKinds)[number];

export type StepPhase = 'prepare' | 'before' | 'apply' | 'after' | 'look';

/** One link of a remedy's chain. Gaps are whole days from the step named in `after` (or from the start). */
export interface StepSpec {
  readonly id: string;
  readonly phase: StepPhase;
  /** What is done, where the product has to know: counting, a test leaf, a look at the whole. */
  readonly kind?: StepKind;
  readonly does: string;
  readonly why: string;
  readonly after?: string;
  /** Earliest and latest days after that step. */
  readonly gap: readonly [number, number];
  readonly minutes: number;
  readonly window: WindowSpec;
  /** True for the step that puts the remedy on: keep-apart and pre-harvest wait count from it. */
  readonly applies?: true;
  /** What has to be found with it; left out, what its kind and phase ask for. */
  readonly asks?: StepAsk;
  /** Found here, nothing more is put on. */
  readonly halts?: readonly StepResult[];
  /** What it spreads over its place, and how thick. */
  readonly layer?: Layer;
  /** Card is laid under it, in rows. */
  readonly sheets?: true;
}

/** Loose stuff that is spread by depth. */
export const layerKinds = ['fresh-clippings', 'compost', 'chips'] as const;
export interface Layer {
  readonly of: (typeof layerKinds)[number];
  readonly cm: number;
}

export interface RemedyTarget {
  readonly of: CauseId | ConditionId;
  /** How well it fits this cause, 0…1. */
  readonly fits: number;
  readonly why: string;
  /** Northern months in which it helps against that outdoors; left out, any. */
  readonly months?: readonly number[];
  /** It keeps that away another time; where it has come already, it mends nothing. */
  readonly isBefore?: true;
  /** It is for that only where one of these was seen. */
  readonly seen?: readonly SignId[];
  /** Kinds of place in which it is for that; left out, all in which the remedy may be done. */
  readonly settings?: readonly Setting[];
  /** Plants and groups on which it is not for that, or on which alone it is. */
  readonly notFor?: readonly (PlantId | PlantGroupId)[];
  readonly onlyFor?: readonly (PlantId | PlantGroupId)[];
}

/** What a remedy takes for good. */
export const takings = ['plant', 'wood'] as const;
export type Taking = (typeof takings)[number];

/** What one count is of: a leaf or plant, a card or trap, a minute, a square of ground, all there is, a dip of the ladle. */
export const countedOns = ['leaf', 'card', 'minute', 'square', 'whole', 'dip'] as const;
export type CountedOn = (typeof countedOns)[number];
/** How many such counts make a sample: at least, and better. */
export const samples: Readonly<Record<CountedOn, { readonly least: number; readonly aim: number }>> = {
  leaf: { least: 3, aim: 10 },
  card: { least: 1, aim: 2 },
  minute: { least: 1, aim: 5 },
  square: { least: 1, aim: 3 },
  whole: { least: 1, aim: 1 },
  dip: { least: 1, aim: 3 },
};

/** What it should have done by when, for the verdict. */
export interface Expectation {
  /** What is counted or looked at, in words. */
  readonly what: string;
  readonly sign: SignId;
  readonly unit: CountUnit;
  /** Where a leaf's sick area can be told too, finer than yes or no: what is counted then, in words, and its colour. */
  readonly area?: { readonly what: string; readonly tone: Tone };
  /** One count is of one of these; left out, of a leaf or a plant. */
  readonly each?: CountedOn;
  /** Mean per leaf (or plant, card, minute) below which it counts as clear. */
  readonly clearBelow: number;
  /** % reduction that the remedy usually brings, low and high. */
  readonly reduction: readonly [number, number];
  /** Days after the first application: not before / surely by. */
  readonly days: readonly [number, number];
  /** More on the first days is a good sign (bait). */
  readonly riseUntilDay?: number;
  /** Days between two clean looks before it counts as solved. */
  readonly twiceDaysApart: number;
  /** Days after being solved for one late look. */
  readonly lateLookDays: number;
}

/** What a remedy does to what should be spared. */
export const harms = ['safe', 'some', 'harm'] as const;
export type Harm = (typeof harms)[number];

/** What is told of every remedy beside what it is for; kept in a table of its own. */
export interface RemedyFacts {
  /** What it reaches: stages of a pest, or the part of a trouble, and what it does not. */
  readonly reaches: string;
  /** Where and how it goes on. */
  readonly where: string;
  /** What is made keeps for so many days (0: nothing is made, or used at once). */
  readonly keeps: {
    readonly days: number;
    readonly says: string;
    /** Nothing is mixed that could be kept; or it is mixed for one go only. */
    readonly how?: 'nothing' | 'one-go';
  };
  readonly wear: readonly string[];
  readonly cost: 'nothing' | 'pennies' | 'some' | 'dear';
  readonly spares: { readonly helpers: Harm; readonly soil: Harm; readonly water: Harm };
  /** Getting it ready, before any step of the chain; minutes of work. */
  readonly prepare: readonly { readonly does: string; readonly minutes: number }[];
}

export interface RemedyRow extends Sourced {
  readonly id: RemedyId;
  readonly facts: RemedyFacts;
  /** Kinds of weed root it is for. */
  readonly roots?: readonly WeedRoot[];
  readonly name: string;
  readonly rung: Rung;
  readonly plain: string;
  /** One honest sentence on how well it works. */
  readonly honest: string;
  readonly targets: readonly RemedyTarget[];
  readonly recipe?: RecipeSpec;
  /** Rate in words where there is no recipe to mix. */
  readonly rate: string;
  readonly limits: readonly string[];
  readonly sensitiveTo?: SensitiveTo;
  readonly notFor?: readonly (PlantId | PlantGroupId)[];
  readonly onlyFor?: readonly (PlantId | PlantGroupId)[];
  readonly settings?: readonly Setting[];
  /** It may be done whatever it is, where the action is one of these, and why. */
  readonly ofAnything?: { readonly under: readonly ActionClass[]; readonly why: string };
  /** Living helpers that come in packs, by area: millions and litres of water for a square metre. */
  readonly packed?: { readonly millionPerM2: number; readonly litresPerM2: number };
  /** Of several places the worst is done first or last, and why. */
  readonly worst?: { readonly comes: 'first' | 'last'; readonly why: string };
  /** It cannot be taken back: a plant is given up, or wood is cut away. */
  readonly takes?: Taking;
  /** Signs with which it does nothing, or harm, and why. */
  readonly notWith?: readonly { readonly sign: SignId; readonly why: string }[];
  /** Northern months in which it is for outdoors; left out, any. */
  readonly months?: readonly number[];
  /** What is so whenever it is done by its steps, as the judge takes it. */
  readonly scene?: readonly SceneFact[];
  readonly cautions: readonly Caution[];
  /** Classes for keep-apart: soap, living, bait, acid, feed … */
  readonly classes: readonly string[];
  readonly steps: readonly StepSpec[];
  readonly repeat?: { readonly everyDays: readonly [number, number]; readonly most: number; readonly inDays: number };
  readonly preHarvestDays: number;
  readonly expect: Expectation;
}

/** Two classes of remedy that must not meet on the same plant or soil. */
export interface KeepApartRow extends Sourced {
  readonly id: string;
  readonly a: string;
  readonly b: string;
  /** Days to leave either way. */
  readonly days: number;
  readonly why: string;
  readonly scope: 'plant' | 'bed';
}

/** What becomes of a trouble that is left alone: by cause, or by kind of cause where none is named. */
export interface CourseRow extends Sourced {
  /** A cause, or a kind of cause. */
  readonly id: string;
  readonly says: string;
  /** Leaving it is as good as anything one can do. */
  readonly asGood?: true;
  /** Days count: the surest comes before the mildest. */
  readonly fast?: true;
  /** What is to be expected instead in these northern months. */
  readonly inMonths?: readonly { readonly months: readonly number[]; readonly says: string; readonly asGood?: true }[];
}

/** Two things that feed each other, and what must then be done together or first. */
export interface CombinationRow extends Sourced {
  readonly id: string;
  /** One of each must be likely. */
  readonly whenAll: readonly (readonly (CauseId | ConditionId)[])[];
  /** In this order. */
  readonly remedies: readonly RemedyId[];
  readonly why: string;
}

/** A 1-to-N dilution is stronger the smaller N is; everything else the larger the number is. */
export function withinCap(recipe: RecipeSpec, value: number): boolean {
  return recipe.kind === 'one-to-n' ? value >= recipe.cap : value <= recipe.cap;
}
