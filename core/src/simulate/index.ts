export * from './population';
export * from './what-if';
export * from './hatch';
