import { systems, type MeasureSystem } from '../measures/systems';

/** How large the gardener's spoons are. */
export const spoonNote = (system: MeasureSystem): string =>
  `Your teaspoon is ${systems[system].tsp} mL, your tablespoon ${systems[system].tbsp} mL.`;
