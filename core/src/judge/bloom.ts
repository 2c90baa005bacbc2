import type { RemedyRow, Tables } from '../tables';
import type { CautionFound } from './caution';
import { judge } from './judge';
import { remedyAct } from './remedy-act';

/** Is it open blossom, and who comes to it, that speaks against something? */
export const isOfBloom = ({ safetyRules }: Pick<Tables, 'safetyRules'>, found: CautionFound): boolean =>
  'rule' in found &&
  safetyRules.some(({ id, when }) => id === found.rule && when.facts?.includes('on-open-bloom') === true);

/** Is any of it put on when bees are about? */
export const goesOnByDay = ({ steps }: Pick<RemedyRow, 'steps'>): boolean =>
  steps.some(({ applies, window }) => applies && window.part !== 'evening');

/**
 * Does the judge stop a remedy while its plant is in flower? What goes on in the evening meets no bees; what goes on by
 * day does.
 */
export function waitsForBloom(tables: Tables, remedy: RemedyRow, isByDay: boolean): boolean {
  const facts = ['on-open-bloom', ...(isByDay ? (['bees-flying', 'sun'] as const) : (['evening'] as const))] as const;
  return judge(tables, remedyAct(tables, remedy, { facts: [...facts] })).some(
    (found) => found.level === 'stop' && isOfBloom(tables, found),
  );
}
