/** A reader that has learned next to nothing, for tests of what is learned beside it. */
import { tokensOf } from '../hear/words';
import type { MeaningsData, WordVectors } from '../tables';
import { fitMeanings } from './fit';
import type { Stretch } from './meanings';
import { pack } from './packed';

/** A stretch of words alone: no place is named, and no vocabulary reads it. */
export const wordsAlone = (text: string): Stretch => ({
  tokens: tokensOf(text),
  concepts: [],
  places: [],
  vocabulary: [],
  known: 0,
  readAsDenied: 0,
});

/** Four words in four dimensions. @param rows a row a word */
export const fourWords = (words: string, rows: readonly number[]): WordVectors => ({
  words,
  dimensions: 4,
  rows: pack(Int8Array.from(rows)),
  tells: pack(Uint8Array.from([255, 255, 255, 255])),
});

/** One sign, said by two people, and one line of talk. */
export const oneSign = (vectors: WordVectors): MeaningsData => ({
  from: 'test',
  vectors,
  ...fitMeanings({
    signs: [{ id: 'sticky', where: 'leaves' }],
    sayings: (['sticky leaf', 'sticky pots'] as const).map((text, at) => ({
      sign: 'sticky',
      half: at === 0 ? 0 : 1,
      stretch: wordsAlone(text),
      parts: [],
      isDenied: false,
    })),
    talk: [wordsAlone('the shed is blue')],
    vectors,
  }),
});
