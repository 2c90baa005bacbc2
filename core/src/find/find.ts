import MiniSearch, { type SearchResult } from 'minisearch';
import { amountsIn, figureOf, figurePattern, type HeardAmount } from '../hear';
import { benchTools, type BenchTool } from '../mix';
import { toSi, unitNamed, usualUnit, type MeasureSystem } from '../quantities';
import type { RemedyRow, Tables } from '../tables';
import { fieldWords, toolWords } from '../wording';
import type { Fill } from './fill';

/** What a need, said in one line, can lead to. */
export type FoundKind = 'remedy' | 'tool' | 'plate' | 'case' | 'bed' | 'brew' | 'vessel' | 'page';

/** Something of this garden, or a page: found by its name. */
export interface Findable {
  readonly kind: FoundKind;
  readonly id: string;
  readonly name: string;
  /** Other words for it. */
  readonly words?: string;
  /** m², of a bed. */
  readonly area?: number;
}

export interface Found {
  readonly kind: FoundKind;
  readonly id: string;
  readonly name: string;
  readonly fill: Fill;
}

/** Not more than one can choose from at a glance. */
const most = 7;

const idle = new Set(
  'a an and are at be by can do does for from have how i in into is it its me much many my need of off on one or our some that the them then there these this to up use want we what when where which with would you your make put take against please'.split(
    ' ',
  ),
);
/** Plural and singular are one; the longer endings are told apart by the search's own nearness. */
const bare = (term: string): string | null => {
  const word = term.toLowerCase().replace(/[’']s?$/, '');
  if (word === '' || idle.has(word) || /^\d/.test(word)) return null;
  return word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word;
};

interface Entry extends Findable {
  readonly key: string;
  readonly plain: string;
}
const newIndex = (entries: readonly Entry[]) => {
  const index = new MiniSearch<Entry>({
    idField: 'key',
    fields: ['name', 'words', 'plain'],
    storeFields: ['kind', 'id', 'name'],
    processTerm: bare,
    searchOptions: {
      boost: { name: 4, words: 2, plain: 0.6 },
      prefix: (term) => term.length > 2,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
    },
  });
  index.addAll([...entries]);
  return index;
};
const thingOf = ({ kind, id, name }: SearchResult) => ({
  kind: kind as FoundKind,
  id: String(id),
  name: String(name),
});
const entryOf = (of: Findable, plain = ''): Entry => ({ ...of, key: `${of.kind}:${of.id}`, plain });

/** What a remedy is called, what it is made of, and what it is for. */
function remedyEntry({ causes, conditions, ingredients }: Tables, row: RemedyRow): Entry {
  const against = new Set<string>(row.targets.map(({ of }) => of));
  const targets = [...causes, ...conditions].filter(({ id }) => against.has(id)).map(({ name }) => name);
  const recipe = row.recipe && 'ingredient' in row.recipe ? row.recipe.ingredient : undefined;
  const made = ingredients.filter(({ id }) => id === recipe).flatMap(({ name, words }) => [name, ...words]);
  return entryOf(
    { kind: 'remedy', id: row.id, name: row.name, words: [...made, ...targets].join(' ') },
    [row.plain, row.rate, ...row.steps.map(({ does }) => does)].join(' '),
  );
}

function toolEntry({ id, fields }: BenchTool): Entry {
  const { name, plain } = toolWords(id);
  const labels = Object.keys(fields).map((field) => fieldWords(id, field).label);
  return entryOf({ kind: 'tool', id, name, words: plain }, labels.join(' '));
}

/** The knowledge is the same for the whole session; indexing it takes some 20 ms. */
const indexes = new WeakMap<object, MiniSearch<Entry>>();
function knowledgeIndex(tables: Tables): MiniSearch<Entry> {
  const known = indexes.get(tables.remedies);
  if (known) return known;
  const made = newIndex([
    ...tables.remedies.map((row) => remedyEntry(tables, row)),
    ...benchTools.map(toolEntry),
    ...tables.signs.map(({ id, name, plain }) => entryOf({ kind: 'plate', id, name }, plain)),
  ]);
  indexes.set(tables.remedies, made);
  return made;
}

/** A sum is asked for, not a thing. */
const asksSum = /\bhow (?:much|many|strong|long|fast|big|large)\b|\bwork out\b|\bcosts?\b/i;
const sumsAreMeant = 1.8;
/** For each thing said that fits a field of a sum. */
const fits = 0.6;
/** Recognising is another need than doing: a plate comes first only where nothing to do is called so. */
const plateRank = 0.35;

/**
 * Leads from a need in one line to the thing it is met with, filled in with what was said: amounts, a bed, a vessel.
 * @param here what is in this garden, and its pages
 * @returns at most seven, the best first; none where no word was known
 */
export function find(tables: Tables, here: readonly Findable[], line: string, system: MeasureSystem): Found[] {
  const named = here.filter(({ kind, name }) => (kind === 'bed' || kind === 'vessel') && isNamed(line, name));
  const sides = sidesIn(line, system);
  const heard = [...sides, ...amountsIn(sides.length > 0 ? unmeasured(line, sides) : line, system)];
  const measuredOut = unmeasured(sides.length > 0 ? unmeasured(line, sides) : line, heard.slice(sides.length));
  const rest = named.reduce((words, { name }) => without(words, name), measuredOut);
  const bed = named.find(({ kind }) => kind === 'bed');
  const vessel = named.find(({ kind }) => kind === 'vessel');
  const isSum = asksSum.test(line);
  const index = knowledgeIndex(tables);
  // In one index, so that a name of this garden and a name of the knowledge weigh the same.
  const own = here.map((one) => entryOf(one));
  index.addAll(own);
  const hits = index.search(hasWords(rest) ? rest : line);
  index.removeAll(own);
  return hits
    .map((hit) => {
      const thing = thingOf(hit);
      const fill = fillOf(tables, thing, { line, heard, bed, vessel });
      // What is counted by itself (egg shells) points there twice over.
      const filled = Object.values(fill.values ?? {}).reduce<number>(
        (sum, value) => sum + (typeof value === 'object' ? 2 : 1),
        0,
      );
      const rank =
        hit.score *
        hit.queryTerms.length ** 0.5 *
        (thing.kind === 'tool' ? (isSum ? sumsAreMeant : 1) * (1 + fits * filled) : 1) *
        (thing.kind === 'plate' ? plateRank : 1);
      return { ...thing, fill, rank };
    })
    .sort((a, b) => b.rank - a.rank)
    .slice(0, most)
    .map(({ rank: _, ...found }) => found);
}

const sides =
  /(?<![\w.,/])(\d+(?:[.,]\d+)?)\s*(m|metres?|meters?|ft|feet|cm)?\s*(?:x|×|by)\s*(\d+(?:[.,]\d+)?)\s*(m|metres?|meters?|ft|feet|cm)?(?!\w)/iu;
/** "3 m by 2", "10 x 4 ft": the sides of a bed, in what beds are paced out in there where no unit stands. */
function sidesIn(line: string, system: MeasureSystem): HeardAmount[] {
  const said = sides.exec(line);
  if (!said) return [];
  const [all, long = '', first, wide = '', second] = said;
  const unit = unitNamed(second ?? first ?? '')?.id ?? usualUnit('length', system);
  const side = (text: string, at: number, length: number): HeardAmount => ({
    kind: 'length',
    amount: toSi('length', Number(text.replace(',', '.')), unit, system) ?? 0,
    at,
    length,
  });
  return [side(long, said.index, all.length), side(wide, said.index + all.length, 0)];
}

/** A line without its amounts: "cm" names nothing. */
const unmeasured = (line: string, heard: readonly HeardAmount[]): string =>
  [...heard].reverse().reduce((words, { at, length }) => `${words.slice(0, at)} ${words.slice(at + length)}`, line);
const hasWords = (line: string): boolean => line.split(/\P{L}+/u).some((word) => bare(word) !== null);
const plainOf = (text: string) =>
  text
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const isNamed = (line: string, name: string): boolean => ` ${plainOf(line)} `.includes(` ${plainOf(name)} `);
const without = (line: string, name: string): string => ` ${plainOf(line)} `.replace(` ${plainOf(name)} `, ' ');

interface Said {
  readonly line: string;
  readonly heard: readonly HeardAmount[];
  readonly bed: Findable | undefined;
  readonly vessel: Findable | undefined;
}

function fillOf(tables: Tables, { kind, id }: Pick<Findable, 'kind' | 'id'>, said: Said): Fill {
  const { heard, bed, vessel } = said;
  if (kind === 'tool') {
    const tool = benchTools.find((one) => one.id === id);
    return tool ? { values: valuesOf(tool, said) } : {};
  }
  if (kind !== 'remedy') return {};
  const volume = heard.find((one) => one.kind === 'volume')?.amount;
  const isMixed = tables.remedies.some((row) => row.id === id && row.recipe !== undefined);
  return {
    ...(vessel && isMixed ? { vesselId: vessel.id } : {}),
    ...(volume === undefined || !isMixed ? {} : { volumeMl: volume }),
    ...(bed ? { bedId: bed.id } : {}),
  };
}

/** Amounts go to the fields of their kind, in the order of both; a bed that was named brings its size. */
function valuesOf({ id, fields }: BenchTool, { line, heard, bed }: Said): NonNullable<Fill['values']> {
  const values: Record<string, number | string | { text: string; unit: string }> = {};
  const left = [...heard];
  const take = (kind: string, to?: HeardAmount['kind']) => {
    const at = left.findIndex((one) => one.kind === (to ?? kind));
    return at < 0 ? undefined : left.splice(at, 1)[0]?.amount;
  };
  if (bed?.area !== undefined && 'area' in fields && 'shape' in fields) {
    values.shape = 'area';
    values.area = bed.area;
  }
  for (const [name, spec] of Object.entries(fields)) {
    if (name in values) continue;
    if (spec.kind === 'quantity') {
      const counted = (spec.also ?? []).flatMap(({ id: unit, words }) => {
        const said = new RegExp(String.raw`(?<![\w.,])(${figurePattern})\s+(?:${[...words].join('|')})s?\b`, 'iu').exec(
          line,
        );
        return said?.[1] === undefined ? [] : [{ text: String(figureOf(said[1])), unit }];
      })[0];
      const amount = counted ?? (values.shape === 'area' && spec.when ? undefined : take(spec.quantity));
      if (amount !== undefined) values[name] = amount;
    } else if (spec.kind === 'number' && (spec.unit.startsWith('percent') || spec.unit === 'days')) {
      const amount = take(spec.unit, spec.unit === 'days' ? 'time' : 'percent');
      if (amount !== undefined) values[name] = Math.round(amount * 1000) / 1000;
    } else if (spec.kind === 'choice') {
      const { options = {} } = fieldWords(id, name);
      const said = spec.options.find((option) => isNamed(line, options[option] ?? option));
      if (said !== undefined) values[name] = said;
    }
  }
  return values;
}
