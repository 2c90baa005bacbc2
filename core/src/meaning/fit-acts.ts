/**
 * Learns what questions mean that name no substance: see `acts.ts`. There are too few of them to count by: the weights
 * are found by descent on the likelihood alone, and held back, so that a word met once says little.
 */
import { seeded, shuffle } from '../chance';
import type { ActsData, WordVectors } from '../tables';
import { feltIn, harmless, directionFelt } from './acts';
import { commonOf } from './counts';
import { featuresOf, hashOf, isSlight, views } from './features';
import { softmax, type Stretch } from './meanings';
import { directionsOf, meanDirection, withoutCommon } from './nearness';
import { packedWeights } from './pack-weights';

export interface Question {
  /** `harmless`, `unknown`, or the rule that it is about. */
  readonly is: string;
  readonly stretch: Stretch;
}

const rounds = 120;
const stride = 0.5;
/** Share of every weight that is taken back after each round. */
const heldBack = 0.008;
/** A word, a pair or a piece that was met less often tells nothing. */
const seldom = 2;
/** A stem is wary when it was met so often where something is to be minded, and never in what is harmless. */
const waryFrom = 2;
const slightest = 0.04;

/** What is common to every question: what it is given is how common each meaning is by itself. */
const always = hashOf('word', '');

export function fitActs(questions: readonly Question[], vectors: WordVectors): Omit<ActsData, 'from'> {
  const directions = directionsOf(vectors);
  const names = [...new Set(questions.map(({ is }) => is))].sort();
  const size = names.length;
  const heard = questions.map(({ stretch: { tokens, concepts } }) => featuresOf(tokens, concepts));
  const means = questions.map(({ stretch }) => meanDirection(directions, stretch.tokens));
  const common = commonOf(means);
  const often = new Map<number, number>();
  for (const features of heard)
    for (const view of views) for (const hash of features[view]) often.set(hash, (often.get(hash) ?? 0) + 1);
  const rowOf = new Map<number, number>([[always, 0]]);
  for (const [hash, times] of often) if (times >= seldom) rowOf.set(hash, rowOf.size);
  const docs = questions.map(({ is }, at) => ({
    row: names.indexOf(is),
    features: [
      { row: 0, value: 1 },
      ...feltIn(heard[at]!).flatMap(({ hash, value }) => {
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
    wary: waryOf(questions).join(' '),
  };
}

function waryOf(questions: readonly Question[]): string[] {
  const met = (is: (name: string) => boolean) => {
    const often = new Map<string, number>();
    for (const { is: name, stretch } of questions)
      if (is(name))
        for (const stem of new Set(stretch.tokens.filter((token) => !isSlight(token)).map((token) => token.stem)))
          often.set(stem, (often.get(stem) ?? 0) + 1);
    return often;
  };
  const calm = met((name) => name === harmless);
  return [...met((name) => name !== harmless)]
    .filter(([stem, often]) => often >= waryFrom && !calm.has(stem))
    .map(([stem]) => stem)
    .sort();
}
