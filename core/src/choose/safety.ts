import type { CautionSaid } from '../contract/mix';
import {
  sceneFacts,
  type IngredientRow,
  type SafetyRule,
  type SafetyWhen,
  type SceneFact,
  type Tables,
} from '../tables';

/** Something in the vessel, or the remedy that is put on. */
export interface Thing {
  readonly classes: readonly string[];
  /** What its label says, %. */
  readonly percent?: number;
}

/** Everything about a job that bears on safety. */
export interface Scene {
  readonly things: readonly Thing[];
  readonly facts?: readonly SceneFact[];
  /** What was in this vessel, on this plant or on this bed before. */
  readonly before?: readonly {
    readonly classes: readonly string[];
    readonly where: 'tank' | 'plant' | 'bed';
    readonly daysAgo: number;
  }[];
  /** Days until something that is eaten is picked. */
  readonly daysToHarvest?: number;
}

const gravity: Record<SafetyRule['level'], number> = { note: 0, caution: 1, stop: 2 };

/** Every rule that a scene brings up, the gravest first. */
export function rulesIn({ safetyRules }: Pick<Tables, 'safetyRules'>, scene: Scene): SafetyRule[] {
  return safetyRules.filter(({ when }) => holds(when, scene)).sort((a, b) => gravity[b.level] - gravity[a.level]);
}

function holds(when: SafetyWhen, { things, facts = [], before = [], daysToHarvest }: Scene): boolean {
  const classes = new Set(things.flatMap((thing) => thing.classes));
  const { over, before: earlier, harvestWithin } = when;
  return (
    (when.things ?? []).every((name) => classes.has(name)) &&
    (when.facts ?? []).every((fact) => facts.includes(fact)) &&
    (over === undefined ||
      things.some((thing) => thing.classes.includes(over.class) && (thing.percent ?? 0) > over.percent)) &&
    (earlier === undefined ||
      before.some(
        (item) => item.where === earlier.where && item.daysAgo < earlier.days && item.classes.includes(earlier.class),
      )) &&
    (harvestWithin === undefined || (daysToHarvest !== undefined && daysToHarvest < harvestWithin))
  );
}

export const ruleSaid = ({ id, level, says, instead }: SafetyRule): CautionSaid => ({ rule: id, level, says, instead });

/** What a word from the cupboard stands for; undefined when it is not known. */
export function ingredientNamed({ ingredients }: Pick<Tables, 'ingredients'>, word: string): IngredientRow | undefined {
  const wanted = word.trim().toLowerCase();
  const exact = ingredients.find(
    ({ id, name, words }) => id === wanted || name.toLowerCase() === wanted || words.includes(wanted),
  );
  return exact ?? mentions(ingredients, wanted).sort((a, b) => b.length - a.length)[0]?.row;
}

interface Mention {
  readonly row: IngredientRow;
  readonly at: number;
  readonly length: number;
}

/** Ingredients that a line names, by whole words; a longer name hides a shorter one within it. */
function mentions(ingredients: readonly IngredientRow[], line: string): Mention[] {
  const all = ingredients.flatMap((row) =>
    [row.name.toLowerCase(), ...row.words].flatMap((word) => {
      const found = wholeWord(word).exec(line);
      return found ? [{ row, at: found.index, length: word.length }] : [];
    }),
  );
  return all.filter(
    (one) =>
      !all.some(
        (other) => other.length > one.length && other.at <= one.at && other.at + other.length >= one.at + one.length,
      ),
  );
}

/** The word itself, or its plural. */
const wholeWord = (word: string) =>
  new RegExp(`(?<![\\p{L}-])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:e?s)?(?![\\p{L}-])`, 'iu');

interface PercentSaid {
  readonly percent: number;
  readonly at: number;
}

function percentsIn(line: string): PercentSaid[] {
  return [...line.matchAll(/(\d+(?:[.,]\d+)?)\s*(?:%|percent|per cent)/gi)].map((found) => ({
    percent: Number((found[1] ?? '0').replace(',', '.')),
    at: found.index,
  }));
}

/** A label's strength in a word like "vinegar 20 %". */
export const percentIn = (line: string): number | undefined => percentsIn(line)[0]?.percent;

/** The strength that stands nearest to an ingredient, if it stands nearer to no other. */
function strengthOf(
  row: IngredientRow,
  named: readonly Mention[],
  percents: readonly PercentSaid[],
): { percent?: number } {
  for (const { percent, at } of percents) {
    const nearest = [...named].sort((a, b) => distance(a, at) - distance(b, at))[0];
    if (nearest?.row === row) return { percent };
  }
  return {};
}

/** Letters between a strength and a name; what follows the strength ("20 % vinegar") is meant before what precedes it. */
const distance = (mention: Mention, at: number): number =>
  mention.at >= at ? mention.at - at : at - (mention.at + mention.length) + 4;

/** A question in a gardener's words, as far as it is understood. */
export interface Asked {
  readonly scene: Scene;
  /** What was read, in words. */
  readonly understood: readonly string[];
}

const celsius = (line: string): number | undefined => {
  const found = /(-?\d+)\s*(?:°|degrees)?\s*(c|f)?\b(?!\s*(?:%|percent|per cent|l\b|ml\b|g\b|days?))/i.exec(line);
  if (!found?.[1] || (!found[2] && !/\d\s*(?:°|degrees)/i.test(line))) return undefined;
  const value = Number(found[1]);
  return found[2]?.toLowerCase() === 'f' ? ((value - 32) * 5) / 9 : value;
};

/** Above these contact sprays burn, °C. */
const hotFrom = 30;
const veryHotFrom = 32;

/** Facts of the weather for a scene. @param temperature °C; @param wind km/h */
export function weatherFacts({
  temperature,
  wind,
  sun,
}: {
  temperature?: number;
  wind?: number;
  sun?: boolean;
}): SceneFact[] {
  return [
    ...(temperature !== undefined && temperature > hotFrom ? (['hot'] as const) : []),
    ...(temperature !== undefined && temperature > veryHotFrom ? (['very-hot'] as const) : []),
    ...(temperature !== undefined && temperature <= 0 ? (['frost'] as const) : []),
    ...(wind !== undefined && wind >= 15 ? (['wind'] as const) : []),
    ...(sun === true ? (['sun'] as const) : []),
  ];
}

/** Reads a question such as "may I put 20 % vinegar on weeds near the pond". Unknown words are left, not guessed. */
export function readQuestion(tables: Pick<Tables, 'ingredients'>, line: string): Asked {
  const lower = line.toLowerCase();
  const named = mentions(tables.ingredients, lower);
  const percents = percentsIn(lower);
  const rows = [...new Set(named.map(({ row }) => row))];
  const facts = (Object.entries(sceneFacts) as [SceneFact, readonly string[]][])
    .filter(([, words]) => words.some((word) => wholeWord(word).test(lower)))
    .map(([fact]) => fact);
  const temperature = celsius(lower);
  const all = [...new Set([...facts, ...(temperature === undefined ? [] : weatherFacts({ temperature }))])];
  const harvest = /(\d+)\s*days?\s*(?:before|to|until)\s*(?:harvest|picking|picked|eating)/i.exec(lower);
  return {
    scene: {
      things: rows.map((row) => ({
        // What is said to be sprayed is a spray, whatever it is.
        classes: all.includes('on-leaves') ? [...row.classes, 'spray'] : row.classes,
        ...strengthOf(row, named, percents),
      })),
      facts: all,
      ...(harvest?.[1] === undefined ? {} : { daysToHarvest: Number(harvest[1]) }),
    },
    understood: [
      ...rows.map(({ name }) => name),
      ...percents.map(({ percent }) => `${percent} %`),
      ...all.map((fact) => fact.replace(/-/g, ' ')),
    ],
  };
}
