import type { IngredientRow, RecipeSpec } from '../tables';

/** g/mL of a syrup with 20 % sugar: it weighs close to its volume. Source: sugar tables. */
export const syrupDensity = 1.08;

/** The most of its ingredient in a litre of ready mix that a value of a recipe stands for, mL or g. */
export function perLitreOf(spec: RecipeSpec, value: number, { label }: Pick<IngredientRow, 'label'>): number {
  switch (spec.kind) {
    case 'percent-volume':
      return value * 10;
    case 'one-to-n':
      return 1000 / (value + 1);
    case 'grams-per-litre':
      return value;
    case 'percent-strength':
      return (1000 * value) / (label?.usual ?? 100);
    case 'bait':
      return value * 10 * syrupDensity;
    default:
      return spec satisfies never;
  }
}
