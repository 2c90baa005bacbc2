import { celsius, cm, gPerSquareMetre, said } from '../quantities';
import {
  isTimeFor,
  monthsAt,
  type AreaLimitRow,
  type LimitRow,
  type PlantId,
  type RemedyId,
  type Season,
  type Tables,
  type Use,
} from '../tables';
import { byRule, onlyOnce, type CautionFound } from './caution';
import { remedyOf } from './remedy-act';
import { rulesIn, type Scene, type Thing } from './safety';
import { apartOf, kindOf, repeatsOf, type Neighbour } from './timing';

/** One thing of an act: what it is, and how much of it there is. */
export interface ActThing extends Thing {
  readonly ingredient?: string;
  /** g on a square metre. */
  readonly perArea?: number;
  /** So many times the rate on its label. */
  readonly labelRate?: number;
}

/**
 * An act, as far as it is known: what is in the vessel and how strong, where it goes, how often, for how long, what
 * was there before, who and what is about. Every part of the product that lets something be mixed, saved, planned,
 * ticked or called fine asks `judge` about one of these.
 */
export interface Act extends Scene {
  readonly things: readonly ActThing[];
  readonly use?: Use;
  /** On seedlings, or on unrooted cuttings. */
  readonly isYoung?: true;
  /** Two or three leaves have borne it for two days. */
  readonly isTested?: true;
  /** Seedlings: days since they sprouted, and whether castings in the mix feed them meanwhile. */
  readonly sprouted?: { readonly daysAgo: number; readonly hasCastings: boolean };
  /** Days since two or three leaves were wetted to see whether they bear it. */
  readonly testLeafDaysAgo?: number;
  /** What the look at those leaves found, where somebody was to look. */
  readonly testLeafFound?: TestLeafFound;
  /** Days from one time to the next. */
  readonly everyDays?: number;
  /** So many rounds within so many days, this one among them. */
  readonly rounds?: { readonly times: number; readonly inDays: number };
  /** cm of it, in one layer. */
  readonly depth?: number;
  readonly soakMinutes?: number;
  readonly ageDays?: number;
  /** °C of the air, or of the soil for what lives in it. */
  readonly temperature?: number;
  /** What is to go on the same plant or bed afterwards. */
  readonly planned?: readonly (Omit<Neighbour, 'daysAgo'> & { readonly inDays: number })[];
  /** The remedy it is, where it is one. */
  readonly remedy?: RemedyId;
  /** How strong that is, in its recipe's own unit. */
  readonly strength?: number;
  /** What it goes on, where that is known by name. */
  readonly plants?: readonly PlantId[];
  /** When and where, for what has its months. */
  readonly season?: Season;
  /** Indoors or under glass, where months, wind and rain do not reach. */
  readonly isSheltered?: boolean;
  /** Strengths were heard, in spoons and splashes, and not weighed. */
  readonly isHeard?: true;
}

/** Spoons are good to a twentieth; what is worked out is meant as it stands. */
const heard = 1.05;
const exact = 1.0001;
const slackOf = ({ isHeard }: Pick<Act, 'isHeard'>) => (isHeard ? heard : exact);

/**
 * Everything that speaks against an act, or is to be minded: the rules of what hurts, the limits of strength, of what
 * an area bears, of pace, soak and age. The gravest first, each once.
 */
export function judge(tables: Tables, act: Act): CautionFound[] {
  const found = onlyOnce([
    ...remedyOf(tables, act),
    ...rulesIn(tables, act).map((rule) => byRule(rule, act.facts)),
    ...timingOf(tables, act),
    ...testOf(act),
    ...act.things.flatMap((thing) => [
      ...strengthOf(tables, act, thing),
      ...areaOf(tables, act, thing),
      ...depthOf(tables, act, thing),
      ...paceOf(tables, act, thing),
      ...warmthOf(tables, act, thing),
    ]),
  ]);
  const gravity = { stop: 0, caution: 1, note: 2 } as const;
  return [...found].sort((a, b) => gravity[a.level] - gravity[b.level]);
}

export type TimingTables = Pick<Tables, 'keepApart' | 'remedies' | 'ingredients' | 'paces'>;

/** Uses that wet the plant itself. */
const wets: ReadonlySet<Use> = new Set(['leaf', 'root', 'soak', 'soil']);

/** The limits that hold for a thing in a use: that of the ingredient itself before that of its class. */
export function limitFor(
  tables: Pick<Tables, 'limits'>,
  thing: ActThing,
  use: Use,
  { isYoung, facts = [] }: Pick<Act, 'isYoung' | 'facts'> = {},
): LimitRow | undefined {
  const at = (place: Use) => {
    const rows = tables.limits.filter(
      (row) => row.use === place && (row.when === undefined || facts.includes(row.when)),
    );
    const special = rows.find((row) => row.when !== undefined && isOf(row, thing));
    return (
      special ??
      rows.find(({ of }) => of === thing.ingredient) ??
      rows.filter(({ of }) => thing.classes.includes(of)).sort((a, b) => a.most - b.most)[0]
    );
  };
  return (isYoung && wets.has(use) ? at('seedling') : undefined) ?? at(use);
}

function strengthOf(tables: Tables, act: Act, thing: ActThing): CautionFound[] {
  const { use, isTested } = act;
  if ((thing.labelRate ?? 1) > heard)
    return [
      { level: 'stop', ...said('over-label', thing.ingredient === undefined ? {} : { ingredient: thing.ingredient }) },
    ];
  if (use === undefined) return [];
  const tolerance = slackOf(act);
  const limit = limitFor(tables, thing, use, act);
  if (!limit || (limit.most > 0 && (thing.dose === undefined || thing.dose <= limit.most * tolerance))) return [];
  const isBorneAfterTest = limit.tested !== undefined && (thing.dose ?? 0) <= limit.tested * tolerance;
  if (isBorneAfterTest && isTested) return [];
  return [
    {
      level: isBorneAfterTest ? 'caution' : 'stop',
      ...said(limit.most === 0 ? 'nothing-of-it' : isBorneAfterTest ? 'test-first' : 'over-limit', {
        limit: limit.id,
        ...(thing.ingredient === undefined ? {} : { ingredient: thing.ingredient }),
        dose: rounded(thing.dose ?? 0),
        most: limit.most,
        tested: limit.tested ?? limit.most,
      }),
    },
  ];
}

/** Days between putting a thing on and picking, by the strictest remedy of its kind. */
function waitOf(
  { remedies, ingredients, paces }: Pick<Tables, 'remedies' | 'ingredients' | 'paces'>,
  classes: readonly string[],
  remedy: RemedyId | undefined,
): number {
  // A plain weed brew is no brew fed with starch: what a remedy is made of must all be in it.
  const waits = remedies.filter((row) => {
    const made = row.recipe === undefined ? [] : kindOf({ ingredients }, row);
    return row.id === remedy || (made.length > 0 && made.every((name) => classes.includes(name)));
  });
  return Math.max(
    0,
    ...waits.map(({ preHarvestDays }) => preHarvestDays),
    ...paces.filter(({ of }) => classes.includes(of)).map(({ pickDays = 0 }) => pickDays),
  );
}

/** A leaf that burns shows it within two days: on the day of the test itself nothing is known yet. */
export const testDays = 2;
export type TestLeafFound = 'unharmed' | 'harmed' | 'not-looked' | 'could-not';

function testOf({ testLeafDaysAgo, testLeafFound }: Act): CautionFound[] {
  if (testLeafFound === 'harmed') return [{ level: 'stop', ...said('test-harmed') }];
  if (testLeafDaysAgo === undefined) return [];
  if (testLeafDaysAgo < testDays)
    return [
      {
        level: testLeafDaysAgo < 1 ? 'stop' : 'caution',
        ...said('test-runs', { wanted: testDays, wait: testDays - testLeafDaysAgo }),
      },
    ];
  if (testLeafFound === 'not-looked') return [{ level: 'stop', ...said('test-unseen') }];
  return testLeafFound === 'could-not' ? [{ level: 'caution', ...said('test-unseen') }] : [];
}

/** What has to do with the day: picking, days to keep apart, and rounds that are too near or too many. */
export function timingOf(tables: TimingTables, act: Act): CautionFound[] {
  const neighbours = neighboursOf(act);
  return [
    ...pickingOf(tables, act),
    ...youngOf(act),
    ...seasonOf(tables, act),
    ...apartOf(tables, act.things, neighbours),
    ...repeatsOf(tables, act.things, neighbours, act.remedy),
  ];
}

/**
 * Days after sprouting from which a seedling is fed: its seed lasts about a week, castings in the mix for two (growers;
 * the day of sowing says nothing).
 */
export const fedFrom = ({ hasCastings }: Pick<NonNullable<Act['sprouted']>, 'hasCastings'>): number =>
  hasCastings ? 14 : 7;

const isFood = ({ things }: Pick<Act, 'things'>) => things.some(({ classes }) => classes.includes('feed'));

/** Food for seedlings that still live on their seed. */
export function youngOf({ things, sprouted }: Pick<Act, 'things' | 'sprouted'>): CautionFound[] {
  const from = sprouted ? fedFrom(sprouted) : 0;
  return !sprouted || !isFood({ things }) || sprouted.daysAgo >= from
    ? []
    : [{ level: 'stop', ...said('too-young', { wanted: from, wait: from - sprouted.daysAgo }) }];
}

/** Out of the months in which it is for. */
function seasonOf({ remedies }: Pick<Tables, 'remedies'>, { remedy, season, isSheltered }: Act): CautionFound[] {
  const months = remedies.find(({ id }) => id === remedy)?.months;
  return !months || !season || isSheltered || isTimeFor(months, season) ? [] : [outOfSeason(months, season)];
}

/** Northern months, told as they are at the garden. */
export const outOfSeason = (months: readonly number[], { latitude }: Pick<Season, 'latitude'>): CautionFound => ({
  level: 'caution',
  // The way there and back is the same half year.
  ...said('out-of-season', { months: monthsAt(months, latitude).join(' ') }),
});

const neighboursOf = ({ before = [], planned = [] }: Act): Neighbour[] => [
  ...before.flatMap(({ where, ...one }) => (where === 'tank' ? [] : [{ ...one, where }])),
  ...planned.map(({ inDays, ...one }) => ({ ...one, daysAgo: -inDays })),
];

/** What is picked too soon after something went on, or will have. */
function pickingOf(tables: TimingTables, { things, remedy, before = [], daysToHarvest }: Act): CautionFound[] {
  if (daysToHarvest === undefined) return [];
  return [
    ...things.map(({ classes }) => ({ classes, remedy, days: daysToHarvest })),
    ...before
      .filter(({ where }) => where === 'plant')
      .map(({ classes, daysAgo, ...one }) => ({ classes, remedy: one.remedy, days: daysToHarvest + daysAgo })),
  ].flatMap(({ classes, remedy: of, days }): CautionFound[] => {
    const wait = waitOf(tables, classes, of);
    if (days >= wait) return [];
    return [
      {
        level: wait > longWait ? 'stop' : 'caution',
        ...said('wait-to-pick', { wanted: wait, wait: Math.ceil(wait - days) }),
      },
    ];
  });
}
/** Longer waits are for what makes people ill. */
const longWait = 10;

const isOf = ({ of }: { readonly of: string }, { ingredient, classes }: ActThing): boolean =>
  of === ingredient || classes.includes(of);

/** The most of a thing that a square metre bears; undefined where nothing is known. */
export const areaLimitFor = ({ areaLimits }: Pick<Tables, 'areaLimits'>, thing: ActThing): AreaLimitRow | undefined =>
  areaLimits.find((row) => isOf(row, thing));

/** The longest soak it bears, minutes; undefined where nothing is known. */
export const longestSoak = ({ paces }: Pick<Tables, 'paces'>, thing: ActThing): number | undefined =>
  paces.find((row) => row.soakMinutes !== undefined && isOf(row, thing))?.soakMinutes;

function areaOf(tables: Tables, act: Act, thing: ActThing): CautionFound[] {
  const { perArea } = thing;
  const limit = areaLimitFor(tables, thing);
  if (!limit || perArea === undefined || perArea <= limit.most * slackOf(act)) return [];
  return [
    {
      level: 'stop',
      ...said('over-area', {
        limit: limit.id,
        rate: gPerSquareMetre(perArea),
        limitRate: gPerSquareMetre(limit.most),
      }),
    },
  ];
}

/** A layer that is too thick. */
function depthOf({ depthLimits }: Tables, { depth, facts = [] }: Act, thing: ActThing): CautionFound[] {
  const rows = depthLimits.filter((row) => isOf(row, thing));
  const limit =
    rows.find(({ when }) => when !== undefined && facts.includes(when)) ?? rows.find(({ when }) => when === undefined);
  if (!limit || depth === undefined || depth <= limit.most * heard) return [];
  return [{ level: 'caution', ...said('over-depth', { limit: limit.id, depth: cm(depth), most: cm(limit.most) }) }];
}

/** Too cold or too warm for it. */
function warmthOf({ temperatures }: Tables, { temperature }: Act, thing: ActThing): CautionFound[] {
  if (temperature === undefined) return [];
  return temperatures
    .filter((row) => isOf(row, thing))
    .flatMap(({ id, level, least = -Infinity, most = Infinity }): CautionFound[] => {
      if (temperature >= least && temperature <= most) return [];
      const limit = temperature < least ? least : most;
      return [
        {
          level,
          ...said(temperature < least ? 'too-cold' : 'too-warm', { limit: id, degrees: celsius(limit) }),
        },
      ];
    });
}

function paceOf(
  tables: Tables,
  { use, everyDays, rounds, soakMinutes, ageDays }: Act,
  thing: ActThing,
): CautionFound[] {
  return tables.paces
    .filter((row) => isOf(row, thing) && (row.use === undefined || row.use === use))
    .flatMap((row): CautionFound[] => {
      if (row.rounds && rounds && rounds.inDays <= row.rounds.inDays * 1.5 && rounds.times > row.rounds.most)
        return [{ level: 'stop', ...said('too-many', { most: row.rounds.most, within: row.rounds.inDays }) }];
      if (row.everyDays !== undefined && everyDays !== undefined && everyDays < row.everyDays * 0.99)
        return [
          {
            level: !row.isGentle && everyDays * 2 <= row.everyDays ? 'stop' : 'caution',
            ...said('too-often', { limit: row.id, wanted: row.everyDays }),
          },
        ];
      if (row.soakMinutes !== undefined && soakMinutes !== undefined && soakMinutes > row.soakMinutes)
        return [{ level: 'stop', ...said('too-long', { limit: row.id, wanted: row.soakMinutes }) }];
      const isThin = row.thenMost !== undefined && (thing.dose ?? Infinity) <= row.thenMost * heard;
      if (row.ageDays !== undefined && ageDays !== undefined && ageDays > row.ageDays && !isThin)
        return [{ level: 'caution', ...said('too-old', { limit: row.id, wanted: row.ageDays }) }];
      return [];
    });
}

const rounded = (value: number): number => (value >= 10 ? Math.round(value) : Number(value.toPrecision(2)));
