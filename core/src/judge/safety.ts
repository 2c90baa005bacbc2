import {
  isTimeFor,
  type IngredientRow,
  type RemedyId,
  type SafetyRule,
  type SafetyWhen,
  type SceneFact,
  type Season,
  type Tables,
} from '../tables';
import { mentions } from '../hear/mentions';

/** Something in the vessel, or the remedy that is put on. */
export interface Thing {
  readonly classes: readonly string[];
  /** What its label says, %. */
  readonly percent?: number;
  /** How much of it there is in what goes on, % by volume or weight. */
  readonly dose?: number;
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
    readonly remedy?: RemedyId;
    readonly isOwn?: boolean;
  }[];
  /** Days until something that is eaten is picked. */
  readonly daysToHarvest?: number;
  readonly season?: Season;
  /** Rules that the words of a question were taken to be about. */
  readonly asked?: readonly string[];
}

const gravity: Record<SafetyRule['level'], number> = { note: 0, caution: 1, stop: 2 };

/** Every rule that a scene brings up, the gravest first. */
export function rulesIn({ safetyRules }: Pick<Tables, 'safetyRules'>, scene: Scene): SafetyRule[] {
  // Asked for every rule of a long list: what is in the scene is gathered once.
  const classes = new Set(scene.things.flatMap((thing) => thing.classes));
  return safetyRules
    .filter(
      ({ id, when }) =>
        isItsMonth(when, scene) && (scene.asked?.includes(id) || (!when.asked && holds(when, scene, classes))),
    )
    .sort((a, b) => gravity[b.level] - gravity[a.level]);
}

const isItsMonth = ({ months }: SafetyWhen, { season }: Scene): boolean =>
  !months || !season || isTimeFor(months, season);

function holds(
  when: SafetyWhen,
  { things, facts = [], before = [], daysToHarvest }: Scene,
  classes: ReadonlySet<string>,
): boolean {
  const { over, dose, before: earlier, harvestWithin, harvestUnknown } = when;
  return (
    (when.things ?? []).every((name) => classes.has(name)) &&
    !(when.without ?? []).some((name) => classes.has(name)) &&
    (when.facts ?? []).every((fact) => facts.includes(fact)) &&
    !(when.withoutFacts ?? []).some((fact) => facts.includes(fact)) &&
    (over === undefined ||
      things.some((thing) => thing.classes.includes(over.class) && (thing.percent ?? 0) > over.percent)) &&
    (dose === undefined ||
      things.some((thing) => thing.classes.includes(dose.class) && (thing.dose ?? 0) > dose.percent)) &&
    (earlier === undefined ||
      before.some(
        (item) =>
          !item.isOwn &&
          item.where === earlier.where &&
          item.daysAgo < earlier.days &&
          item.classes.includes(earlier.class),
      )) &&
    (harvestUnknown === undefined || daysToHarvest === undefined) &&
    (harvestWithin === undefined || (daysToHarvest !== undefined && daysToHarvest < harvestWithin))
  );
}

/** What a word from the cupboard stands for; undefined when it is not known. */
export function ingredientNamed({ ingredients }: Pick<Tables, 'ingredients'>, word: string): IngredientRow | undefined {
  const wanted = word.trim().toLowerCase();
  const exact = ingredients.find(
    ({ id, name, words }) => id === wanted || name.toLowerCase() === wanted || words.includes(wanted),
  );
  const named = mentions(
    ingredients.map((row) => ({ row, words: [row.name.toLowerCase(), ...row.words] })),
    wanted,
  );
  return exact ?? named.sort((a, b) => b.length - a.length)[0]?.row;
}

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

/** Facts of the soil for a scene, from its pH. */
export const soilFacts = ({ sceneFacts }: Pick<Tables, 'sceneFacts'>, ph: number | undefined): SceneFact[] =>
  ph === undefined
    ? []
    : sceneFacts
        .filter((row) => row.ph && ('from' in row.ph ? ph >= row.ph.from : ph < row.ph.below))
        .map(({ id }) => id);
