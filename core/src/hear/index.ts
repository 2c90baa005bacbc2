export * from './figures';
export * from './amounts';
export * from './times';
export * from './doses';
export * from './outermost';
export * from './denied';
export * from './uses';
export * from './nameless';
