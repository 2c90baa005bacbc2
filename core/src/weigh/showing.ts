import type { WeighedCause, WeighedCondition, Weighing } from './weigh';

/** What is worth a gardener's eye: below these a cause, a condition or the unknown is left off the page. */
const causeFrom = 0.12;
const loneCauseFrom = 0.05;
const conditionFrom = 0.3;
const unknownFrom = 0.1;
const mostCauses = 5;
const mostConditions = 4;
/** From here on what leads is a cause; else the ground or the care does. */
const causeLeadsFrom = 0.2;
const secondNamedFrom = 0.5;

export interface WorthShowing {
  readonly shown: readonly WeighedCause[];
  readonly beneath: readonly WeighedCondition[];
  readonly hasUnknown: boolean;
  /** What stands at the head of the case: the leading one, and a second where it is likely too. */
  readonly head: readonly (WeighedCause | WeighedCondition)[];
}

export function worthShowing({ causes, conditions, noneOfThese }: Weighing): WorthShowing {
  const leading = (causes[0]?.probability ?? 0) >= causeLeadsFrom ? causes : conditions;
  return {
    shown: causes
      .filter(({ probability }, at) => probability >= causeFrom || (at === 0 && probability >= loneCauseFrom))
      .slice(0, mostCauses),
    beneath: conditions.filter(({ probability }) => probability >= conditionFrom).slice(0, mostConditions),
    hasUnknown: noneOfThese >= unknownFrom,
    head: leading.filter(({ probability }, at) => at === 0 || probability >= secondNamedFrom).slice(0, 2),
  };
}
