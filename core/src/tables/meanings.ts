import type { SignId } from './common';
import type { Where } from './signs';

/**
 * How people say each sign, learned from many voices: what the script `fit` makes of the sayings. Numbers are packed
 * (little-endian, base64), so that the whole is some megabytes and is read at once.
 */
export interface MeaningsData extends PackedWeights {
  /** Digest of the rows it was learned from: another one there means that it must be learned anew. */
  readonly from: string;
  /** The signs in the order of the numbers. */
  readonly signs: readonly SignId[];
  /** Where each stands. */
  readonly wheres: readonly Where[];
  readonly vectors: WordVectors;
  /** Scale of the vocabulary's own reading. */
  readonly vocabulary: number;
  /** What it costs a sign that a phrase names places and not its own. */
  readonly elsewhere: number;
  /** What it adds in a short phrase of which it knows every word. */
  readonly plainVocabulary: number;
  /** Stems and pairs of talk that is no sign: hashes (Uint32) and log-odds for a sign (Int8, in steps). */
  readonly talk: PackedOdds;
  /** How people say that something was looked for and is not there: `seen` or `denied`. */
  readonly denials: LearnedLines;
  /** By sign, in per cent: how many of its own sayings hold a denial ("no flowers" is a sign). */
  readonly saidWithNo: readonly number[];
  /** Logistic weights: see `toldFeatures`. */
  readonly told: readonly number[];
  /** What questions mean that name no substance. */
  readonly acts?: ActsData;
  /** How people say what else is so (`knowledge/voices/scenes.jsonl`): a fact of the scene, or `none`. */
  readonly scenes?: LinesData;
}

/** How much the features of a phrase, and its nearness, speak for each row of a list: of signs, of acts. */
export interface PackedWeights {
  /** Feature hashes in rising order (Uint32), how many rows each speaks for (Uint16), which (Uint16) and how much (Int8, in steps). */
  readonly features: { readonly hash: string; readonly count: string; readonly sign: string; readonly weight: string };
  /** Size of one step of a feature's weight. */
  readonly step: number;
  /** Direction of each row among the vectors (Int8, in steps of a 127th). */
  readonly directions: string;
  /** What is common to all phrases and tells nothing: the mean (Float32), and the direction in which they differ most. */
  readonly common: { readonly mean: string; readonly direction: string };
  /** Scale of nearness. */
  readonly nearness: number;
}

/** What a line may mean, and how much its features speak for each: what the script `fit` makes of how people say them. */
export interface LearnedLines extends PackedWeights {
  /** What they mean, in the order of the numbers. */
  readonly names: readonly string[];
  /** How common each is by itself, as log-odds. */
  readonly bias: readonly number[];
}

export interface LinesData extends LearnedLines {
  /** Digest of the lines it was learned from. */
  readonly from: string;
}

/**
 * What people ask before work that puts nothing on (`knowledge/voices/asked.jsonl`): `harmless`, `unknown` (something
 * that has no name is put on), or the rule that minds it.
 */
export interface ActsData extends LinesData {
  /** Stems met where something is to be minded and never in a harmless question, parted by spaces. */
  readonly wary: string;
}

export interface PackedOdds {
  readonly hash: string;
  readonly odds: string;
  readonly step: number;
}

/** Directions of meaning of everyday words, distilled from public vectors. */
export interface WordVectors {
  /** Words, commonest first, parted by spaces. */
  readonly words: string;
  readonly dimensions: number;
  /** Int8, a row a word; only the direction counts. */
  readonly rows: string;
  /** How much a word tells, by how rare it is (Uint8, 255 is most). */
  readonly tells: string;
}
