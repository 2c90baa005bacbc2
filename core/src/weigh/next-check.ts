import type { CauseId, CheckAnswer, CheckRow, RegretTable, Tables } from '../tables';
import { chancesIn, drawWorlds, nodesOn } from './draw';
import { posterior } from './infer';
import { unknownNode, type Model } from './model';
import type { Observed, Posterior } from './network';
import type { Situation } from './situation';
import type { OfferedCheck } from './weigh';

/**
 * Part of the gain that counts mere knowing, where no decision hangs on it yet: enough to rank
 * checks while everything is still open, too little to beat one that changes what to do.
 */
const shareForKnowing = 0.03;
/** Mending a condition in vain, or leaving it, costs less than with a cause. */
const conditionShare = 0.05;
/** A day of waiting for an answer counts as this many minutes of effort (judgement). */
const minutesPerDayWaited = 4;
/** A condition whose chance the evidence has moved by less is not what the question is about. */
const tells = 0.04;
/** What is less likely than this now is not worth a question, however cheap. */
const inQuestion = 0.05;
/** A check that changes less than this changes nothing. */
const worthAsking = 0.0003;

/** Worlds drawn to see which checks are worth an exact look; enough to rank, not to report. */
const worldsDrawn = 300;
/** Checks worked out exactly, best of the screening first. */
const lookedAtExactly = 6;

/**
 * Checks by expected gain for the decision per minute of effort. The gain is the regret that is left
 * now, less what would be left after the answer, weighted by how likely each answer is. All checks are
 * screened on worlds drawn from the posterior; for the best of them the posterior after every answer
 * is worked out exactly.
 */
export function nextChecks(tables: Tables, model: Model, now: Posterior, situation: Situation): OfferedCheck[] {
  const isOpen = now.marginals.some((chance, node) => node !== unknownNode && (chance ?? 0) > 0.02);
  if (!isOpen || now.method !== 'exact') return [];
  const leftNow = openRegret(tables.regret, model, now.marginals, now);
  const possible = tables.checks.filter(
    (check) => makesSense(check, situation) && check.answers.some((answer) => isNew(model, answer)),
  );
  return screened(tables, model, now, possible)
    .map((check) => gainOf(tables, model, now, leftNow, check))
    .filter(({ gain }) => gain > worthAsking)
    .sort((a, b) => b.perMinute - a.perMinute);
}

/** Not made yet, and possible here: what it looks at has been seen, and the place is the right kind. */
function makesSense({ id, whenSeen, settings }: CheckRow, { checksDone = [], evidence, setting }: Situation): boolean {
  if (checksDone.includes(id)) return false;
  if (settings && setting && !settings.includes(setting)) return false;
  return !whenSeen || evidence.some(({ sign, state }) => state === 'seen' && whenSeen.includes(sign));
}

/** The checks that promise most per minute, judged on drawn worlds. */
function screened(tables: Tables, model: Model, now: Posterior, checks: readonly CheckRow[]): readonly CheckRow[] {
  if (checks.length <= lookedAtExactly) return checks;
  const worlds = drawWorlds(model.network, model.observed, [unknownNode], { seed: 20260601, count: worldsDrawn });
  const onLists = worlds.map(nodesOn);
  // Judged against the same worlds, so that what their drawing got wrong falls out of the comparison.
  const leftNow = openRegret(tables.regret, model, reweighed(model, onLists, nothingAsked).marginals, now);
  const promise = new Map(
    checks.map((check) => {
      const outcomes = check.answers
        .filter((answer) => isNew(model, answer) && isPossible(model, answer))
        .map((answer) => reweighed(model, onLists, answer));
      const total = outcomes.reduce((sum, { chance }) => sum + chance, 0);
      const left = outcomes.reduce(
        (sum, { chance, marginals }) => sum + (chance / total) * openRegret(tables.regret, model, marginals, now),
        0,
      );
      return [check.id, (leftNow - left) / effortOf(check)] as const;
    }),
  );
  return [...checks].sort((a, b) => (promise.get(b.id) ?? 0) - (promise.get(a.id) ?? 0)).slice(0, lookedAtExactly);
}

const nothingAsked: CheckAnswer = { id: '', says: '', gives: [] };

/** How likely an answer is, and the marginals after it, by weighting each drawn world with the answer's chance there. */
function reweighed(
  model: Model,
  onLists: readonly (readonly number[])[],
  { gives }: CheckAnswer,
): { chance: number; marginals: Posterior['marginals'] } {
  const nodeCount = model.network.nodes.length;
  const asked = gives.flatMap(({ sign, state }) => {
    const index = model.signIndex.get(sign) ?? -1;
    const row = model.observed[index] === undefined ? model.network.signs[index] : undefined;
    return row ? [chancesIn(row, state, onLists, nodeCount)] : [];
  });
  const sums = new Float64Array(nodeCount);
  let total = 0;
  onLists.forEach((onList, world) => {
    let weight = 1;
    for (const chances of asked) weight *= chances[world]!;
    total += weight;
    for (let at = 0; at < onList.length; at += 1) sums[onList[at]!]! += weight;
  });
  return { chance: total / onLists.length, marginals: [...sums].map((sum) => sum / total) };
}

const effortOf = ({ minutes, waitDays }: CheckRow) => minutes + waitDays * minutesPerDayWaited;

function gainOf(tables: Tables, model: Model, now: Posterior, leftNow: number, check: CheckRow): OfferedCheck {
  const outcomes = check.answers
    .filter((answer) => isNew(model, answer) && isPossible(model, answer))
    .map((answer) => posterior(model.network, withAnswer(model, answer), [unknownNode]))
    .filter(({ method }) => method === 'exact');
  const shares = normalised(outcomes.map(({ logEvidence }) => logEvidence));
  const leftAfter = outcomes.reduce(
    (sum, outcome, at) => sum + (shares[at] ?? 0) * openRegret(tables.regret, model, outcome.marginals, now),
    0,
  );
  const gain = Math.max(0, leftNow - leftAfter);
  return {
    id: check.id,
    minutes: check.minutes,
    gain,
    perMinute: gain / effortOf(check),
    settles: mostMoved(model, now, outcomes),
  };
}

/**
 * What is still at stake: for each cause, the lesser of leaving it although it is there and acting on
 * it although it is not, plus a little for not knowing at all.
 */
function openRegret(regret: RegretTable, model: Model, marginals: Posterior['marginals'], now: Posterior): number {
  const ofConditions = model.conditions.reduce((sum, _, index) => {
    const chance = marginals[1 + index];
    const before = model.network.nodes[1 + index]?.leak ?? 0;
    const isTold = Math.abs((now.marginals[1 + index] ?? before) - before) >= tells;
    return chance === undefined || !isTold
      ? sum
      : sum + conditionShare * Math.min(chance, 1 - chance) + shareForKnowing * entropy(chance);
  }, 0);
  return model.causes.reduce((sum, row, index) => {
    const node = 1 + model.conditions.length + index;
    const chance = marginals[node];
    if (chance === undefined || (now.marginals[node] ?? 0) < inQuestion) return sum;
    const missed = chance * regret[row.act].leave;
    const wasted = (1 - chance) * regret.leave[row.act];
    return sum + row.weight * (Math.min(missed, wasted) + shareForKnowing * entropy(chance));
  }, ofConditions);
}

function entropy(chance: number): number {
  if (chance <= 0 || chance >= 1) return 0;
  return -chance * Math.log2(chance) - (1 - chance) * Math.log2(1 - chance);
}

function mostMoved(model: Model, now: Posterior, outcomes: readonly Posterior[]): CauseId[] {
  return model.causes
    .map(({ id }, index) => {
      const node = 1 + model.conditions.length + index;
      const before = now.marginals[node] ?? 0;
      return {
        id,
        moved: Math.max(0, ...outcomes.map(({ marginals }) => Math.abs((marginals[node] ?? before) - before))),
      };
    })
    .filter(({ moved }) => moved > 0.1)
    .sort((a, b) => b.moved - a.moved)
    .slice(0, 3)
    .map(({ id }) => id);
}

/** True when the answer would tell something that is not known yet. */
const isNew = (model: Model, { gives }: CheckAnswer) =>
  gives.some(({ sign }) => {
    const index = model.signIndex.get(sign);
    return index !== undefined && model.observed[index] === undefined;
  });

/** False when the answer would contradict what has already been seen or not seen. */
const isPossible = (model: Model, { gives }: CheckAnswer) =>
  gives.every(({ sign, state }) => {
    const known = model.observed[model.signIndex.get(sign) ?? -1];
    return known === undefined || known === (state === 'seen');
  });

function withAnswer(model: Model, { gives }: CheckAnswer): Observed {
  const states = new Map(gives.map(({ sign, state }) => [sign, state === 'seen']));
  return model.observed.map((known, index) => known ?? states.get(model.signs[index]?.id ?? ''));
}

function normalised(logs: readonly number[]): number[] {
  const top = Math.max(...logs);
  const weights = logs.map((value) => Math.exp(value - top));
  const sum = weights.reduce((total, value) => total + value, 0);
  return weights.map((value) => value / sum);
}
