export * from './change';
export * from './follow';
