export * from './meanings';
