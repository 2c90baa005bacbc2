import type { HeardDose } from '../../hear';
import type { Tables } from '../../tables';
import type { ActThing } from '../judge';
import type { Mention } from '../mentions';
import type { Named } from './names';

/** N-P-K as it stands on a label: "4-3-8". */
const npk = /(?<![\d-])(\d{1,2})-(\d{1,2})-(\d{1,2})(?![\d-])/;

/** "20-20-20" names a feed by its numbers, where no other word does. */
export function withFeeds(tables: Tables, line: string, named: readonly Mention<Named>[]): Mention<Named>[] {
  const found = npk.exec(line);
  const isThere = named.some(({ row }) => row.kind === 'ingredient' && row.row.classes.includes('feed'));
  const row = tables.ingredients.find(
    ({ id }) =>
      id ===
      (/\b(?:soluble|powder|granul\w+|crystals|g|grams?|oz|ounces?)\b/.test(line) ? 'feed-powder' : 'seedling-feed'),
  );
  if (!found || isThere || !row) return [...named];
  return [...named, { row: { kind: 'ingredient', row } as const, at: found.index, length: found[0].length }].sort(
    (a, b) => a.at - b.at,
  );
}

/** What becomes of weeds that stand in water. */
const brewed =
  /^(?:\s*(?:,|and|&|or)\s*\p{L}+){0,2}\s+(?:brew|tea|ferment|soup|stew|slurry|tonic|liquid|juice|feed|barrel|drum)\b|^[^.;?!]{0,40}\b(?:in|under|with)\s+(?:\p{L}+\s+)?(?:rain)?water\b/u;
const stands =
  /\b(?:lid|barrel|drum|jar|tub|bucket|butt|dustbin|ferment\w*|steep\w*|soak\w*|rot\w*|weeks?|days?|brew\w*|stew\w*)\b/;

/** "Nettle and dock brew", "nettles in a jar of water": a brew, whatever weeds are in it. */
export function withBrews(tables: Tables, line: string, named: readonly Mention<Named>[]): Mention<Named>[] {
  const row = tables.ingredients.find(({ id }) => id === 'weed-brew');
  const isThere = named.some(({ row: one }) => one.kind === 'ingredient' && one.row.classes.includes('ferment'));
  const weed = named.find(({ row: one, at, length }) => {
    return one.kind === 'weed' && brewed.test(line.slice(at + length)) && stands.test(line);
  });
  if (!row || !weed || isThere) return [...named];
  return [...named, { row: { kind: 'ingredient', row } as const, at: weed.at, length: weed.length }].sort(
    (a, b) => a.at - b.at,
  );
}

/** The nitrogen of a feed in what goes on, g in 100 mL, where its label is named. */
export function nitrogenOf(line: string, { percent }: HeardDose): ActThing | undefined {
  const share = npk.exec(line)?.[1];
  return share === undefined || percent === undefined
    ? undefined
    : { ingredient: 'nitrogen', classes: ['nitrogen'], dose: (percent * Number(share)) / 100 };
}
