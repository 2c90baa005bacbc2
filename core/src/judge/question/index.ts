import {
  amountsIn,
  dosesIn,
  isThere,
  putRightIn,
  saysKill,
  saysLetBe,
  saysSownFor,
  timesIn,
  type HeardDose,
  type HeardTimes,
} from '../../hear';
import type { IsoDate, MeasureSystem } from '../../quantities';
import type { IngredientRow, SceneFact, Tables, Use } from '../../tables';
import { onlyOnce, type CautionFound } from '../caution';
import { judge, type Act } from '../judge';
import { mentions, type Mention } from '../../hear/mentions';
import { actOf, factsOfUse, goesOnNow, onceEach, type Dosed, type Heard } from './act';
import { withBrews, withExtract, withFeeding, withFeeds } from './feeds';
import { byHandIn } from './by-hand';
import { blanked, factsIn, nameable, plantsOf, type Named } from './names';
import { needsBeside, needsOf, type Need } from './needs';
import { apartIn, heldIn } from './order';
import { onPlant } from './plants';
import { wordsLeftIn } from './unknown';
import { whereItGoes } from './use';

export { percentIn } from './figures';
export type { Need } from './needs';

/** One thing that was read from a question. */
export type ReadOf =
  | { readonly kind: 'ingredient'; readonly id: string }
  | { readonly kind: 'plant'; readonly id: string }
  | { readonly kind: 'work'; readonly id: string }
  | {
      readonly kind: 'percent';
      readonly percent: number;
      readonly ingredient: string;
      /** What it was worked out from. */
      readonly from?: HeardDose['from'];
    }
  | { readonly kind: 'label'; readonly percent: number }
  | { readonly kind: 'use'; readonly use: Use }
  | { readonly kind: 'every'; readonly days: number }
  | { readonly kind: 'fact'; readonly fact: SceneFact }
  | { readonly kind: 'apart'; readonly days: number }
  /** All of it together: as people ask who mean what the answer says. */
  | { readonly kind: 'whole' };

/** A question in a gardener's words, as far as it is understood. */
export interface Asked {
  readonly act: Act;
  /** What the judge says of it, with what plants and days to keep apart have to say. The gravest first. */
  readonly cautions: readonly CautionFound[];
  /** What was read. */
  readonly understood: readonly ReadOf[];
  /** What has to be known before it can be called fine. */
  readonly needs: readonly Need[];
  /** Words that may be a substance nobody here knows. */
  readonly notUnderstood: readonly string[];
  /** Every other word that nothing was read from. */
  readonly notUsed: readonly string[];
}

/** How the gardener speaks: whose cups, and what day it is. */
export interface Speaker {
  readonly measures: MeasureSystem;
  readonly today?: IsoDate;
  /** Of the garden, degrees; south is negative. Where it is not known, the measures tell the half of the world. */
  readonly latitude?: number;
}
const usualLatitude = { north: 50, south: -35 } as const;

/** The month that is spoken of, or today's, as at the garden. */
function seasonIn({ month }: HeardTimes, { measures, today, latitude }: Speaker): Pick<Heard, 'season'> {
  const at = month ?? (today === undefined ? undefined : Number(today.slice(5, 7)));
  return at === undefined
    ? {}
    : {
        season: { month: at, latitude: latitude ?? usualLatitude[measures === 'australian' ? 'south' : 'north'] },
      };
}

/** Reads a question such as "may I put 20 % vinegar on weeds near the pond". Unknown words are handed back, not guessed. */
export function readQuestion(tables: Tables, question: string, speaker: Speaker): Asked {
  const { line, takenBack } = putRightIn(question.toLowerCase());
  const named = [withFeeds, withBrews, withExtract, withFeeding].reduce(
    (found, withMore) => withMore(tables, line, found),
    mentions(nameable(tables), line),
  );
  const heard = heardIn(tables, line, named, speaker);
  const used = goesOnNow(heard);
  const byHand = byHandIn(tables, line, named);
  const act = { ...actOf(heard), ...(byHand.asked.length > 0 ? { asked: byHand.asked } : {}) };
  const { plants } = heard;
  const cautions = onlyOnce([
    ...judge(tables, act),
    ...used.flatMap(({ mention }) => plants.flatMap((plant) => onPlant(tables, mention.row, plant, line, act))),
  ]);
  const left = wordsLeftIn(tables, line, named, amountsIn(line, speaker.measures));
  return {
    act,
    cautions,
    understood: [
      ...readOf(heard, act),
      ...worksOf(named),
      ...(byHand.isHarmless ? [{ kind: 'work', id: 'by-hand' } as const] : []),
      ...(byHand.asked.length > 0 ? [{ kind: 'whole' } as const] : []),
    ],
    needs: needsBeside(tables, needsOf(tables, act, used, named, line, byHand), cautions, used),
    notUnderstood: left.notUnderstood,
    // Taken as a whole, every word of it was used.
    notUsed: [...takenBack, ...(byHand.isHarmless || byHand.asked.length > 0 ? [] : left.notUsed)],
  };
}

/** Everything that a line says, heard by the layer of amounts and times. */
function heardIn(tables: Tables, line: string, named: readonly Mention<Named>[], speaker: Speaker): Heard {
  const { measures, today } = speaker;
  const all = named.flatMap((found) => (found.row.kind === 'ingredient' ? [{ ...found, row: found.row.row }] : []));
  const plants = plantsOf(named);
  const things = all
    .filter(isThere(line))
    .filter(
      (thing) =>
        !isSown(thing, line) &&
        !isPlantOf(thing, plants, line) &&
        !isMade(thing, all, line) &&
        !isTurn(thing, all, line),
    );
  // Helpers that are left alone, or let out, are no target; nor is a nest.
  const isLetBe =
    things.every(({ row }) => row.id === 'water') &&
    !saysKill(line) &&
    (saysLetBe(line) || saysSownFor(line) || named.some(({ row }) => row.kind === 'work' && row.row.id === 'helping'));
  const saidFacts = factsIn(tables, line, named, measures);
  const times = timesIn(line, today);
  // Water is what things are put into; an amount beside it is no dose of it.
  const dosed = things.filter(({ row }) => row.id !== 'water');
  const doses = dosesIn(
    line,
    dosed.map(({ at, length, row }) => ({
      at,
      length,
      form: row.form,
      density: row.density,
      hasLabel: row.label !== undefined,
    })),
    measures,
  );
  // "Leaf-mould brew" is no leaf.
  const places = dosed.reduce((text, { at, length }) => blanked(text, at, length), line);
  const use = whereItGoes(tables, places, saidFacts, plants, things);
  const byLabel: SceneFact[] = doses.some(({ labelRate }) => labelRate === 1) ? ['by-label'] : [];
  return {
    line,
    measures,
    said: onceEach(things.map((mention) => ({ mention, dose: doses[dosed.indexOf(mention)] ?? {} }))),
    plants,
    facts: [
      ...new Set([
        ...withoutNeat(saidFacts, doses).filter((fact) => !isLetBe || !letBe.has(fact)),
        ...factsOfUse(use),
        ...byLabel,
      ]),
    ],
    use,
    times,
    apart: apartIn(line, things, times),
    held: heldIn(line, things),
    ...seasonIn(times, speaker),
  };
}

/** What is alive there, and harmed by nobody who leaves it alone. */
const letBe: ReadonlySet<SceneFact> = new Set(['target-helper', 'bee-or-wasp-nest']);

/** "Cards above the chillies": what is a substance and a plant by one name is the plant where it is a place. */
const isPlantOf = (thing: Mention<unknown>, plants: readonly Mention<unknown>[], line: string): boolean =>
  plants.some(({ at }) => at === thing.at) &&
  /\b(?:on|above|over|near|round|around|under|beside|between|among|by|to|for)\s+(?:the |my |our )?$/u.test(
    line.slice(0, thing.at),
  );

/** "Sow mustard after the potatoes": what is sown is a plant, whatever else is made of it. */
const isSown = ({ at }: Mention<unknown>, line: string): boolean =>
  /\b(?:sow|sowing|sown|interplant|interplanting)\s+(?:(?!with\b|in\b|into\b|on\b|and\b)[\w-]+\s+){0,2}$/u.test(
    line.slice(0, at),
  );

/** "Peppers and garlic for a bug spray": what it is made into, and nothing besides. */
const isMade = ({ at, row }: Mention<IngredientRow>, all: readonly Mention<IngredientRow>[], line: string): boolean =>
  row.classes.includes('bought-insecticide') &&
  all.some((one) => one.at < at && one.row.id !== 'water') &&
  /\b(?:for|as|into|make|makes|making) (?:a |an |my |our |some )?(?:home-?made |natural |strong )?$/u.test(
    line.slice(0, at),
  );

/** "Three drops of seaweed in a litre, first feed?": what is given is named; the feed is when it is given. */
const isTurn = ({ at, row }: Mention<IngredientRow>, all: readonly Mention<IngredientRow>[], line: string): boolean =>
  row.classes.includes('feed') &&
  all.some((one) => one.row.id !== 'water' && one.row.id !== row.id) &&
  /\b(?:first|next|weekly|daily|fortnightly|monthly|regular|(?:spring|summer|autumn|winter|morning|evening)) $/u.test(
    line.slice(0, at),
  );

/** "Two spoons of pure soap in a gallon" is thinned, whatever else it is called. */
const withoutNeat = (facts: readonly SceneFact[], doses: readonly HeardDose[]): readonly SceneFact[] =>
  doses.length > 0 && doses.every(({ percent, trace }) => percent !== undefined || trace)
    ? facts.filter((fact) => fact !== 'neat')
    : facts;

/** What was read, to be told. */
const readOf = ({ said, plants, facts, use, apart }: Heard, { everyDays }: Act): ReadOf[] => [
  ...said.map(({ mention: { row } }) => ({ kind: 'ingredient', id: row.id }) as const),
  ...readDoses(said),
  ...plants.map(({ row: { id } }) => ({ kind: 'plant', id }) as const),
  ...(use === undefined ? [] : [{ kind: 'use', use } as const]),
  ...(everyDays === undefined ? [] : [{ kind: 'every', days: everyDays } as const]),
  ...facts.map((fact) => ({ kind: 'fact', fact }) as const),
  ...(apart ? [{ kind: 'apart', days: Number(apart.days.toFixed(1)) } as const] : []),
];

const worksOf = (named: readonly Mention<Named>[]): ReadOf[] =>
  named.flatMap(({ row }): ReadOf[] => (row.kind === 'work' ? [{ kind: 'work', id: row.row.id }] : []));

const readDoses = (said: readonly Dosed[]): ReadOf[] =>
  said.flatMap(({ mention, dose }) => [
    ...(dose.label === undefined ? [] : [{ kind: 'label', percent: dose.label } as const]),
    ...(dose.percent === undefined
      ? []
      : [
          {
            kind: 'percent',
            percent: Number(dose.percent.toPrecision(3)),
            ingredient: mention.row.id,
            ...(dose.from ? { from: dose.from } : {}),
          } as const,
        ]),
  ]);
