import type { Respray } from '../simulate';
import type { IsoDate } from '../quantities/days';
import type { LifeRow, ScenarioId } from '../tables';
import { counted } from './everyday';
import { dayWords } from './everyday/days';

/** When the next spray tells most, and why: the right reason for the right pest. */
export function resprayWords(
  { name }: Pick<LifeRow, 'name'>,
  respray: Respray,
  { from, to }: { readonly from: IsoDate | undefined; readonly to: IsoDate | undefined },
  today: IsoDate,
): string {
  if (respray.kind === 'cold' || from === undefined || to === undefined)
    return `${name}: too cold for eggs to hatch within the weeks that can be seen; look again when it is warmer.`;
  const days = from === to ? `on ${dayWords(from, today)}` : `from ${dayWords(from, today)} to ${dayWords(to, today)}`;
  switch (respray.kind) {
    case 'live':
      return `${name}: they bear live young, so there is no hatch to wait for. What was missed is best reached ${days}.`;
    case 'hatch':
      return `${name}: most eggs have hatched by the first of these days, and none that hatched lays before the last. The next spray tells most ${days}.`;
    case 'hidden':
      return `${name}: part of the young is out of reach and keeps coming. Every ${respray.from} to ${respray.to} days, ${counted(respray.times, 'time', 'times')}; the next ${days}.`;
    default:
      return respray satisfies never;
  }
}

/** What the model is asked, as it stands over its picture. */
export const scenarioWords: Record<ScenarioId, { readonly name: string; readonly says: string }> = {
  nothing: { name: 'Nothing is done', says: 'Helpers are left in peace.' },
  once: { name: 'Once, today', says: 'All sides of the leaves, and no more.' },
  planned: { name: 'As it is planned', says: 'On the days that stand in the plan.' },
  'at-hatch': { name: 'Again when it tells most', says: 'Today, and again by the life of the pest.' },
  'one-left-out': { name: 'The second is left out', says: 'As before, with one visit missed.' },
  'no-undersides': { name: 'Undersides are missed', says: 'As often, and only what is seen from above.' },
  'ants-left': { name: 'Ants are left', says: 'As often, and ants keep the helpers off.' },
};

export const whatIfCannot = {
  'no-life': 'How this grows with the weather is not known here, so nothing can be reckoned ahead.',
  'no-reach': 'What this remedy takes at one go is not known here, so nothing can be reckoned ahead.',
  'no-count': 'Count first: without a number there is nothing to reckon from.',
} as const;

/** "Likely clear (74 in 100) by 24 June". */
export const fitsBadly =
  'Few runs of the model bear out your counts: something else is going on, and this is a rough guess.';
