import type { SpottedShare } from '../contract';
import type { MeasureTrouble } from '../measure/leaf';

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** How much of a leaf is spotted, in a few words; null where that was taken away. */
export const spottedWords = (spotted: Pick<SpottedShare, 'share'> | null): string =>
  spotted ? `${percent(spotted.share)} of the leaf spotted` : 'taken away again';

/** The same in a sentence, with how sure it is. */
export const spottedLine = ({ share, low, high }: SpottedShare): string =>
  `About ${percent(share)} of this leaf is spotted; between ${percent(low)} and ${percent(high)}, nine times in ten.`;

/** Why a leaf cannot be measured, and what to do. */
export const cannotMeasure: Record<MeasureTrouble, string> = {
  'not-plain':
    'What lies round the leaf is not of one colour. Lay one leaf on a sheet of white paper, and take it anew.',
  'no-leaf':
    'No leaf is told from what it lies on. Lay one leaf flat on white paper, so that it fills half of the picture.',
  'cut-off': 'The leaf runs over the edge. Take it anew from a little further away, with paper all round it.',
  'too-small': 'The picture is too small to measure. Take it anew, or choose a larger one.',
};
