export * from './choose';
export * from './safety';
export * from './question';
