import { seeded } from '../chance';
import { addDays, type IsoDate } from '../quantities/days';
import type { CauseId } from '../tables';

/** How well one cause is known: boxes as in a card index, each looked at half as often as the one before. */
export interface PracticeCard {
  readonly cause: CauseId;
  readonly box: number;
  readonly dueOn: IsoDate;
  readonly right: number;
  readonly wrong: number;
}

/** Days until a card in that box is dealt again; wrong ones go back to the first and come the same day. */
const daysInBox = [0, 1, 3, 7, 16, 35, 80] as const;

/** The card after an answer. */
export function answered(
  card: PracticeCard | undefined,
  cause: CauseId,
  wasRight: boolean,
  today: IsoDate,
): PracticeCard {
  const before = card ?? { cause, box: 0, dueOn: today, right: 0, wrong: 0 };
  const box = wasRight ? Math.min(before.box + 1, daysInBox.length - 1) : 0;
  return {
    cause,
    box,
    dueOn: addDays(today, daysInBox[box] ?? 0),
    right: before.right + (wasRight ? 1 : 0),
    wrong: before.wrong + (wasRight ? 0 : 1),
  };
}

/** What to deal next: the most often missed of what is due, or something new. */
export function nextCause(
  cards: readonly PracticeCard[],
  known: readonly CauseId[],
  today: IsoDate,
  seed: number,
): CauseId | undefined {
  const due = cards
    .filter(({ dueOn, wrong, box }) => dueOn <= today && (wrong > 0 || box > 0))
    .sort((a, b) => a.box - b.box || b.wrong - a.wrong || a.dueOn.localeCompare(b.dueOn));
  // Every third deal is new, so that what is missed does not crowd out what was never met.
  if (due[0] && seed % 3 !== 0) return due[0].cause;
  const fresh = known.filter((id) => !cards.some(({ cause }) => cause === id));
  const pool = fresh.length > 0 ? fresh : known;
  return pool[seeded(seed).upTo(pool.length - 1)];
}
