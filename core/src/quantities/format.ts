import type { BulkAmount, Measured, SpoonPiece } from './household';
import { mixedFraction, unitWords } from './show';

/** 1.5 → "1½", 0.25 → "¼", 3 → "3". */
export const spoonCount = (count: number): string => mixedFraction(Number(count.toFixed(4)));

const toolWords: Record<SpoonPiece['tool'], (count: number) => string> = {
  tsp: (count) => unitWords('tsp', count),
  tbsp: (count) => unitWords('tbsp', count),
  cup: (count) => unitWords('cup', count),
  syringe: () => 'mL by syringe',
  jug: () => 'mL by the jug',
  drops: (count) => unitWords('drop', count),
};

/** "1 tablespoon + ½ teaspoon"; spelt out, so that tsp and tbsp cannot be misread. */
export const spoonWords = ({ pieces }: Pick<Measured, 'pieces'>): string =>
  pieces.length === 0
    ? 'nothing'
    : pieces.map(({ tool, count }) => `${spoonCount(count)} ${toolWords[tool](count)}`).join(' + ');

/** "1.49 L", "3 quarts". */
export function bulkWords({ amount, unit }: BulkAmount): string {
  return unit === 'mL' || unit === 'L'
    ? `${trim(amount, 2)} ${unit}`
    : `${spoonCount(amount)} ${unitWords(unit, amount)}`;
}

/** Up to `digits` decimals, no trailing zeros. */
export function trim(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)));
}
