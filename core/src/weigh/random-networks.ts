import fc from 'fast-check';
import { chanceOn, type Network, type NoisyOr, type Observed } from './network';

/** For tests only: random networks small enough to sum over, and that sum. */

/** Sums over every state of the world: slow, and plain enough to trust. */
export function bruteForce(
  { nodes, signs }: Network,
  observed: Observed,
): { marginals: number[]; logEvidence: number } {
  const on = nodes.map(() => 0);
  let total = 0;
  for (let world = 0; world < 2 ** nodes.length; world += 1) {
    const isOn = (node: number) => (world & (1 << node)) !== 0;
    let chance = 1;
    nodes.forEach((node, index) => (chance *= isOn(index) ? chanceOn(node, isOn) : 1 - chanceOn(node, isOn)));
    signs.forEach((sign, index) => {
      if (observed[index] === undefined) return;
      chance *= observed[index] ? chanceOn(sign, isOn) : 1 - chanceOn(sign, isOn);
    });
    total += chance;
    nodes.forEach((_, index) => isOn(index) && (on[index] = (on[index] ?? 0) + chance));
  }
  return { marginals: on.map((sum) => sum / total), logEvidence: Math.log(total) };
}

const chance = fc.double({ min: 0.01, max: 0.95, noNaN: true });

const links = (parents: number) =>
  fc
    .uniqueArray(fc.tuple(fc.nat({ max: Math.max(0, parents - 1) }), chance), {
      maxLength: parents === 0 ? 0 : 5,
      selector: ([from]) => from,
    })
    .map((pairs) => pairs.map(([from, strength]) => ({ from, strength })));

const noisyOr = (parents: number): fc.Arbitrary<NoisyOr> => fc.record({ leak: chance, parents: links(parents) });

const network: fc.Arbitrary<Network> = fc
  .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 8 }))
  .chain(([nodeCount, signCount]) =>
    fc.record({
      nodes: fc.tuple(...Array.from({ length: nodeCount }, (_, index) => noisyOr(index))),
      signs: fc.array(noisyOr(nodeCount), { minLength: signCount, maxLength: signCount }),
    }),
  );

/** A network, what was observed of it, and whether its first node is kept open as a hub. */
export const caseOf = network.chain((net) =>
  fc.record({
    net: fc.constant(net),
    observed: fc.array(fc.constantFrom(true, false, undefined), {
      minLength: net.signs.length,
      maxLength: net.signs.length,
    }),
    hub: fc.boolean(),
  }),
);
