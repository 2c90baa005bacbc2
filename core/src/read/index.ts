export * from './read';
export { lexiconOf } from '../hear/words';
export * from './facts';
export * from './plates';
export * from './texture';
export * from './soil-test';
export * from './counting';
