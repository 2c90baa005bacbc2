export * from './choose';
export { monthToMark, type NextTime } from './next-time';
export type { Rivals } from './suggest';
export { actsWhen, paceOf, paces, type Pace } from './acts-when';
