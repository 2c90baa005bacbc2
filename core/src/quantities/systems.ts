/**
 * Household measures of four systems, in mL. Sources: US customary cup and spoon (1 US gal =
 * 3785.411784 mL), metric kitchen measures, imperial pint and gallon (4546.09 mL), Australian
 * standard spoons (the tablespoon is 20 mL). Imperial kitchens today use the 5 and 15 mL spoons.
 */
export const measureSystems = ['metric', 'us', 'imperial', 'australian'] as const;
export type MeasureSystem = (typeof measureSystems)[number];

export interface SystemMeasures {
  readonly tsp: number;
  readonly tbsp: number;
  readonly cup: number;
  /** Units for water and full batches, largest first: name, mL, and the fraction it can be read to. */
  readonly bulk: readonly { readonly unit: BulkUnit; readonly ml: number; readonly step: number }[];
}

export type BulkUnit = 'L' | 'mL' | 'gal' | 'qt' | 'cup' | 'pt' | 'fl oz';

const litres = { unit: 'L', ml: 1000, step: 0.05 } as const;
const millilitre = { unit: 'mL', ml: 1, step: 5 } as const;

export const systems: Readonly<Record<MeasureSystem, SystemMeasures>> = {
  metric: { tsp: 5, tbsp: 15, cup: 250, bulk: [litres, millilitre] },
  us: {
    tsp: 4.92892,
    tbsp: 14.7868,
    cup: 236.588,
    bulk: [
      { unit: 'gal', ml: 3785.41, step: 0.25 },
      { unit: 'qt', ml: 946.353, step: 0.25 },
      { unit: 'cup', ml: 236.588, step: 0.25 },
      { unit: 'fl oz', ml: 29.5735, step: 0.5 },
    ],
  },
  imperial: {
    tsp: 5,
    tbsp: 15,
    cup: 284.131,
    bulk: [
      { unit: 'gal', ml: 4546.09, step: 0.25 },
      { unit: 'pt', ml: 568.261, step: 0.25 },
      { unit: 'fl oz', ml: 28.4131, step: 0.5 },
    ],
  },
  australian: { tsp: 5, tbsp: 20, cup: 250, bulk: [litres, millilitre] },
};
