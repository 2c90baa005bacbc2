export * from './caution';
export * from './on-plant';
export * from './remedy-act';
export * from './safety';
export * from './judge';
export * from './timing';
export * from './question';
export * from './rounds';
