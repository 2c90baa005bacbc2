import type { Token } from '../hear/words';
import type { PackedWeights } from '../tables';
import { joinedFeatures, wordFeatures } from './features';
import { unpackInt8, unpackUint16, unpackUint32 } from './packed';

/** How much each feature of a phrase speaks for each sign. */
export interface Weights {
  /** Row of a feature, by its hash. */
  readonly rowOf: ReadonlyMap<number, number>;
  /** Where the weights of a feature begin, by its row; they end where the next one's begin. */
  readonly from: Uint32Array;
  readonly sign: Uint16Array;
  readonly weight: Float32Array;
}

export function weightsOf({ features, step }: Pick<PackedWeights, 'features' | 'step'>): Weights {
  const hash = unpackUint32(features.hash);
  const count = unpackUint16(features.count);
  const from = new Uint32Array(hash.length + 1);
  hash.forEach((_, row) => (from[row + 1] = from[row]! + count[row]!));
  return {
    rowOf: new Map(Array.from(hash, (feature, row) => [feature, row])),
    from,
    sign: unpackUint16(features.sign),
    weight: Float32Array.from(unpackInt8(features.weight), (value) => value * step),
  };
}

/** How much a phrase speaks for each sign, by its row: the sum over its features, each once. */
export type Speaks = (tokens: readonly Token[], concepts: readonly string[]) => Float64Array;

/** What a word says by itself, whatever stands beside it. */
interface Heard {
  readonly features: readonly number[];
  readonly sum: Float32Array;
}
/** Words of which that is kept; a garden's talk has fewer. */
const mostKept = 4000;

/**
 * A phrase is looked at in every run of its pieces, and its words come again and again: what a word says by itself is
 * added up when it is first met. What two words share (a stem, a piece of a word) is then taken off once.
 */
export function speaksFor({ rowOf, from, sign, weight }: Weights, signs: number): Speaks {
  const kept = new Map<string, Heard>();
  /** By feature: the last phrase in which it was met. */
  const metIn = new Uint32Array(from.length);
  let phrase = 0;
  const add = (to: Float64Array | Float32Array, feature: number, by: 1 | -1) => {
    const end = from[feature + 1]!;
    for (let at = from[feature]!; at < end; at += 1) to[sign[at]!]! += by * weight[at]!;
  };
  const rowsOf = (hashes: readonly number[]) => hashes.flatMap((hash) => rowOf.get(hash) ?? []);
  const heardAs = (token: Token): Heard => {
    const known = kept.get(token.word);
    if (known) return known;
    const { stem, word, piece } = wordFeatures(token);
    const features = [...new Set(rowsOf([...stem, ...word, ...piece]))];
    const sum = new Float32Array(signs);
    for (const feature of features) add(sum, feature, 1);
    if (kept.size >= mostKept) kept.clear();
    const heard = { features, sum };
    kept.set(token.word, heard);
    return heard;
  };
  const isNew = (feature: number) => {
    if (metIn[feature] === phrase) return false;
    metIn[feature] = phrase;
    return true;
  };
  return (tokens, concepts) => {
    phrase += 1;
    const total = new Float64Array(signs);
    const met = new Set<string>();
    for (const token of tokens) {
      if (met.has(token.word)) continue;
      met.add(token.word);
      const { features, sum } = heardAs(token);
      for (let row = 0; row < signs; row += 1) total[row]! += sum[row]!;
      for (const feature of features) if (!isNew(feature)) add(total, feature, -1);
    }
    const { pair, concept } = joinedFeatures(tokens, concepts);
    for (const hashes of [pair, concept])
      for (const hash of hashes) {
        const feature = rowOf.get(hash);
        if (feature !== undefined && isNew(feature)) add(total, feature, 1);
      }
    return total;
  };
}
