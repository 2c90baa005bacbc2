export * from './problem';
export * from './weigh';
export * from './mix';
export * from './plan';
export * from './follow';
export * from './commands';
export * from './views';
export * from './clinic';
