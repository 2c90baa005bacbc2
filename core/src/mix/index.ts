export { mix, strengthWords } from './mix';
export * from './bench';
export * from './soap';
export * from './slips';
