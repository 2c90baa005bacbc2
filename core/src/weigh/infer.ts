import type { Network, Observed, Posterior } from './network';
import { sample } from './sample';
import { sweep } from './sweep';

/** Enough rounds for a standard error of a few per cent within a second. */
const fallbackRounds = 1500;

/**
 * Posterior of the network: exact wherever the sweep is feasible, sampled with its error otherwise.
 * @param hubs nodes linked to nearly every sign (the unknown cause), kept open throughout.
 */
export function posterior(network: Network, observed: Observed, hubs: readonly number[] = []): Posterior {
  const swept = sweep(network, observed, hubs);
  if (swept.kind === 'exact') return swept;
  return sample(network, observed, { seed: 20260401, rounds: fallbackRounds });
}
