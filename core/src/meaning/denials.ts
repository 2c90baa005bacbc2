/**
 * Whether what a stretch speaks of was looked for and is not there. "No" alone does not tell it: "no flowers" is a sign,
 * "watered every day" denies one that is short of water. So it is learned from how people say both, by the words, and by
 * the words together with the sign that they are about.
 */
import { isDenial, isFine } from '../hear/clauses';
import { hashOf, isSlight } from './features';
import { chancesOfLine } from './lines';
import type { Meanings, Stretch } from './meanings';

/** What a saying of a sign may be. */
export const denied = 'denied';
export const seen = 'seen';

/** From this share of its sayings on, a sign is one that people tell with a "no". */
const toldWithNo = 0.3;

/** What is known beside the words: the sign, whether it is told with a "no", and what the vocabulary made of them. */
export function besideDenial(
  { tokens, readAsDenied }: Pick<Stretch, 'tokens' | 'readAsDenied'>,
  sign: string,
  saidWithNo: number,
): number[] {
  const first = tokens.findIndex(isDenial);
  const inverted = saidWithNo >= toldWithNo ? ['no', ...tokens.map(({ word }) => `no ${word}`)] : [];
  return [
    ...new Set(
      [
        ...tokens.filter((token) => !isSlight(token)).map(({ stem }) => `${sign} ${stem}`),
        ...inverted,
        ...(first >= 0 ? ['denies'] : []),
        ...(first === 0 || (first === 1 && tokens.length > 2) ? ['begins with it'] : []),
        ...(first >= 0 && inverted.length > 0 ? ['denies a no'] : []),
        ...(readAsDenied === 0 ? [] : [readAsDenied > 0 ? 'read as denied' : 'read as seen']),
        ...(tokens.some(isFine) ? ['fine'] : []),
      ].map((what) => hashOf('word', `about ${what}`)),
    ),
  ];
}

/** Chance that a stretch denies the sign of a row. */
export function deniedOf(meanings: Meanings, stretch: Stretch, row: number): number {
  const { denials, signs, saidWithNo } = meanings;
  const beside = besideDenial(stretch, signs[row] ?? '', saidWithNo[row] ?? 0);
  return chancesOfLine(denials, meanings, stretch.tokens, stretch.concepts, beside)[denials.names.indexOf(denied)] ?? 0;
}
