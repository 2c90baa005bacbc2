import {
  courseOf,
  isSheltered,
  rowById,
  rungs,
  type CauseFamily,
  type AvoidNote,
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
  type SignId,
  type Tables,
} from '../tables';
import { anyOf } from '../chance';
import { sureEnoughToTake } from '../weigh/stake';
import type { Weighing } from '../weigh/weigh';
import { isOfBloom, judge, remedyAct, strengthFor, testLeafFor, thingsOf, type Act, type CautionFound } from '../judge';
import { nextTimes, type NextTime } from './next-time';
import { costOf, helpOf, isForNow, meantBy, stakesOf, type Here, type Meant, type Stake } from './stakes';
import { isMild, rivalsIn, suggestedSet, type Rivals } from './suggest';

/** What was done without these steps, and judged by the eye, tells little of what they would do: a judged trial counts for more. */
const factorOf = (helped: boolean | null | undefined): number => (helped == null ? 1 : helped ? 1.05 : 0.85);

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
  /** What the gardener says was done about it before, and whether it helped; null or left out where that is not known. */
  readonly tried?: readonly { readonly remedy: RemedyId; readonly helped?: boolean | null }[];
  /** What this garden has seen of remedies against what leads here. */
  readonly experience?: readonly Experience[];
}

/** How a remedy did in this garden, as far as it was counted or judged. */
export interface Experience {
  readonly remedy: RemedyId;
  readonly worked: number;
  readonly failed: number;
  readonly harmed: number;
  /** By what its fit is multiplied: 1 where nothing is known, never far from it while little is. */
  readonly factor: number;
}

export interface RankedRemedy {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  /** Expected loss that it takes away, less what it costs by itself; doing nothing is 0. */
  readonly score: number;
  /** What it costs by itself, in the same scale: strength, harm, money, work, an errand. */
  readonly cost: number;
  /** What it is for here, with how likely that is and how well it fits. */
  readonly helps: readonly {
    readonly of: CauseId | ConditionId;
    readonly chance: number;
    readonly fits: number;
    readonly why: string;
  }[];
  /** What the action says, for the causes that it rests on. */
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
  /** It answers whichever of its family it is. */
  | { readonly kind: 'answers-family'; readonly family: CauseFamily }
  /** Days count here, so that strength costs less than usual. */
  | { readonly kind: 'urgent' }
  /** `surer`: it helps clearly more than the milder one, and so stands above it. */
  | { readonly kind: 'stronger'; readonly than: RemedyId; readonly surer: boolean }
  | { readonly kind: 'risky-if-wrong'; readonly cause: CauseId | ConditionId; readonly chance: number }
  | { readonly kind: 'unproven'; readonly grade: Grade }
  /** Done before, as the gardener says. */
  | { readonly kind: 'tried'; readonly helped: boolean | null }
  /** How it did in this garden. */
  | { readonly kind: 'here'; readonly worked: number; readonly failed: number; readonly harmed: number };

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
  /** Something that was seen makes it useless or harmful. */
  | { readonly kind: 'sign-against'; readonly sign: SignId; readonly why: string }
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
  /** What keeps it away another time, or helps in another month. */
  readonly nextTime: readonly NextTime[];
  /** Look-alikes between which it matters little: what answers them all comes first. */
  readonly rivals?: Rivals;
  readonly leave: LeaveIt;
  readonly together: readonly Together[];
  readonly notWorth: readonly NotWorth[];
}

const isReport = ({ classes }: RemedyRow) => classes.includes('report');
/** Whether it has to be reported in this part of the world: at home there, it is only met. */
const isReported = ({ causes }: Weighing, of: string) =>
  causes.some(({ id, row }) => id === of && row.act === 'report');

/** What a remedy that a fairly likely cause speaks against is named as a risk from. */
const riskNamed = 0.12;
/** Help below this is not worth offering. */
const worthOffering = 0.1;
/** From here on what a cause speaks against is left out. */
const speaksUp = 0.35;
/** What answers rivals of one family alike comes before what answers one of them, by about this much help. */
const familyShare = 0.1;
const answersSeveralFrom = 0.25;

/**
 * Ranks remedies by the expected loss that they take away under the whole posterior, less what each costs by itself;
 * says why others were left out, and what is for another time.
 */
export function chooseRemedies(tables: Tables, weighing: Weighing, circumstances: Circumstances): Choice {
  const season = isSheltered(circumstances.setting) ? undefined : circumstances.season;
  const stakes = stakesOf(tables, weighing, season);
  const urgent = isUrgent(tables, weighing, season);
  const rivals = rivalsIn(weighing);
  const plant = tables.plants.find(({ id }) => id === circumstances.plant);
  const here: Here = {
    season,
    setting: circumstances.setting,
    plantNames: plant ? [plant.id, ...plant.groups] : [],
    seen: new Set(weighing.seen),
  };
  const scored: RankedRemedy[] = [];
  const out: { readonly left: LeftOut; readonly help: number }[] = [];
  const later: { readonly row: RemedyRow; readonly meant: readonly Meant[] }[] = [];
  for (const row of tables.remedies) {
    const past = circumstances.experience?.find(({ remedy }) => remedy === row.id);
    const told = circumstances.tried?.find(({ remedy }) => remedy === row.id);
    const meant = meantBy(row, stakes, here)
      .filter(({ of }) => !isReport(row) || isReported(weighing, of))
      .map((one) => ({ ...one, fits: Math.min(1, one.fits * (past?.factor ?? factorOf(told?.helped))) }));
    const timely = meant.filter((target) => isForNow(row, target, here));
    const notNow = meant.filter((target) => !timely.includes(target));
    const now = timely.filter(({ isLeft }) => !isLeft);
    // Where the answer is to leave it, what would have harmed is still named.
    if (now.length === 0 && timely.length > 0 && helpOf(timely) >= worthOffering) {
      const against = reasonAgainst(tables, row, weighing, circumstances);
      if (against?.kind === 'speaks-against' || against?.kind === 'harms-helpers')
        out.push({ left: { id: row.id, row, reason: against }, help: helpOf(timely) });
    }
    if (notNow.length > 0 && mayBeLater(tables, row, weighing, circumstances)) later.push({ row, meant: notNow });
    const isAsked = row.rung === 'leave' || isOfAnything(row, weighing);
    if (helpOf(now) < worthOffering) now.push(...anything(row, weighing, stakes, now));
    const help = helpOf(now);
    const [surest] = [...now].sort((a, b) => b.chance - a.chance);
    if (!surest || (help < worthOffering && !isAsked)) continue;
    const reason: LeftOutReason | undefined =
      row.takes !== undefined && Math.max(surest.chance, anyAnswered(now)) < sureEnoughToTake[row.takes]
        ? { kind: 'not-sure', of: surest.of, chance: surest.chance }
        : reasonAgainst(tables, row, weighing, circumstances);
    if (reason) {
      out.push({ left: { id: row.id, row, reason }, help });
      continue;
    }
    const testLeaf = testLeafFor(tables, row, circumstances.plant, row.scene);
    const risk = riskOf(row, weighing);
    const missing = missingFor(row, circumstances);
    const strength = strengthHere(tables, row, circumstances);
    const answersRivals = rivals?.causes.every((id) => now.some(({ of }) => of === id)) === true;
    const cost = costOf(row, rungs.indexOf(row.rung), {
      urgent,
      risk: risk?.chance ?? 0,
      isMissing: missing !== undefined,
      setting: circumstances.setting,
    });
    const score = help * (answersRivals ? 1 + familyShare : 1) - cost;
    if (score <= 0 && !isAsked) continue;
    const several = now.filter(({ chance }) => chance >= answersSeveralFrom).length;
    scored.push({
      id: row.id,
      row,
      score,
      cost,
      helps: now.map(({ of, chance, fits, why }) => ({ of, chance, fits, why })).sort((a, b) => b.chance - a.chance),
      suggested: false,
      standing: [
        ...(rivals && answersRivals
          ? [{ kind: 'answers-family' as const, family: rivals.family }]
          : several > 1
            ? [{ kind: 'answers-several' as const, count: several }]
            : []),
        ...(told ? [{ kind: 'tried' as const, helped: told.helped ?? null }] : []),
        ...(past ? [{ kind: 'here' as const, worked: past.worked, failed: past.failed, harmed: past.harmed }] : []),
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
    ...[...suggested].flatMap((id) =>
      scored.filter((remedy) => remedy.id === id).map((remedy) => ({ ...remedy, suggested: true })),
    ),
    ...scored.filter(({ id }) => !suggested.has(id)),
  ];
  // What would have helped most first; what only belongs elsewhere last: it says least.
  const leftOut = [...out]
    .sort(
      (a, b) => Number(a.left.reason.kind === 'setting') - Number(b.left.reason.kind === 'setting') || b.help - a.help,
    )
    .map(({ left }) => left);
  const offered = new Set(ranked.map(({ id }) => id));
  const chanceOf = (of: string) => stakes.find((stake) => stake.of === of)?.chance ?? 0;
  return {
    ranked: ranked.map((remedy) => ({
      ...remedy,
      standing: [...ladderStanding(remedy, ranked, urgent), ...remedy.standing],
    })),
    leftOut,
    nextTime: nextTimes(later, here),
    ...(rivals ? { rivals } : {}),
    leave: leaveIt(tables, weighing, season),
    together: tables.combinations
      .filter(
        ({ whenAll, remedies }) =>
          remedies.some((id) => offered.has(id)) && whenAll.every((any) => any.some((of) => chanceOf(of) >= together)),
      )
      .map(({ id, remedies, why }) => ({ id, remedies: remedies.filter((remedy) => offered.has(remedy)), why })),
    notWorth: tables.remedies
      .filter(({ grade, targets }) =>
        targets.some(
          ({ of, fits }) =>
            (grade === 'doubtful' || (grade === 'folk' && fits < hardlyFits)) && chanceOf(of) >= likelyEnough,
        ),
      )
      .filter(({ id }) => !offered.has(id) && !leftOut.some((left) => left.id === id))
      .map((row) => ({ id: row.id, row })),
  };
}

/** Waiting and asking answer whatever is likeliest, where that is what the action says. */
const isOfAnything = ({ ofAnything }: RemedyRow, { action }: Weighing): boolean =>
  ofAnything?.under.includes(action.class) === true;
const anything = (
  row: RemedyRow,
  weighing: Weighing,
  stakes: readonly Stake[],
  already: readonly { readonly of: string }[],
): Meant[] => {
  // Where nothing is likely enough to have anything at stake, it is for what comes nearest.
  const [nearest] = weighing.causes;
  const open: readonly Stake[] =
    stakes.length > 0 || !nearest ? stakes : [{ of: nearest.id, chance: nearest.probability, loss: 0 }];
  const [first] = open
    .filter(({ isLeft, of }) => !isLeft && !already.some((one) => one.of === of))
    .sort((a, b) => b.chance - a.chance);
  return row.ofAnything && first && isOfAnything(row, weighing)
    ? [{ ...first, fits: anythingFits, why: row.ofAnything.why }]
    : [];
};
const anythingFits = 0.2;

/** Chance that one of what it answers well is there: which one matters less where it answers them all. */
const anyAnswered = (meant: readonly Meant[]): number =>
  anyOf(meant.filter(({ fits }) => fits >= answersWell).map(({ chance }) => chance));
const answersWell = 0.5;

/** Both of a pair must be this likely before they are called a pair. */
const together = 0.3;
/** What is plausible, unproven and helps less than this is named with what is doubtful. */
const hardlyFits = 0.2;
/** From here on a cause’s course, and what is often asked for against it, are told. */
const likelyEnough = 0.2;

/** The mildest of all that help, or a spray or worse where something milder helps too. */
function ladderStanding(
  { id, row, score, suggested }: RankedRemedy,
  ranked: readonly RankedRemedy[],
  urgent: boolean,
): Standing[] {
  const rungOf = (remedy: RankedRemedy) => rungs.indexOf(remedy.row.rung);
  const mine = rungs.indexOf(row.rung);
  const least = Math.min(...ranked.map(rungOf));
  if (row.takes !== undefined || row.rung === 'professional' || ranked.length === 1) return [];
  if (ranked.find((other) => rungOf(other) === least)?.id === id) return [{ kind: 'mildest' }];
  if (isMild(row)) return [];
  const milder = ranked.find(
    (other) =>
      other.id !== id &&
      other.row.takes === undefined &&
      rungOf(other) < mine &&
      other.helps.some(({ of }) => row.targets.some((target) => target.of === of)),
  );
  if (!milder) return [];
  const surer = score > milder.score || (suggested && !milder.suggested);
  return [{ kind: 'stronger', than: milder.id, surer }, ...(urgent && surer ? [{ kind: 'urgent' as const }] : [])];
}

/** Something that goes fast is likelier than not. */
const isUrgent = (tables: Tables, { causes }: Weighing, season: Season | undefined): boolean =>
  causes.some(({ row, probability }) => probability >= 0.5 && courseOf(tables, row, season).fast === true);

function leaveIt(tables: Tables, { causes }: Weighing, season: Season | undefined): LeaveIt {
  const rows = causes
    .filter(({ probability }) => probability >= likelyEnough)
    .map(({ id, probability, row }) => ({ of: id, chance: probability, course: courseOf(tables, row, season) }));
  return {
    courses: rows.map(({ of, chance, course }) => ({ of, chance, says: course.says })),
    asGood: rows.length > 0 && rows.every(({ course }) => course.asGood === true),
  };
}

/** True where an avoid note binds a remedy: by its name, or by a class of it. */
export const isAvoided = ({ remedies = [], classes = [] }: AvoidNote, row: RemedyRow): boolean =>
  remedies.includes(row.id) || row.classes.some((name) => classes.includes(name));

/** The likeliest cause, below the level at which it forbids, that this remedy would make worse. */
function riskOf(
  row: RemedyRow,
  weighing: Weighing,
): { readonly cause: CauseId | ConditionId; readonly chance: number } | undefined {
  const against = [...weighing.causes, ...weighing.conditions]
    .filter(
      ({ probability, row: source }) => probability >= riskNamed && source.avoid.some((note) => isAvoided(note, row)),
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
    const note = source.avoid.find((one) => isAvoided(one, row));
    if (note) return { kind: 'speaks-against', cause: id, why: note.why };
  }
  const useless = row.notWith?.find(({ sign }) => weighing.seen.includes(sign));
  if (useless) return { kind: 'sign-against', ...useless };
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

/** For another time only what stays as it is counts: the plant, the kind of place, the gardener's own rules. */
const mayBeLater = (
  tables: Tables,
  row: RemedyRow,
  weighing: Weighing,
  { plant, setting, forbids }: Circumstances,
): boolean =>
  reasonAgainst(
    tables,
    row,
    { ...weighing, causes: [], conditions: [], seen: [] },
    {
      ...(plant === undefined ? {} : { plant }),
      ...(setting === undefined ? {} : { setting }),
      ...(forbids === undefined ? {} : { forbids }),
    },
  ) === undefined;

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
  ('code' in found && ['days-between', 'wait-to-pick'].includes(found.code)) ||
  isOfBloom(tables, found);
