import { amountsIn, depthIn, type HeardAmount, type HeardDose, type HeardTimes } from '../../hear';
import type { MeasureSystem } from '../../quantities';
import type { IngredientRow, PlantRow, SceneFact, Season, Use } from '../../tables';
import type { Act, ActThing } from '../judge';
import type { Mention } from '../../hear/mentions';
import { nitrogenOf } from './feeds';
import { daysToHarvestIn, type Apart } from './order';
import { temperatureIn } from './names';
import { isYoung } from './use';

/** A thing that is named, and how much of it there is. */
export interface Dosed {
  readonly mention: Mention<IngredientRow>;
  readonly dose: HeardDose;
}

/** What was heard of a line, before it is an act. */
export interface Heard {
  readonly line: string;
  readonly measures: MeasureSystem;
  readonly said: readonly Dosed[];
  readonly plants: readonly Mention<PlantRow>[];
  readonly facts: readonly SceneFact[];
  readonly use: Use | undefined;
  readonly times: HeardTimes;
  readonly apart: Apart | undefined;
  /** What the vessel held before. */
  readonly held: readonly Mention<IngredientRow>[];
  readonly season?: Season;
}

/** The act that a line means: what goes on now, what went on before, and what else is so. */
export function actOf(heard: Heard): Act {
  const { line, measures, said, plants, facts, use, times, apart, held } = heard;
  const daysToHarvest = daysToHarvestIn(line, times);
  const temperature = temperatureIn(line, measures);
  const depth = depthIn(line, measures);
  return {
    things: goesOnNow(heard).flatMap(({ mention, dose }) => thingsOfMention(heard, mention.row, dose)),
    facts,
    before: [
      ...said
        .filter(({ mention }) => apart?.earlier.includes(mention))
        .flatMap(({ mention: { row } }) =>
          (['plant', 'bed'] as const).map((where) => ({ classes: row.classes, where, daysAgo: apart?.days ?? 0 })),
        ),
      ...held.map(({ row: { classes } }) => ({ classes, where: 'tank' as const, daysAgo: 0 })),
    ],
    ...(daysToHarvest === undefined ? {} : { daysToHarvest }),
    ...(temperature === undefined ? {} : { temperature }),
    ...(depth === undefined ? {} : { depth }),
    ...(times.rounds === undefined ? {} : { rounds: times.rounds }),
    ...(times.sprouted === undefined
      ? {}
      : {
          sprouted: { daysAgo: times.sprouted, hasCastings: said.some(({ mention }) => mention.row.id === 'castings') },
        }),
    ...(use === undefined ? {} : { use }),
    ...(heard.season === undefined ? {} : { season: heard.season }),
    ...(isYoung(line, plants) ? { isYoung: true } : {}),
    ...(wasTested(line) ? { isTested: true } : {}),
    ...pacesOf(times, use, amountsIn(line, measures)),
    ...againOf(times),
    isHeard: true,
  };
}

/** Without what went on earlier, and what the vessel only held. */
export const goesOnNow = ({ said, apart, held }: Pick<Heard, 'said' | 'apart' | 'held'>): Dosed[] =>
  said.filter(({ mention }) => !apart?.earlier.includes(mention) && !held.includes(mention));

/** A feed whose label names its nitrogen is judged by that. */
function thingsOfMention({ line, use, facts }: Heard, row: IngredientRow, dose: HeardDose): ActThing[] {
  const nitrogen = row.classes.includes('feed') ? nitrogenOf(line, dose) : undefined;
  return nitrogen ? [{ ingredient: row.id, classes: row.classes }, nitrogen] : [thingOf(row, dose, use, facts)];
}

/** Of a thing that is named twice the mention with a strength counts: "the 3 % peroxide … how much peroxide". */
export function onceEach(said: readonly Dosed[]): Dosed[] {
  const rows = new Map<string, Dosed>();
  for (const one of said) {
    const known = rows.get(one.mention.row.id);
    if (!known) rows.set(one.mention.row.id, one);
    else rows.set(one.mention.row.id, { mention: known.mention, dose: { ...one.dose, ...known.dose } });
  }
  return [...rows.values()];
}

function thingOf(row: IngredientRow, dose: HeardDose, use: Use | undefined, facts: readonly SceneFact[]): ActThing {
  const label = dose.label ?? row.label?.usual;
  const isThinned = dose.percent !== undefined;
  const isWhole =
    !isThinned && (dose.neat === true || (row.label !== undefined && dose.label !== undefined && use !== undefined));
  const share = isThinned ? dose.percent : isWhole ? neat : undefined;
  const strength = share === undefined ? undefined : row.label && label !== undefined ? (share * label) / 100 : share;
  return {
    ingredient: row.id,
    // What is said to be sprayed is a spray, whatever it is; a net over leaves is none.
    classes:
      (use === 'leaf' || facts.includes('on-leaves')) && !row.classes.some((name) => laid.has(name))
        ? [...row.classes, 'spray']
        : row.classes,
    ...(dose.label === undefined ? {} : { percent: dose.label }),
    ...(strength === undefined ? {} : { dose: strength }),
    ...(dose.perArea === undefined ? {} : { perArea: dose.perArea }),
    ...(dose.labelRate === undefined ? {} : { labelRate: dose.labelRate }),
  };
}

const neat = 100;
// Plain water burns nothing.
const laid = new Set(['water', 'material', 'soil-building', 'barrier', 'scraps', 'fresh-wood', 'manure']);

/** What follows from where it goes. */
export const factsOfUse = (use: Use | undefined): readonly SceneFact[] =>
  use === undefined ? [] : (useFacts[use] ?? []);
const useFacts: Partial<Record<Use, readonly SceneFact[]>> = {
  leaf: ['on-leaves'],
  root: ['on-soil'],
  soil: ['on-soil'],
  tool: ['on-tools'],
};

/** "Again, did it yesterday": from that day to this is its pace. */
function againOf({ every, days, isAgain }: HeardTimes): Pick<Act, 'everyDays'> {
  const last = days.filter((one) => one.days <= 0).sort((a, b) => b.days - a.days)[0];
  return every === undefined && isAgain && last ? { everyDays: Math.max(0.5, -last.days) } : {};
}

function pacesOf(
  { every, lasting, age }: HeardTimes,
  use: Use | undefined,
  amounts: readonly HeardAmount[],
): Partial<Act> {
  // What is soaked is soaked for as long as the line says, whatever the words.
  const spell = lasting ?? amounts.find(({ kind, amount }) => kind === 'time' && amount <= 3)?.amount;
  return {
    ...(every === undefined ? {} : { everyDays: every }),
    ...(spell === undefined || (use !== 'soak' && use !== 'tool' && use !== 'seed')
      ? {}
      : { soakMinutes: spell * 1440 }),
    ...(age === undefined ? {} : { ageDays: age }),
  };
}

/** "Tested two leaves on Tuesday, no marks". */
const wasTested = (line: string): boolean =>
  (/\b(?:tested|tried|trialled|did)\b[^.;?!]{0,30}\b(?:lea(?:f|ves)|patch|shoot)\b/.test(line) ||
    /\b(?:test|trial)(?:ed)? (?:lea(?:f|ves)|patch|shoot)\b[^.;?!]{0,40}\b(?:done|clean|clear|fine|ok|unmarked|no (?:marks?|harm|burn))\b/.test(
      line,
    )) &&
  !/\b(?:not|hasn'?t|haven'?t|never|without|no)\b[^.;?!]{0,20}\b(?:test|tried|done)/.test(line);
