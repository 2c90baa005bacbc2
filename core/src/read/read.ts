import type { Setting, Tables } from '../tables';
import { readByMeaning } from './by-meaning';
import { placesToldIn, settingIn } from './setting';
import { triedIn, withoutTried, type Tried } from './tried';
import { readByVocabulary, type About, type SignsRead } from './vocabulary';

export type { Tried } from './tried';
export { isPerhaps, plantNamed, type About, type Perhaps, type Understood } from './vocabulary';

/** What a line says: signs, what was done about them before, and where it grows. */
export interface Reading extends SignsRead {
  readonly tried: readonly Tried[];
  /** Where it grows, if the line says so. */
  readonly setting?: Setting;
}

/** Reads a gardener's line into signs: by what people mean where that was learned, by the vocabulary alone otherwise. */
export function readLine(tables: Tables, line: string, given: About = {}): Reading {
  const setting = settingIn(tables, line);
  const about = { ...(setting === undefined ? {} : { setting }), ...given };
  const read = tables.meanings
    ? readByMeaning(tables, tables.meanings, line, about)
    : readByVocabulary(tables, line, about);
  const tried = triedIn(tables, line, about.today);
  const places = placesToldIn(tables, line).map(({ at, length }) => line.slice(at, at + length).toLowerCase());
  const notUnderstood = read.notUnderstood.filter(
    (word) => !places.some((place) => place.includes(word.toLowerCase())),
  );
  return {
    ...withoutTried(tables, { ...read, notUnderstood }, tried),
    tried,
    ...(setting === undefined ? {} : { setting }),
  };
}
