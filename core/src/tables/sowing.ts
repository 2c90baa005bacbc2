import type { PlantId, Sourced } from './common';

/** How much warmth a crop asks for while it grows. */
export const growths = ['cool', 'warm'] as const;
export type Growth = (typeof growths)[number];

/** When a crop is sown or set out where it is to grow, how long it then takes, and what cold it stands. */
export interface SowingRow extends Sourced {
  readonly plant: PlantId;
  /** What is sown or set out where that is not the whole kind, as "dwarf beans". */
  readonly as?: string;
  /** Northern months in which it is sown outdoors, or set out. */
  readonly months: readonly number[];
  /** Set out as a young plant, a set, a clove or a slip; days count from then. */
  readonly isSetOut?: true;
  /** Days to the first picking in good growing weather, quick and slow kinds. */
  readonly days: readonly [number, number];
  readonly growth: Growth;
  /** °C at night that it stands out in the open. */
  readonly stands: number;
}
