/**
 * What a line means as a whole, of a list of things that it may mean: learned from how people say each. Weights are
 * found by descent (`fit-lines.ts`), features are those of phrases.
 */
import type { LearnedLines } from '../tables';
import type { Token } from '../hear/words';
import { featuresOf, views, type Features, type View } from './features';
import { softmax, type Meanings } from './meanings';
import { nearnessTo, type Nearness } from './nearness';
import { unpackFloat32, unpackInt8 } from './packed';
import { weightsOf, type Weights } from './weights';

/** How much each view of a line is felt, and its direction; a long line is heard no louder than a short one. */
const felt: Readonly<Record<View, number>> = { stem: 1, word: 0.8, pair: 0.8, piece: 0.3, concept: 1 };
const loudness = 3;
export const directionFelt = 2;

/** Every feature of a line with how much it is felt. @param beside what is known of it beside its words, felt as a word is */
export function feltIn(features: Features, beside: readonly number[] = []): { hash: number; value: number }[] {
  const size =
    Math.sqrt(views.reduce((sum, view) => sum + features[view].length * felt[view] ** 2, 0) + beside.length) || 1;
  return [
    ...views.flatMap((view) => features[view].map((hash) => ({ hash, value: (loudness * felt[view]) / size }))),
    ...beside.map((hash) => ({ hash, value: loudness / size })),
  ];
}

interface Lines {
  readonly weights: Weights;
  readonly nearTo: Nearness;
}
const unpacked = new WeakMap<LearnedLines, Lines>();

function unpackedLines(data: LearnedLines, { directions }: Pick<Meanings, 'directions'>): Lines {
  const known = unpacked.get(data);
  if (known) return known;
  const built: Lines = {
    weights: weightsOf(data),
    nearTo: nearnessTo(
      Float32Array.from(unpackInt8(data.directions), (value) => value / 127),
      directions,
      { mean: unpackFloat32(data.common.mean), direction: unpackFloat32(data.common.direction) },
    ),
  };
  unpacked.set(data, built);
  return built;
}

/**
 * Chances of each thing that a line may mean, in the order of `data.names`.
 * @param concepts keys of what was found in it; @param beside see `Line`
 */
export function chancesOfLine(
  data: LearnedLines,
  meanings: Pick<Meanings, 'directions'>,
  tokens: readonly Token[],
  concepts: readonly string[],
  beside: readonly number[] = [],
): Float64Array {
  const { weights, nearTo } = unpackedLines(data, meanings);
  const near = nearTo(tokens);
  const logits = Float64Array.from(data.bias, (value, row) => value + directionFelt * data.nearness * near[row]!);
  for (const { hash, value } of feltIn(featuresOf(tokens, concepts), beside)) {
    const feature = weights.rowOf.get(hash);
    if (feature === undefined) continue;
    for (let at = weights.from[feature]!; at < weights.from[feature + 1]!; at += 1)
      logits[weights.sign[at]!]! += value * weights.weight[at]!;
  }
  return softmax(logits);
}
