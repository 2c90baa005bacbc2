import { outermost } from './outermost';

/** Something that a line may name, with the words for it in lower case. */
export interface Nameable<Row> {
  readonly row: Row;
  readonly words: readonly string[];
}

/** Where a line names something. */
export interface Mention<Row> {
  readonly row: Row;
  readonly at: number;
  readonly length: number;
}

/** Everything a line names, by whole words, first to last; a longer name hides a shorter one within it. */
export function mentions<Row>(things: readonly Nameable<Row>[], line: string): Mention<Row>[] {
  const lower = line.toLowerCase();
  const all: Mention<Row>[] = [];
  for (const { row, words } of things)
    for (const word of words)
      if (lower.includes(startOf(word))) for (const found of placesOf(word, line)) all.push({ row, ...found });
  return outermost(all);
}

/** True where a line holds one of the words. */
export function namesOneOf(words: readonly string[], line: string): boolean {
  const lower = line.toLowerCase();
  return words.some((word) => lower.includes(startOf(word)) && placesOf(word, line).length > 0);
}

const starts = new Map<string, string>();

/** How a word begins: most words are in no line at all, and that is seen without a pattern. */
function startOf(word: string): string {
  const known = starts.get(word);
  if (known !== undefined) return known;
  const [start = ''] = word.toLowerCase().split(/[\s*-]+/, 1);
  starts.set(word, start);
  return start;
}

/** Where a line holds a word. */
const placesOf = (word: string, line: string): { at: number; length: number }[] =>
  [...line.matchAll(wholeWord(word))].map((found) => ({ at: found.index, length: found[0].length }));

const patterns = new Map<string, RegExp>();

/**
 * The word itself, or its plural; a hyphen is as good as a space, and a lone `*` stands for up to two words. Each
 * pattern is made once: the words are those of the tables.
 */
function wholeWord(word: string): RegExp {
  const known = patterns.get(word);
  if (known) return known;
  const pattern = word
    .split(/\s+\*\s+/)
    .map((part) => part.replace(/[.+?^${}()|[\]\\]/g, '\\$&').replace(/[\s-]+/g, '[\\s-]+'))
    .join("\\s+(?:[\\p{L}’']+\\s+){0,2}");
  const made = new RegExp(`(?<![\\p{L}-])${pattern}(?:e?s)?(?![\\p{L}-])`, 'giu');
  patterns.set(word, made);
  return made;
}
