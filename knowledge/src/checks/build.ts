/** A check in short; where it is from and how sure, each row says itself. */
import type { CheckRow } from '@trowel/core/tables';

export const guideline = { source: 'extension', grade: 'guideline' } as const;

export type Short = Omit<CheckRow, 'waitDays' | 'needs'> & Partial<CheckRow>;

export const check = (row: Short): CheckRow => ({ waitDays: 0, needs: [], ...row });
