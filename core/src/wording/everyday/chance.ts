import type { ActionClass } from '../../tables';

/** How likely, and what to do about it, as every page says it. */

export const actionWords: Record<ActionClass, { title: string; says: string }> = {
  'treat-now': { title: 'Treat now', says: 'It is likely enough, and waiting costs more than acting.' },
  'mend-care-first': {
    title: 'Mend the care first',
    says: 'What lies underneath is what to change; treating the sign alone will not last.',
  },
  watch: { title: 'Look again before acting', says: 'Waiting a few days costs little and will tell more.' },
  leave: { title: 'Leave it be', says: 'Nothing here needs mending.' },
  remove: { title: 'Take out the worst', says: 'What stays spreads, and there is no cure worth trying.' },
  'ask-expert': { title: 'Ask somebody who has seen more', says: 'What was seen fits nothing here well.' },
  report: { title: 'Report it', says: 'This is for the plant-health service, not for a home remedy.' },
};

/** The same where something is likely: it is known, and still not for home remedies, or not in haste. */
export const knownWords: Partial<Record<ActionClass, string>> = {
  'ask-expert': 'It takes more than home remedies: somebody who knows it, the right tools or a laboratory.',
  watch: 'Nothing has to be done in haste; see how it goes on.',
};

/** A chance in words that a gardener can act on. */
export function chanceWords(chance: number): string {
  if (chance >= 0.95) return 'all but certain';
  if (chance >= 0.8) return 'very likely';
  if (chance >= 0.6) return 'likely';
  if (chance >= 0.35) return 'could well be';
  if (chance >= 0.12) return 'possible';
  return 'unlikely';
}

/** A chance with its figure; never certain, and never "100 in 100". */
export function chanceLine(chance: number): string {
  const hundred = Math.round(100 * chance);
  const figure = hundred >= 100 ? 'over 99 in 100' : hundred <= 0 ? 'under 1 in 100' : `${hundred} in 100`;
  return `${chanceWords(chance)} · ${figure}`;
}

/** How far the reading has been dug, for the blade. */
export function depthWords(depth: number): string {
  if (depth >= 0.85) return 'Settled';
  if (depth >= 0.65) return 'Well dug';
  if (depth >= 0.4) return 'Half dug';
  if (depth > 0.12) return 'A scratch';
  return 'A surface hunch';
}
