import { outermost } from '../hear';

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
  const all = things.flatMap(({ row, words }) =>
    words.flatMap((word) =>
      [...line.matchAll(new RegExp(wholeWord(word), 'giu'))].map((found) => ({
        row,
        at: found.index,
        length: found[0].length,
      })),
    ),
  );
  return outermost(all);
}

/** True where a line holds one of the words. */
export const namesOneOf = (words: readonly string[], line: string): boolean =>
  words.some((word) => new RegExp(wholeWord(word), 'iu').test(line));

/** The word itself, or its plural; a hyphen is as good as a space, and a lone `*` stands for up to two words. */
const wholeWord = (word: string): string => {
  const pattern = word
    .split(/\s+\*\s+/)
    .map((part) => part.replace(/[.+?^${}()|[\]\\]/g, '\\$&').replace(/[\s-]+/g, '[\\s-]+'))
    .join("\\s+(?:[\\p{L}’']+\\s+){0,2}");
  return `(?<![\\p{L}-])${pattern}(?:e?s)?(?![\\p{L}-])`;
};
