import type { BatchChore, BatchState } from '../mix/batches';
import type { BatchKind } from '../tables';
import { dayWords } from './everyday/days';
import { brewNames } from './bench';
import { counted } from './everyday/language';

export const batchNames: Readonly<Record<BatchKind, string>> = { ...brewNames, 'shell-extract': 'Shell extract' };

/** "Ready today", "ready in 3 days", "past its best": where a brew stands. */
export function brewWords(
  { stage, readyOn, bestBefore, age }: Pick<BatchState, 'stage' | 'readyOn' | 'bestBefore' | 'age'>,
  today: string,
): string {
  const days = `${counted(age, 'day', 'days')} old`;
  switch (stage) {
    case 'working':
      return `${days}, ready ${dayWords(readyOn, today)}`;
    case 'ready':
      return `${days}, ready; best before ${dayWords(bestBefore, today)}`;
    case 'past':
      return `${days}, past its best`;
    case 'gone':
      return 'nothing left';
    default:
      return stage satisfies never;
  }
}

/** By what it is seen that a brew is ready. */
export const readyWords: Readonly<Record<BatchKind, string>> = {
  weed: 'Is it dark, and does it stink?',
  'leaf-mould': 'Is the foam at its peak?',
  neem: 'Has the water taken on colour and smell?',
  compost: 'Does it smell of earth?',
  'shell-extract': 'Has the fizz ended?',
};

/** What a brew wants today, and why. */
export const choreWords: Readonly<Record<BatchChore['kind'], { readonly does: string; readonly why: string }>> = {
  'throw-out': { does: 'Throw it out on the compost', why: 'it is past its best' },
  strain: { does: 'Strain it, label it, lid loose', why: 'what is left in it rots on' },
  'strain-soon': { does: 'Strain it, label it, lid loose', why: 'its strength goes within two days' },
  swirl: { does: 'Swirl it; does it still fizz?', why: 'it is done when the fizz ends' },
  stir: { does: 'Stir it', why: 'air goes in, and stink goes out' },
  'look-ready': { does: 'Look whether it is ready', why: 'what is seen counts for more than the days' },
  'begin-next': { does: 'Begin the next one', why: 'this one runs out, or is past its best, before that one is ready' },
  'loose-lid': { does: 'See that the lid is loose', why: 'it gives gas' },
};
