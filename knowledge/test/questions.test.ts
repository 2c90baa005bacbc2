import { answerOrder } from '@trowel/core/headless';
import type { MeasureSystem } from '@trowel/core/quantities';
import { knowledge } from '@trowel/knowledge/reader';
import ownQuestions from './own-questions.json';
import questions from './questions.json';

/**
 * 240 questions as people ask them before pouring, in four measure systems, each with the level it deserves. Every
 * eighth (7, 15, 23 …) is only measured, never learned from; over a thousand more were written before the words they need were here.
 */
type Level = 'stop' | 'caution' | 'fine' | 'cannot-say';

function levelOf(ask: string, measures: string): Level {
  const answer = answerOrder(knowledge, { way: 'ask', ask, measures: measures as MeasureSystem, today: '2026-06-10' });
  if (answer.kind === 'refused') return 'stop';
  if (answer.kind !== 'checked') throw new Error(`a question is not answered with ${answer.kind}`);
  if (answer.notUnderstood.length > 0 || (answer.asks?.length ?? 0) > 0) return 'cannot-say';
  return answer.cautions.some(({ level }) => level === 'caution') ? 'caution' : 'fine';
}

const gradedOf = (rows: typeof questions) =>
  rows.map(({ ask, measures, level }, at) => ({
    ask,
    level: level as Level,
    said: levelOf(ask, measures),
    isAside: at % 8 === 7,
  }));
const graded = gradedOf(questions);
const learned = graded.filter(({ isAside }) => !isAside);
const aside = graded.filter(({ isAside }) => isAside);
const own = gradedOf(ownQuestions);
const right = (rows: typeof graded) => rows.filter(({ level, said }) => level === said).length / rows.length;
const called = (rows: typeof graded, level: Level, said: Level) =>
  rows.filter((row) => row.level === level && row.said === said).map(({ ask }) => ask);

describe('questions before pouring', () => {
  test('the right level is given to most that were learned from; those kept aside are a floor, not yet the aim', () => {
    expect(right(learned)).toBeGreaterThanOrEqual(0.85);
    // The aim is 0.85 here as well; strangers are answered "cannot say" more often than they should be.
    expect(right(aside)).toBeGreaterThanOrEqual(0.48);
  });

  test('what must be stopped hardly ever passes as fine', () => {
    expect(called(learned, 'stop', 'fine')).toEqual([]);
    expect(called(aside, 'stop', 'fine').length).toBeLessThanOrEqual(1);
    expect(called(learned, 'cannot-say', 'fine')).toEqual([]);
    expect(called(aside, 'cannot-say', 'fine').length).toBeLessThanOrEqual(2);
  });

  test('what is harmless is let be', () => {
    const harmless = learned.filter(({ level }) => level === 'fine');
    expect(harmless.filter(({ said }) => said !== 'fine').length / harmless.length).toBeLessThan(0.06);
  });

  test('questions written for what was missing keep their level', () => {
    expect(own.length).toBeGreaterThanOrEqual(1100);
    expect(right(own)).toBeGreaterThanOrEqual(0.9);
    expect(called(own, 'stop', 'fine')).toEqual([]);
    expect(called(own, 'cannot-say', 'fine')).toEqual([]);
  });
});
