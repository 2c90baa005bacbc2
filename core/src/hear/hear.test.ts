import fc from 'fast-check';
import { amountsIn, dosesIn, figureOf, timesIn, type Named } from './index';
import { measureSystems, type MeasureSystem } from '../quantities';

describe('numbers as people say them', () => {
  test.each([
    ['2 1/2', 2.5],
    ['1,5', 1.5],
    ['1,000', 1000],
    ['½', 0.5],
    ['1½', 1.5],
    ['half a', 0.5],
    ['three quarters of a', 0.75],
    ['a quarter of an', 0.25],
    ['two and a half', 2.5],
    ['a couple of', 2],
    ['a dozen', 12],
    ['twenty-five', 25],
    ['two hundred', 200],
  ])('%s is %d', (text, value) => expect(figureOf(text)).toBeCloseTo(value, 9));

  test('any figure in digits is read back as itself', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999 }), (value) => expect(figureOf(String(value))).toBe(value)),
    ));
});

describe('amounts, in the speaker’s own measures', () => {
  const first = (line: string, system: MeasureSystem = 'metric') => amountsIn(line, system)[0];

  test.each([
    ['a tablespoon of soap', 'metric', 15],
    ['a tablespoon of soap', 'australian', 20],
    ['a tablespoon of soap', 'us', 14.787],
    ['a gallon of water', 'us', 3785.41],
    ['a gallon of water', 'imperial', 4546.09],
    ['half a pint', 'imperial', 284.13],
    ['Teaspoon of castile soap', 'metric', 5],
  ] as const)('%s in %s is %d mL', (line, system, ml) => expect(first(line, system)?.amount).toBeCloseTo(ml, 1));

  test('an ounce is a volume and a weight, until what it is of is known', () =>
    expect(first('an ounce of soda', 'us')).toMatchObject({
      amount: expect.closeTo(29.57, 2),
      asMass: expect.closeTo(28.35, 2),
    }));

  test('degrees are of the speaker’s scale', () => {
    expect(first('31 degrees in the shade')?.amount).toBe(31);
    expect(first('88 degrees', 'us')?.amount).toBeCloseTo(31.1, 1);
    expect(first('a high of 95', 'us')?.amount).toBeCloseTo(35, 9);
    expect(first('9 °C')?.amount).toBe(9);
  });

  test('a handful is rough, and nothing is made of what names no unit', () => {
    expect(first('a handful of salts')?.rough).toBe(true);
    expect(amountsIn('my two cats sat on 3 walls', 'us')).toEqual([]);
  });

  test('no line makes it stumble', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), fc.constantFrom(...measureSystems), (line, system) => {
        for (const { amount } of amountsIn(line, system)) expect(Number.isFinite(amount)).toBe(true);
      }),
    ));
});

describe('doses: how much of it is in what goes on', () => {
  const dose = (line: string, name: string, more: Partial<Named> = {}, system: MeasureSystem = 'us') =>
    dosesIn(
      line,
      [{ at: line.indexOf(name), length: name.length, form: 'liquid', density: 1, hasLabel: false, ...more }],
      system,
    )[0];
  const powder = { form: 'powder', density: 1 } as const;

  test.each([
    ['10 mL of soap per litre', 'soap', {}, 1],
    ['a teaspoon of soap in half a litre of rain water', 'soap', {}, 0.976],
    ['one part milk to nine parts water', 'milk', {}, 10],
    ['milk 1:9 on the beans', 'milk', {}, 10],
    ['a litre of milk to nine of water', 'milk', {}, 10],
    ['1 cup of bleach and 9 cups of water', 'bleach', {}, 10],
    ['2 tbsp of baking soda in a quart of water', 'baking soda', powder, 3.125],
    ['soda, 5 g/L', 'soda', powder, 0.5],
    ['4 grams borax into 260 grams of syrup', 'borax', powder, 1.515],
    ['half a percent soap', 'soap', {}, 0.5],
    ['epsom 20000 ppm', 'epsom', powder, 2],
  ] as const)('%s: %s', (line, name, more, percent) => expect(dose(line, name, more)?.percent).toBeCloseTo(percent, 1));

  test('a label’s strength and what is made of it are two things', () => {
    const label = { hasLabel: true };
    expect(dose('one part 3 % peroxide to nine parts water', 'peroxide', label)).toMatchObject({
      percent: 10,
      label: 3,
    });
    expect(dose('half a percent peroxide, 1 cup of 3% to 5 cups water', 'peroxide', label)).toMatchObject({
      percent: expect.closeTo(16.67, 1),
      label: 3,
    });
    expect(dose('peroxide straight from the bottle', 'peroxide', label)).toMatchObject({ neat: true });
  });

  test('by area, by the label, and an amount of which nothing can be made', () => {
    expect(dose('two pounds of lime to the square yard', 'lime', powder)?.perArea).toBeCloseTo(1085, 0);
    expect(dose('seaweed at double the label rate', 'seaweed')?.labelRate).toBe(2);
    expect(dose('seaweed at the rate on the bottle', 'seaweed')?.labelRate).toBe(1);
    expect(dose('two spoons of soap', 'soap')).toMatchObject({ amountOnly: true });
  });

  test('of what is strewn round each plant, a plant has a quarter of a square metre', () => {
    expect(dose('half a cup of epsom round each tomato plant', 'epsom', powder)?.perArea).toBeCloseTo(473, 0);
    expect(dose('a five gallon bucket of ash over 100 square feet', 'ash', powder)?.perArea).toBeCloseTo(2037, 0);
    expect(dose('a spoon of soap in a litre on each plant', 'soap')?.perArea).toBeUndefined();
  });

  /** Of two things in one line, in metric measures: the first as a powder, the second a liquid. */
  const bothDoses = (line: string, powdered: string, other: string) =>
    dosesIn(
      line,
      [powdered, other].map((name) => ({
        at: line.indexOf(name),
        length: name.length,
        form: name === powdered ? 'powder' : 'liquid',
        density: 1,
        hasLabel: false,
      })),
      'metric',
    ).map(({ percent }) => percent);

  test('the litre that follows an amount at once is no amount of what is named next', () =>
    expect(bothDoses('soda 5 g a litre with soap on the roses', 'soda', 'soap')).toEqual([
      expect.closeTo(0.5, 1),
      undefined,
    ]));

  test('a spoon of the powder is of what was named before', () =>
    expect(bothDoses('chilli spray, a teaspoon of powder in a litre, soap 5 ml', 'chilli', 'soap')).toEqual([
      expect.closeTo(0.5, 1),
      expect.closeTo(0.5, 1),
    ]));

  test('an hour of the clock is no ratio', () =>
    expect(dose('tonight at 8:30, soap on the roses', 'soap')?.percent).toBeUndefined());

  test('thinned with twice the water there is less of it in the mix, in any kitchen', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 9 }),
        fc.constantFrom(...measureSystems),
        (spoons, gallons, system) => {
          const of = (count: number) =>
            dose(`${spoons} teaspoons of soap in ${count} gallons of water`, 'soap', {}, system)?.percent ?? NaN;
          expect(of(gallons * 2)).toBeLessThan(of(gallons));
        },
      ),
    ));
});

describe('times as people say them', () => {
  const days = (line: string) => timesIn(line, '2026-06-10').days.map((day) => day.days);

  test.each([
    ['sprayed six days ago', [-6]],
    ['yesterday at tea time', [-1]],
    ['the day before yesterday', [-2]],
    ['dusted the roses on Monday', [-2]],
    ['sprayed soap on the kale, then we pick on Saturday', [3]],
    // 10 June 2026 is a Wednesday.
    ['since Sunday', [-3]],
    ['Sprayed oil on Monday, it is Saturday now', [-5]],
    ['picking them tomorrow', [1]],
    ['we harvest in two weeks', [14]],
    ['we pick on Saturday', [3]],
  ])('%s', (line, wanted) => expect(days(line)).toEqual(wanted));

  test.each([
    ['four times a week', 1.75],
    ['every other day', 2],
    ['every 7-10 days', 7],
    ['once a fortnight', 14],
    ['daily', 1],
    ['for the third evening running', 1],
    ['two weeks in a row', 7],
    ['night after night', 1],
    ['Monday, Wednesday, Friday and again Sunday', 1.75],
  ])('%s: every %d days', (line, every) => expect(timesIn(line).every).toBeCloseTo(every, 9));

  test('days of rain in a row are no pace', () =>
    expect(timesIn('it has rained three days running').every).toBeUndefined());

  test('how long it soaks, how old it is', () => {
    expect(timesIn('soaked in soapy water for 24 hours').lasting).toBe(1);
    expect(timesIn('left overnight').lasting).toBe(0.5);
    expect(timesIn('a brew two weeks old').age).toBe(14);
  });
});
