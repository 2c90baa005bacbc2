export * from './sun';
export * from './weather';
export * from './windows';
export * from './schedule';
