import fc from 'fast-check';
import { mentions, namesOneOf } from './mentions';

const things = [
  { row: 'soap', words: ['soap', 'liquid soap'] },
  { row: 'washing-up', words: ['washing-up liquid'] },
  { row: 'ash', words: ['ash'] },
  { row: 'ash-tree', words: ['ash tree'] },
  { row: 'bloom', words: ['on * flowers'] },
];
const named = (line: string) => mentions(things, line).map(({ row }) => row);

describe('what a line names', () => {
  test.each<[string, string[]]>([
    ['soap on the beans', ['soap']],
    ['soaps', ['soap']],
    ['soapwort', []],
    ['a non-soap cleaner', []],
    ['washing up liquid', ['washing-up']],
    ['an ash tree', ['ash-tree']],
    ['ash under the ash tree', ['ash', 'ash-tree']],
    ['on flowers', ['bloom']],
    ['on the open flowers', ['bloom']],
    ['on my neighbour’s lovely open flowers', []],
  ])('“%s”', (line, rows) => expect(named(line)).toEqual(rows));

  test('a longer name hides a shorter one within it, and places are those of the line', () => {
    const [found] = mentions(things, 'some liquid soap here');
    expect(found).toEqual({ row: 'soap', at: 5, length: 'liquid soap'.length });
  });

  test('words are told apart from parts of words', () => {
    expect(namesOneOf(['cat'], 'the cat sleeps')).toBe(true);
    expect(namesOneOf(['cat'], 'cats')).toBe(true);
    expect(namesOneOf(['cat'], 'caterpillars')).toBe(false);
    expect(namesOneOf(['pool grade'], 'pool-grade earth')).toBe(true);
  });

  test('every mention is a stretch of the line, in order, whatever stands in it (seed 5)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('soap', 'ash', 'tree', 'on', 'open', 'flowers', '(', '*', '%'), { maxLength: 12 }),
        (words) => {
          const line = words.join(' ');
          const found = mentions(things, line);
          expect(found.every(({ at, length }) => at >= 0 && at + length <= line.length && length > 0)).toBe(true);
          expect([...found].sort((a, b) => a.at - b.at)).toEqual(found);
        },
      ),
      { seed: 5, numRuns: 300 },
    );
  });
});
