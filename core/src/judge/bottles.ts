import type { IngredientRow } from '../tables';

/** Bottles whose label says how strong they are, and it matters. */
export const hasLabel = ({ classes }: Pick<IngredientRow, 'classes'>): boolean =>
  ['peroxide', 'acid', 'ammonia'].some((name) => classes.includes(name)) &&
  !['feed', 'calcium'].some((name) => classes.includes(name));

/** What pharmacies sell as peroxide, and kitchens as vinegar, %. */
const usualLabel: Readonly<Record<string, number>> = { peroxide: 3, acid: 5 };

export const usualLabelOf = ({ classes }: Pick<IngredientRow, 'classes'>): number | undefined =>
  Object.entries(usualLabel).find(([name]) => classes.includes(name))?.[1];
