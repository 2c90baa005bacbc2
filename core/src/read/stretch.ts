import { isFiller, lexiconOf, occurrencesIn, tokensOf } from '../hear/words';
import type { Stretch } from '../meaning';
import type { Tables } from '../tables';
import { readByVocabulary, type About } from './vocabulary';

/** A stretch of a line with what the vocabulary makes of it: what its meaning is asked with, learning and reading alike. */
export function stretchOf(tables: Tables, text: string, about: About = {}): Stretch {
  const tokens = tokensOf(text);
  const occurrences = occurrencesIn(tokens, lexiconOf(tables));
  const read = readByVocabulary(tables, text, about).understood;
  const covered = new Set(occurrences.flatMap(({ at, length }) => Array.from({ length }, (_, offset) => at + offset)));
  const telling = tokens.flatMap((token, at) => (isFiller(token) ? [] : [at]));
  return {
    tokens,
    concepts: [
      ...new Set(occurrences.map(({ phrase }) => (phrase.kind === 'plant' ? `plant ${phrase.key}` : phrase.key))),
    ],
    places: [...new Set(occurrences.flatMap(({ phrase }) => phrase.role?.places ?? []))],
    vocabulary: [...new Set(read.map(({ sign }) => sign))],
    known: telling.length === 0 ? 0 : telling.filter((at) => covered.has(at)).length / telling.length,
    readAsDenied: read.length === 0 ? 0 : read.every(({ state }) => state === 'absent') ? 1 : -1,
  };
}
