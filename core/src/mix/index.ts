export { mix, strengthWords } from './mix';
export * from './bench';
export * from './soap';
export * from './slips';
export * from './batches';
export { checkRecipe, mixOwn, recipeOf } from './own-recipe';
export * from './shopping';
