export * from './read';
export { lexiconOf } from './words';
export * from './facts';
export * from './plates';
