import type { PackedWeights } from '../tables';
import type { Common } from './nearness';
import { pack } from './packed';

/** How much features and directions speak for each row of a list. */
export interface WeightTable {
  /** Rows of the list. */
  readonly size: number;
  readonly features: readonly { readonly hash: number; readonly weightOf: (row: number) => number }[];
  /** Weight of a dimension of a direction for a row. */
  readonly along: (dimension: number, row: number) => number;
  readonly common: Common;
  /** Weights below it are many and tell little: they are left out. */
  readonly slightest: number;
}

/** The same in eight bits a weight. */
export function packedWeights({ size, features, along, common, slightest }: WeightTable): PackedWeights {
  const rows = Array.from({ length: size }, (_, row) => row);
  const kept = features
    .map(({ hash, weightOf }) => ({
      hash,
      weights: rows.flatMap((row) => {
        const weight = weightOf(row);
        return Math.abs(weight) >= slightest ? [{ row, weight }] : [];
      }),
    }))
    .filter(({ weights }) => weights.length > 0)
    .sort((a, b) => a.hash - b.hash);
  const all = kept.flatMap(({ weights }) => weights);
  const step = mostOf(all.map(({ weight }) => weight)) / 127;
  const directions = rows.flatMap((row) => Array.from(common.mean, (_, dimension) => along(dimension, row)));
  const nearness = mostOf(directions);
  return {
    step,
    features: {
      hash: pack(Uint32Array.from(kept, ({ hash }) => hash)),
      count: pack(Uint16Array.from(kept, ({ weights }) => weights.length)),
      sign: pack(Uint16Array.from(all, ({ row }) => row)),
      weight: pack(Int8Array.from(all, ({ weight }) => Math.round(weight / step))),
    },
    nearness,
    directions: pack(Int8Array.from(directions, (value) => Math.round((127 * value) / nearness))),
    common: { mean: pack(common.mean), direction: pack(common.direction) },
  };
}

/** The largest, whatever its sign; 1 where there is none. */
const mostOf = (values: readonly number[]): number =>
  values.reduce((top, value) => Math.max(top, Math.abs(value)), 0) || 1;
