export * from './leaf';
