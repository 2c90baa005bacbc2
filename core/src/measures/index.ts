export * from './quantities';
export * from './systems';
export * from './household';
export * from './format';
export * from './units';
