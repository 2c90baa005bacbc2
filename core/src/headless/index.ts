export * from './weigh';
export * from './mix';
export * from './plan';
export * from './follow';
