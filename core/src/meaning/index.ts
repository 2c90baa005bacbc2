export * from './acts';
export * from './meanings';
