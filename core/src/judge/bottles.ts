import type { IngredientRow } from '../tables';

/** Bottles whose label says how strong they are, and it matters. */
export const hasLabel = ({ classes }: Pick<IngredientRow, 'classes'>): boolean =>
  ['peroxide', 'acid', 'ammonia'].some((name) => classes.includes(name)) &&
  !['feed', 'calcium'].some((name) => classes.includes(name));

/** Label strength of peroxide where nothing is said, %: what pharmacies sell. */
export const usualBottlePercent = 3;
/** The same of vinegar: what kitchens have. */
const usualVinegarPercent = 5;

const usualLabel: Readonly<Record<string, number>> = { peroxide: usualBottlePercent, acid: usualVinegarPercent };

export const usualLabelOf = ({ classes }: Pick<IngredientRow, 'classes'>): number | undefined =>
  Object.entries(usualLabel).find(([name]) => classes.includes(name))?.[1];
