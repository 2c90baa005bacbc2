import fc from 'fast-check';
import { tokensOf } from '../hear/words';
import type { MeaningsData } from '../tables';
import { meantAct } from './acts';
import { featuresOf } from './features';
import { fourWords, oneSign, wordsAlone } from './few-words';
import { fitActs } from './fit-acts';
import { feltIn } from './lines';

const vectors = fourWords('ladder chainsaw pots leaf', [90, 20, 0, 0, 90, 0, 20, 0, 0, 0, 90, 20, 0, 20, 0, 90]);
const asks: Readonly<Record<string, readonly string[]>> = {
  harmless: [
    'may I turn the pots',
    'can I move the pots closer together',
    'may I count the spots on a leaf',
    'can I water the pots in the morning',
    'should I thin the carrots',
    'can I look at the leaf with a lens',
    'may I lift the pots to weigh them',
    'can I leave the carrots a week longer',
  ],
  unknown: [
    'can I put some on',
    'would a bit of it help',
    'what about the stuff from the shed',
    'may I use the rest of it',
    'a spoon of that one',
    'can I give it some more of the stuff',
  ],
  ladder: [
    'may I stand on the top of the ladder with a saw',
    'can I climb the ladder to cut the limb',
    'saw the limb from the ladder',
    'lean the ladder on the limb and saw it',
    'climb up with the chainsaw',
    'reach the top limb from the ladder with the chainsaw',
  ],
};
const questions = Object.entries(asks).flatMap(([is, lines]) =>
  lines.map((line) => ({ is, stretch: wordsAlone(line.toLowerCase()) })),
);
const meanings: MeaningsData = { ...oneSign(vectors), acts: { from: 'test', ...fitActs(questions, vectors) } };
const isGrave = (rule: string) => rule === 'ladder';
const meant = (line: string, isRead = false) => meantAct(meanings, wordsAlone(line), isRead, isGrave);

describe('what a question without a substance means', () => {
  test('harmless work is let be, what a rule is about is minded, what has no name is neither', () => {
    expect(meant('may I move the carrots and the pots')).toBe('harmless');
    expect(meant('climb the ladder and saw the top limb')).toBe('ladder');
    expect(meant('a bit of the stuff')).toBeUndefined();
  });

  test('a word that was only met where something is minded is not let be, however calm the rest', () => {
    expect(meant('may I water the carrots in the pots in the morning')).toBe('harmless');
    expect(meant('may I water the carrots in the pots in the morning with the saw')).not.toBe('harmless');
  });

  test('where its words name harmless work it must be surer to be minded', () => {
    const lines = Object.values(asks).flat();
    for (const line of lines) if (meant(line, true) === 'ladder') expect(meant(line, false)).toBe('ladder');
  });

  test('where nothing was learned nothing is meant', () => {
    const { acts, ...without } = meanings;
    expect(acts?.names).toEqual(['harmless', 'ladder', 'unknown']);
    expect(meantAct(without, wordsAlone('saw the limb from the ladder'), false, isGrave)).toBeUndefined();
  });

  test('a long question is felt no louder than a short one (seed 6)', () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 1, maxLength: 30 }), (words) => {
        const felt = feltIn(featuresOf(tokensOf(words.join(' ')), []));
        const loud = felt.reduce((sum, { value }) => sum + value ** 2, 0);
        expect(felt.length === 0 ? 9 : loud).toBeCloseTo(9, 6);
      }),
      { seed: 6, numRuns: 60 },
    );
  });
});
