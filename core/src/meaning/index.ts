export * from './acts';
export * from './meanings';
export * from './scenes';
