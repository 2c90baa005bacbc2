import {
  brewWords,
  chanceWords,
  contributionWords,
  costWords,
  dayAndMonth,
  dayWords,
  depthWords,
  fullDate,
  hindranceSays,
  keepsWords,
  listWords,
  lowerFirst,
  spanOfDays,
  sparesWords,
  spoonNote,
  weekdayOf,
  windowWords,
} from '.';
import type { SignRow } from '../tables';

describe('days', () => {
  test.each([
    ['2026-06-10', 'today'],
    ['2026-06-11', 'tomorrow'],
  ])('%s, seen from 10 June, is %s', (date, words) => expect(dayWords(date, '2026-06-10')).toBe(words));

  test('further off they have a name and a date', () => {
    expect(dayWords('2026-06-18', '2026-06-10')).toMatch(/Thursday/);
    expect(dayWords('2027-06-18', '2026-06-10')).toMatch(/18 June 2027/);
    expect(weekdayOf('2026-06-18')).toBe('Thursday');
    expect(dayAndMonth('2026-02-01')).toBe('1 February');
    expect(fullDate('2026-12-31')).toBe('31 December 2026');
  });
});

describe('hours a remedy needs', () => {
  test('only what is asked for is said', () => {
    expect(windowWords({ part: 'evening' }, 'metric')).toBe('in the evening');
    expect(windowWords({ part: 'evening', sun: 'avoid', dryAfter: 1, windBelow: 15, between: [5, 30] }, 'metric')).toBe(
      'in the evening, out of the sun, 1 dry hour after, wind under 15 km/h, 5–30 °C',
    );
    expect(windowWords({ part: 'morning', sun: 'needed', dryBefore: 2 }, 'metric')).toBe(
      'in the morning, in sun, 2 dry hours before',
    );
  });

  test('a day that was passed over has a reason', () => {
    for (const because of [
      'rain',
      'wind',
      'hot',
      'cold',
      'away',
      'days-between',
      'too-many',
      'wait-to-pick',
      'test-leaf',
      'dew',
      'soil-cold',
      'fits-better',
    ] as const)
      expect(hindranceSays(because).length).toBeGreaterThan(3);
  });
});

describe('what is mixed', () => {
  test.each([
    [{ days: 0, says: 'nothing is mixed', how: 'nothing' }, []],
    [{ days: 0, says: 'at once' }, ['Use it at once']],
    [{ days: 0, says: 'the same day' }, ['Use it the same day']],
    [{ days: 0, says: 'mix only what is used that evening', how: 'one-go' }, ['Mix only what is used that evening']],
    [{ days: 60, says: 'two months, locked away' }, ['What is left keeps: two months, locked away']],
  ])('%j keeps so', (keeps, words) => expect(keepsWords(keeps as never)).toEqual(words));

  test('a brew says its age and what comes next', () => {
    const state = { readyOn: '2026-06-13', bestBefore: '2026-07-01', age: 1 };
    expect(brewWords({ ...state, stage: 'working' }, '2026-06-12')).toBe('1 day old, ready tomorrow');
    expect(brewWords({ ...state, age: 9, stage: 'ready' }, '2026-06-21')).toMatch(/^9 days old, ready; best before /);
    expect(brewWords({ ...state, stage: 'past' }, '2026-08-01')).toMatch(/past its best/);
    expect(brewWords({ ...state, stage: 'gone' }, '2026-08-01')).toBe('nothing left');
  });

  test('spoons differ by measure', () => {
    expect(spoonNote('metric')).toMatch(/teaspoon is 5 mL, your tablespoon 15 mL/);
    expect(spoonNote('australian')).toMatch(/tablespoon 20 mL/);
  });

  test('what it spares and costs is said in words', () => {
    expect(sparesWords({ helpers: 'harm', soil: 'safe', water: 'some' })).toBe(
      'Helpers: harms. Soil life: spares. Water life: harms some.',
    );
    expect(costWords.nothing).toBe('costs nothing');
  });
});

describe('how sure', () => {
  test('chances grow from word to word, and the ends are never certain', () => {
    const steps = [0, 0.2, 0.5, 0.7, 0.9, 1].map(chanceWords);
    expect(steps).toEqual(['unlikely', 'possible', 'could well be', 'likely', 'very likely', 'all but certain']);
  });

  test('the blade has a word for every depth', () => {
    for (const depth of [0, 0.25, 0.5, 0.75, 1]) expect(depthWords(depth).length).toBeGreaterThan(3);
  });

  test('what a sign adds or takes away', () => {
    const webs = { name: 'Webs' } as SignRow;
    const one = (state: 'seen' | 'absent', weight: number, why?: string) =>
      contributionWords({ sign: 'webs', state, weight, ...(why === undefined ? {} : { why }) } as never, webs);
    expect(one('seen', 1, 'mites spin')).toBe('Webs: mites spin');
    expect(one('seen', 1)).toBe('Webs: it fits with this');
    expect(one('seen', -1)).toBe('Webs: something else explains it better');
    expect(one('absent', -1)).toBe('No webs, though it usually shows');
    expect(one('absent', 1)).toBe('No webs: that leaves less for its rivals');
  });
});

test('lists and small letters', () => {
  expect(listWords([])).toBe('');
  expect(listWords(['soap'])).toBe('soap');
  expect(listWords(['soap', 'oil'])).toBe('soap and oil');
  expect(listWords(['soap', 'oil', 'milk'])).toBe('soap, oil and milk');
  expect(lowerFirst('Soap spray')).toBe('soap spray');
});

test.each([
  [[5, 10], '5 to 10 days'],
  [[1, 1], '1 day'],
  [[14, 28], '2 to 4 weeks'],
  [[28, 90], '4 to 13 weeks'],
  [[60, 365], '2 to 12 months'],
] as const)('a span of %p days is told as a gardener would', (days, says) => expect(spanOfDays(days)).toBe(says));
