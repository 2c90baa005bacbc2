import type { IngredientRow } from '../tables';

/** One thing to measure out: a liquid in mL, a powder in g with what it fills. */
export interface PartFound {
  readonly ingredient: string;
  readonly ml: number;
  /** Given for a powder. */
  readonly grams?: number;
  /** g/mL, of a powder's heap. */
  readonly density?: number;
}

export const liquid = ({ id }: Pick<IngredientRow, 'id'>, ml: number): PartFound => ({ ingredient: id, ml });

export const powder = ({ id, density }: Pick<IngredientRow, 'id' | 'density'>, grams: number): PartFound => ({
  ingredient: id,
  ml: grams / density,
  grams,
  density,
});

export const round = (value: number, digits: number): number => Number(value.toFixed(digits));
