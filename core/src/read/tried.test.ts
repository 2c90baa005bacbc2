import type { Tables, TriedTable } from '../tables';
import { triedIn, withoutTried } from './tried';

const tried: TriedTable = {
  ways: [
    { remedy: 'soap-spray', doing: ['soaped'], stuff: ['soap', 'soapy water'] },
    { remedy: 'milk-spray', doing: [], stuff: ['milk'] },
    { remedy: 'hand-pick', doing: ['picked them off'], stuff: [] },
  ],
  done: ['sprayed', 'used', 'picked'],
  goesOn: ['twice', 'helped', 'made', 'on', 'yesterday'],
  thought: ['should i', 'says', 'going to'],
  helped: ['helped', 'have gone'],
  inVain: ['no use', 'came back'],
};
const tables = { tried, signs: [], concepts: [], plants: [], causes: [], conditions: [] } as unknown as Tables;
const told = (line: string) =>
  triedIn({ tried }, line, '2026-06-10').map(
    ({ remedy, helped, daysAgo }) => `${remedy} ${helped ?? 'unsaid'} ${daysAgo ?? 'some day'}`,
  );

describe('what was tried before', () => {
  test.each([
    ['sprayed soapy water on Monday, no use', ['soap-spray false 2']],
    ['soapy water, no use', ['soap-spray false some day']],
    ['sprayed milk yesterday', ['milk-spray unsaid 1']],
    ['I picked them off and most have gone', ['hand-pick true some day']],
    ['Used soap, then used milk. It came back.', ['soap-spray false some day', 'milk-spray false some day']],
    ['Sprayed soap 3 days ago. Sprayed milk, that helped', ['soap-spray unsaid 3', 'milk-spray true some day']],
    ['soap helped for a day, then they came back', ['soap-spray false some day']],
  ])('%s', (line, expected) => {
    expect(told(line)).toEqual(expected);
  });

  test.each([
    'should I use soap?',
    'used soap?',
    'my neighbour says he sprayed soap',
    'I am going to have sprayed soap by Monday',
    "I haven't used any soap",
    'there is soap in the shed',
    'sprayed the roses',
    'milk thistle came back',
    'white as milk, no use',
    'there are soap bubbles again, it came back',
  ])('nothing: %s', (line) => {
    expect(told(line)).toEqual([]);
  });

  test('what told it is no sign, and is not left as not understood; all else stays', () => {
    const line = 'sprayed soapy water, no use. grey patches. used soap, now the tips are brown';
    const understood = ['sprayed soapy water', 'used soap, now the tips are brown', 'sticky'].map((say) => ({
      say,
      sign: 'burnt',
      state: 'seen' as const,
    }));
    const read = {
      understood,
      perhaps: [
        { say: 'sprayed soapy water', state: 'seen' as const, signs: ['scum'] },
        { say: 'grey patches', state: 'seen' as const, signs: ['grey'] },
      ],
      notUnderstood: ['no use', 'grey patches'],
    };
    const left = withoutTried(tables, read, triedIn(tables, line));
    expect(left.perhaps.map(({ say }) => say)).toEqual(['grey patches']);
    expect(left.understood.map(({ say }) => say)).toEqual(['used soap, now the tips are brown', 'sticky']);
    expect(left.notUnderstood).toEqual(['grey patches']);
    expect(withoutTried(tables, read, [])).toBe(read);
  });
});
