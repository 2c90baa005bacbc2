/** A condition in short; where it is from and how sure, each row says itself. */
import type { ConditionRow } from '@trowel/core/tables';

export const condition = (row: Omit<ConditionRow, 'avoid'> & Partial<ConditionRow>): ConditionRow => ({
  avoid: [],
  ...row,
});
