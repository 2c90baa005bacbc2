import { tokensOf } from '../hear/words';
import { meaningsOf, meantBy } from '../meaning';
import type { SignId, Tables } from '../tables';
import { likeliest } from './story';
import { stretchOf } from './stretch';
import { readByVocabulary } from './vocabulary';

/** What is less likely meant than this, talk being likelier, is not shown. */
const leastChance = 0.005;

/**
 * Signs that searched words name or may mean, the nearest first, at most `most`: those whose name or plain sentence
 * holds every word, and those that people say so.
 */
export function findSigns(tables: Tables, wanted: string, most = 24): SignId[] {
  const stems = tokensOf(wanted).map(({ stem }) => stem);
  if (stems.length === 0) return [];
  const holds = (text: string) => {
    const own = tokensOf(text).map(({ stem }) => stem);
    // The last word may still be being typed.
    return stems.every((stem, at) =>
      own.some((one) => (at === stems.length - 1 ? one.startsWith(stem) : one === stem)),
    );
  };
  const named = tables.signs.filter(({ name }) => holds(name));
  const told = tables.signs.filter(({ name, plain }) => holds(`${name} ${plain}`));
  return [
    ...new Set([...named.map(({ id }) => id), ...meant(tables, wanted, most), ...told.map(({ id }) => id)]),
  ].slice(0, most);
}

function meant(tables: Tables, wanted: string, most: number): SignId[] {
  const { meanings: data } = tables;
  if (!data) return readByVocabulary(tables, wanted).understood.map(({ sign }) => sign);
  const meanings = meaningsOf(data);
  const stretch = stretchOf(tables, wanted);
  // Of a word that is in no table nothing is guessed.
  if (stretch.known === 0 && !stretch.tokens.some(({ word }) => meanings.directions.rowOf.has(word))) return [];
  const { chances, told } = meantBy(meanings, stretch);
  return likeliest(chances, most)
    .filter((row) => told * chances[row]! >= leastChance)
    .map((row) => data.signs[row]!);
}
