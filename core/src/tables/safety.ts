import type { Sourced } from './common';
import type { CautionLevel } from './remedies';

/** What can lie close to a place of the garden for good: asked for once, minded in everything that is done there. */
export const nearFacts = [
  'near-pond',
  'near-children-or-pets',
  'near-cats',
  'near-worm-bin',
  'near-food',
  'near-paving',
] as const;
export type NearFact = (typeof nearFacts)[number];

/** What can be true of a job besides what is in the vessel: where it goes, what is near, the weather, who does it, how it is kept. */
export const sceneFactIds = [
  'chlorinated-water',
  'chloramine-water',
  'on-leaves',
  'on-soil',
  'on-open-bloom',
  'on-drinking-water',
  'on-raw-leaves',
  'on-crop',
  'grows-food',
  'waits-long',
  'on-plant',
  'near-pond',
  'into-pond',
  'near-worm-bin',
  'near-food',
  'near-paving',
  'near-children-or-pets',
  'near-cats',
  'near-flame',
  'hot',
  'very-hot',
  'sun',
  'wind',
  'frost',
  'thirsty',
  'pregnant',
  'by-a-child',
  'asthma',
  'as-soak',
  'neat',
  'boiling',
  'heated',
  'acid-lover',
  'not-mine',
  'bees-flying',
  'by-mouth',
  'ladder',
  'bee-or-wasp-nest',
  'burns-open',
  'lid-tight',
  'drink-bottle',
  'no-label',
  'bait-open',
  'target-helper',
  'dead-limbs',
  'forbidden-here',
  'hairy-caterpillar',
  'as-weedkiller',
  'not-food-grade',
  'bag-opened',
  'suspect-worm',
  'moves-soil',
  'moves-wood',
  'bored-wood',
  'blight-or-virus',
  'to-compost',
  'treated-lawn',
  'as-mulch',
  'eaten-root-in-town',
  'sap-burns',
  'to-drain',
  'fruit-end-rot',
  'fern-or-tender',
  'hard-water',
  'by-label',
  'short-of-potassium',
  'runner-roots',
  'concentrates',
  'masked',
  'goggled',
  'gloved',
  'closed-station',
  'on-swab',
  'rain-soon',
  'plant-hurt',
  'bare-branches',
  'birds-nesting',
  'antibacterial',
  'evening',
  'person-hurt',
  'animal-hurt',
  'treats-body',
  'bare-hands',
  'closed-room',
  'under-glass',
  'wet-leaves',
  'on-tools',
  'among-plants',
  'soil-limy',
  'free-lime',
  'soil-sour',
  'butterfly-plant',
  'butterfly-young',
  'ready-to-use',
  'made-stronger',
  'thought-weak',
  'burnt-white',
  'against-stem',
  'at-foot',
  'under-roots',
  'dried',
  'grows-potatoes',
  'label-forbids',
  'pulled-out',
  'overfed',
  'all-leaf',
  'has-suckers',
  'soaked',
  'resting',
  'untested-soil',
  'flushes',
  'cold-wet',
  'dug-in',
  'left-on-top',
  'tilled',
  'runner-weed',
  'unwatched',
  'in-leaf',
  'gives-gas',
  'clear-of-stem',
  'cuts-hedge',
  'virus',
] as const;
export type SceneFact = (typeof sceneFactIds)[number];

/** The words by which a gardener's line is understood to say so; none where it is measured. */
export interface SceneFactRow {
  readonly id: SceneFact;
  readonly words: readonly string[];
  /** Where one of these is said as well, it is not so. */
  readonly unless?: readonly string[];
  /** It is so where the soil's pH is this or more, or less than this. */
  readonly ph?: { readonly from: number } | { readonly below: number };
}

/** When a rule speaks: all of what is named here must hold. */
export interface SafetyWhen {
  /** Nothing in a vessel or a scene tells it: only where the words of a question mean just this. */
  readonly asked?: true;
  /** Classes that are all in the vessel (or of the remedy used). */
  readonly things?: readonly string[];
  /** Classes of which nothing is in the vessel. */
  readonly without?: readonly string[];
  /** Something of a class whose label says more than so many per cent. */
  readonly over?: { readonly class: string; readonly percent: number };
  /** Something of a class that is more than so many per cent of what goes on. */
  readonly dose?: { readonly class: string; readonly percent: number };
  readonly facts?: readonly SceneFact[];
  /** None of these is so. */
  readonly withoutFacts?: readonly SceneFact[];
  /** Something of a class was in this vessel before, or on this plant or bed within so many days. */
  readonly before?: { readonly class: string; readonly where: 'tank' | 'plant' | 'bed'; readonly days: number };
  /** Something to be eaten is picked in fewer days. */
  readonly harvestWithin?: number;
  /** Only in these months, as in the north; where nobody knows the month it is so in any. */
  readonly months?: readonly number[];
  /** Only where nobody said when something is picked. */
  readonly harvestUnknown?: true;
}

/** A rule about what hurts someone or something, or wastes the work. */
export interface SafetyRule extends Sourced {
  readonly id: string;
  /** Where all of these hold it has been minded already, and is only noted. */
  readonly metBy?: readonly SceneFact[];
  readonly level: CautionLevel;
  readonly when: SafetyWhen;
  readonly says: string;
  readonly instead: string;
}
