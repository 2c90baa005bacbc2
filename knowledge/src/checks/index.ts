/** Checks that settle something: minutes, what is needed, how, and how to read the answer. */
import type { CheckRow } from '@trowel/core/tables';
import { leavesAndCreaturesChecks } from './leaves-and-creatures';
import { recordsChecks } from './records';
import { soilAndWaterChecks } from './soil-and-water';
import { stemsAndRootsChecks } from './stems-and-roots';

export const checks: readonly CheckRow[] = [
  ...leavesAndCreaturesChecks,
  ...stemsAndRootsChecks,
  ...soilAndWaterChecks,
  ...recordsChecks,
];
