import type {
  ActionClass,
  CauseId,
  CauseRow,
  CheckId,
  ConditionId,
  ConditionRow,
  RemedyId,
  SignId,
  SignRow,
  Tables,
} from '../tables';
import { chooseAction, type ActionReason } from './act';
import { explain, type Contribution, type Explanation } from './explain';
import { posterior } from './infer';
import { modelOf, unknownNode, type Model } from './model';
import { nextChecks } from './next-check';
import type { Posterior } from './network';
import type { Evidence } from '../evidence';
import type { Situation } from './situation';

export interface WeighedCause {
  readonly id: CauseId;
  readonly row: CauseRow;
  /** P(present | all that was seen and not seen). */
  readonly probability: number;
  readonly because: readonly Contribution[];
  readonly against: readonly Contribution[];
  /** Remedies for it that were done here and did not help. */
  readonly failed: readonly RemedyId[];
}

export interface WeighedCondition {
  readonly id: ConditionId;
  readonly row: ConditionRow;
  readonly probability: number;
  readonly because: readonly Contribution[];
}

export interface OfferedCheck {
  readonly id: CheckId;
  readonly minutes: number;
  /** Expected gain for the decision, and that gain per minute. */
  readonly gain: number;
  readonly perMinute: number;
  /** The causes whose standing it would change most. */
  readonly settles: readonly CauseId[];
}

export interface Weighing {
  /** Most likely first; only those that what was seen or not seen bears on. */
  readonly causes: readonly WeighedCause[];
  readonly conditions: readonly WeighedCondition[];
  /** Chance that something the tables do not know is at work. */
  readonly noneOfThese: number;
  /** 0 (a surface hunch) … 1 (settled): how far the reading has been dug. */
  readonly depth: number;
  readonly nextChecks: readonly OfferedCheck[];
  readonly action: { readonly class: ActionClass; readonly reason: ActionReason };
  /** Signs that were seen, as far as they are sure. */
  readonly seen: readonly SignId[];
  readonly covered: readonly Evidence[];
  /** Pairs of signs reported together that cannot both be so. */
  readonly contradictions: readonly (readonly [string, string])[];
  readonly method: Posterior['method'];
  readonly standardError: number;
}

/** What was only perhaps said neither forbids a remedy nor opens the way for one. */
const sureToBind = 0.6;
/** Below this a cause is noise beside its neighbours and gets no explanation. */
const worthExplaining = 0.1;

export interface WeighOptions {
  /** Next checks cost many weighings; a live screen may ask for them afterwards. */
  readonly withChecks?: boolean;
  /** Leave-one-out reasons cost one weighing for each sign; a list that only ranks needs none. */
  readonly withReasons?: boolean;
}

/** Weighs what was seen and not seen: causes, what lies beneath, what to check, what class of action. */
export function weigh(
  tables: Tables,
  situation: Situation,
  { withChecks = true, withReasons = true }: WeighOptions = {},
): Weighing {
  const model = modelOf(tables, situation);
  const found = posterior(model.network, model.observed, [unknownNode]);
  const causes = model.causes
    .map((row, index) => ({ id: row.id, row, probability: found.marginals[causeIndex(model, index)] ?? 0 }))
    .filter((_, index) => found.marginals[causeIndex(model, index)] !== undefined)
    .sort((a, b) => b.probability - a.probability);
  const conditions = model.conditions
    .map((row, index) => ({ id: row.id, row, probability: found.marginals[1 + index] ?? 0 }))
    .filter((_, index) => found.marginals[1 + index] !== undefined)
    .sort((a, b) => b.probability - a.probability);

  const nodesToExplain = [
    ...causes.filter(({ probability }, index) => index < 2 || probability >= worthExplaining).map(({ id }) => id),
    ...conditions.filter(({ probability }) => probability >= worthExplaining).map(({ id }) => id),
  ];
  const explained = withReasons
    ? explain(model, found, situation.evidence, nodesToExplain)
    : new Map<string, Explanation>();
  const noneOfThese = found.marginals[unknownNode] ?? 0;
  return {
    causes: causes.map((cause) => ({
      ...cause,
      ...(explained.get(cause.id) ?? { because: [], against: [] }),
      failed: (situation.failed ?? []).filter((id) => isFor(tables, id, cause.id)),
    })),
    conditions: conditions.map((condition) => ({ ...condition, because: explained.get(condition.id)?.because ?? [] })),
    noneOfThese,
    depth: depthOf(causes, conditions, noneOfThese, situation.evidence, model.signs),
    nextChecks: withChecks ? nextChecks(tables, model, found, situation) : [],
    action: chooseAction(tables.regret, causes, conditions, noneOfThese, situation, model.signs),
    seen: situation.evidence
      .filter(({ state, sure = 1 }) => state === 'seen' && sure >= sureToBind)
      .map(({ sign }) => sign),
    covered: model.covered,
    contradictions: contradictions(tables, situation.evidence),
    method: found.method,
    standardError: found.standardError,
  };
}

const isFor = ({ remedies }: Tables, remedy: RemedyId, cause: CauseId): boolean =>
  remedies.find(({ id }) => id === remedy)?.targets.some(({ of, isBefore }) => of === cause && !isBefore) ?? false;

const causeIndex = (model: Model, index: number) => 1 + model.conditions.length + index;

/** Weeds are hints: however many agree, the reading stays half dug until the soil is checked. */
const deepestOnHints = 0.6;

/**
 * How settled the reading is: the leading cause's chance, less what the closest rival that would be
 * treated otherwise and the unknown still hold, and never deep on a single sign.
 */
function depthOf(
  causes: readonly { readonly probability: number; readonly row: CauseRow }[],
  conditions: readonly { readonly probability: number; readonly row: ConditionRow }[],
  noneOfThese: number,
  evidence: readonly Evidence[],
  signs: readonly SignRow[],
): number {
  // Where only the place was read (weeds, soil), the leading condition is the reading.
  const first = (causes[0]?.probability ?? 0) >= 0.25 ? causes[0] : conditions[0];
  if (!first) return 0;
  // A second cause that holds as well (ants with aphids) does not unsettle the first: what unsettles is doubt.
  const doubt = causes.slice(1, 4).reduce((sum, { probability }) => sum + probability * (1 - probability), 0);
  const settled = Math.max(0, first.probability - 0.5 * doubt - 0.5 * noneOfThese);
  // Only what bears on the leading reading counts: a jar test says nothing about a tread path.
  const bearing = evidence.filter(({ sign }) => first.row.signs.some((link) => link.sign === sign));
  const hintsOnly = bearing.every(({ sign }) => signs.find(({ id }) => id === sign)?.grade === 'folk');
  return Math.min(settled, 0.25 + 0.2 * evidence.length, hintsOnly ? deepestOnHints : 1);
}

function contradictions({ signs }: Tables, evidence: readonly Evidence[]): (readonly [string, string])[] {
  const seen = new Set(evidence.filter(({ state }) => state === 'seen').map(({ sign }) => sign));
  return signs
    .filter(({ id }) => seen.has(id))
    .flatMap(({ id, excludes = [] }) =>
      excludes.filter((other) => seen.has(other) && id < other).map((other) => [id, other] as const),
    );
}
