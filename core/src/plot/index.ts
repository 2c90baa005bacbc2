export * from './plot';
export * from './stretch';
export * from './rotation';
export * from './sowing';
