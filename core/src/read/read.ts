import type { Tables } from '../tables';
import { readByMeaning } from './by-meaning';
import { triedIn, withoutTried, type Tried } from './tried';
import { readByVocabulary, type About, type SignsRead } from './vocabulary';

export type { Tried } from './tried';
export { isPerhaps, plantNamed, type About, type Perhaps, type Understood } from './vocabulary';

/** What a line says: signs, and what was done about them before. */
export interface Reading extends SignsRead {
  readonly tried: readonly Tried[];
}

/** Reads a gardener's line into signs: by what people mean where that was learned, by the vocabulary alone otherwise. */
export function readLine(tables: Tables, line: string, about: About = {}): Reading {
  const read = tables.meanings
    ? readByMeaning(tables, tables.meanings, line, about)
    : readByVocabulary(tables, line, about);
  const tried = triedIn(tables, line, about.today);
  return { ...withoutTried(tables, read, tried), tried };
}
