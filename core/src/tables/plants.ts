import type { PlantGroupId, PlantId, Sourced } from './common';
import type { Tone } from './plates';
import type { Where } from './signs';

/** How a plant takes something that is sprayed on it or poured at its foot. */
export type Tolerance = 'stop' | 'test-leaf';

/** What a gardener knows a plant by from some steps away. */
export interface Portrait {
  /** How it stands: what its stems do. */
  readonly habit:
    | 'stems'
    | 'canes'
    | 'single'
    | 'climber'
    | 'trailer'
    | 'rosette'
    | 'fan'
    | 'head'
    | 'tree'
    | 'cone'
    | 'hedge'
    | 'turf'
    | 'cactus'
    | 'tray';
  readonly leaf:
    | 'oval'
    | 'lance'
    | 'heart'
    | 'broad'
    | 'round'
    | 'lobed'
    | 'trio'
    | 'pairs'
    | 'hand'
    | 'feather'
    | 'frond'
    | 'frill'
    | 'strap'
    | 'needle';
  /** Left out, a healthy green. */
  readonly leafTone?: Tone;
  /** Of stalks and ribs where they catch the eye. */
  readonly stemTone?: Tone;
  readonly fruit?: {
    readonly shape: 'ball' | 'drop' | 'long' | 'pod' | 'berries' | 'cob' | 'clump';
    readonly tone: Tone;
  };
  readonly flower?: {
    readonly shape: 'star' | 'cup' | 'bell' | 'ball' | 'daisy' | 'spike' | 'wing' | 'lip';
    readonly tone: Tone;
  };
  /** What is dug up or shows at the soil. */
  readonly root?: { readonly shape: 'taper' | 'ball' | 'bulb' | 'tubers'; readonly tone: Tone };
  /** Most often met in a pot. */
  readonly pot?: true;
}

export interface PlantRow extends Sourced {
  readonly id: PlantId;
  readonly name: string;
  /** Other names, in lower case. */
  readonly synonyms: readonly string[];
  /** Plants without a row of their own that this one stands in for: relatives with the same troubles. */
  readonly kin?: readonly string[];
  readonly groups: readonly PlantGroupId[];
  readonly edible: boolean;
  /** How it is drawn. */
  readonly portrait: Portrait;
  /** Parts that can be tapped on the drawing. */
  readonly parts: readonly Where[];
  /** By kind of remedy: soap, oil, bicarbonate, peroxide … */
  readonly sensitive: Readonly<Partial<Record<SensitiveTo, { readonly tolerance: Tolerance; readonly why: string }>>>;
  /** Soil pH it grows well in. */
  readonly ph: readonly [number, number];
}

/** Families that share what lives on from crop to crop in the soil: the same one is not grown in a bed within three years. */
export const rotationFamilies = ['brassica', 'allium', 'umbel', 'cucurbit', 'beet', 'legume', 'nightshade'] as const;

export type SensitiveTo =
  'soap' | 'oil' | 'milk' | 'bicarbonate' | 'peroxide' | 'sulphur' | 'copper' | 'salt' | 'acid' | 'nitrogen';
