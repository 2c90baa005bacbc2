export * from './figures';
export * from './amounts';
export * from './times';
export * from './doses';
export * from './outermost';
