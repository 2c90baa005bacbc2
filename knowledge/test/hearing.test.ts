import { timesIn } from '@trowel/core/hear';
import { answerOrder, answerWeigh } from '@trowel/core/headless';
import { findSigns, kinNamed, plantNamed } from '@trowel/core/read';
import { rowById } from '@trowel/core/tables';
import { monthsWords } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge/reader';

const ask = (line: string) =>
  answerOrder(knowledge, { way: 'ask', ask: line, measures: 'metric', today: '2026-06-10' });
const stops = (line: string) => {
  const answer = ask(line);
  return answer.kind === 'refused' ? answer.because.flatMap(({ rule = '' }) => rule) : [];
};

describe('times', () => {
  test.each([
    ['keep the rest until next week', 7],
    ['leave it in the jar for a month and then use it', 30],
    ['store the mix for two weeks before using it', 14],
    ['spray it tomorrow', undefined],
  ])('“%s”: it is %s days old by then', (line, age) => expect(timesIn(line, '2026-06-10').age).toBe(age));

  test('once more is heard, and a first time is none', () => {
    expect(timesIn('may I spray again, did it yesterday', '2026-06-10').isAgain).toBe(true);
    expect(timesIn('one more feed', '2026-06-10').isAgain).toBe(true);
    expect(timesIn('may I spray today', '2026-06-10').isAgain).toBeUndefined();
  });

  test('days since the last one are its pace', () => {
    expect(stops('may I spray 0.3 % peroxide on the tomatoes again, did it yesterday').join()).toMatch(/too-often/);
    expect(stops('may I spray 0.3 % peroxide on the tomatoes again, did it two weeks ago')).toEqual([]);
  });
});

describe('rates', () => {
  test.each([
    '60 g/L of Epsom salts on the leaves of the roses',
    '60 g per litre of Epsom salts on the leaves of the roses',
    '60 grams of Epsom salts in a litre on the leaves of the roses',
  ])('“%s” is over the limit, however it is put', (line) =>
    expect(stops(line)).toEqual(expect.arrayContaining(['over-limit:epsom-leaf'])),
  );

  test('“a gallon of soap” is no rate', () => expect(ask('a gallon of soap').kind).toBe('checked'));
});

describe('where it goes', () => {
  test('is asked where the line does not say, and it may not go everywhere', () => {
    const answer = ask('may I use vinegar');
    expect(answer.kind === 'checked' && answer.asks?.map(({ asks }) => asks)).toEqual(['Where does the vinegar go?']);
    expect(stops('may I use vinegar to lower the pH of my blueberry pot').join()).toMatch(/acid-root/);
  });

  test('what is not so is not there', () => {
    const flowering = (line: string) => {
      const answer = ask(line);
      return answer.kind === 'checked' && answer.cautions.some(({ rule = '' }) => rule.startsWith('bloom'));
    };
    expect(flowering('1 % castile soap on the strawberries tonight, they are flowering')).toBe(true);
    expect(flowering('1 % castile soap on the strawberries tonight, they are not flowering')).toBe(false);
  });
});

describe('plants that are not in the list', () => {
  const named = (name: string) => {
    const id = plantNamed(knowledge, name);
    return id === undefined ? undefined : kinNamed(rowById(knowledge.plants, id, 'plants'), name);
  };

  test('are read as a relative, and one that is in it as itself', () => {
    expect([plantNamed(knowledge, 'hibiscus'), named('hibiscus')]).toEqual(['hollyhock', 'hibiscus']);
    expect([plantNamed(knowledge, 'Rose of Sharon'), named('Rose of Sharon')]).toEqual(['hollyhock', 'rose of sharon']);
    expect([plantNamed(knowledge, 'mallow'), named('mallow')]).toEqual(['hollyhock', undefined]);
    expect(plantNamed(knowledge, 'triffid')).toBeUndefined();
  });

  test('and it is said', () => {
    const answer = answerWeigh(knowledge, { plant: 'hibiscus', month: 7, said: 'sticky leaves' });
    expect(answer.plant).toBe('Hollyhock, mallow (read for hibiscus, a relative)');
  });

  test('every relative leads to its row, whatever else its name holds', () => {
    for (const { id, kin = [] } of knowledge.plants)
      for (const name of kin) expect([name, plantNamed(knowledge, name)]).toEqual([name, id]);
  });
});

describe('a searched plate', () => {
  test('is found by its name, by what people call it, and while the word is still typed', () => {
    expect(findSigns(knowledge, 'honeydew').slice(0, 3)).toContain('honeydew');
    expect(findSigns(knowledge, 'greenfly')[0]).toBe('clusters');
    expect(findSigns(knowledge, 'shephe')).toContain('weed-shepherds-purse');
  });

  test('is none for a word that nobody knows, or for none', () => {
    expect(findSigns(knowledge, 'flubberwax')).toEqual([]);
    expect(findSigns(knowledge, '  ')).toEqual([]);
  });

  test('by the vocabulary alone where the reader has not come yet', () => {
    const plain = Object.fromEntries(Object.entries(knowledge).filter(([name]) => name !== 'meanings'));
    expect(findSigns(plain as unknown as typeof knowledge, 'sticky leaves')[0]).toBe('honeydew');
  });
});

test('months are told in spans, over the turn of the year too', () => {
  expect(monthsWords([4, 5, 8, 9, 10])).toBe('April to May and August to October');
  expect(monthsWords([11, 12, 1, 2])).toBe('November to February');
  expect(monthsWords([7])).toBe('July');
});
