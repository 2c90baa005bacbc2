import type { Said } from '../quantities';
import type { CautionLevel, RemedyId, SafetyRule, SceneFact } from '../tables';

/** Something to be minded: by its own code, by the safety rule that says so, or by a caution of the remedy's own. */
export type CautionFound<Code extends string = string> = { readonly level: CautionLevel } & (
  Said<Code> | { readonly rule: string } | { readonly own: { readonly remedy: RemedyId; readonly caution: string } }
);

/** How one thing is known again when it has been read: by its rule, its caution or its code. */
export function cautionKey(found: CautionFound): string {
  if ('rule' in found) return found.rule;
  if ('own' in found) return `${found.own.remedy}:${found.own.caution}`;
  const { limit } = found.with;
  return typeof limit === 'string' ? `${found.code}:${limit}` : found.code;
}

/** A rule as something to be minded; what has been minded already is only noted. */
export const byRule = ({ id, level, metBy }: SafetyRule, facts: readonly SceneFact[] = []): CautionFound => ({
  level: level === 'caution' && metBy?.every((fact) => facts.includes(fact)) ? 'note' : level,
  rule: id,
});

/** Each thing once; what differs in what it carries is another thing. */
export function onlyOnce(found: readonly CautionFound[]): CautionFound[] {
  const seen = new Set<string>();
  return found.filter((one) => {
    const key = JSON.stringify(one);
    return !seen.has(key) && seen.add(key);
  });
}
