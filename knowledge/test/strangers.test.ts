/**
 * What strangers say: phrases, talk and whole descriptions written before they were read, and learned from by nobody.
 * A line that is read wrong stays here and lowers the figure.
 */
import { answerWeigh } from '@trowel/core/headless';
import { readLine } from '@trowel/core/read';
import type { Setting } from '@trowel/core/tables';
import { knowledge } from '../src/reader';
import strangers from './strangers.json';

const nameOf = (state: string, sign: string | undefined) => `${state === 'absent' ? '!' : ''}${sign}`;

/** What a phrase is taken for: the surest reading first, then what it may be. */
function taken(say: string) {
  const { understood, perhaps } = readLine(knowledge, say);
  return {
    read: understood.map(({ state, sign }) => nameOf(state, sign)),
    offered: perhaps.flatMap(({ state, signs }) => signs.map((sign) => nameOf(state, sign))),
  };
}
const share = <Row>(rows: readonly Row[], is: (row: Row) => boolean) => rows.filter(is).length / rows.length;

describe('strangers', () => {
  test('name signs and causes that are known', () => {
    const signs = new Set(knowledge.signs.map(({ id }) => id));
    const causes = new Set(knowledge.causes.map(({ id }) => id));
    expect(strangers.phrases.map(([, sign = '']) => sign.replace('!', '')).filter((id) => !signs.has(id))).toEqual([]);
    expect(strangers.stories.flatMap(([, , , , ...of]) => of).filter((id) => !causes.has(String(id)))).toEqual([]);
  });

  test('phrases: the sign that was meant leads, or is among the plates offered; little else is read', () => {
    const phrases = strangers.phrases.map(([say = '', sign = '']) => ({ sign, ...taken(say) }));
    const leads = share(phrases, ({ sign, read, offered }) => [...read, ...offered][0] === sign);
    const among = share(phrases, ({ sign, read, offered }) => read.includes(sign) || offered.includes(sign));
    const wrong = share(phrases, ({ sign, read }) => read.some((other) => other !== sign));
    expect(leads).toBeGreaterThanOrEqual(0.8);
    expect(among).toBeGreaterThanOrEqual(0.93);
    expect(wrong).toBeLessThanOrEqual(0.12);
  });

  test('talk that only sounds like signs is no sign', () => {
    expect(share(strangers.talk, (say) => taken(say).read.length > 0)).toBeLessThanOrEqual(0.2);
  });

  test('descriptions: a right cause leads, or is among three', () => {
    const ranks = strangers.stories.map(([plant, setting, month, said, ...causes]) => {
      const answer = answerWeigh(knowledge, {
        plant: String(plant),
        setting: setting as Setting,
        month: Number(month),
        latitude: 52,
        said: String(said),
      });
      return answer.causes.findIndex(({ id }) => causes.includes(id));
    });
    const leads = share(ranks, (rank) => rank === 0);
    const among = share(ranks, (rank) => rank >= 0 && rank < 3);
    expect(leads).toBeGreaterThanOrEqual(0.85);
    expect(among).toBeGreaterThanOrEqual(0.93);
  });
});
