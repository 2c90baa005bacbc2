import type { SignId, Where } from '../tables';
import { views, type Features, type View } from './features';
import { isElsewhere, isPlain, type Stretch } from './meanings';
import { withoutCommon, type Common } from './nearness';

/** One way of saying a sign. */
export interface Saying {
  readonly sign: SignId;
  readonly stretch: Stretch;
  /** Parts of it, as a reader may part it wrongly. */
  readonly parts: readonly Stretch[];
  readonly isDenied: boolean;
  /** Which half of the writers it is from; what the tables themselves say is of neither. */
  readonly half: 0 | 1 | 'tables';
}

/** Smoothing: as many sayings of the common kind are added to each sign's own. */
const smoothing = 30;
/** Signs with more sayings count no more than those with fewer. */
const usual = 20;
/** A pair or piece that was met less often tells nothing. */
const seldom = 1.5;

/** A saying, with what it is compared by. */
export interface Doc {
  readonly row: number;
  readonly weight: number;
  readonly features: Features;
  readonly mean: Float64Array;
  readonly saying: Saying;
}

/** How often each sign is said with what. */
export interface Counted {
  /** By view: feature → sign row → weight before the view's scale. */
  readonly weights: Readonly<Record<View, ReadonlyMap<number, ReadonlyMap<number, number>>>>;
  readonly common: Common;
  readonly directions: readonly Float64Array[];
}

/** Smoothed counts: log(1 + n / (smoothing · p)), n how often this sign is said with the feature, p how common it is. */
export function count(docs: readonly Doc[], size: number): Counted {
  const perSign = new Float64Array(size);
  let total = 0;
  for (const { row, weight } of docs) {
    perSign[row]! += weight;
    total += weight;
  }
  const weights = Object.fromEntries(
    views.map((view) => {
      const counts = new Map<number, Map<number, number>>();
      const common = new Map<number, number>();
      for (const { row, weight, features } of docs)
        for (const feature of features[view]) {
          const signs = counts.get(feature) ?? new Map<number, number>();
          signs.set(row, (signs.get(row) ?? 0) + weight);
          counts.set(feature, signs);
          common.set(feature, (common.get(feature) ?? 0) + weight);
        }
      const kept = new Map<number, Map<number, number>>();
      for (const [feature, signs] of counts) {
        const often = common.get(feature) ?? 0;
        if ((view === 'pair' || view === 'piece') && often < seldom) continue;
        const share = (often + 0.5) / (total + 1);
        kept.set(
          feature,
          new Map(
            [...signs].map(([row, n]) => [
              row,
              Math.log1p((usual * n) / Math.max(1, perSign[row]!) / (smoothing * share)),
            ]),
          ),
        );
      }
      return [view, kept];
    }),
  ) as unknown as Counted['weights'];
  const common = commonOf(docs.map(({ mean }) => mean));
  const directions = Array.from({ length: size }, () => new Float64Array(common.mean.length));
  for (const { row, weight, mean } of docs) {
    const own = withoutCommon(mean, common);
    own.forEach((value, at) => (directions[row]![at]! += weight * value));
  }
  for (const direction of directions) {
    const length = Math.hypot(...direction) || 1;
    direction.forEach((value, at) => (direction[at] = value / length));
  }
  return { weights, common, directions };
}

/** Mean, and the direction of most spread by power iteration. */
export function commonOf(means: readonly Float64Array[]): Common {
  const width = means[0]?.length ?? 0;
  const mean = new Float32Array(width);
  for (const row of means) for (let at = 0; at < width; at += 1) mean[at]! += row[at]! / means.length;
  let direction = Float64Array.from({ length: width }, (_, at) => Math.sin(at + 1));
  for (let round = 0; round < 30; round += 1) {
    const next = new Float64Array(width);
    for (const row of means) {
      let share = 0;
      for (let at = 0; at < width; at += 1) share += (row[at]! - mean[at]!) * direction[at]!;
      for (let at = 0; at < width; at += 1) next[at]! += share * (row[at]! - mean[at]!);
    }
    const length = Math.hypot(...next) || 1;
    direction = next.map((value) => value / length);
  }
  return { mean, direction: Float32Array.from(direction) };
}

/** What each view, nearness and the vocabulary say of each sign, before their scales. */
export function partsOf(
  { weights, common, directions }: Counted,
  doc: Pick<Doc, 'features' | 'mean'> & ({ readonly saying: Saying } | { readonly stretch: Stretch }),
  rowOf: ReadonlyMap<SignId, number>,
  wheres: readonly Where[],
): Float64Array[] {
  const size = directions.length;
  const parts = views.map((view) => {
    const sums = new Float64Array(size);
    for (const feature of doc.features[view])
      for (const [row, weight] of weights[view].get(feature) ?? []) sums[row]! += weight;
    return sums;
  });
  const own = withoutCommon(doc.mean, common);
  const near = Float64Array.from(directions, (direction) =>
    direction.reduce((sum, value, at) => sum + value * own[at]!, 0),
  );
  const read = new Float64Array(size);
  const { vocabulary, known, tokens, places } = 'saying' in doc ? doc.saying.stretch : doc.stretch;
  for (const id of vocabulary) {
    const row = rowOf.get(id);
    if (row !== undefined) read[row] = 1;
  }
  const elsewhere = Float64Array.from(wheres, (where) => (isElsewhere({ places }, where) ? -1 : 0));
  return [...parts, near, read, isPlain({ known, tokens }) ? read : new Float64Array(size), elsewhere];
}
