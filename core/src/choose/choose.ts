import {
  rowById,
  rungs,
  type CauseId,
  type ConditionId,
  type PlantId,
  type RemedyId,
  type RemedyRow,
  type Setting,
  type Tables,
} from '../tables';
import type { Weighing } from '../weigh/weigh';

/** What bears on the choice besides the reading. */
export interface Circumstances {
  readonly plant?: PlantId;
  readonly setting?: Setting;
  /** Days until the next picking, where something is about to be picked. */
  readonly daysToHarvest?: number;
  /** What was put on this plant or bed lately. */
  readonly recent?: readonly { readonly remedy: RemedyId; readonly daysAgo: number }[];
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
}

export type LeftOutReason =
  | { readonly kind: 'not-for-plant'; readonly why: string }
  | { readonly kind: 'speaks-against'; readonly cause: CauseId | ConditionId; readonly why: string }
  | { readonly kind: 'setting' }
  | { readonly kind: 'harvest-too-near'; readonly waitDays: number }
  | { readonly kind: 'keep-apart'; readonly from: RemedyId; readonly days: number; readonly why: string };

export interface LeftOut {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  readonly reason: LeftOutReason;
}

export interface Choice {
  /** The suggested set first, then the rest, best first. */
  readonly ranked: readonly RankedRemedy[];
  readonly leftOut: readonly LeftOut[];
}

/** Each rung up the ladder must bring at least this much more help to be preferred. */
const rungCost = 0.035;
/** A condition is mended for its causes' sake, so it counts half. */
const conditionShare = 0.5;
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
  const scored: RankedRemedy[] = [];
  const leftOut: LeftOut[] = [];
  for (const row of tables.remedies) {
    const helps = row.targets
      .map(({ of, why, fits }) => ({ of, why, fits, chance: chances.get(of)?.chance ?? 0 }))
      .filter(({ chance }) => chance >= 0.1);
    const help = helps.reduce((sum, { of, fits, chance }) => sum + chance * fits * (chances.get(of)?.share ?? 0), 0);
    if (help < worthOffering) continue;
    const reason = reasonAgainst(tables, row, weighing, circumstances);
    if (reason) {
      leftOut.push({ id: row.id, row, reason });
      continue;
    }
    const testLeaf = testLeafFor(tables, row, circumstances.plant);
    scored.push({
      id: row.id,
      row,
      score: help - rungCost * rungs.indexOf(row.rung),
      helps: helps.map(({ of, chance, why }) => ({ of, chance, why })).sort((a, b) => b.chance - a.chance),
      suggested: false,
      ...(testLeaf === undefined ? {} : { testLeaf }),
    });
  }
  scored.sort((a, b) => b.score - a.score);
  const suggested = suggestedSet(scored, weighing);
  return {
    ranked: [
      ...scored.filter(({ id }) => suggested.has(id)).map((remedy) => ({ ...remedy, suggested: true })),
      ...scored.filter(({ id }) => !suggested.has(id)),
    ],
    leftOut,
  };
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
  const plantReason = againstPlant(tables, row, circumstances.plant);
  if (plantReason) return { kind: 'not-for-plant', why: plantReason };
  if (row.settings && circumstances.setting && !row.settings.includes(circumstances.setting))
    return { kind: 'setting' };
  for (const { id, probability, row: source } of [...weighing.causes, ...weighing.conditions]) {
    if (probability < speaksUp) continue;
    const note = source.avoid.find(({ remedies = [] }) => remedies.includes(row.id));
    if (note) return { kind: 'speaks-against', cause: id, why: note.why };
  }
  const { daysToHarvest } = circumstances;
  if (daysToHarvest !== undefined && row.preHarvestDays > daysToHarvest)
    return { kind: 'harvest-too-near', waitDays: row.preHarvestDays };
  return againstRecent(tables, row, circumstances);
}

/** Care, hand work and leaving it harm little where the reading was wrong. */
const isMild = ({ rung, classes }: RemedyRow) =>
  ['leave', 'care', 'hand', 'helpers', 'professional'].includes(rung) && !classes.includes('feed');

/** Why a remedy may not go on a plant at all; undefined when it may. */
export function againstPlant(tables: Tables, row: RemedyRow, plantId: PlantId | undefined): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  if (!plant) return undefined;
  const names: readonly string[] = [plant.id, ...plant.groups];
  const tolerance = row.sensitiveTo && plant.sensitive[row.sensitiveTo];
  if (tolerance?.tolerance === 'stop') return tolerance.why;
  if (row.notFor?.some((name) => names.includes(name))) return `it harms ${plant.name.toLowerCase()}`;
  if (row.onlyFor && !row.onlyFor.some((name) => names.includes(name)))
    return `it is not meant for ${plant.name.toLowerCase()}`;
  return undefined;
}

/** Why a remedy must first be tried on two or three leaves of a plant; undefined when it need not. */
export function testLeafFor(tables: Tables, row: RemedyRow, plantId: PlantId | undefined): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  const tolerance = row.sensitiveTo && plant?.sensitive[row.sensitiveTo];
  return tolerance?.tolerance === 'test-leaf' ? tolerance.why : undefined;
}

function againstRecent(tables: Tables, row: RemedyRow, { recent = [] }: Circumstances): LeftOutReason | undefined {
  for (const { remedy, daysAgo } of recent) {
    const done = rowById(tables.remedies, remedy, 'remedies');
    const rule = tables.keepApart.find(
      ({ a, b, days, scope }) =>
        scope !== 'trail' &&
        daysAgo < days &&
        ((row.classes.includes(a) && done.classes.includes(b)) ||
          (row.classes.includes(b) && done.classes.includes(a))),
    );
    if (rule) return { kind: 'keep-apart', from: remedy, days: rule.days, why: rule.why };
  }
  return undefined;
}
