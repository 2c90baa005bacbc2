import type { MeaningsData } from '../tables';
import { fourWords, oneSign, wordsAlone } from './few-words';
import { fitLines } from './fit-lines';
import { factMeant, noFact } from './scenes';

const vectors = fourWords('dog puppy wind gale', [90, 20, 0, 0, 90, 0, 20, 0, 0, 0, 90, 20, 0, 20, 90, 0]);
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
  all.map((text) => ({ is, stretch: wordsAlone(text.toLowerCase()) })),
);
const read = oneSign(vectors);
const meanings: MeaningsData = {
  ...read,
  scenes: { from: 'test', ...fitLines(lines, vectors, { rounds: 150, heldBack: 0.001 }) },
};
const meant = (line: string) => factMeant(meanings, wordsAlone(line))?.fact;

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
    expect(factMeant(read, wordsAlone('our dog digs there'))).toBeUndefined();
  });
});
