export * from './choose';
export type { NextTime } from './next-time';
export type { Rivals } from './suggest';
