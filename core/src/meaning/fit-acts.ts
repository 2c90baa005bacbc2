/** Learns what questions mean that name no substance: see `acts.ts`. */
import type { ActsData, WordVectors } from '../tables';
import { harmless } from './acts';
import { isSlight } from './features';
import { fitLines, type Line, type Pace } from './fit-lines';

const pace: Pace = { rounds: 120, heldBack: 0.008 };
/** A stem is wary when it was met so often where something is to be minded, and never in what is harmless. */
const waryFrom = 2;

/** @param questions each is `harmless`, `unknown`, or the rule that it is about */
export const fitActs = (questions: readonly Line[], vectors: WordVectors): Omit<ActsData, 'from'> => ({
  ...fitLines(questions, vectors, pace),
  wary: waryOf(questions).join(' '),
});

function waryOf(questions: readonly Line[]): string[] {
  const met = (is: (name: string) => boolean) => {
    const often = new Map<string, number>();
    for (const { is: name, stretch } of questions)
      if (is(name))
        for (const stem of new Set(stretch.tokens.filter((token) => !isSlight(token)).map((token) => token.stem)))
          often.set(stem, (often.get(stem) ?? 0) + 1);
    return often;
  };
  const calm = met((name) => name === harmless);
  return [...met((name) => name !== harmless)]
    .filter(([stem, often]) => often >= waryFrom && !calm.has(stem))
    .map(([stem]) => stem)
    .sort();
}
