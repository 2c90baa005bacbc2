export * from './weigh';
export * from './situation';
export type { Contribution } from './explain';
export type { ActionReason } from './act';
export { levelOf } from './act';
export { causesInOrder } from './model';
