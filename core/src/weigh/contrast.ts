import type { SignId, Tables } from '../tables';
import { chancesIn, drawWorlds, nodesOn } from './draw';
import { modelOf, unknownNode } from './model';
import type { Situation } from './situation';
import type { Weighing } from './weigh';

/** A sign not looked at that would change the leading reading. */
export interface MindChanger {
  readonly sign: SignId;
  readonly state: 'seen' | 'absent';
  /** Chance of the leading cause now, and after this. */
  readonly from: number;
  readonly to: number;
}

/** A change of the leading chance smaller than this changes no mind. */
const changesAMind = 0.15;
const worldsDrawn = 500;
/** Worlds that must agree with an answer before its effect is reported; fewer would be chance. */
const enoughWorlds = 12;

/**
 * What would speak against the leading cause: of the signs that it or its rivals show and that nobody
 * looked at, those whose answer would lower it most. Worked out on worlds drawn from the posterior, so
 * figures are good to a few hundredths.
 */
export function mindChangers(tables: Tables, situation: Situation, { causes }: Weighing): MindChanger[] {
  const leader = causes[0];
  if (!leader || leader.probability < 0.3) return [];
  const model = modelOf(tables, situation);
  const node = 1 + model.conditions.length + model.causes.findIndex(({ id }) => id === leader.id);
  const worlds = drawWorlds(model.network, model.observed, [unknownNode], { seed: 20260501, count: worldsDrawn });
  const onLists = worlds.map(nodesOn);
  const asked = new Set(
    causes
      .slice(0, 4)
      .filter(({ probability }, index) => index === 0 || probability >= 0.05)
      .flatMap(({ row }) => row.signs.filter(({ strength }) => strength >= 0.4).map(({ sign }) => sign)),
  );
  const seen = new Set(situation.evidence.filter(({ state }) => state === 'seen').map(({ sign }) => sign));
  const changers: MindChanger[] = [];
  for (const sign of asked) {
    // A more exact sign would take the place of what was seen: that is another reading, and not this one changed.
    if (tables.signs.some(({ id, covers = [] }) => id === sign && covers.some((other) => seen.has(other)))) continue;
    const index = model.signIndex.get(sign) ?? -1;
    const row = model.observed[index] === undefined ? model.network.signs[index] : undefined;
    if (!row) continue;
    for (const state of ['seen', 'absent'] as const) {
      let weight = 0;
      let weightOn = 0;
      chancesIn(row, state, onLists, model.network.nodes.length).forEach((chance, at) => {
        weight += chance;
        if (worlds[at]?.[node] === 1) weightOn += chance;
      });
      const to = weightOn / weight;
      if (weight >= enoughWorlds && leader.probability - to >= changesAMind)
        changers.push({ sign, state, from: leader.probability, to });
    }
  }
  return changers.sort((a, b) => a.to - b.to).slice(0, 3);
}
