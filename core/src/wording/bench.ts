import type { BatchState } from '../mix/batches';
import type { RemedyFacts } from '../tables';
import { dayWords } from './plan';

/** "Ready today", "ready in 3 days", "past its best": where a brew stands. */
export function brewWords(
  { stage, readyOn, bestBefore, age }: Pick<BatchState, 'stage' | 'readyOn' | 'bestBefore' | 'age'>,
  today: string,
): string {
  const days = `${age} ${age === 1 ? 'day' : 'days'} old`;
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

const harmWords = { safe: 'spares', some: 'harms some', harm: 'harms' } as const;

/** What a remedy does to helpers, soil and water life, in one sentence. */
export const sparesWords = ({ helpers, soil, water }: RemedyFacts['spares']): string =>
  `Helpers: ${harmWords[helpers]}. Soil life: ${harmWords[soil]}. Water life: ${harmWords[water]}.`;

export const costWords: Readonly<Record<RemedyFacts['cost'], string>> = {
  nothing: 'costs nothing',
  pennies: 'costs pennies',
  some: 'costs about as much as a packet of seed',
  dear: 'costs more than a meal',
};
