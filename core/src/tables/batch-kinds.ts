/** What can stand and become something: the brews, and shells in vinegar. */
export const batchKinds = ['weed', 'leaf-mould', 'neem', 'compost', 'shell-extract'] as const;
export type BatchKind = (typeof batchKinds)[number];
