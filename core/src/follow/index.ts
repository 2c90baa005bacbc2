export * from './trend';
export * from './follow';
export { levelOfCounts, mean, type Level } from './levels';
export * from './time-line';
