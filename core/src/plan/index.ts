export * from './sun';
export * from './weather';
export * from './windows';
export * from './schedule';
export * from './visits';
export * from './exact';
export * from './gives';
