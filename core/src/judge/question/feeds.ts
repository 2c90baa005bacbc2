import type { HeardDose } from '../../hear';
import type { Tables } from '../../tables';
import type { ActThing } from '../judge';
import type { Mention } from '../../hear/mentions';
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
      (/\b(?:soluble|powder|granul\w+|crystals|g|grams?|oz|ounces?)\b/.test(line) || isLaidDry(line)
        ? 'feed-powder'
        : 'seedling-feed'),
  );
  if (!found || isThere || !row) return [...named];
  return [...named, { row: { kind: 'ingredient', row } as const, at: found.index, length: found[0].length }].sort(
    (a, b) => a.at - b.at,
  );
}

/** Scratched in, or strewn: no water thins it. */
export const isLaidDry = (line: string): boolean =>
  /\b(?:scratch|work|rake|fork|dig|dug|mix)\w* (?:it |them )?in(?:to)?\b|\bside[- ]?dress\w*|\b(?:sprinkl|scatter|strew|broadcast|granul)\w*|\bper (?:plant|hill|square|sq)\b/.test(
    line,
  );

const feeds = /\b(?:feed|fed|feeding|fertili[sz]e|fertili[sz]ing)\b/;

/** "Shall I feed them now?": where nothing else is named, a feed. */
export function withFeeding(tables: Tables, line: string, named: readonly Mention<Named>[]): Mention<Named>[] {
  const row = tables.ingredients.find(({ id }) => id === 'seedling-feed');
  const found = feeds.exec(line);
  const isThere = named.some(({ row: one }) => one.kind === 'ingredient' && one.row.id !== 'water');
  if (!row || !found || isThere) return [...named];
  return [...named, { row: { kind: 'ingredient', row } as const, at: found.index, length: found[0].length }].sort(
    (a, b) => a.at - b.at,
  );
}

/** Shells in acid are becoming an extract: once that goes somewhere, it is what goes there. */
export function withExtract(tables: Tables, line: string, named: readonly Mention<Named>[]): Mention<Named>[] {
  const row = tables.ingredients.find(({ id }) => id === 'shell-extract');
  const isOf = (name: string) => (one: Mention<Named>) =>
    one.row.kind === 'ingredient' && one.row.row.classes.includes(name);
  const isAcid = isOf('acid');
  if (!row || !named.some(isAcid) || !named.some(isOf('shell')) || !goesSomewhere.test(line)) return [...named];
  return named.map((one) => (isAcid(one) ? { ...one, row: { kind: 'ingredient', row } as const } : one));
}
const goesSomewhere =
  /\b(?:spray\w*|water(?:ed|ing)? (?:on|onto|in|the|my|them)|on (?:the |my )?(?:lea(?:f|ves)|soil|plants?|tomato\w*)|pour\w* (?:on|over|round|around))\b/;

/** What becomes of weeds that stand in water. */
const brewed =
  /^(?:\s*(?:,|and|&|or)\s*\p{L}+){0,2}\s+(?:brew|tea|ferment|soup|stew|slurry|tonic|liquid|liquor|slurry|juice|feed|barrel|drum|bucket|tub|butt|dustbin)\b|^[^.;?!]{0,40}\b(?:in|under|with)\s+(?:\p{L}+\s+)?(?:rain)?water\b/u;
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
