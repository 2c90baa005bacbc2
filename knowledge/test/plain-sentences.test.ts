import { answerWeigh } from '@trowel/core/headless';
import { knowledge } from '../src/reader';
import { plainSentences } from './plain-sentences';

describe('plain sentences', () => {
  const graded = plainSentences.map(([plant, setting, month, said, ...causes]) => {
    const answer = answerWeigh(knowledge, { plant, setting, month, latitude: 52, said });
    const ids = answer.causes.map(({ id }) => id);
    return { said, rank: Math.min(...causes.map((id) => (ids.includes(id) ? ids.indexOf(id) : ids.length + 99))) };
  });
  const share = (least: number) => graded.filter(({ rank }) => rank < least).length / graded.length;

  test('name causes that are known, and none stands twice', () => {
    const known = new Set(knowledge.causes.map(({ id }) => id));
    expect(plainSentences.flatMap(([, , , , ...causes]) => causes).filter((id) => !known.has(id))).toEqual([]);
    expect(new Set(graded.map(({ said }) => said)).size).toBe(plainSentences.length);
    expect(plainSentences.length).toBeGreaterThan(300);
  });

  test('nine in ten lead to a right cause, and more than nine in ten have it among three', () => {
    expect(share(1)).toBeGreaterThanOrEqual(0.9);
    expect(share(3)).toBeGreaterThanOrEqual(0.93);
  });
});
