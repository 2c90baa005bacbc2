import type { PlantGroupId, PlantId, Sourced } from './common';
import type { Where } from './signs';

/** How a plant takes something that is sprayed on it or poured at its foot. */
export type Tolerance = 'stop' | 'test-leaf';

export interface PlantRow extends Sourced {
  readonly id: PlantId;
  readonly name: string;
  /** Other names, in lower case. */
  readonly synonyms: readonly string[];
  /** Plants without a row of their own that this one stands in for: relatives with the same troubles. */
  readonly kin?: readonly string[];
  readonly groups: readonly PlantGroupId[];
  readonly edible: boolean;
  /** Which outline is drawn for tapping. */
  readonly drawing: 'bush' | 'vine' | 'podded' | 'rosette' | 'stalk' | 'potted' | 'tree';
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
