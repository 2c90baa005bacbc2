import { amountsIn, isThere, phIn, type HeardAmount } from '../../hear';
import type { MeasureSystem } from '../../quantities';
import { readLine } from '../../read';
import { plantNamesOf } from '../../hear/words';
import type {
  CauseRow,
  IngredientRow,
  PlantRow,
  SceneFact,
  SceneFactRow,
  Tables,
  WeedRow,
  WorkRow,
} from '../../tables';
import { mentions, type Mention } from '../mentions';
import { soilFacts, weatherFacts } from '../safety';

/** What a question may name. */
export type Named =
  | { readonly kind: 'ingredient'; readonly row: IngredientRow }
  | { readonly kind: 'plant'; readonly row: PlantRow }
  | { readonly kind: 'weed'; readonly row: WeedRow }
  | { readonly kind: 'cause'; readonly row: CauseRow }
  | { readonly kind: 'work' | 'thing'; readonly row: WorkRow };

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
  plants: readonly Mention<PlantRow>[],
  isAboutWeeds: boolean,
  measures: MeasureSystem,
): SceneFact[] {
  // What stands beside it says nothing of where it goes.
  const line = [...plants.filter((plant) => isBeside(plant, whole)), ...fed(whole)].reduce(
    (text, { at, length }) => blanked(text, at, length),
    whole,
  );
  const temperature = temperatureIn(line, measures);
  const wind = mostOf(line, measures, 'speed');
  const longest = mostOf(line, measures, 'time') ?? 0;
  return [
    ...new Set([
      ...tables.sceneFacts
        .filter((row) => says(row, row.words, line) && !says(row, row.unless ?? [], line))
        .map(({ id }) => id),
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
      ...(describesHelper(tables, whole) ? (['target-helper'] as const) : []),
      ...weatherFacts({
        ...(temperature === undefined ? {} : { temperature }),
        ...(wind === undefined ? {} : { wind }),
      }),
    ]),
  ];
}

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
  /\b(?:on|onto|over)\s+(?:[a-z]+\s+){0,3}$/.test(line.slice(0, at)) && !isBeside({ at }, line);

/** "The fern next to it" is not what is wetted. */
export const isBeside = ({ at }: { readonly at: number }, line: string): boolean =>
  /\b(?:near|beside|next to|close to|by the|under|below|behind|away from)\s+(?:[a-z]+\s+){0,2}$/.test(
    line.slice(0, at),
  );
