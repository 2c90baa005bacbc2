import type { PartFound } from '../mix/parts';
import type { JobWater } from '../tables';

/** What one mix takes along. */
export interface Load {
  readonly parts: readonly PartFound[];
  readonly waterMl: number;
  readonly water: JobWater;
}

/** What several mixes take along in all: each thing once, and water by where it comes from. */
export interface LoadInAll {
  readonly parts: readonly PartFound[];
  /** mL */
  readonly water: readonly { readonly from: JobWater; readonly ml: number }[];
}

/** Adds up what is carried. A powder stays one, by its weight. */
export function loadInAll(loads: readonly Load[]): LoadInAll {
  const parts = new Map<string, PartFound>();
  const water = new Map<JobWater, number>();
  for (const load of loads) {
    for (const part of load.parts) {
      const known = parts.get(part.ingredient);
      parts.set(
        part.ingredient,
        known
          ? {
              ...known,
              ml: known.ml + part.ml,
              ...(part.grams === undefined ? {} : { grams: (known.grams ?? 0) + part.grams }),
            }
          : part,
      );
    }
    water.set(load.water, (water.get(load.water) ?? 0) + load.waterMl);
  }
  return { parts: [...parts.values()], water: [...water].map(([from, ml]) => ({ from, ml })) };
}
