export * from './choose';
