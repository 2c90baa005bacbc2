import type { Tables } from '../tables';
import { readByMeaning } from './by-meaning';
import { readByVocabulary, type About, type Reading } from './vocabulary';

export { isPerhaps, plantNamed, type About, type Perhaps, type Reading, type Understood } from './vocabulary';

/** Reads a gardener's line into signs: by what people mean where that was learned, by the vocabulary alone otherwise. */
export function readLine(tables: Tables, line: string, about: About = {}): Reading {
  return tables.meanings ? readByMeaning(tables, tables.meanings, line, about) : readByVocabulary(tables, line, about);
}
