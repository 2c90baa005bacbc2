import type { SignId, SignLink } from '../tables';
import { posterior } from './infer';
import { backgroundOf, unknownNode, type Model } from './model';
import type { Posterior } from './network';
import type { Evidence } from '../evidence';

/** What one sign, seen or looked for in vain, does to one cause. */
export interface Contribution {
  readonly sign: SignId;
  readonly state: Evidence['state'];
  /** Change in the log-odds of the cause when this sign is taken into account; positive speaks for it. */
  readonly weight: number;
  /** Why the sign belongs to the cause, from the tables; absent where it works through a rival. */
  readonly why?: string;
}

export interface Explanation {
  readonly because: readonly Contribution[];
  readonly against: readonly Contribution[];
}

/** Below this a sign hardly moves the odds (a factor of 1.2) and is not worth a line. */
const worthALine = Math.log(1.2);

/** Leave-one-out: weighs again without each sign and reports what it had added or taken away. */
export function explain(
  model: Model,
  found: Posterior,
  evidence: readonly Evidence[],
  ids: readonly string[],
): ReadonlyMap<string, Explanation> {
  const rows = [...model.conditions, ...model.causes];
  const nodeOf = new Map(rows.map(({ id }, index) => [id, 1 + index]));
  const contributions = new Map<string, Contribution[]>(ids.map((id) => [id, []]));
  if (found.method === 'sampled') return fromLinks(model, evidence, ids);
  for (const { sign, state } of evidence) {
    const index = model.signIndex.get(sign) ?? -1;
    if (index < 0 || model.observed[index] === undefined) continue;
    const without = posterior(model.network, blank(model.observed, index), [unknownNode]);
    for (const id of ids) {
      const node = nodeOf.get(id) ?? 0;
      const before = without.marginals[node] ?? priorOf(model, node);
      const weight = logOdds(found.marginals[node] ?? before) - logOdds(before);
      if (Math.abs(weight) < worthALine) continue;
      const links: readonly SignLink[] = rows[node - 1]?.signs ?? [];
      const why = links.find((link) => link.sign === sign)?.why;
      contributions.get(id)?.push({ sign, state, weight, ...(why === undefined ? {} : { why }) });
    }
  }
  return sorted(contributions);
}

function sorted(contributions: ReadonlyMap<string, readonly Contribution[]>): ReadonlyMap<string, Explanation> {
  return new Map(
    [...contributions].map(([id, list]) => [
      id,
      {
        because: list.filter(({ weight }) => weight > 0).sort((a, b) => b.weight - a.weight),
        against: list.filter(({ weight }) => weight < 0).sort((a, b) => a.weight - b.weight),
      },
    ]),
  );
}

/**
 * Where the posterior was sampled, weighing again per sign would take minutes: then each link speaks
 * for itself, as the log-likelihood ratio it would have with no rival about.
 */
function fromLinks(
  model: Model,
  evidence: readonly Evidence[],
  ids: readonly string[],
): ReadonlyMap<string, Explanation> {
  const rows = [...model.conditions, ...model.causes].filter(({ id }) => ids.includes(id));
  return sorted(
    new Map(
      rows.map(({ id, signs }) => [
        id,
        evidence.flatMap(({ sign, state }): Contribution[] => {
          const link = signs.find((candidate) => candidate.sign === sign);
          const row = model.signs.find(({ id }) => id === sign);
          if (!link) return [];
          const background = row === undefined ? 0.05 : backgroundOf(row);
          const weight =
            state === 'seen'
              ? Math.log((1 - (1 - background) * (1 - link.strength)) / background)
              : Math.log(1 - link.strength);
          return [{ sign, state, weight, why: link.why }];
        }),
      ]),
    ),
  );
}

const blank = (observed: Model['observed'], index: number) =>
  observed.map((state, at) => (at === index ? undefined : state));

/** A node no other sign reaches: its own chance with nothing known about its parents is close to its leak. */
function priorOf(model: Model, node: number): number {
  return model.network.nodes[node]?.leak ?? 0.5;
}

export function logOdds(chance: number): number {
  const bounded = Math.min(1 - 1e-9, Math.max(1e-9, chance));
  return Math.log(bounded / (1 - bounded));
}
