export * from './deal';
export * from './cards';
