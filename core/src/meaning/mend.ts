/**
 * What counts get wrong. Counted, every word speaks as though it were said by itself, so that words which always come
 * together count twice, and a sign that many words half belong to wins over one that few belong to wholly. Here the
 * weights of all words are corrected together, by descent on the likelihood of what was meant (a softmax over the
 * signs), starting from what the counts say. So that they learn where the counts go wrong for a stranger, each saying
 * starts from counts that were taken without it. Left out by chance, half of the words at a time, no one word learns
 * to carry a saying alone.
 */
import { seeded, shuffle } from '../chance';
import { count, type Counted, type Doc } from './counts';
import { views, type View } from './features';
import { softmax } from './meanings';
import { withoutCommon } from './nearness';

/** Corrections to the weights that were counted. */
export interface Mended {
  /** Row of a feature, by its hash. */
  readonly rowOf: ReadonlyMap<number, number>;
  /** One weight a sign for each row of a feature. */
  readonly weights: Float32Array;
  /** One weight a sign for each dimension of a direction. */
  readonly directions: Float32Array;
  readonly signs: number;
}

/** How strongly a view is felt while it is corrected: what is said often in few words more than pieces of many. */
const felt: Readonly<Record<View, number>> = { stem: 1, word: 0.8, pair: 0.8, piece: 0.3, concept: 1 };
const directionFelt = 2;

const folds = 8;
const rounds = 8;
/** Length of the first step; the last is a fifth of it. */
const stride = 0.03;
const keptShare = 0.5;
/** So much of the target is given to all signs alike: no saying is as sure as it sounds. */
const doubt = 0.05;
/** Errors below this move nothing. */
const slight = 5e-5;

/**
 * @param docs what is learned from
 * @param counted the counts of all of them
 * @param logitsOf what some counts say of a saying, by the sign's row
 */
export function mend(
  docs: readonly Doc[],
  counted: Counted,
  logitsOf: (counted: Counted, doc: Doc) => Float64Array,
): Mended {
  const chance = seeded(7);
  const signs = counted.directions.length;
  const width = counted.common.mean.length;
  const rowOf = new Map<number, number>();
  for (const view of views) for (const hash of counted.weights[view].keys()) rowOf.set(hash, rowOf.size);
  const weights = new Float32Array(rowOf.size * signs);
  const directions = new Float32Array(width * signs);

  const foldOf = docs.map(() => chance.upTo(folds - 1));
  const base: Float64Array[] = [];
  for (let fold = 0; fold < folds; fold += 1) {
    const without = count(
      docs.filter((_, at) => foldOf[at] !== fold),
      signs,
    );
    docs.forEach((doc, at) => {
      if (foldOf[at] === fold) base[at] = logitsOf(without, doc);
    });
  }
  const said = docs.map(({ features, mean }) => ({
    features: views.flatMap((view) =>
      features[view].flatMap((hash) => {
        const row = rowOf.get(hash);
        return row === undefined ? [] : [{ row, value: felt[view] / keptShare }];
      }),
    ),
    own: withoutCommon(mean, counted.common),
  }));

  const order = docs.map((_, at) => at);
  const wrong = new Float64Array(signs);
  for (let round = 0; round < rounds; round += 1) {
    const step = stride * (1 - (0.8 * round) / rounds);
    shuffle(order, chance);
    for (const at of order) {
      const { row: sign, weight } = docs[at]!;
      const kept = said[at]!.features.filter(() => chance.uniform() < keptShare);
      const dimensions = [...said[at]!.own].flatMap((value, row) =>
        chance.uniform() < keptShare ? [{ row, value: (directionFelt / keptShare) * value }] : [],
      );
      const logits = Float64Array.from(base[at]!);
      addTo(logits, weights, kept);
      addTo(logits, directions, dimensions);
      const chances = softmax(logits);
      const errors: number[] = [];
      for (let row = 0; row < signs; row += 1) {
        wrong[row] = weight * (chances[row]! - doubt / signs - (row === sign ? 1 - doubt : 0));
        if (Math.abs(wrong[row]!) >= slight) errors.push(row);
      }
      for (const [table, some] of [
        [weights, kept],
        [directions, dimensions],
      ] as const)
        for (const { row, value } of some)
          for (const error of errors) table[row * signs + error]! -= step * value * wrong[error]!;
    }
  }
  // As they count in a phrase of which nothing is left out.
  for (const view of views)
    for (const hash of counted.weights[view].keys()) {
      const from = rowOf.get(hash)! * signs;
      for (let at = from; at < from + signs; at += 1) weights[at]! *= felt[view];
    }
  for (let at = 0; at < directions.length; at += 1) directions[at]! *= directionFelt;
  return { rowOf, weights, directions, signs };
}

function addTo(
  logits: Float64Array,
  table: Float32Array,
  some: readonly { readonly row: number; readonly value: number }[],
): void {
  for (const { row, value } of some) {
    const from = row * logits.length;
    for (let sign = 0; sign < logits.length; sign += 1) logits[sign]! += value * table[from + sign]!;
  }
}

/** What the corrections add to each sign for a saying. */
export function mendedBy(
  { rowOf, weights, directions, signs }: Mended,
  { common }: Counted,
  doc: Pick<Doc, 'features' | 'mean'>,
) {
  const logits = new Float64Array(signs);
  addTo(
    logits,
    weights,
    views.flatMap((view) =>
      doc.features[view].flatMap((hash) => {
        const row = rowOf.get(hash);
        return row === undefined ? [] : [{ row, value: 1 }];
      }),
    ),
  );
  addTo(
    logits,
    directions,
    [...withoutCommon(doc.mean, common)].map((value, row) => ({ row, value })),
  );
  return logits;
}
