export { mix, strengthWords } from './mix';
export * from './soap';
export * from './slips';
export { ingredientNamed, rulesFor } from './safety';
