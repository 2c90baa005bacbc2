/**
 * A belief network of yes-or-no nodes joined by leaky noisy-OR links.
 *
 * Nodes (conditions and causes) stand in an order in which parents come before children. A node or
 * sign is off only when its leak and every link from a parent that is on all fail:
 * P(off | parents) = (1 − leak) · Π (1 − strength) over the parents that are on.
 */
export interface Link {
  /** Index of the parent among the nodes. */
  readonly from: number;
  /** 0…1: chance that this parent alone switches the child on. */
  readonly strength: number;
}

export interface NoisyOr {
  /** 0…1: chance to be on with every parent off. */
  readonly leak: number;
  readonly parents: readonly Link[];
}

export interface Network {
  readonly nodes: readonly NoisyOr[];
  readonly signs: readonly NoisyOr[];
}

/** One entry per sign: seen (true), looked for and absent (false), or not looked at (undefined). */
export type Observed = readonly (boolean | undefined)[];

export interface Posterior {
  /** P(node on | evidence); undefined for nodes that the evidence does not reach. */
  readonly marginals: readonly (number | undefined)[];
  /** Natural logarithm of the probability of the evidence. */
  readonly logEvidence: number;
  readonly method: 'exact' | 'sampled';
  /** Standard error of the marginals when sampled, 0 when exact. */
  readonly standardError: number;
}

/** P(on) of a noisy-OR child, given which parents are on. */
export function chanceOn({ leak, parents }: NoisyOr, isOn: (node: number) => boolean): number {
  let off = 1 - leak;
  for (const { from, strength } of parents) if (isOn(from)) off *= 1 - strength;
  return 1 - off;
}
