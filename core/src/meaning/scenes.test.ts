import { tokensOf } from '../hear/words';
import type { MeaningsData, WordVectors } from '../tables';
import { fitLines } from './fit-lines';
import { fitMeanings } from './fit';
import type { Stretch } from './meanings';
import { pack } from './packed';
import { factMeant, noFact } from './scenes';

const stretch = (text: string): Stretch => ({
  tokens: tokensOf(text),
  concepts: [],
  places: [],
  vocabulary: [],
  known: 0,
  readAsDenied: 0,
});
const vectors: WordVectors = {
  words: 'dog puppy wind gale',
  dimensions: 4,
  rows: pack(Int8Array.from([90, 20, 0, 0, 90, 0, 20, 0, 0, 0, 90, 20, 0, 20, 90, 0])),
  tells: pack(Uint8Array.from([255, 255, 255, 255])),
};
const says: Readonly<Record<string, readonly string[]>> = {
  [noFact]: [
    'soap on the roses',
    'may I spray the beans',
    'no dog about',
    'no wind at all',
    'under the leaves',
    'the dog rose',
  ],
  [`${noFact} lid-tight`]: ['the lid shut tight', 'a tight lid on the jar', 'the jar shut with a lid'],
  'near-children-or-pets': [
    'our dog digs there',
    'the dog sleeps on the bed',
    'a dog eats anything there',
    'the dog digs',
  ],
  wind: ['the wind blows hard', 'it blows in the wind', 'a hard wind blows', 'wind blows over the bed'],
};
const lines = Object.entries(says).flatMap(([is, all]) =>
  all.map((text) => ({ is, stretch: stretch(text.toLowerCase()) })),
);
const read: MeaningsData = {
  from: 'test',
  vectors,
  ...fitMeanings({
    signs: [{ id: 'sticky', where: 'leaves' }],
    sayings: (['sticky leaf', 'sticky pots'] as const).map((text, at) => ({
      sign: 'sticky',
      half: at === 0 ? 0 : 1,
      stretch: stretch(text),
      parts: [],
      isDenied: false,
    })),
    talk: [stretch('the shed is blue')],
    vectors,
  }),
};
const meanings: MeaningsData = {
  ...read,
  scenes: { from: 'test', ...fitLines(lines, vectors, { rounds: 150, heldBack: 0.001 }) },
};
const meant = (line: string) => factMeant(meanings, stretch(line))?.fact;

describe('what else is so, in words of no list', () => {
  test('what is near in meaning is heard as well', () => {
    expect(meant('our puppy digs and sleeps there')).toBe('near-children-or-pets');
    expect(meant('a gale blows hard')).toBe('wind');
  });

  test('what is denied, what bears on nothing, and what is only told apart is no fact', () => {
    expect(meant('no dog about')).toBeUndefined();
    expect(meant('soap under the leaves')).toBeUndefined();
    expect(meant('the jar shut with a tight lid')).toBeUndefined();
  });

  test('a word alone says too little, and where nothing was learned nothing is meant', () => {
    expect(meant('dog')).toBeUndefined();
    expect(factMeant(read, stretch('our dog digs there'))).toBeUndefined();
  });
});
