import {
  isSheltered,
  isTimeFor,
  rowById,
  rungs,
  type CauseId,
  type ConditionId,
  type Grade,
  type IngredientId,
  type PlantId,
  type RemedyId,
  type RemedyRow,
  type SceneFact,
  type Season,
  type Setting,
  type Tables,
} from '../tables';
import type { Weighing } from '../weigh/weigh';
import {
  judge,
  outOfSeason,
  remedyAct,
  strengthFor,
  testLeafFor,
  thingsOf,
  type Act,
  type CautionFound,
} from '../judge';

/** What bears on the choice besides the reading. */
export interface Circumstances {
  readonly plant?: PlantId;
  readonly setting?: Setting;
  /** When and where; left out, the calendar is not asked. */
  readonly season?: Season;
  /** Days until the next picking, where something is about to be picked. */
  readonly daysToHarvest?: number;
  /** Ids of remedies, classes or ingredients that the gardener will not have. */
  readonly forbids?: readonly string[];
  /** What is in the cupboard, where one is kept. */
  readonly cupboard?: readonly IngredientId[];
  /** Choose only from what is in the cupboard. */
  readonly onlyFromCupboard?: boolean;
  /** What else is true here: in bloom, near a pond … */
  readonly facts?: readonly SceneFact[];
  /** The school of a recipe that the gardener keeps to, by remedy. */
  readonly schools?: Readonly<Record<RemedyId, string>>;
  /** What was put on this plant or bed lately. */
  readonly recent?: readonly {
    readonly remedy: RemedyId;
    readonly daysAgo: number;
    readonly where?: 'plant' | 'bed';
  }[];
}

export interface RankedRemedy {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  readonly score: number;
  /** What it is for here, with how likely that is. */
  readonly helps: readonly { readonly of: CauseId | ConditionId; readonly chance: number; readonly why: string }[];
  /** Part of the set that answers every leading cause at once. */
  readonly suggested: boolean;
  /** Try on two or three leaves first, and why. */
  readonly testLeaf?: string;
  /** Why it stands where it does. */
  readonly standing: readonly Standing[];
  /** The strength to begin with: the gardener's school, or the recipe's default. */
  readonly strength?: number;
  /** What would have to be bought first. */
  readonly missing?: IngredientId;
}

/** Why a remedy stands where it does in the list. */
export type Standing =
  | { readonly kind: 'answers-several'; readonly count: number }
  | { readonly kind: 'mildest' }
  /** Days count here, so that strength costs less than usual. */
  | { readonly kind: 'urgent' }
  /** `surer`: it helps clearly more than the milder one, and so stands above it. */
  | { readonly kind: 'stronger'; readonly than: RemedyId; readonly surer: boolean }
  | { readonly kind: 'risky-if-wrong'; readonly cause: CauseId | ConditionId; readonly chance: number }
  | { readonly kind: 'unproven'; readonly grade: Grade };

/** Doing nothing: what is to be expected of each likely cause. */
export interface LeaveIt {
  readonly courses: readonly { readonly of: CauseId; readonly chance: number; readonly says: string }[];
  /** For everything that is likely, nothing one can do is better. */
  readonly asGood: boolean;
}

/** Remedies that belong together here, in order, and why. */
export interface Together {
  readonly id: string;
  readonly remedies: readonly RemedyId[];
  readonly why: string;
}

/** Often asked for against a likely cause, and not worth making. */
export interface NotWorth {
  readonly id: RemedyId;
  readonly row: RemedyRow;
}

export type LeftOutReason =
  | { readonly kind: 'speaks-against'; readonly cause: CauseId | ConditionId; readonly why: string }
  | { readonly kind: 'setting' }
  | { readonly kind: 'unsafe'; readonly found: CautionFound }
  | { readonly kind: 'forbidden'; readonly what: string }
  | { readonly kind: 'not-in-cupboard'; readonly ingredient: IngredientId }
  /** It kills the helpers that are at work. */
  | { readonly kind: 'harms-helpers'; readonly helper: CauseId }
  /** It cannot be taken back, and what it is for is not likely enough. */
  | { readonly kind: 'not-sure'; readonly of: CauseId | ConditionId; readonly chance: number };

export interface LeftOut {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  readonly reason: LeftOutReason;
}

export interface Choice {
  /** The suggested set first, then the rest, best first. */
  readonly ranked: readonly RankedRemedy[];
  readonly leftOut: readonly LeftOut[];
  readonly leave: LeaveIt;
  readonly together: readonly Together[];
  readonly notWorth: readonly NotWorth[];
}

/** Each rung up the ladder must bring at least this much more help to be preferred. */
const rungCost = 0.035;
/** Where days count, a rung costs this share of that. */
const urgentShare = 0.3;
/** A condition is mended for its causes' sake, so it counts half. */
const conditionShare = 0.5;
/** What a remedy that a fairly likely cause speaks against is marked down by, for each unit of that chance. */
const riskCost = 0.5;
/** From here on a cause that speaks against a remedy is named as a risk. */
const riskNamed = 0.1;
/** Going out to buy first costs about this much help. */
const errandCost = 0.02;
/** What a remedy is for must be this likely by itself, or half as likely as the likeliest: the background brings nothing. */
const ownFloor = 0.25;
const sharesStory = 0.5;
/** From here on what cannot be taken back may be offered. */
const sureEnoughToEnd = 0.5;
/** What harm to helpers costs, in help. */
const helperCost = { harm: 0.06, some: 0.02, safe: 0 } as const;
/** Help below this is not worth offering. */
const worthOffering = 0.12;
/** From here on a cause leads, and the suggested set must answer it. */
const leads = 0.4;
/** From here on what a cause speaks against is left out. */
const speaksUp = 0.35;
/** A spray, feed, drench or bait is suggested only where it is at least this likely to meet what it is for. */
const sureEnoughToApply = 0.6;

/**
 * Ranks remedies under the whole posterior, mildest first unless a stronger one helps clearly more,
 * and says why each of the others was left out.
 */
export function chooseRemedies(tables: Tables, weighing: Weighing, circumstances: Circumstances): Choice {
  const chances = chanceByTarget(weighing);
  const urgent = isUrgent(tables, weighing);
  const season = isSheltered(circumstances.setting) ? undefined : circumstances.season;
  const likeliest = Math.max(0, ...[...chances.values()].map(({ chance }) => chance));
  const scored: RankedRemedy[] = [];
  const leftOut: LeftOut[] = [];
  for (const row of tables.remedies) {
    const meant = row.targets
      .map((target) => ({ ...target, chance: chances.get(target.of)?.chance ?? 0 }))
      .filter(({ chance }) => chance >= 0.1);
    const timely = meant.filter(({ months }) => isTimeFor(months, season));
    // What would help at another time is named with its months.
    const helps = timely.length > 0 ? timely : meant;
    const help = helps.reduce((sum, { of, fits, chance }) => sum + chance * fits * (chances.get(of)?.share ?? 0), 0);
    const [surest] = [...helps].sort((a, b) => b.chance - a.chance);
    if (!surest || help < worthOffering || surest.chance < Math.min(ownFloor, sharesStory * likeliest)) continue;
    const reason: LeftOutReason | undefined =
      row.isFinal && surest.chance < sureEnoughToEnd
        ? { kind: 'not-sure', of: surest.of, chance: surest.chance }
        : season && timely.length === 0
          ? { kind: 'unsafe', found: outOfSeason(surest.months ?? [], season) }
          : reasonAgainst(tables, row, weighing, circumstances);
    if (reason) {
      leftOut.push({ id: row.id, row, reason });
      continue;
    }
    const testLeaf = testLeafFor(tables, row, circumstances.plant, row.scene);
    const risk = riskOf(row, weighing);
    const missing = missingFor(row, circumstances);
    const strength = strengthHere(tables, row, circumstances);
    scored.push({
      id: row.id,
      row,
      score:
        help -
        rungCost * (urgent ? urgentShare : 1) * rungs.indexOf(row.rung) -
        riskCost * (risk?.chance ?? 0) -
        helperCost[row.facts.spares.helpers] -
        (missing === undefined ? 0 : errandCost),
      helps: helps.map(({ of, chance, why }) => ({ of, chance, why })).sort((a, b) => b.chance - a.chance),
      suggested: false,
      standing: [
        ...(helps.filter(({ chance }) => chance >= 0.25).length > 1
          ? [{ kind: 'answers-several' as const, count: helps.filter(({ chance }) => chance >= 0.25).length }]
          : []),
        ...(urgent && !isMild(row) ? [{ kind: 'urgent' as const }] : []),
        ...(risk ? [{ kind: 'risky-if-wrong' as const, ...risk }] : []),
        ...(row.grade === 'folk' || row.grade === 'doubtful' ? [{ kind: 'unproven' as const, grade: row.grade }] : []),
      ],
      ...(testLeaf === undefined ? {} : { testLeaf }),
      ...(strength === undefined ? {} : { strength }),
      ...(missing === undefined ? {} : { missing }),
    });
  }
  scored.sort((a, b) => b.score - a.score);
  const suggested = suggestedSet(scored, weighing);
  const ranked = [
    ...scored.filter(({ id }) => suggested.has(id)).map((remedy) => ({ ...remedy, suggested: true })),
    ...scored.filter(({ id }) => !suggested.has(id)),
  ];
  const offered = new Set(ranked.map(({ id }) => id));
  return {
    ranked: ranked.map((remedy) => ({ ...remedy, standing: [...ladderStanding(remedy, ranked), ...remedy.standing] })),
    leftOut,
    leave: leaveIt(tables, weighing),
    together: tables.combinations
      .filter(
        ({ whenAll, remedies }) =>
          remedies.some((id) => offered.has(id)) &&
          whenAll.every((any) => any.some((of) => (chances.get(of)?.chance ?? 0) >= together)),
      )
      .map(({ id, remedies, why }) => ({ id, remedies: remedies.filter((remedy) => offered.has(remedy)), why })),
    notWorth: tables.remedies
      .filter(
        ({ grade, targets }) =>
          grade === 'doubtful' && targets.some(({ of }) => (chances.get(of)?.chance ?? 0) >= likelyEnough),
      )
      .filter(({ id }) => !offered.has(id))
      .map((row) => ({ id: row.id, row })),
  };
}

/** Both of a pair must be this likely before they are called a pair. */
const together = 0.3;
/** From here on a cause’s course, and what is often asked for against it, are told. */
const likelyEnough = 0.2;

/** Mildest of all that help, or a spray or worse where something milder helps too. */
function ladderStanding({ id, row, score, suggested }: RankedRemedy, ranked: readonly RankedRemedy[]): Standing[] {
  const rungOf = (remedy: RankedRemedy) => rungs.indexOf(remedy.row.rung);
  const mine = rungs.indexOf(row.rung);
  if (ranked.every((other) => rungOf(other) >= mine)) return [{ kind: 'mildest' }];
  if (isMild(row)) return [];
  const milder = ranked.find(
    (other) =>
      other.id !== id &&
      rungOf(other) < mine &&
      other.helps.some(({ of }) => row.targets.some((target) => target.of === of)),
  );
  if (!milder) return [];
  const surer = score > milder.score || (suggested && !milder.suggested);
  return [{ kind: 'stronger', than: milder.id, surer }];
}

/** Something that goes fast is likelier than not. */
const isUrgent = (tables: Tables, { causes }: Weighing): boolean =>
  causes.some(
    ({ id, probability }) => probability >= 0.5 && tables.courses.some((course) => course.id === id && course.fast),
  );

function leaveIt(tables: Tables, { causes }: Weighing): LeaveIt {
  const likely = causes.filter(({ probability }) => probability >= likelyEnough);
  const rows = likely.map(({ id, probability, row }) => ({
    of: id,
    chance: probability,
    course: tables.courses.find((course) => course.id === id) ?? rowById(tables.courses, row.kind, 'courses'),
  }));
  return {
    courses: rows.map(({ of, chance, course }) => ({ of, chance, says: course.says })),
    asGood: rows.length > 0 && rows.every(({ course }) => course.asGood === true),
  };
}

/** The likeliest cause, below the level at which it forbids, that this remedy would make worse. */
function riskOf(
  row: RemedyRow,
  weighing: Weighing,
): { readonly cause: CauseId | ConditionId; readonly chance: number } | undefined {
  const against = [...weighing.causes, ...weighing.conditions]
    .filter(
      ({ probability, row: source }) =>
        probability >= riskNamed && source.avoid.some(({ remedies = [] }) => remedies.includes(row.id)),
    )
    .sort((a, b) => b.probability - a.probability)[0];
  return against && { cause: against.id, chance: against.probability };
}

/** What the recipe needs that is not in the cupboard, where one is kept. */
function missingFor({ recipe }: RemedyRow, { cupboard }: Circumstances): IngredientId | undefined {
  return cupboard && recipe && recipe.ingredient !== 'water' && !cupboard.includes(recipe.ingredient)
    ? recipe.ingredient
    : undefined;
}

/** The school that the gardener keeps to, or what the judge lets pass here. */
function strengthHere(tables: Tables, row: RemedyRow, circumstances: Circumstances): number | undefined {
  const { recipe } = row;
  if (!recipe) return undefined;
  const kept = recipe.strengths.find(({ id }) => id === circumstances.schools?.[row.id]);
  return (kept ?? strengthFor(tables, { ...row, recipe }, sceneOf(tables, row, circumstances))).value;
}

function chanceByTarget({ causes, conditions }: Weighing): Map<string, { chance: number; share: number }> {
  return new Map<string, { chance: number; share: number }>([
    ...causes.map(({ id, probability, row }) => [id, { chance: probability, share: row.weight }] as const),
    ...conditions.map(({ id, probability }) => [id, { chance: probability, share: conditionShare }] as const),
  ]);
}

/** For every leading cause the remedy that fits it best among those allowed, so that causes which feed each other are met together. */
function suggestedSet(scored: readonly RankedRemedy[], { causes, action }: Weighing): ReadonlySet<RemedyId> {
  const doNothing = action.class === 'leave' || action.class === 'watch';
  if (doNothing) return new Set(scored.filter(({ row }) => row.rung === 'leave').map(({ id }) => id));
  const leading = causes.filter(
    ({ probability }, index) => probability >= leads || (index === 0 && probability >= 0.25),
  );
  const chosen = new Set<RemedyId>();
  for (const { id, probability } of leading) {
    const best = scored
      .map(({ id: remedy, row }) => ({ remedy, row, fits: row.targets.find(({ of }) => of === id)?.fits ?? 0 }))
      .filter(({ row, fits }) => fits > 0 && (isMild(row) || probability >= sureEnoughToApply))
      .map(({ remedy, row, fits }) => ({ remedy, worth: fits * probability - rungCost * rungs.indexOf(row.rung) }))
      .sort((a, b) => b.worth - a.worth)[0];
    if (best) chosen.add(best.remedy);
  }
  const mildest = scored.find(({ row }) => isMild(row));
  if (chosen.size === 0 && mildest) chosen.add(mildest.id);
  return chosen;
}

function reasonAgainst(
  tables: Tables,
  row: RemedyRow,
  weighing: Weighing,
  circumstances: Circumstances,
): LeftOutReason | undefined {
  const { forbids = [] } = circumstances;
  const refused = [row.id, row.rung, ...row.classes, ...(row.recipe ? [row.recipe.ingredient] : [])].find((name) =>
    forbids.includes(name),
  );
  if (refused !== undefined) return { kind: 'forbidden', what: refused };
  if (row.settings && circumstances.setting && !row.settings.includes(circumstances.setting))
    return { kind: 'setting' };
  for (const { id, probability, row: source } of [...weighing.causes, ...weighing.conditions]) {
    if (probability < speaksUp) continue;
    const note = source.avoid.find(({ remedies = [] }) => remedies.includes(row.id));
    if (note) return { kind: 'speaks-against', cause: id, why: note.why };
  }
  const helper = weighing.causes.find(({ probability, row: { kind } }) => kind === 'helper' && probability >= speaksUp);
  if (helper && row.facts.spares.helpers === 'harm') return { kind: 'harms-helpers', helper: helper.id };
  const act = remedyAct(tables, row, {
    ...sceneOf(tables, row, circumstances),
    strength: strengthHere(tables, row, circumstances),
  });
  const found = judge(tables, act).find((one) => isAgainst(tables, one));
  if (found) return { kind: 'unsafe', found };
  const missing = missingFor(row, circumstances);
  if (missing !== undefined && circumstances.onlyFromCupboard === true)
    return { kind: 'not-in-cupboard', ingredient: missing };
  return undefined;
}

/** What is known of this place, as the judge takes it. */
function sceneOf(
  tables: Tables,
  row: RemedyRow,
  { plant, facts = [], recent = [], daysToHarvest, season, setting }: Circumstances,
) {
  const before = recent.flatMap(({ remedy, daysAgo, where = 'plant' }): NonNullable<Act['before']> => {
    const classes = thingsOf(tables, rowById(tables.remedies, remedy, 'remedies')).flatMap((thing) => thing.classes);
    const one = { classes, remedy, daysAgo, ...(remedy === row.id ? { isOwn: true } : {}) };
    return [{ ...one, where: 'bed' }, ...(where === 'plant' ? [{ ...one, where }] : [])];
  });
  return {
    ...(plant === undefined ? {} : { plants: [plant] }),
    facts,
    before,
    ...(season === undefined ? {} : { season }),
    isSheltered: isSheltered(setting),
    ...(daysToHarvest === undefined ? {} : { daysToHarvest }),
  };
}

/** What keeps a remedy from being offered at all: stops, other things too near, and blossom, which is soon over. */
const isAgainst = (tables: Tables, found: CautionFound): boolean =>
  found.level === 'stop' ||
  ('code' in found && ['days-between', 'wait-to-pick', 'out-of-season'].includes(found.code)) ||
  ('rule' in found &&
    rowById(tables.safetyRules, found.rule, 'safetyRules').when.facts?.includes('on-open-bloom') === true);

/** Care, hand work and leaving it harm little where the reading was wrong. */
const isMild = ({ rung, classes, isFinal }: RemedyRow) =>
  !isFinal && ['leave', 'care', 'hand', 'helpers', 'professional'].includes(rung) && !classes.includes('feed');
