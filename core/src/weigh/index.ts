export * from './weigh';
export * from './situation';
export * from './weather';
export type { Contribution } from './explain';
export type { ActionReason } from './act';
export { levelOf } from './act';
export { causesInOrder } from './model';
export * from './ground';
export * from './contrast';
