export * from './amounts';
export * from './chain';
export * from './counts';
export * from './needs';
export * from './own';
export * from './setting';
export * from './rounds';
export * from './doing';
