import type { Token } from '../hear/words';
import type { LearnedLines, MeaningsData, PackedOdds, SignId, Where } from '../tables';
import { hashOf, isSlight } from './features';
import { speaksFor, weightsOf, type Speaks } from './weights';
import { directionsOf, nearnessTo, type Common, type Directions, type Nearness } from './nearness';
import { unpackFloat32, unpackInt8, unpackUint32 } from './packed';

/** The packed numbers, ready to be asked. */
export interface Meanings {
  readonly signs: readonly SignId[];
  readonly wheres: readonly Where[];
  readonly elsewhere: number;
  /** How much the words of a phrase speak for each sign. */
  readonly speaks: Speaks;
  readonly directions: Directions;
  readonly common: Common;
  /** How near a phrase lies to each sign, and how much that counts. */
  readonly nearTo: Nearness;
  readonly nearness: number;
  readonly vocabulary: number;
  readonly plainVocabulary: number;
  readonly talk: ReadonlyMap<number, number>;
  readonly denials: LearnedLines;
  readonly saidWithNo: readonly number[];
  readonly told: readonly number[];
}

const unpacked = new WeakMap<MeaningsData, Meanings>();

/** Unpacked once for each table. */
export function meaningsOf(data: MeaningsData): Meanings {
  const known = unpacked.get(data);
  if (known) return known;
  const directions = directionsOf(data.vectors);
  const common = { mean: unpackFloat32(data.common.mean), direction: unpackFloat32(data.common.direction) };
  const built: Meanings = {
    signs: data.signs,
    wheres: data.wheres,
    elsewhere: data.elsewhere,
    speaks: speaksFor(weightsOf(data), data.signs.length),
    directions,
    common,
    nearTo: nearnessTo(
      Float32Array.from(unpackInt8(data.directions), (value) => value / 127),
      directions,
      common,
    ),
    nearness: data.nearness,
    vocabulary: data.vocabulary,
    plainVocabulary: data.plainVocabulary,
    talk: oddsOf(data.talk),
    denials: data.denials,
    saidWithNo: data.saidWithNo.map((percent) => percent / 100),
    told: data.told,
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
}

/** What a stretch of a line may mean: the signs compete, and talk that is no sign competes with them all. */
export function meantBy(meanings: Meanings, stretch: Stretch): Meant {
  const logits = logitsOf(meanings, stretch);
  const chances = softmax(logits);
  const best = chances.indexOf(largest(chances));
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
  return { chances, toldOdds, told: logistic(toldOdds) };
}

/** True where places are named, and a sign stands in none of them. */
export const isElsewhere = ({ places }: Pick<Stretch, 'places'>, where: Where): boolean =>
  places.length > 0 && !places.includes(where);

/** Words of a phrase that is short enough for the vocabulary to have understood the whole. */
const plainWords = 9;
/** Short, and every word of it known: there the vocabulary is at its best. */
export const isPlain = ({ known, tokens }: Pick<Stretch, 'known' | 'tokens'>): boolean =>
  known > 0.99 && tokens.length <= plainWords;

function logitsOf({ signs, wheres, speaks, nearTo, ...meanings }: Meanings, stretch: Stretch): Float64Array {
  const { tokens, concepts, vocabulary } = stretch;
  const read = meanings.vocabulary + (isPlain(stretch) ? meanings.plainVocabulary : 0);
  const logits = speaks(tokens, concepts);
  const near = nearTo(tokens);
  const places = new Set(stretch.places);
  for (let row = 0; row < signs.length; row += 1) {
    const isOff = places.size > 0 && !places.has(wheres[row]!);
    logits[row]! += meanings.nearness * near[row]! - (isOff ? meanings.elsewhere : 0);
  }
  for (const id of vocabulary) {
    const row = signs.indexOf(id);
    if (row >= 0) logits[row]! += read;
  }
  return logits;
}

/** Log-odds against the likeliest from which on nothing is to be reckoned with: one in some ten thousand million. */
const beyondChance = -23;

export function softmax(logits: Float64Array): Float64Array {
  const top = largest(logits);
  const chances = new Float64Array(logits.length);
  let total = 0;
  for (let row = 0; row < logits.length; row += 1)
    if (logits[row]! - top > beyondChance) total += chances[row] = Math.exp(logits[row]! - top);
  for (let row = 0; row < logits.length; row += 1) chances[row]! /= total;
  return chances;
}

export function largest(values: Float64Array): number {
  let top = -Infinity;
  for (let at = 0; at < values.length; at += 1) if (values[at]! > top) top = values[at]!;
  return top;
}

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
  const best = largest(logits);
  const chance = largest(chances);
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

export const sumOf = (odds: ReadonlyMap<number, number>, features: readonly number[]): number =>
  features.reduce((sum, feature) => sum + (odds.get(feature) ?? 0), 0);

const dot = (weights: readonly number[], values: readonly number[]): number =>
  values.reduce((sum, value, at) => sum + value * (weights[at] ?? 0), 0);

export const logistic = (odds: number): number => 1 / (1 + Math.exp(-odds));
