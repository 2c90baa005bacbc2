import fc from 'fast-check';
import {
  amountsIn,
  dosesIn,
  isNameless,
  isThere,
  saysLetBe,
  saysSownFor,
  saysWatered,
  saysYoung,
  putRightIn,
  timesIn,
  whereSaid,
} from './index';

/** How strong soap or another named thing is in a line. */
function percentOf(line: string, name: string, system: 'metric' | 'us' | 'imperial' = 'metric'): number | undefined {
  const at = line.indexOf(name);
  const [dose] = dosesIn(line, [{ at, length: name.length, form: 'liquid', density: 1, hasLabel: false }], system);
  return dose?.percent;
}

describe('shares as people say them', () => {
  test('what is made, and what of', () => {
    // Two US teaspoons (9.86 mL) in a quart (946 mL) of spray, made up to it or into it.
    expect(percentOf('i made a quart of soap spray with 2 tsp castile', 'castile', 'us')).toBeCloseTo(1.03, 1);
    expect(percentOf('500 ml of garlic wash with 5 ml castile', 'castile')).toBeCloseTo(1, 1);
  });

  test('a spoon is of what it is said to be of, however that is called', () => {
    const line = 'a tablespoon of soda and a teaspoon of mild soap per gallon on the squash';
    const [soda, soap] = dosesIn(
      line,
      ['soda', 'soap'].map((name) => ({
        at: line.indexOf(name),
        length: name.length,
        form: 'liquid' as const,
        density: 1,
        hasLabel: false,
      })),
      'us',
    );
    // 14.8 and 4.9 mL in 3 785 mL.
    expect(soda?.percent).toBeCloseTo(0.39, 2);
    expect(soap?.percent).toBeCloseTo(0.13, 2);
  });

  test.each([
    ['half milk, half water on the vine', 'milk', 50],
    ['equal parts of milk and water', 'milk', 50],
    ['milk and water half and half', 'milk', 50],
    ['fifty-fifty milk and water', 'milk', 50],
    ['the brew at 1:30.', 'brew', 100 / 31],
    ['brew 1 to 9', 'brew', 10],
  ])('%s', (line, name, percent) => expect(percentOf(line, name)).toBeCloseTo(percent, 5));

  test('an hour of the clock is no share, with or without a half of the day', () => {
    expect(percentOf('spray the brew at 6:30', 'brew')).toBeUndefined();
    expect(percentOf('the brew at 1:30 pm', 'brew')).toBeUndefined();
  });

  test('half a pint names no pint besides: two and a half gallons are what it goes into', () =>
    // 284.13 mL made up to 11 365.2 mL
    expect(percentOf('half a pint of oil made up to two and a half gallons', 'oil', 'imperial')).toBeCloseTo(2.5, 1));

  test('into the litre, to the litre, per litre, a litre: each is one of it', () => {
    for (const line of [
      '5 ml soap into the litre',
      '5 ml soap to the litre',
      '5 ml soap per litre',
      '5 ml soap a litre',
    ])
      expect([line, percentOf(line, 'soap')]).toEqual([line, expect.closeTo(0.5, 1)]);
  });

  test('a drop to make it cling is no dose of its own', () => {
    const line = 'milk 1 to 9 with a drop of soap';
    const named = (name: string) => ({
      at: line.indexOf(name),
      length: name.length,
      form: 'liquid' as const,
      density: 1,
      hasLabel: false,
    });
    const [milk, dose] = dosesIn(line, [named('milk'), named('soap')], 'metric');
    expect(milk?.percent).toBeCloseTo(10, 5);
    expect(dose?.trace).toBe(true);
  });

  test('what lies on a square is so much an area', () => {
    const line = 'two cups of ash on the square metre';
    const [dose] = dosesIn(
      line,
      [{ at: line.indexOf('ash'), length: 3, form: 'powder', density: 0.5, hasLabel: false }],
      'metric',
    );
    expect(dose?.perArea).toBeCloseTo(250, 0);
  });
});

describe('weather as people say it', () => {
  const first = (line: string, kind: string, system: 'metric' | 'us' = 'metric') =>
    amountsIn(line, system).find((one) => one.kind === kind)?.amount;

  test('wind in either unit', () => {
    expect(first('blowing about 25 km/h', 'speed')).toBeCloseTo(25, 5);
    expect(first('gusting to 20 mph', 'speed')).toBeCloseTo(32.19, 1);
  });
  test('Fahrenheit is told in Celsius wherever it is written', () => {
    expect(first('95 degrees F', 'temperature')).toBeCloseTo(35, 5);
    expect(first('95 °F', 'temperature')).toBeCloseTo(35, 5);
    expect(first('88 F at six', 'temperature')).toBeCloseTo(31.11, 1);
  });
  test('a thermometer needs no unit', () => {
    expect(first('soil thermometer says 9', 'temperature')).toBe(9);
    expect(first('the soil is about 12', 'temperature')).toBe(12);
    expect(first('the soil is 9 cm deep', 'temperature')).toBeUndefined();
    expect(first('temperature reads 70', 'temperature', 'us')).toBeCloseTo(21.1, 1);
  });
});

describe('how old a mix is', () => {
  // 10 June 2026 is a Wednesday.
  const age = (line: string) => timesIn(line, '2026-06-10').age;
  test.each([
    ['nettle brew two weeks old', 14],
    ['a month-old weed barrel', 30],
    ['Bt mix left from Monday', 2],
    ['the mix i made last Saturday', 4],
    ['neem leaves, steeped last Sunday', 3],
    ['soap mix from last week', 7],
    ['leftover mix from yesterday', 1],
  ])('%s', (line, days) => expect(age(line)).toBe(days));

  test('made up to a litre is no date, nor is how often it has been done', () => {
    expect(age('100 ml made up to a litre every ten days since the first spots')).toBeUndefined();
    expect(age('soap on the beans last Sunday')).toBeUndefined();
  });
});

describe('where it goes', () => {
  test.each([
    ['drop them in a bucket of soapy water', 'tool'],
    ['scrub the empty pots with it', 'tool'],
    ['soak the pots in suds, scrub, rinse', 'tool'],
    ['pick the big beetles into a pail of suds', 'tool'],
    ['a foliar feed', 'leaf'],
    ['dunk the whole pot in it', 'soak'],
    ['drench the pot', 'root'],
    ['soak my bean seeds', 'seed'],
    ['in a bait station', 'bait'],
    ['sprinkled on the bed', 'soil'],
  ] as const)('%s: %s', (line, use) => expect(whereSaid(line)).toBe(use));

  test('"not on leaves" is not on leaves', () =>
    expect(whereSaid('thinned, on the soil of the sweetcorn, not on leaves')).toBe('soil'));

  test.each([
    ['sprinkle water on the path of the greenhouse', true],
    ['pour cold water through the pot', true],
    ['pour water from under the hutch on the lettuce', false],
    ['spray the lettuce', false],
  ])('water and nothing else: %s, %s', (line, isSaid) => expect(saysWatered(line)).toBe(isSaid));

  test.each([
    ['sow phacelia in the empty bed for hoverflies', true],
    ['plant dill for the lacewings?', true],
    ['planting out now, flick the ladybird larvae off', false],
    ['plant beans for supper and hose off the ladybirds', false],
    ['move the nest to the hedge', false],
  ])('sown for somebody: %s, %s', (line, isSaid) => expect(saysSownFor(line)).toBe(isSaid));

  test('where nothing says so, nothing is heard', () => expect(whereSaid('is it any good')).toBeUndefined());

  test('what is young', () => {
    for (const line of ['my seedlings', 'cuttings in water', 'basil starts, just sprouted', 'baby spinach'])
      expect([line, saysYoung(line)]).toEqual([line, true]);
    expect(saysYoung('my old roses')).toBe(false);
  });
});

describe('what is denied', () => {
  const there = (line: string, word: string) => isThere(line)({ at: line.indexOf(word), length: word.length });
  test.each([
    ['no bees about', 'bees'],
    ['nothing blooming', 'blooming'],
    ['without gloves', 'gloves'],
    ['no bees, children or ponds near', 'ponds'],
    ['well clear of the pond', 'pond'],
    ['fish nowhere near', 'fish'],
  ])('%s: no %s', (line, word) => expect(there(line, word)).toBe(false));
  test.each([
    ['the bees are about', 'bees'],
    ['not today. the pond is close', 'pond'],
    ['near the pond', 'pond'],
  ])('%s: there is %s', (line, word) => expect(there(line, word)).toBe(true));
});

describe('what has no name', () => {
  test.each([
    'the label came off years ago',
    'dunno what it is',
    'i can’t remember which one'.replace('’', "'"),
    'some kind of powder',
    'a green liquid from the shed',
    'the bottle has no label',
    "don't know whether it is concentrate",
    "can't tell if it's the strong one",
    'fertilizer i guess',
    'unlabelled jar',
    'salts of some kind',
    'a secret recipe',
  ])('%s', (line) => expect(isNameless(line)).toBe(true));

  test.each([
    'soap on the roses by the label',
    'no idea whether it rains tomorrow',
    'i think it is aphids',
    'white vinegar on weeds',
    'green manure on the bed',
    'we guess they are ladybirds',
    'white stuff in the crown of my cactus, may i dab it with surgical spirit',
    'grey powder all over the marrow leaves, milk on it',
  ])('%s has one', (line) => expect(isNameless(line)).toBe(false));
});

describe('second thoughts', () => {
  const line = 'rain water with descaler? no, just rain water for the blueberries';

  test('what is taken back is not read, keeps its place, and is told', () => {
    const found = putRightIn(line);
    expect(found.line.trim()).toBe('just rain water for the blueberries');
    expect(found.line).toHaveLength(line.length);
    expect(found.takenBack).toEqual(['rain water with descaler? no,']);
  });

  test('a thing put in place of another needs no "just"', () => {
    const found = putRightIn('quicklime? no, garden lime on the cabbage bed');
    expect(found).toEqual({ line: '               garden lime on the cabbage bed', takenBack: ['quicklime? no,'] });
  });

  test('what is only asked twice, or made narrower, stays', () => {
    for (const said of ['bleach on the beans? no idea', 'bleach? no, not on leaves, on pots', 'no, just soap'])
      expect(putRightIn(said)).toEqual({ line: said, takenBack: [] });
  });

  test.each([
    ['two weeks since the sulphur; no sorry, two days. oil now?', 'two days since the sulphur. oil now?', 'two weeks'],
    ['1 tsp of soap in a litre, i mean 2 tsp, on beans', '2 tsp of soap in a litre, on beans', '1 tsp'],
    ['soap, half a gallon, make that three gallons', 'soap, three gallons', 'half a gallon'],
  ])('a figure put right: %s', (said, line, back) => expect(putRightIn(said)).toEqual({ line, takenBack: [back] }));

  test.each([
    'a spoon of soap in a litre, sorry, on the roses',
    'it rained, i mean 40 mm, so no soap for two days',
    'sorry, 2 tsp in a litre on beans',
    'sprayed two days ago. sorry to ask again',
    'soap, 60 ml in a litre, i mean 5 ml of oil with it',
    'soap, 60 ml in a litre. sorry, 5 ml is left over',
  ])('nothing of its kind stands before it: %s', (said) =>
    expect(putRightIn(said)).toEqual({ line: said, takenBack: [] }),
  );

  test('leaving something is doing nothing', () => {
    expect(saysLetBe("i'd leave the mummies and look again on friday")).toBe(true);
    expect(saysLetBe('leave soap on the pots')).toBe(false);
  });

  test('what stood in a sprayer is as old as that; what dries in the sun does not soak', () => {
    expect(timesIn('milk left a week in the sprayer').age).toBe(7);
    expect(timesIn('rinse, then sun for a day').lasting).toBeUndefined();
  });
});

describe('nothing that is typed makes the layer stumble', () => {
  test('any text at all', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const line = text.toLowerCase();
        for (const { amount } of amountsIn(line, 'metric')) expect(Number.isFinite(amount)).toBe(true);
        for (const { days } of timesIn(line, '2026-06-10').days) expect(Number.isFinite(days)).toBe(true);
        expect(typeof isNameless(line)).toBe('boolean');
        whereSaid(line);
      }),
    ));
});
