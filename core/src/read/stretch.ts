import { withOnly } from '../hear/clauses';
import { isFiller, lexiconOf, occurrencesIn, tokensOf, type Occurrence, type Token } from '../hear/words';
import type { Stretch } from '../meaning';
import type { Tables } from '../tables';
import { signsRead, type About } from './vocabulary';

/** A stretch of a line with what the vocabulary makes of it: what its meaning is asked with, learning and reading alike. */
export function stretchOf(tables: Tables, said: string, about: About = {}): Stretch {
  const text = withOnly(said);
  const { tokens, occurrences, concepts } = wordsOf(tables, text);
  const read = signsRead(tables, text, about);
  return {
    tokens,
    concepts,
    places: [...new Set(occurrences.flatMap(({ phrase }) => phrase.role?.places ?? []))],
    vocabulary: [...read.keys()],
    known: shareKnown(tokens, occurrences),
    readAsDenied: read.size === 0 ? 0 : [...read.values()].every((state) => state === 'absent') ? 1 : -1,
  };
}

/** Its words, and the keys of the concepts and plants that stand in it. */
export function wordsOf(
  tables: Tables,
  text: string,
): Pick<Stretch, 'tokens' | 'concepts'> & { readonly occurrences: readonly Occurrence[] } {
  const tokens = tokensOf(text);
  const occurrences = occurrencesIn(tokens, lexiconOf(tables));
  const keys = occurrences.map(({ phrase }) => (phrase.kind === 'plant' ? `plant ${phrase.key}` : phrase.key));
  return { tokens, occurrences, concepts: [...new Set(keys)] };
}

/** Share of the telling words of a text that belong to a concept or a plant, 0…1. */
export function knownIn(tables: Tables, text: string): number {
  const tokens = tokensOf(text);
  return shareKnown(tokens, occurrencesIn(tokens, lexiconOf(tables)));
}

function shareKnown(tokens: readonly Token[], occurrences: readonly Occurrence[]): number {
  const covered = new Uint8Array(tokens.length);
  for (const { at, length } of occurrences) covered.fill(1, at, at + length);
  let telling = 0;
  let known = 0;
  tokens.forEach((token, at) => {
    if (isFiller(token)) return;
    telling += 1;
    known += covered[at]!;
  });
  return telling === 0 ? 0 : known / telling;
}
