export * from './choose';
export * from './safety';
