import { amountsIn, depthIn, dosesIn, phIn, timesIn } from '.';

describe('the pH of a line', () => {
  test.each([
    ['my soil pH is 7.4', 7.4],
    ['the soil tested 6,8 last week', 6.8],
    ['pH came out at 6', 6],
    ['it has 5.5 pH', 5.5],
  ])('%s: %s', (line, ph) => expect(phIn(line)).toBe(ph));
  test.each(['bed of 7.4 m', 'pH unknown, 20 % vinegar', 'the pH tester cost 15.99'])('%s: none', (line) =>
    expect(phIn(line)).toBeUndefined(),
  );
});

describe('how thick it lies', () => {
  test.each([
    ['three inches deep of clippings', 'us', 7.62],
    ['a layer of 5 cm', 'metric', 5],
    ['clippings a hand deep', 'metric', 10],
    ['straw knee-deep', 'metric', 45],
  ] as const)('%s (%s): %s cm', (line, measures, cm) => expect(depthIn(line, measures)).toBeCloseTo(cm));
  test.each(['a bed 3 m long', '2 inches from the stem'])('%s: nothing', (line) =>
    expect(depthIn(line, 'us')).toBeUndefined(),
  );
});

describe('degrees without a letter', () => {
  test.each([
    ["it's 38 today", 'metric', 38],
    ["it's 34 inside", 'metric', 34],
    ["and it's 91 outside", 'us', 32.8],
    ['45 degrees and dry', 'us', 7.2],
    ['45 degrees and dry', 'metric', 45],
    ['sunny and 80', 'us', 26.7],
  ] as const)('%s (%s): %s °C', (line, measures, degrees) => {
    const [found] = amountsIn(line, measures).filter(({ kind }) => kind === 'temperature');
    expect(found?.amount).toBeCloseTo(degrees, 1);
  });
  test.each(['at 38 ml of it', "it's 10 plants"])('%s: none', (line) =>
    expect(amountsIn(line, 'metric').filter(({ kind }) => kind === 'temperature')).toEqual([]),
  );
});

describe('against what the label says', () => {
  const rate = (line: string) => {
    const at = line.indexOf('feed');
    return dosesIn(line, [{ at, length: 4, form: 'liquid', density: 1, hasLabel: false }], 'us')[0]?.labelRate;
  };
  test.each([
    ['feed: the label says an ounce per gallon, I plan four ounces', 4],
    ['feed: the label says 2 tablespoons per gallon, I use half that', 0.5],
    ['feed: the label says 1 ounce per gallon, I put 1 ounce in 2 gallons', 0.5],
    ['feed at double the label rate', 2],
    ['feed by the label', 1],
  ])('%s: %s times', (line, times) => expect(rate(line)).toBeCloseTo(times));
  test('no label, no rate', () => expect(rate('feed, an ounce per gallon')).toBeUndefined());
});

describe('how often, and since when', () => {
  test.each([
    ['my fourth spray in two weeks', { times: 4, inDays: 14 }],
    ['the third time this month', { times: 3, inDays: 30 }],
    ['5th round in 10 days', { times: 5, inDays: 10 }],
  ])('%s', (line, rounds) => expect(timesIn(line).rounds).toEqual(rounds));
  test('a second helping of something else is no round', () =>
    expect(timesIn('the second bed on the left').rounds).toBeUndefined());
  test('seedlings count from sprouting', () => {
    expect(timesIn('they sprouted ten days ago').sprouted).toBe(10);
    expect(timesIn('they came up only 3 days ago').sprouted).toBe(3);
    expect(timesIn('sowed ten days ago').sprouted).toBeUndefined();
  });
  test('a month that is named lies behind', () => {
    expect(timesIn("sprayed oil in January, now it's June").days[0]?.days).toBe(-150);
    expect(timesIn('limed it in November', '2026-01-10').days[0]?.days).toBe(-60);
    expect(timesIn('limed it in November').days).toEqual([]);
  });
  test('what has been steeping is as old as that', () =>
    expect(timesIn('neem that has been steeping for six days').age).toBe(6));
});
