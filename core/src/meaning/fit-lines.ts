/**
 * Learns what lines mean: see `lines.ts`. There are too few of them to count by: the weights are found by descent on the
 * likelihood alone, and held back, so that a word met once says little.
 */
import { seeded, shuffle } from '../chance';
import type { LearnedLines, WordVectors } from '../tables';
import { commonOf } from './counts';
import { featuresOf, hashOf, views } from './features';
import { directionFelt, feltIn } from './lines';
import { softmax, type Stretch } from './meanings';
import { directionsOf, meanDirection, withoutCommon } from './nearness';
import { packedWeights } from './pack-weights';

export interface Line {
  /** What it means. */
  readonly is: string;
  readonly stretch: Pick<Stretch, 'tokens' | 'concepts'>;
  /** Hashes of what is known of it beside its words. */
  readonly beside?: readonly number[];
}

/** How it is learned. */
export interface Pace {
  readonly rounds: number;
  /** Share of every weight that is taken back after each round. */
  readonly heldBack: number;
  /** Weights below it are left out. */
  readonly slightest?: number;
}

const stride = 0.5;
/** A word, a pair or a piece that was met less often tells nothing. */
const seldom = 2;
const usuallySlightest = 0.04;

/** What is common to every line: what it is given is how common each meaning is by itself. */
const always = hashOf('word', '');

export function fitLines(
  lines: readonly Line[],
  vectors: WordVectors,
  { rounds, heldBack, slightest = usuallySlightest }: Pace,
): LearnedLines {
  const directions = directionsOf(vectors);
  const names = [...new Set(lines.map(({ is }) => is))].sort();
  const size = names.length;
  const heard = lines.map(({ stretch: { tokens, concepts } }) => featuresOf(tokens, concepts));
  const means = lines.map(({ stretch }) => meanDirection(directions, stretch.tokens));
  const common = commonOf(means);
  const often = new Map<number, number>();
  for (const features of heard)
    for (const view of views) for (const hash of features[view]) often.set(hash, (often.get(hash) ?? 0) + 1);
  for (const { beside = [] } of lines) for (const hash of beside) often.set(hash, (often.get(hash) ?? 0) + 1);
  const rowOf = new Map<number, number>([[always, 0]]);
  for (const [hash, times] of often) if (times >= seldom) rowOf.set(hash, rowOf.size);
  const docs = lines.map(({ is, beside }, at) => ({
    row: names.indexOf(is),
    features: [
      { row: 0, value: 1 },
      ...feltIn(heard[at]!, beside).flatMap(({ hash, value }) => {
        const row = rowOf.get(hash);
        return row === undefined ? [] : [{ row, value }];
      }),
    ],
    own: withoutCommon(means[at]!, common),
  }));

  const weights = new Float64Array(rowOf.size * size);
  const along = new Float64Array(common.mean.length * size);
  const chance = seeded(9);
  const order = docs.map((_, at) => at);
  for (let round = 0; round < rounds; round += 1) {
    const step = stride * (1 - (0.9 * round) / rounds);
    shuffle(order, chance);
    for (const at of order) {
      const { row: name, features, own } = docs[at]!;
      const all = [
        ...features.map(({ row, value }) => [weights, row * size, value] as const),
        ...Array.from(own, (value, row) => [along, row * size, directionFelt * value] as const),
      ];
      const logits = new Float64Array(size);
      for (const [table, from, value] of all)
        for (let row = 0; row < size; row += 1) logits[row]! += value * table[from + row]!;
      const wrong = softmax(logits);
      wrong[name]! -= 1;
      for (const [table, from, value] of all)
        for (let row = 0; row < size; row += 1) table[from + row]! -= step * value * wrong[row]!;
    }
    for (const table of [weights, along]) for (let at = 0; at < table.length; at += 1) table[at]! *= 1 - heldBack;
  }
  return {
    names,
    ...packedWeights({
      size,
      features: [...rowOf].flatMap(([hash, row]) =>
        hash === always ? [] : [{ hash, weightOf: (name: number) => weights[row * size + name]! }],
      ),
      along: (dimension, name) => along[dimension * size + name]!,
      common,
      slightest,
    }),
    bias: [...weights.subarray(0, size)],
  };
}
