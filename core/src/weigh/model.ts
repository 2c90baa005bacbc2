import {
  inSeason,
  isOverSoon,
  isSheltered,
  northernMonth,
  seasonOfPlace,
  seasonsTell,
  type CauseId,
  type CauseRow,
  type ConditionRow,
  type PlantRow,
  type PriorSpec,
  type RemedyRow,
  type SignId,
  type SignRow,
  type Tables,
} from '../tables';
import type { Link, Network, NoisyOr, Observed } from './network';
import type { Situation } from './situation';
import type { Evidence } from '../evidence';
import { weatherKinds } from './weather';

/** The network for one situation, and which row stands behind each node and sign. */
export interface Model {
  readonly network: Network;
  readonly conditions: readonly ConditionRow[];
  readonly causes: readonly CauseRow[];
  readonly signs: readonly SignRow[];
  /** Place of each sign in `signs`, in the network's signs and in `observed`. */
  readonly signIndex: ReadonlyMap<SignId, number>;
  readonly observed: Observed;
  /** Evidence that a more special sign already says, and so is not counted again. */
  readonly covered: readonly Evidence[];
}

/** Node 0: something that the tables do not know. */
export const unknownNode = 0;

/** Judgement: one stop in thirty is for something outside the tables. */
const unknownPrior = 0.033;
/**
 * What the unknown cause shows: much what causes in general show, so common signs (yellow, slow) more
 * readily than special ones (beads in the root). `spread` makes up for its being many things at once;
 * the bounds keep it able to show anything, and sure of nothing (judgement).
 */
const unknownShows = { spread: 5, least: 0.05, most: 0.2 } as const;

/** How strongly an earlier case in the same place raises the odds, per case and at most. */
const perEarlierCase = 1.5;
const mostFromHistory = 3;
/** Outside its months a cause or condition is rarer by this factor on the odds (judgement). */
const outOfSeason = 0.25;
/** On a plant that is not a host (judgement; a row may say otherwise). */
const notAHost = 0.02;

/** Joins the tables and a situation into a belief network: unknown, then conditions, then causes. */
export function modelOf(tables: Tables, situation: Situation): Model {
  const causes = causesInOrder(tables.causes);
  const conditionNode = new Map<string, number>(tables.conditions.map(({ id }, index) => [id, 1 + index]));
  const causeNode = new Map<string, number>(causes.map(({ id }, index) => [id, 1 + tables.conditions.length + index]));

  const nodes: NoisyOr[] = [
    { leak: unknownPrior, parents: [] },
    ...tables.conditions.map((row) => ({ leak: conditionChance(row, situation), parents: [] })),
    ...causes.map((row) => causeAsNode(row, tables, situation, conditionNode, causeNode)),
  ];
  const parentsOfSign = new Map<string, Link[]>(tables.signs.map(({ id }) => [id, []]));
  tables.conditions.forEach(({ id, signs }) => link(signs, conditionNode.get(id)));
  causes.forEach(({ id, signs }) => link(signs, causeNode.get(id)));
  const usual = usualShare(tables.causes);
  for (const sign of tables.signs)
    if (isOnThePlant(sign)) {
      const strength = Math.max(unknownShows.least, unknownShows.spread * (usual.get(sign.id) ?? 0));
      parentsOfSign.get(sign.id)?.push({ from: unknownNode, strength: Math.min(unknownShows.most, strength) });
    }

  // A remedy that did not help is a sign looked for in vain: that of having helped.
  const failed = (situation.failed ?? []).map((id): NoisyOr => {
    const row = tables.remedies.find((remedy) => remedy.id === id);
    const parents = (row?.targets ?? []).flatMap(({ of, fits, isBefore }): Link[] => {
      const from = causeNode.get(of) ?? conditionNode.get(of);
      return !row || isBefore || from === undefined ? [] : [{ from, strength: surelyHelps(row, fits) }];
    });
    return { leak: 0, parents };
  });

  const { counted, covered } = withoutCovered(tables.signs, situation.evidence);
  const stateOf = new Map(counted.map(({ sign, state }) => [sign, state === 'seen']));
  const sureOf = new Map(counted.map(({ sign, sure = 1 }) => [sign, sure]));
  return {
    network: {
      nodes,
      signs: [
        ...tables.signs.map((sign) =>
          doubted(
            { leak: backgroundOf(sign), parents: parentsOfSign.get(sign.id) ?? [] },
            stateOf.get(sign.id) ?? true,
            sureOf.get(sign.id) ?? 1,
          ),
        ),
        ...failed,
      ],
    },
    conditions: tables.conditions,
    causes: causes.map((row) => actingOn(row, tables, situation)),
    signs: tables.signs,
    signIndex: new Map(tables.signs.map(({ id }, index) => [id, index])),
    observed: [...tables.signs.map(({ id }) => stateOf.get(id)), ...failed.map(() => false)],
    covered,
  };

  function link(signs: readonly { sign: string; strength: number }[], from: number | undefined): void {
    if (from === undefined) return;
    for (const { sign, strength } of signs) parentsOfSign.get(sign)?.push({ from, strength });
  }
}

/** A cause with what is right to do on this plant, in this part of the world and in this month. */
function actingOn(row: CauseRow, tables: Tables, situation: Situation): CauseRow {
  const plant = tables.plants.find(({ id }) => id === situation.plant);
  const own = plant && row.actOn && [plant.id, ...plant.groups].map((name) => row.actOn?.[name]).find(Boolean);
  const act = (situation.region && row.actIn?.[situation.region]) ?? own ?? row.act;
  const { season } = isSheltered(situation.setting) ? {} : seasonOfPlace(situation);
  const isOver = (act === 'treat-now' || act === 'mend-care-first') && isOverSoon(tables, row, season);
  return isOver ? { ...row, act: 'watch' } : act === row.act ? row : { ...row, act };
}

function causeAsNode(
  row: CauseRow,
  tables: Tables,
  situation: Situation,
  conditionNode: ReadonlyMap<string, number>,
  causeNode: ReadonlyMap<string, number>,
): NoisyOr {
  const factor = hostFactor(row, tables, situation) * historyFactor(row.id, situation);
  const leak = inPlace(row.prior, factor, situation);
  const parents = [
    ...row.conditions.map(({ from, odds }) => ({
      from: conditionNode.get(from) ?? 0,
      strength: strengthOf(leak, odds),
    })),
    ...row.causes.map(({ from, odds }) => ({ from: causeNode.get(from) ?? 0, strength: strengthOf(leak, odds) })),
  ];
  return { leak, parents };
}

/** In a home garden no remedy is done so well that its failure proves anything (judgement). */
const mostFromFailure = 0.7;

/** The chance that a remedy helps visibly where it is for what is there: what it fits, and at least brings. */
export const surelyHelps = ({ expect }: Pick<RemedyRow, 'expect'>, fits: number): number =>
  fits * Math.min(mostFromFailure, expect.reduction[0] / 100);

/** Strength of the noisy-OR link that, alone, multiplies the odds of a child with this leak. */
export function strengthOf(leak: number, oddsFactor: number): number {
  const raised = timesOdds(leak, oddsFactor);
  return (raised - leak) / (1 - leak);
}

/** The probability whose odds are `factor` times the odds of `chance`. */
export function timesOdds(chance: number, factor: number): number {
  return (chance * factor) / (1 - chance + chance * factor);
}

/** An earlier reading of the ground is trusted, but never to the end: soil differs within a bed. */
const groundBounds = { least: 0.03, most: 0.9 } as const;

function conditionChance(row: ConditionRow, situation: Situation): number {
  const known = situation.ground?.find(({ condition }) => condition === row.id);
  if (known) return Math.min(groundBounds.most, Math.max(groundBounds.least, known.probability));
  return inPlace(row.prior, weatherFactor(row, situation), situation);
}

/** What was looked at says more than the forecast: then the weather is not counted again. */
function weatherFactor({ weather, signs }: ConditionRow, { weather: recent, setting, evidence }: Situation): number {
  if (!weather || !recent || setting === 'indoors') return 1;
  if (evidence.some(({ sign }) => signs.some((link) => link.sign === sign))) return 1;
  return Math.max(1, ...weatherKinds(recent).map((kind) => weather[kind] ?? 1));
}

function inPlace(
  prior: PriorSpec,
  factor: number,
  { setting, month, latitude = 50, climate, region }: Situation,
): number {
  const bySetting = (setting && prior.bySetting?.[setting]) ?? 1;
  const outdoors = setting !== 'indoors' && setting !== 'greenhouse';
  const tells = prior.months && month !== undefined && outdoors && seasonsTell(latitude, climate);
  const bySeason = tells && !inSeason(prior.months, northernMonth(month, latitude), climate) ? outOfSeason : 1;
  const byRegion = (region && prior.byRegion?.[region]) ?? 1;
  return timesOdds(prior.base, bySetting * bySeason * byRegion * factor);
}

function hostFactor({ hosts, elsewhere, likelierOn = {} }: CauseRow, { plants }: Tables, { plant }: Situation): number {
  if (plant === undefined) return hosts ? shareOfPlants(plants, hosts) : 1;
  const names: readonly string[] = [plant, ...(plants.find(({ id }) => id === plant)?.groups ?? [])];
  const favoured = Math.max(1, ...names.map((name) => likelierOn[name] ?? 1));
  if (!hosts || hosts.some((host) => names.includes(host))) return favoured;
  return elsewhere ?? notAHost;
}

/**
 * Where no plant is named, what lives on few plants is rarer than on those. Named plants are not spread evenly: few are
 * grown by most, so the root of the share of plants is taken (judgement).
 */
function shareOfPlants(plants: readonly PlantRow[], hosts: readonly string[]): number {
  const known = hostShares.get(hosts);
  if (known !== undefined) return known;
  const on = plants.filter(({ id, groups }) => hosts.includes(id) || groups.some((group) => hosts.includes(group)));
  const share = Math.sqrt(on.length / plants.length);
  hostShares.set(hosts, share);
  return share;
}
const hostShares = new WeakMap<readonly string[], number>();

function historyFactor(cause: CauseId, { history = [] }: Situation): number {
  const times = history.find((entry) => entry.cause === cause)?.times ?? 0;
  return Math.min(mostFromHistory, perEarlierCase ** times);
}

/** How common a sign is that something else was meant by: what a doubtful report says where the sign is not there. */
const mistakenFor = 0.02;

/**
 * A report that may mean something else. With chance s it means this sign, otherwise it says nothing of it: its
 * likelihood is s · P(on) / m + 1 − s, m how common the sign is. For a sign seen that is, but for a factor, a noisy-OR
 * with a higher leak, and so costs nothing; for one not seen every link is weaker (exact where one cause is there).
 */
export function doubted({ leak, parents }: NoisyOr, isSeen: boolean, sure: number): NoisyOr {
  if (sure >= 1) return { leak, parents };
  const doubt = (mistakenFor * (1 - sure)) / (sure + mistakenFor * (1 - sure));
  if (isSeen) return { leak: leak + (1 - leak) * doubt, parents };
  return { leak: leak * sure, parents: parents.map(({ from, strength }) => ({ from, strength: strength * sure })) };
}

/**
 * Of what a plant shows for no reason, the share that makes somebody stop and tell it as a trouble. Chosen on 240
 * descriptions of known troubles, which the reading is shy of (what it says at 78 in 100 is so in 94): less would say
 * too much of one vague sign, and no longer ask what settles two lookalikes.
 */
const toldOfIt = 0.8;

/** Chance that a sign is told for no known reason. */
export const backgroundOf = (sign: Pick<SignRow, 'background' | 'where'>): number =>
  sign.background * (isOnThePlant(sign) ? toldOfIt : 1);

/** Weeds, care and weather are not explained by an unknown trouble of the plant. */
function isOnThePlant({ where }: Pick<SignRow, 'where'>): boolean {
  return !['around', 'care', 'weather', 'inside-soil', 'soil-surface', 'water'].includes(where);
}

const shares = new WeakMap<readonly CauseRow[], ReadonlyMap<string, number>>();

/** By sign: the chance that a cause drawn by its prior shows it. */
function usualShare(causes: readonly CauseRow[]): ReadonlyMap<string, number> {
  const known = shares.get(causes);
  if (known) return known;
  const total = causes.reduce((sum, { prior }) => sum + prior.base, 0);
  const built = new Map<string, number>();
  for (const { prior, signs } of causes)
    for (const { sign, strength } of signs) built.set(sign, (built.get(sign) ?? 0) + (prior.base * strength) / total);
  shares.set(causes, built);
  return built;
}

function withoutCovered(
  signs: readonly SignRow[],
  evidence: readonly Evidence[],
): { counted: Evidence[]; covered: Evidence[] } {
  const seen = new Set(evidence.filter(({ state }) => state === 'seen').map(({ sign }) => sign));
  const coveredIds = new Set(signs.filter(({ id }) => seen.has(id)).flatMap(({ covers = [] }) => covers));
  return {
    counted: evidence.filter(({ sign }) => !coveredIds.has(sign)),
    covered: evidence.filter(({ sign }) => coveredIds.has(sign)),
  };
}

/** Causes so that those which make others likelier come first. @throws Error when they go round in a ring. */
export function causesInOrder(causes: readonly CauseRow[]): CauseRow[] {
  const ordered: CauseRow[] = [];
  const state = new Map<string, 'open' | 'done'>();
  const byId = new Map(causes.map((row) => [row.id, row]));
  const visit = (row: CauseRow) => {
    if (state.get(row.id) === 'done') return;
    if (state.get(row.id) === 'open') throw new Error(`causes make each other likelier in a ring at "${row.id}"`);
    state.set(row.id, 'open');
    for (const { from } of row.causes) {
      const parent = byId.get(from);
      if (parent) visit(parent);
    }
    state.set(row.id, 'done');
    ordered.push(row);
  };
  for (const row of causes) visit(row);
  return ordered;
}
