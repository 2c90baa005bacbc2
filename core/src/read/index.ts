export * from './read';
export { kinNamed, lexiconOf } from '../hear/words';
export * from './facts';
export * from './plates';
export * from './texture';
export * from './soil-test';
export * from './counting';
export * from './find';
export { triedIn } from './tried';
