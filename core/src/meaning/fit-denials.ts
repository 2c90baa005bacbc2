/** Learns how people say that something is not there: see `denials.ts`. */
import { isDenial } from '../hear/clauses';
import type { LearnedLines, WordVectors } from '../tables';
import type { Saying } from './counts';
import { besideDenial, denied, seen } from './denials';
import { fitLines, type Pace } from './fit-lines';

const pace: Pace = { rounds: 12, heldBack: 0.08, slightest: 0.1 };

/** By sign: which share of its own sayings hold a denial, to the hundredth, as it is kept. */
export function shareWithNo(signs: readonly string[], sayings: readonly Saying[]): number[] {
  const own = new Map(signs.map((sign) => [sign, { all: 0, withNo: 0 }]));
  for (const { sign, isDenied, stretch } of sayings) {
    const tally = isDenied ? undefined : own.get(sign);
    if (!tally) continue;
    tally.all += 1;
    if (stretch.tokens.some(isDenial)) tally.withNo += 1;
  }
  return [...own.values()].map(({ all, withNo }) => Math.round((100 * withNo) / Math.max(1, all)) / 100);
}

/** @param withNo as `shareWithNo` tells it */
export const fitDenials = (
  signs: readonly string[],
  withNo: readonly number[],
  sayings: readonly Saying[],
  vectors: WordVectors,
): LearnedLines =>
  fitLines(
    sayings.map(({ sign, isDenied, stretch }) => ({
      is: isDenied ? denied : seen,
      stretch,
      beside: besideDenial(stretch, sign, withNo[signs.indexOf(sign)] ?? 0),
    })),
    vectors,
    pace,
  );
