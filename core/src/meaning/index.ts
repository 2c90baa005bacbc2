export * from './acts';
export { deniedOf } from './denials';
export * from './meanings';
export * from './scenes';
