import type { Sourced } from './common';
import type { CautionLevel } from './remedies';

/**
 * What can be true of a job besides what is in the vessel: where it goes, what is near, the weather, who
 * does it, and how it is kept. Each with the words by which a gardener's line is understood.
 */
export const sceneFacts = {
  'on-leaves': ['on leaves', 'on the leaves', 'spray', 'sprayed', 'spraying'],
  'on-soil': ['on soil', 'on the soil', 'in the soil', 'on the ground', 'drench', 'around roots', 'near roots'],
  'on-open-bloom': [
    'open blossom',
    'open bloom',
    'on flowers',
    'in flower',
    'on blossom',
    'while flowering',
    'flowering',
    'bees',
    'bumblebees',
  ],
  'on-drinking-water': [
    'drinking water',
    'well water',
    'the well',
    'water butt we drink',
    'pet bowl',
    'cattle trough',
    'trough',
  ],
  'on-raw-leaves': ['salad', 'lettuce', 'raw leaves', 'eaten raw', 'sprouts', 'microgreens', 'herbs to eat'],
  'on-crop': ['on crops', 'on vegetables', 'on fruit', 'on the fruit', 'vegetable bed', 'on food plants'],
  'on-plant': ['on plants', 'on the plant', 'on my plants'],
  'near-pond': ['pond', 'fish', 'stream', 'frogs', 'ditch'],
  'near-worm-bin': ['worm bin', 'wormery', 'worm farm'],
  'near-food': ['kitchen', 'near food', 'larder', 'pantry shelf'],
  'near-paving': ['paving', 'patio', 'path', 'steps'],
  'near-children-or-pets': ['child', 'children', 'toddler', 'pets', 'dog', 'cat', 'cats', 'hens', 'chickens'],
  'near-cats': ['cat', 'cats'],
  'near-flame': ['flame', 'candle', 'barbecue', 'smoking', 'stove', 'fire'],
  hot: ['hot day', 'heatwave', 'heat wave', 'midsummer heat'],
  'very-hot': [],
  sun: ['full sun', 'at noon', 'midday', 'blazing sun', 'in the sun'],
  wind: ['wind', 'windy', 'gusty', 'breezy'],
  frost: ['frost', 'freezing', 'below zero'],
  thirsty: ['drought', 'wilted', 'wilting', 'thirsty', 'dry plants'],
  pregnant: ['pregnant', 'pregnancy', 'expecting a baby', 'trying for a baby'],
  'by-a-child': ['my child mixes', 'let my son', 'let my daughter', 'with the kids', 'kids help', 'child help'],
  asthma: ['asthma', 'asthmatic'],
  'lid-tight': [
    'sealed',
    'tight lid',
    'closed jar',
    'screwed shut',
    'airtight',
    'closed lid',
    'lid on tight',
    'sealed jar',
    'screw the lid',
  ],
  'drink-bottle': ['drink bottle', 'lemonade bottle', 'soda bottle', 'water bottle', 'juice bottle', 'beer bottle'],
  'no-label': ['unlabelled', 'unlabeled', 'without a label', 'no label'],
  'bait-open': ['open bait', 'open dish', 'saucer', 'uncovered', 'on the floor'],
  'target-helper': [
    'ladybird',
    'ladybug',
    'lacewing',
    'hoverfly',
    'hoverflies',
    'ladybird larva',
    'ladybird larvae',
    'mummies',
    'predatory mite',
  ],
  'dead-limbs': ['dead limb', 'dead branches overhead', 'borers in the tree', 'tree with borers', 'dead tree'],
  'forbidden-here': ['banned here', 'forbidden here', 'not allowed here', 'illegal here', 'withdrawn'],
  'hairy-caterpillar': ['hairy caterpillar', 'hairy caterpillars', 'processionary'],
  'as-weedkiller': ['weedkiller', 'weed killer', 'kill weeds', 'kill the weeds', 'on weeds', 'against weeds'],
  'not-food-grade': ['pool grade', 'filter grade', 'pool filter', 'calcined'],
  'bag-opened': ['bag of compost', 'compost bag', 'potting soil bag'],
  'suspect-worm': ['jumping worm', 'jumping worms', 'snake worm'],
  'moves-soil': ['give away', 'swap plants', 'move soil', 'plant sale', 'share plants'],
  'blight-or-virus': ['late blight', 'virus', 'mosaic virus', 'blighted'],
  'to-compost': ['to compost', 'on the compost', 'compost heap', 'compost it'],
  'treated-lawn': ['treated lawn', 'weed and feed', 'feed and weed', 'clopyralid', 'sprayed lawn'],
  'as-mulch': ['as mulch', 'mulch with'],
  'eaten-root-in-town': ['old paint', 'busy road', 'lead paint', 'old house wall'],
  'sap-burns': ['milky sap', 'spurge', 'euphorbia'],
  'to-drain': ['down the drain', 'in the drain', 'down the sink', 'gutter'],
  'fruit-end-rot': ['blossom end rot', 'fruit-end rot', 'bottom of the fruit', 'end rot'],
  'fern-or-tender': ['fern', 'maidenhair', 'succulent', 'orchid', 'sweet pea', 'seedling', 'seedlings'],
} as const satisfies Readonly<Record<string, readonly string[]>>;
export type SceneFact = keyof typeof sceneFacts;
export const sceneFactIds = Object.keys(sceneFacts) as [SceneFact, ...SceneFact[]];

/** When a rule speaks: all of what is named here must hold. */
export interface SafetyWhen {
  /** Classes that are all in the vessel (or of the remedy used). */
  readonly things?: readonly string[];
  /** Something of a class whose label says more than so many per cent. */
  readonly over?: { readonly class: string; readonly percent: number };
  readonly facts?: readonly SceneFact[];
  /** Something of a class was in this vessel before, or on this plant or bed within so many days. */
  readonly before?: { readonly class: string; readonly where: 'tank' | 'plant' | 'bed'; readonly days: number };
  /** Something to be eaten is picked in fewer days. */
  readonly harvestWithin?: number;
}

/** A rule about what hurts someone or something, or wastes the work. */
export interface SafetyRule extends Sourced {
  readonly id: string;
  readonly level: CautionLevel;
  readonly when: SafetyWhen;
  readonly says: string;
  readonly instead: string;
}
