import type { SafetyRule, SafetyWhen } from '@trowel/core/tables';

type Level = SafetyRule['level'];

/** Sure by chemistry. */
export const chemistry = (id: string, level: Level, when: SafetyWhen, says: string, instead: string): SafetyRule => ({
  id,
  level,
  when,
  says,
  instead,
  source: 'chemistry',
  grade: 'trial',
});
/** Extension practice and labels. */
export const guideline = (id: string, level: Level, when: SafetyWhen, says: string, instead: string): SafetyRule => ({
  id,
  level,
  when,
  says,
  instead,
  source: 'extension',
  grade: 'guideline',
});
export const both = (a: string, b: string): SafetyWhen => ({ things: [a, b] });
