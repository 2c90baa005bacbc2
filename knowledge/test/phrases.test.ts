import { readLine } from '@trowel/core/read';
import { knowledge } from '../src/reader';
import { phrases } from './phrases';

/** What was read, in the notation of the list. */
const read = (line: string) =>
  readLine(knowledge, line)
    .understood.map(({ sign, state }) => (state === 'absent' ? `!${sign}` : sign))
    .sort();

/** Understood right: every sign that was meant was read, and at most one more that was not. */
const isRight = (found: readonly string[], meant: readonly string[]) =>
  meant.every((sign) => found.includes(sign)) && found.length <= meant.length + 1;

describe('what gardeners type', () => {
  test('every sign named in the list exists, and no phrase stands twice', () => {
    const ids = new Set(knowledge.signs.map(({ id }) => id));
    const named = phrases.flatMap(([, ...signs]) => signs.map((sign) => sign.replace(/^!/, '')));
    expect(named.filter((sign) => !ids.has(sign))).toEqual([]);
    expect(new Set(phrases.map(([say]) => say)).size).toBe(phrases.length);
    expect(phrases.length).toBeGreaterThanOrEqual(200);
  });

  test('at least nine of ten phrases are understood right', () => {
    const wrong = phrases
      .map(([say, ...meant]) => ({ say, meant, found: read(say) }))
      .filter(({ found, meant }) => !isRight(found, meant));
    const share = 1 - wrong.length / phrases.length;
    expect(share).toBeGreaterThanOrEqual(0.9);
  });
});
