import type { RemedyRow, Tables } from '../tables';

/** How soon something that feeds or mends the ground is seen to act. */
export const paces = ['days', 'weeks', 'months', 'next-season'] as const;
export type Pace = (typeof paces)[number];

/** First day on which anything can be seen, below which it acts at that pace; what is later waits for another season. */
const seenBefore: readonly (readonly [Pace, number])[] = [
  ['days', 10],
  ['weeks', 30],
  ['months', 120],
];
/** What helps less than this is not looked for here. */
const helpsEnough = 0.2;

export const paceOf = ({ expect: { days } }: Pick<RemedyRow, 'expect'>): Pace =>
  seenBefore.find(([, before]) => days[0] < before)?.[0] ?? 'next-season';

/** Everything that feeds plants or mends soil, by how soon it acts, the soonest first. */
export function actsWhen({ remedies, conditions, causes }: Pick<Tables, 'remedies' | 'conditions' | 'causes'>) {
  const ground = new Set<string>([
    ...conditions.filter(({ about }) => about === 'soil' || about === 'feeding').map(({ id }) => id),
    ...causes.filter(({ kind }) => kind === 'shortage').map(({ id }) => id),
  ]);
  const rows = remedies
    .filter(({ rung }) => rung !== 'leave' && rung !== 'professional')
    .filter(({ targets }) => targets.some(({ of, fits }) => ground.has(of) && fits >= helpsEnough))
    .sort((a, b) => a.expect.days[0] - b.expect.days[0] || a.expect.days[1] - b.expect.days[1]);
  return paces.map((pace) => ({ pace, rows: rows.filter((row) => paceOf(row) === pace) }));
}
