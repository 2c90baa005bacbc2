export * from './experience';
export * from './season';
