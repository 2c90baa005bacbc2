import type { BulkAmount, Measured, SpoonPiece } from './household';

const fractions: Record<string, string> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

/** 1.5 → "1½", 0.25 → "¼", 3 → "3". */
export function spoonCount(count: number): string {
  const whole = Math.floor(count);
  const rest = fractions[String(Number((count - whole).toFixed(2)))] ?? '';
  if (!rest && count !== whole) return String(Number(count.toFixed(2)));
  return whole === 0 && rest ? rest : `${whole}${rest}`;
}

const toolWords: Record<SpoonPiece['tool'], [one: string, many: string]> = {
  tsp: ['teaspoon', 'teaspoons'],
  tbsp: ['tablespoon', 'tablespoons'],
  cup: ['cup', 'cups'],
  syringe: ['mL by syringe', 'mL by syringe'],
  jug: ['mL by the jug', 'mL by the jug'],
};

/** "1 tablespoon + ½ teaspoon"; spelt out, so that tsp and tbsp cannot be misread. */
export function spoonWords(measured: Measured): string {
  if (measured.pieces.length === 0) return 'nothing';
  return measured.pieces
    .map(({ tool, count }) => `${spoonCount(count)} ${toolWords[tool][count > 1 ? 1 : 0]}`)
    .join(' + ');
}

/** "1.49 L", "3 qt". */
export function bulkWords({ amount, unit }: BulkAmount): string {
  return unit === 'mL' || unit === 'L' ? `${trim(amount, 2)} ${unit}` : `${spoonCount(amount)} ${unit}`;
}

/** Up to `digits` decimals, no trailing zeros. */
export function trim(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)));
}

/** A number as people type it, with a decimal comma or point; undefined for anything else. */
export function readNumber(text: string): number | undefined {
  const tidy = text.trim().replace(',', '.');
  if (tidy === '') return undefined;
  const value = Number(tidy);
  return Number.isFinite(value) ? value : undefined;
}
