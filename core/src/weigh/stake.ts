import type { CauseRow } from '../tables';

/** What a remedy is for must be this likely by itself, or half as likely as the likeliest: the background brings nothing. */
const ownFloor = 0.35;
/** A condition that is only supposed from its causes has to be likelier. */
const conditionFloor = 0.4;
const sharesStory = 0.5;
/** However little is known. */
const leastFloor = 0.15;

interface Likely {
  readonly probability: number;
}

/** From which chance on a cause, and a condition, has something at stake beside all that is likely here. */
export function atStakeFrom(
  causes: readonly Likely[],
  conditions: readonly Likely[],
): { readonly cause: number; readonly condition: number } {
  const likeliest = Math.max(0, ...[...causes, ...conditions].map(({ probability }) => probability));
  const from = (floor: number) => Math.max(leastFloor, Math.min(floor, sharesStory * likeliest));
  return { cause: from(ownFloor), condition: from(conditionFloor) };
}

/** From here on what cannot be taken back may be done: a plant given up, wood cut away. */
export const sureEnoughToTake = { plant: 0.5, wood: 0.35 } as const;

/** Less than this is no ground to begin with the care. */
const isFaultFrom = 0.25;

/** Care that is at fault enough to be mended first: one fault by itself, not the sum of one way and its opposite. */
export function careAtFault<Cause extends Likely & { readonly row: CauseRow }, Condition extends Likely>(
  causes: readonly Cause[],
  conditions: readonly Condition[],
): { readonly causes: readonly Cause[]; readonly conditions: readonly Condition[] } {
  const from = atStakeFrom(causes, conditions);
  const isFault = ({ probability }: Likely, floor: number) => probability >= Math.max(isFaultFrom, floor);
  return {
    causes: causes.filter((cause) => cause.row.act === 'mend-care-first' && isFault(cause, from.cause)),
    conditions: conditions.filter((condition) => isFault(condition, from.condition)),
  };
}
