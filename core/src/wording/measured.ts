import type { SpecksCount, SpottedShare } from '../contract';
import type { MeasureTrouble } from '../measure/leaf';
import type { SpecksTrouble } from '../measure/specks';
import { sickLooks, type SickLook } from '../measure/looks';
import { counted, listWords } from './everyday';

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const lookWords: Record<SickLook, string> = { spots: 'spotted', pale: 'pale', powder: 'under powder' };
const takenAway = 'taken away again';

/** How much of a leaf is sick, in a few words; null where that was taken away. */
export const spottedWords = (spotted: Pick<SpottedShare, 'share' | 'look'> | null): string =>
  spotted ? `${percent(spotted.share)} of the leaf ${lookWords[spotted.look ?? 'spots']}` : takenAway;

/** What most of the sick part looks like. */
export const mostLike = (looks: Readonly<Record<SickLook, number>>): SickLook =>
  [...sickLooks].sort((a, b) => looks[b] - looks[a])[0] ?? 'spots';

/** A look of less than this part of the leaf is not worth a word. */
const worthAWord = 0.02;

/** The same in a sentence, with how sure it is, and its parts where there are several. */
export function spottedLine({
  share,
  low,
  high,
  looks,
}: Omit<SpottedShare, 'look'> & { readonly looks: Readonly<Record<SickLook, number>> }): string {
  const parts = sickLooks.filter((look) => looks[look] >= worthAWord);
  const detail =
    parts.length > 1
      ? ` Of the leaf ${listWords(parts.map((look) => `${percent(looks[look])} is ${lookWords[look]}`))}.`
      : '';
  return `About ${percent(share)} of this leaf is ${lookWords[mostLike(looks)]}; between ${percent(low)} and ${percent(high)}, nine times in ten.${detail}`;
}

/** How many specks are on a card; null where that was taken away. */
export const specksWords = (specks: Pick<SpecksCount, 'count'> | null): string =>
  specks ? counted(specks.count, 'speck', 'specks') : takenAway;

/** The same in a sentence, with how sure it is. */
export const specksLine = ({ count, low, high }: SpecksCount): string =>
  `About ${counted(count, 'speck', 'specks')} on this card; between ${low} and ${high}, nine times in ten.`;

/** Why a leaf cannot be measured, and what to do. */
export const cannotMeasure: Record<MeasureTrouble, string> = {
  'not-plain':
    'What lies round the leaf is not of one colour. Lay one leaf on a sheet of white paper, and take it anew.',
  'no-leaf':
    'No leaf is told from what it lies on. Lay one leaf flat on white paper, so that it fills half of the picture.',
  'cut-off': 'The leaf runs over the edge. Take it anew from a little further away, with paper all round it.',
  'too-small': 'The picture is too small to measure. Take it anew, or choose a larger one.',
};

/** Why specks cannot be counted, and what to do. */
export const cannotCount: Record<SpecksTrouble, string> = {
  'not-plain':
    'The card is not of one colour. Take it so that it fills the picture, out of the sun; a printed grid cannot be counted on.',
  crowded: 'There are too many to be told apart. Count a quarter of the card by eye, and note four times as many.',
  'too-small': cannotMeasure['too-small'],
};
