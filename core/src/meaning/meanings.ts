import { isDenial, isFine } from '../hear/clauses';
import { isFiller, type Token } from '../hear/words';
import type { MeaningsData, PackedOdds, SignId, Where } from '../tables';
import { featuresOf, hashOf, isSlight, views, type Features } from './features';
import { directionsOf, meanDirection, withoutCommon, type Common, type Directions } from './nearness';
import { unpackFloat32, unpackInt8, unpackUint16, unpackUint32, unpackUint8 } from './packed';

/** The packed numbers, ready to be asked. */
export interface Meanings {
  readonly signs: readonly SignId[];
  readonly wheres: readonly Where[];
  readonly elsewhere: number;
  /** Where the weights of a feature stand: from, to. */
  readonly spans: ReadonlyMap<number, readonly [number, number]>;
  readonly sign: Uint16Array;
  readonly weight: Float32Array;
  readonly directions: Directions;
  readonly signDirections: Float32Array;
  readonly common: Common;
  readonly nearness: number;
  readonly vocabulary: number;
  readonly plainVocabulary: number;
  readonly talk: ReadonlyMap<number, number>;
  readonly denial: ReadonlyMap<number, number>;
  readonly saidWithNo: readonly number[];
  readonly told: readonly number[];
  readonly denied: readonly number[];
}

const unpacked = new WeakMap<MeaningsData, Meanings>();

/** Unpacked once for each table. */
export function meaningsOf(data: MeaningsData): Meanings {
  const known = unpacked.get(data);
  if (known) return known;
  const hash = unpackUint32(data.features.hash);
  const count = unpackUint16(data.features.count);
  const spans = new Map<number, readonly [number, number]>();
  let from = 0;
  hash.forEach((feature, at) => {
    const to = from + (count[at] ?? 0);
    spans.set(feature, [from, to]);
    from = to;
  });
  const built: Meanings = {
    signs: data.signs,
    wheres: data.wheres,
    elsewhere: data.elsewhere,
    spans,
    sign: unpackUint16(data.features.sign),
    weight: Float32Array.from(unpackUint8(data.features.weight), (value) => value * data.step),
    directions: directionsOf(data.vectors),
    signDirections: Float32Array.from(unpackInt8(data.directions), (value) => value / 127),
    common: { mean: unpackFloat32(data.common.mean), direction: unpackFloat32(data.common.direction) },
    nearness: data.nearness,
    vocabulary: data.vocabulary,
    plainVocabulary: data.plainVocabulary,
    talk: oddsOf(data.talk),
    denial: oddsOf(data.denial),
    saidWithNo: data.saidWithNo.map((percent) => percent / 100),
    told: data.told,
    denied: data.denied,
  };
  unpacked.set(data, built);
  return built;
}

function oddsOf({ hash, odds, step }: PackedOdds): ReadonlyMap<number, number> {
  const values = unpackInt8(odds);
  return new Map([...unpackUint32(hash)].map((feature, at) => [feature, (values[at] ?? 0) * step]));
}

/** A stretch of a line, with what the vocabulary made of it. */
export interface Stretch {
  readonly tokens: readonly Token[];
  /** Keys of the concepts and plants found in it. */
  readonly concepts: readonly string[];
  /** Where a sign may stand that is said of the places named; empty where none is named. */
  readonly places: readonly Where[];
  /** The signs that the vocabulary reads in it. */
  readonly vocabulary: readonly SignId[];
  /** Share of its telling words that belong to a concept or a plant, 0…1. */
  readonly known: number;
  /** What the vocabulary takes it for: looked for and not there (1), seen (−1), nothing (0). */
  readonly readAsDenied: number;
}

export interface Meant {
  /** Chance of each sign, in the order of the table, given that it is one; they add up to 1. */
  readonly chances: Float64Array;
  /** Chance that it tells a sign at all. */
  readonly told: number;
  /** Log-odds of the same. */
  readonly toldOdds: number;
  /** Chance that what it speaks of was looked for and is not there. */
  readonly denied: number;
}

/** What a stretch of a line may mean: the signs compete, and talk that is no sign competes with them all. */
export function meantBy(meanings: Meanings, stretch: Stretch): Meant {
  const features = featuresOf(stretch.tokens, stretch.concepts);
  const logits = logitsOf(meanings, stretch, features);
  const chances = softmax(logits);
  const best = chances.indexOf(Math.max(...chances));
  const toldOdds = dot(
    meanings.told,
    toldFeatures({
      stretch,
      logits,
      chances,
      talkOdds: sumOf(meanings.talk, talkFeatures(stretch.tokens)),
      agrees: stretch.vocabulary.includes(meanings.signs[best] ?? ''),
    }),
  );
  const deniedOdds = dot(
    meanings.denied,
    deniedFeatures(stretch, meanings.saidWithNo[best] ?? 0, sumOf(meanings.denial, denialFeatures(stretch.tokens))),
  );
  return { chances, toldOdds, told: logistic(toldOdds), denied: logistic(deniedOdds) };
}

/** True where places are named, and a sign stands in none of them. */
export const isElsewhere = ({ places }: Pick<Stretch, 'places'>, where: Where): boolean =>
  places.length > 0 && !places.includes(where);

/** Words of a phrase that is short enough for the vocabulary to have understood the whole. */
const plainWords = 9;
/** Short, and every word of it known: there the vocabulary is at its best. */
export const isPlain = ({ known, tokens }: Pick<Stretch, 'known' | 'tokens'>): boolean =>
  known > 0.99 && tokens.length <= plainWords;

function logitsOf(meanings: Meanings, stretch: Stretch, features: Features): Float64Array {
  const { tokens, vocabulary } = stretch;
  const read = meanings.vocabulary + (isPlain(stretch) ? meanings.plainVocabulary : 0);
  const { spans, sign, weight, signs, signDirections, directions } = meanings;
  const logits = new Float64Array(signs.length);
  for (const view of views)
    for (const feature of features[view]) {
      const span = spans.get(feature);
      if (span) for (let at = span[0]; at < span[1]; at += 1) logits[sign[at]!]! += weight[at]!;
    }
  const own = withoutCommon(meanDirection(directions, tokens), meanings.common);
  for (let row = 0; row < signs.length; row += 1) {
    let near = 0;
    for (let at = 0; at < own.length; at += 1) near += own[at]! * signDirections[row * own.length + at]!;
    logits[row]! += meanings.nearness * near - (isElsewhere(stretch, meanings.wheres[row]!) ? meanings.elsewhere : 0);
  }
  for (const id of vocabulary) {
    const row = signs.indexOf(id);
    if (row >= 0) logits[row]! += read;
  }
  return logits;
}

export function softmax(logits: Float64Array): Float64Array {
  let top = -Infinity;
  for (const value of logits) if (value > top) top = value;
  const chances = logits.map((value) => Math.exp(value - top));
  let total = 0;
  for (const value of chances) total += value;
  return chances.map((value) => value / total);
}

/** What denials are heard by: the small words, and those that stand together. */
export const denialFeatures = (tokens: readonly Token[]): number[] =>
  talkFeatures(tokens.filter((token) => isFiller(token) || isFine(token)));

/** What is heard in talk: words as written, and neighbours. */
export const talkFeatures = (tokens: readonly Token[]): number[] => {
  const words = tokens.map(({ word }) => word);
  return [
    ...new Set([
      ...words.map((word) => hashOf('word', word)),
      ...words.slice(1).map((word, at) => hashOf('pair', `${words[at]} ${word}`)),
    ]),
  ];
};

export interface Telling {
  readonly stretch: Stretch;
  readonly logits: Float64Array;
  readonly chances: Float64Array;
  /** Log-odds of its words for a sign, against talk. */
  readonly talkOdds: number;
  /** True where the vocabulary reads the likeliest sign as well. */
  readonly agrees: boolean;
}

/** What tells a reading that is right: how far the best sign goes, how far ahead it is, how much was said, and the words. */
export function toldFeatures({ stretch, logits, chances, talkOdds, agrees }: Telling): number[] {
  const { tokens, vocabulary, known } = stretch;
  const said = Math.max(1, tokens.filter((token) => !isSlight(token)).length);
  const best = Math.max(...logits);
  const chance = Math.max(...chances);
  return [
    1,
    best / 10,
    best / Math.sqrt(said) / 5,
    chance,
    Math.log(chance / (1 - Math.min(chance, 0.9995))),
    Math.min(1, vocabulary.length),
    Math.log(said),
    talkOdds,
    (3 * talkOdds) / Math.sqrt(said + 1),
    known,
    vocabulary.length > 0 ? known : 0,
    agrees ? 1 : 0,
    agrees && isPlain(stretch) ? 1 : 0,
  ];
}

/** What tells a denial: the words of denial, those that go with them, and whether the sign itself is said with a "no". */
export const deniedFeatures = ({ tokens, readAsDenied }: Stretch, saidWithNo: number, odds: number): number[] => {
  const first = tokens.findIndex(isDenial);
  const has = first >= 0 ? 1 : 0;
  return [
    1,
    odds,
    has,
    first === 0 || (first === 1 && tokens.length > 2) ? 1 : 0,
    readAsDenied,
    tokens.some(isFine) ? 1 : 0,
    saidWithNo,
    has * saidWithNo,
  ];
};

export const sumOf = (odds: ReadonlyMap<number, number>, features: readonly number[]): number =>
  features.reduce((sum, feature) => sum + (odds.get(feature) ?? 0), 0);

const dot = (weights: readonly number[], values: readonly number[]): number =>
  values.reduce((sum, value, at) => sum + value * (weights[at] ?? 0), 0);

export const logistic = (odds: number): number => 1 / (1 + Math.exp(-odds));
