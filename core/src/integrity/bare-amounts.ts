import { units } from '../quantities';

/**
 * How units are written that differ from one gardener's measures to another's. Left out: numbers of things,
 * barrows, bags and drops, which are told alike everywhere, and "in", which is a word ("1 in 5").
 */
const measured = units
  .filter(({ kind, id }) => kind !== 'number' && !['in', 'drop', 'barrow', 'bag', 'handful'].includes(id))
  .flatMap(({ id, one, many, words }) => [id, one, many, ...words]);

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const bare = new RegExp(
  `(?<![\\w.{])\\d[\\d.,]*(?:\\s*[–×-]\\s*\\d[\\d.,]*)?\\s*(?:${[...new Set(measured)]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})s?(?![\\w])`,
  'g',
);

/** Amounts of a sentence that stand outside braces, though they need to be told in the reader's measures. */
export const bareAmounts = (text: string): string[] =>
  [...text.replace(/\{[^{}]*\}/g, '').matchAll(bare)].map(([found]) => found);
