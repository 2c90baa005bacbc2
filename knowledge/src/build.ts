import type { AvoidNote, CauseRow, CheckAnswer, OddsLink, SignLink } from '@trowel/core/tables';

/** A sign link in one line: the sign, its strength (0…1) and why, as the end of a sentence. */
export const shows = (sign: string, strength: number, why: string, size?: string): SignLink => ({
  sign,
  strength,
  why,
  ...(size === undefined ? {} : { size }),
});

/** An odds link in one line: what makes it likelier, the factor on the odds, and why. */
export const fedBy = (from: string, odds: number, why: string): OddsLink<string> => ({ from, odds, why });

/** Northern months. */
export const months = (from: number, to: number): number[] =>
  Array.from({ length: ((to - from + 12) % 12) + 1 }, (_, index) => ((from - 1 + index) % 12) + 1);

/** A cause with what most rows share filled in; where it is from and how sure, each row says itself. */
export const cause = (
  row: Omit<CauseRow, 'conditions' | 'causes' | 'avoid' | 'weight'> & Partial<CauseRow>,
): CauseRow => ({
  conditions: [],
  causes: [],
  avoid: [],
  weight: 1,
  ...row,
});

/** What must not be done under a reading, and the remedies that it rules out. */
export const not = (what: string, why: string, ...remedies: string[]): AvoidNote => ({ what, why, remedies });

/** The same for whole classes of remedy, and what else. */
export const notAny = (classes: readonly string[], what: string, why: string, ...remedies: string[]): AvoidNote => ({
  what,
  why,
  classes,
  ...(remedies.length > 0 ? { remedies } : {}),
});

/** What must not be done, and what no remedy does. */
export const habit = (what: string, why: string): AvoidNote => ({ what, why, isHabit: true });

/** Answers of a check: the usual yes and no, or one of several. */
export const yes = (says: string, ...signs: string[]): CheckAnswer => answer('yes', says, signs);
export const no = (says: string, ...signs: string[]): CheckAnswer => answer('no', says, [], signs);
export const answer = (
  id: string,
  says: string,
  seen: readonly string[],
  absent: readonly string[] = [],
): CheckAnswer => ({
  id,
  says,
  gives: [
    ...seen.map((sign) => ({ sign, state: 'seen' as const })),
    ...absent.map((sign) => ({ sign, state: 'absent' as const })),
  ],
});
