import { amountsIn, isThere, phIn, spansOf, type HeardAmount } from '../../hear';
import { factMeant } from '../../meaning';
import type { MeasureSystem } from '../../quantities';
import { readLine } from '../../read';
import { wordsOf } from '../../read/stretch';
import { plantNamesOf } from '../../hear/words';
import type {
  CauseRow,
  IngredientRow,
  PlantRow,
  SafetyRule,
  SceneFact,
  SceneFactRow,
  Tables,
  WeedRow,
  WorkRow,
} from '../../tables';
import { mentions, type Mention } from '../../hear/mentions';
import { soilFacts, weatherFacts } from '../safety';

/** What a question may name. */
export type Named =
  | { readonly kind: 'ingredient'; readonly row: IngredientRow }
  | { readonly kind: 'plant'; readonly row: PlantRow }
  | { readonly kind: 'weed'; readonly row: WeedRow }
  | { readonly kind: 'cause'; readonly row: CauseRow }
  | { readonly kind: WorkRow['kind']; readonly row: WorkRow };

const namedThings = new WeakMap<object, readonly { row: Named; words: readonly string[] }[]>();

/** Ingredients and plants in one list, so that an "ash tree" is no ash and "tomato feed" no tomato. */
export function nameable({
  ingredients,
  plants,
  weeds,
  causes,
  works,
}: Tables): readonly { row: Named; words: readonly string[] }[] {
  const known = namedThings.get(ingredients);
  if (known) return known;
  const built = [
    ...ingredients.map((row) => ({
      row: { kind: 'ingredient', row } as const,
      words: [row.name.toLowerCase(), ...row.words],
    })),
    ...plants.map((row) => ({
      row: { kind: 'plant', row } as const,
      words: plantNamesOf(row)
        .map((name) => name.trim().toLowerCase())
        .filter((name) => name !== ''),
    })),
    // "Vine weevil" is no vine, "ash borer" no ash.
    ...causes.map((row) => ({ row: { kind: 'cause', row } as const, words: [row.name.toLowerCase()] })),
    ...weeds.map((row) => ({
      row: { kind: 'weed', row } as const,
      words: [row.name, ...row.synonyms].map((name) => name.toLowerCase()),
    })),
    ...works.map((row) => ({ row: { kind: row.kind, row } as const, words: row.words })),
  ];
  namedThings.set(ingredients, built);
  return built;
}

const groupFacts: Readonly<Record<string, SceneFact>> = {
  fern: 'fern-or-tender',
  seedling: 'fern-or-tender',
  'acid-lover': 'acid-lover',
  potato: 'grows-potatoes',
};

/** Nothing but a helper shows it that often. */
const showsOften = 0.5;
const below = new Set(['inside-soil', 'soil-surface', 'roots', 'lawn', 'around', 'water']);
/** So seldom that it is no sign of that. */
const showsHardly = 0.2;

/** "The orange spiky bugs": what the reader of signs knows as a helper is one here too. */
function describesHelper(tables: Tables, line: string): boolean {
  // Worms and what else lives below are met wherever one digs.
  const onPlants = new Set(
    tables.signs.filter(({ what, where }) => what === 'insect' && !below.has(where)).map(({ id }) => id),
  );
  const seen = new Set(
    readLine(tables, line).understood.flatMap(({ sign, state }) =>
      state === 'seen' && onPlants.has(sign) ? [sign] : [],
    ),
  );
  const shows = (kinds: (kind: CauseRow['kind']) => boolean, from: number) =>
    tables.causes
      .filter(({ kind }) => kinds(kind))
      .flatMap(({ signs }) => signs.filter(({ strength }) => strength >= from).map(({ sign }) => sign));
  const others = new Set(shows((kind) => kind !== 'helper', showsHardly));
  return shows((kind) => kind === 'helper', showsOften).some((sign) => seen.has(sign) && !others.has(sign));
}

/** What else is so, from the line's words and the plants it is put on. */
export function factsIn(
  tables: Tables,
  whole: string,
  named: readonly Mention<Named>[],
  measures: MeasureSystem,
): SceneFact[] {
  const plants = plantsOf(named);
  const isAboutWeeds = named.some(({ row }) => row.kind === 'weed');
  // What stands beside it says nothing of where it goes.
  const line = [...plants.filter((plant) => isBeside(plant, whole)), ...fed(whole)].reduce(
    (text, { at, length }) => blanked(text, at, length),
    whole,
  );
  const spoken = plainly(line, named);
  const temperature = temperatureIn(line, measures);
  const wind = mostOf(line, measures, 'speed');
  const longest = mostOf(line.replaceAll(grown, ' '), measures, 'time') ?? 0;
  return [
    ...new Set([
      ...factsSaid(tables, spoken),
      ...factsMeantIn(tables, spoken),
      ...soilFacts(tables, phIn(line)),
      ...plants
        .filter((plant) => !isBeside(plant, line))
        .flatMap(({ row }) => [
          ...[row.id, ...row.groups].flatMap((group) => groupFacts[group] ?? []),
          ...(row.edible ? (['grows-food'] as const) : []),
        ]),
      ...(plants.some((plant) => isTarget(plant, line)) ? (['on-plant'] as const) : []),
      ...(longest >= longWait ? (['waits-long'] as const) : []),
      ...(isAboutWeeds ? (['as-weedkiller'] as const) : []),
      ...(describesHelper(tables, withoutPests(whole, named)) ? (['target-helper'] as const) : []),
      ...weatherFacts({
        ...(temperature === undefined ? {} : { temperature }),
        ...(wind === undefined ? {} : { wind }),
      }),
    ]),
  ];
}

/** "My five-year-old", "a two-year-old vine": how old somebody is, and no time to wait. */
const grown = /[\w-]+[\s-]years?[\s-]old\b/gu;

/** Days between raw manure and what is picked off the soil. */
const longWait = 90;

/** The warmest that a line says of the weather, °C: ovens and kettles are warmer. */
export const temperatureIn = (line: string, measures: MeasureSystem): number | undefined =>
  mostOf(line, measures, 'temperature', 60);

function mostOf(
  line: string,
  measures: MeasureSystem,
  kind: HeardAmount['kind'],
  atMost = Infinity,
): number | undefined {
  const named = amountsIn(line, measures).filter((one) => one.kind === kind && one.amount < atMost);
  return named.length === 0 ? undefined : Math.max(...named.map(({ amount }) => amount));
}

/** Facts that the line tells in the words of their lists. */
export const factsSaid = ({ sceneFacts }: Pick<Tables, 'sceneFacts'>, line: string): SceneFact[] =>
  sceneFacts.filter((row) => says(row, row.words, line) && !says(row, row.unless ?? [], line)).map(({ id }) => id);

/**
 * How sure a fact must be that no list of words holds: one that only warns, one that stops something, and one that stops
 * by itself or answers a warning.
 */
const sureFrom = { warns: 0.65, stops: 0.8, decides: 0.85 } as const;

/** The plants among what is named. */
export const plantsOf = (named: readonly Mention<Named>[]): Mention<PlantRow>[] =>
  named.flatMap((found) => (found.row.kind === 'plant' ? [{ ...found, row: found.row.row }] : []));

/** Without words that stand for none of the things they name: "cat mint" is no cat, "dog rose" no dog. */
const plainly = (line: string, named: readonly Mention<Named>[]): string =>
  named
    .filter(({ row: { kind } }) => kind === 'talk')
    .reduceRight((text, { at, length }) => `${text.slice(0, at)}plant${text.slice(at + length)}`, line);

/** A pest by its name is none of the helpers that look like it. */
const withoutPests = (line: string, named: readonly Mention<Named>[]): string =>
  named.reduce(
    (text, { at, length, row }) =>
      row.kind === 'cause' && row.row.kind !== 'helper' ? blanked(text, at, length) : text,
    line,
  );

/** Facts that the line tells in words which no list holds, by how people say them; not what is denied in plain words. */
function factsMeantIn(tables: Tables, line: string): SceneFact[] {
  const { meanings, sceneFacts } = tables;
  if (!meanings) return [];
  const weights = weightsOfFacts(tables);
  const meant = new Set(
    spansOf(line).flatMap((span) => {
      const found = factMeant(meanings, wordsOf(tables, span));
      const row = found && sceneFacts.find(({ id }) => id === found.fact);
      return row && found.sure > sureFrom[weights.get(row.id) ?? 'warns'] ? [row] : [];
    }),
  );
  return [...meant]
    .filter((row) => !says(row, row.unless ?? [], line) && mentions([{ row, words: row.words }], line).length === 0)
    .map(({ id }) => id);
}

type Weight = keyof typeof sureFrom;
const weighed = new WeakMap<object, ReadonlyMap<SceneFact, Weight>>();

function weightsOfFacts({ safetyRules }: Pick<Tables, 'safetyRules'>): ReadonlyMap<SceneFact, Weight> {
  const known = weighed.get(safetyRules);
  if (known) return known;
  const all = (weight: Weight, of: (rule: SafetyRule) => readonly SceneFact[]) =>
    safetyRules.flatMap((rule) => of(rule).map((fact) => [fact, weight] as const));
  const built = new Map<SceneFact, Weight>([
    ...all('stops', ({ level, when }) => (level === 'stop' ? (when.facts ?? []) : [])),
    ...all('decides', ({ level, metBy = [], when: { things = [], facts = [], withoutFacts = [] } }) => [
      ...metBy,
      ...withoutFacts,
      ...(level === 'stop' && things.length === 0 ? facts : []),
    ]),
  ]);
  weighed.set(safetyRules, built);
  return built;
}

const says = (row: SceneFactRow, words: readonly string[], line: string): boolean =>
  mentions([{ row, words }], line).some((found) => isSaid(found, line));

/** There, and not denied within the words themselves: "on roses without flowers". */
const isSaid = (found: { readonly at: number; readonly length: number }, line: string): boolean =>
  isThere(line)(found) &&
  !/\b(?:no|not|without|never)\b/.test(
    line.slice(found.at, found.at + found.length).replace(/^(?:no|not|without|never)\b/, ''),
  );

/** "Fish 5-1-1", "fish emulsion" swim nowhere. */
const fed = (line: string) =>
  [...line.matchAll(/\bfish(?=\s+(?:\d|feed|food|emulsion|fertili|meal|blood))/g)].map(({ index }) => ({
    at: index,
    length: 4,
  }));

export const blanked = (text: string, at: number, length: number): string =>
  text.slice(0, at) + ' '.repeat(length) + text.slice(at + length);

/** "On my tomatoes", "over the leaves of the beans": it is put on them. */
const isTarget = ({ at }: { readonly at: number }, line: string): boolean =>
  /\b(?:on|onto|over|(?:root zone|roots|base|foot|crown) of)\s+(?:[a-z]+\s+){0,3}$/.test(line.slice(0, at)) &&
  !isBeside({ at }, line);

/** "The fern next to it" is not what is wetted. */
export const isBeside = ({ at }: { readonly at: number }, line: string): boolean =>
  /\b(?:near|beside|next to|close to|by the|under|below|behind|away from)\s+(?:[a-z]+\s+){0,2}$/.test(
    line.slice(0, at),
  );
