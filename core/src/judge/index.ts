export * from './caution';
export * from './on-plant';
export * from './safety';
export * from './question';
