export * from './weighing';
export * from './plan';
export * from './follow';
export * from './ground';
export * from './bench';
export * from './card';
export * from './measures';
