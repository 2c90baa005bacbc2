export * from './caution';
export * from './choose';
export * from './on-plant';
export * from './safety';
export * from './question';
