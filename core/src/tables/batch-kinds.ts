import type { IngredientId } from './common';

/** What can stand and become something: the brews, and shells in vinegar. */
export const batchKinds = ['weed', 'leaf-mould', 'neem', 'compost', 'shell-extract'] as const;
export type BatchKind = (typeof batchKinds)[number];

/** What a recipe calls it that is drawn from such a batch; left out where no recipe takes it. */
export const batchGives: Partial<Record<BatchKind, IngredientId>> = {
  weed: 'weed-brew',
  'leaf-mould': 'microbe-brew',
  neem: 'neem-leaf',
  'shell-extract': 'shell-extract',
};

/** What is noted of a brew: work, what was seen of it, what was taken. */
export const batchEventKinds = [
  'stirred',
  'fizz-ended',
  'strained',
  'used',
  'thrown-out',
  'ready-seen',
  'not-yet',
  'gone-off',
] as const;
export type BatchEventKind = (typeof batchEventKinds)[number];
