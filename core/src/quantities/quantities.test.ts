import fc from 'fast-check';
import {
  baseUnitOf,
  cm,
  fromBase,
  gPerLitre,
  guessIn,
  inBaseUnit,
  inWords,
  measurePowder,
  measureSystems,
  measureWithSpoons,
  mgPerLitre,
  millilitres,
  mixedFraction,
  mL,
  mLPerLitre,
  proseIn,
  readAmount,
  readFigure,
  readToken,
  spokenIn,
  spoonWords,
  toBase,
  unitFor,
  unitNamed,
  units,
  unitsOf,
  type MeasureSystem,
  type QuantityKind,
} from './index';
import { grams } from './brands';

describe('figures as people write them', () => {
  test.each([
    ['1.5', 1.5],
    ['1,5', 1.5],
    ['.5', 0.5],
    ['1,000', 1000],
    ['12,500.5', 12_500.5],
    ['0,125', 0.125],
    ['½', 0.5],
    ['2½', 2.5],
    ['2 ½', 2.5],
    ['2 1/2', 2.5],
    ['2-1/2', 2.5],
    ['3/4', 0.75],
    ['⅛', 0.125],
    ['-3', -3],
    ['half a', 0.5],
    ['two', 2],
    ['a', 1],
  ])('%s is %d', (text, value) => expect(readFigure(text)?.value).toBe(value));

  test.each(['', 'cup', '1/0', '/2', 'some'])('“%s” is none', (text) => expect(readFigure(text)).toBeUndefined());
});

describe('what a field understands', () => {
  const read = (text: string, kind: QuantityKind, unit: string, system: MeasureSystem = 'metric') => {
    const found = readAmount(text, { kind, unit, system });
    return found.kind === 'read' ? [Number(found.quantity.amount.toPrecision(6)), found.unit] : found.because.kind;
  };

  // By hand: 1 US qt = 946.353 mL; 4 tsp = 19.7157 mL in 3.78541 L = 5.20833 mL/L; 3 ft 6 in = 1.0668 m.
  test.each([
    ['1 qt', 'volume', 'L', 'us', [946.353, 'qt']],
    ['1 qt', 'volume', 'L', 'metric', [1136.52, 'qt']],
    ['½ cup', 'volume', 'mL', 'us', [118.294, 'cup']],
    ['1/2 cup', 'volume', 'mL', 'metric', [125, 'cup']],
    ['1,5 l', 'volume', 'mL', 'metric', [1500, 'L']],
    ['2 1/2', 'volume', 'L', 'metric', [2500, 'L']],
    ['1 cup + 2 tbsp', 'volume', 'mL', 'us', [266.162, 'cup']],
    ['2 T', 'volume', 'mL', 'us', [29.5736, 'tbsp']],
    ['2 t', 'volume', 'mL', 'us', [9.85784, 'tsp']],
    ['4 tsp/gal', 'volume/volume', 'mL/L', 'us', [5.20833, 'tsp/gal']],
    ['4 tsp per gallon', 'volume/volume', 'mL/L', 'us', [5.20833, 'tsp/gal']],
    ['4 teaspoons to the gallon', 'volume/volume', 'mL/L', 'us', [5.20833, 'tsp/gal']],
    ['10 ml a litre', 'volume/volume', 'mL/L', 'metric', [10, 'mL/L']],
    ['5', 'mass/volume', 'g/L', 'metric', [5, 'g/L']],
    ['200 ppm', 'mass/volume', 'g/L', 'us', [0.2, 'mg/L']],
    ['3 ft 6', 'length', 'ft', 'us', [1.0668, 'ft']],
    ['3 ft 6 in', 'length', 'm', 'us', [1.0668, 'ft']],
    ['3\'6"', 'length', 'm', 'us', [1.0668, 'ft']],
    ['15 cm', 'length', 'm', 'metric', [0.15, 'cm']],
    ['2 lb 4 oz', 'mass', 'oz', 'us', [1020.58, 'lb']],
    ['5 lb per 100 sq ft', 'mass/area', 'g/m²', 'us', [244.121, 'lb/100 sq ft']],
    ['10 °dH', 'hardness', 'mg/L', 'metric', [178.5, '°dH']],
    ['-5 C', 'temperature', '°C', 'metric', [-5, '°C']],
    ['70 f', 'temperature', '°C', 'us', [21.1111, '°F']],
    ['two barrow loads', 'volume', 'L', 'metric', [170_000, 'barrow']],
  ] as const)('%s as %s, beside %s, in %s', (text, kind, unit, system, expected) =>
    expect(read(text, kind, unit, system)).toEqual(expected),
  );

  test.each([
    ['', 'volume', 'empty'],
    ['some', 'volume', 'no-figure'],
    ['3 ells', 'length', 'unknown-unit'],
    ['3 kg', 'volume', 'other-kind'],
    ['-1 L', 'volume', 'negative'],
    ['1 L and a bit', 'volume', 'unknown-unit'],
  ] as const)('“%s” for %s is refused as %s', (text, kind, because) => expect(read(text, kind, 'L')).toBe(because));

  test('a field’s own units are counted where they are used: nine eggs are 49.5 g of shell', () => {
    const also = [{ id: 'shells', base: 5.5, words: ['egg', 'eggs'] }];
    const found = readAmount('9 eggs', { kind: 'mass', unit: 'g', system: 'metric', also });
    expect(found).toMatchObject({ kind: 'read', unit: 'shells', quantity: { amount: 49.5 } });
  });

  test('whatever is written in a unit that is offered is read back as itself (seed 71)', () => {
    const kinds = [
      'volume',
      'mass',
      'length',
      'area',
      'temperature',
      'hardness',
      'volume/volume',
      'mass/area',
    ] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(...measureSystems),
        fc.nat(20),
        fc.integer({ min: 1, max: 9999 }),
        (kind, system, pick, hundredths) => {
          const offered = unitsOf(kind, system);
          const unit = offered[pick % offered.length] ?? '';
          const figure = hundredths / 100;
          const found = readAmount(`${figure} ${unit}`, { kind, unit: baseUnitOf(kind), system });
          expect(found.kind).toBe('read');
          if (found.kind === 'read') expect(fromBase(kind, found.quantity.amount, unit, system)).toBeCloseTo(figure, 6);
        },
      ),
      { seed: 71 },
    );
  });
});

describe('units', () => {
  test('no word stands for two units of different size', () => {
    for (const { id, words } of units)
      for (const word of [id, ...words]) expect([word, unitNamed(word)?.id]).toEqual([word, id]);
  });

  test('there and back is where one began, for every unit and system (seed 72)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.constantFrom(...measureSystems),
        fc.double({ min: 0.001, max: 1e5, noNaN: true }),
        ({ id, kind }, system, figure) => {
          const base = toBase(kind, figure, id, system);
          expect(base).toBeDefined();
          expect(fromBase(kind, base ?? 0, id, system) / figure).toBeCloseTo(1, 9);
        },
      ),
      { seed: 72 },
    );
  });

  test('a usual amount opens as one would say it', () => {
    expect(guessIn('volume', 1500, 'qt', 'us')).toBe(1.5);
    expect(guessIn('length', 0.1, 'in', 'us')).toBe(4);
    expect(guessIn('temperature', 18, '°F', 'us')).toBe(65);
    expect(unitFor('length', 0.1, 'metric')).toBe('cm');
    expect(unitFor('length', 3, 'us')).toBe('ft');
  });
});

describe('amounts in the reader’s measures', () => {
  test.each([
    [cm(5), '5 cm', '2 in'],
    [cm(15), '15 cm', '6 in'],
    [cm(4, 5), '4–5 cm', '1½–2 in'],
    [cm(90), '90 cm', '3 ft'],
    [mLPerLitre(10), '10 mL per litre', '2½ tablespoons per gallon'],
    [gPerLitre(5), '5 g per litre', '0.7 oz per gallon'],
    [mgPerLitre(150), '150 mg/L', '150 ppm'],
    [mL(1500), '1.5 L', '1½ quarts'],
    [inBaseUnit('temperature', 32), '32 °C', '90 °F'],
    [inBaseUnit('temperature', 200), '200 °C', '390 °F'],
    [inBaseUnit('speed', 15), '15 km/h', '9 mph'],
    [inBaseUnit('area', 4), '4 m²', '45 sq ft'],
  ])('%j', (quantity, metric, us) => {
    expect(inWords(quantity, 'metric')).toBe(metric);
    expect(inWords(quantity, 'us')).toBe(us);
  });

  test.each([
    ['mulch {5 cm} deep', 'mulch 5 cm deep', 'mulch 2 in deep'],
    ['a square of {30 × 30 cm}', 'a square of 30 × 30 cm', 'a square of 12 × 12 in'],
    ['from {5 °C} to {30 °C}', 'from 5 °C to 30 °C', 'from 41 °F to 86 °F'],
    ['nothing to draw', 'nothing to draw', 'nothing to draw'],
  ])('%s', (text, metric, us) => {
    expect(proseIn(text, 'metric')).toBe(metric);
    expect(proseIn(text, 'us')).toBe(us);
  });

  test.each(['{deep}', '{5}', '{5 ells}', '{}'])('%s is no amount', (text) =>
    expect(() => readToken(text.slice(1, -1))).toThrow(/is no amount/),
  );

  test('a rounded amount is never further off than it says, in any system (seed 73)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('volume', 'mass', 'length', 'area', 'volume/volume', 'mass/area' as const),
        fc.constantFrom(...measureSystems),
        fc.double({ min: 0.5, max: 5000, noNaN: true }),
        (kind, system, amount) => {
          const words = inWords(inBaseUnit(kind as QuantityKind, amount), system);
          const back = readAmount(words.replace(/ per 1000/, ' per 1000'), {
            kind: kind as QuantityKind,
            unit: '',
            system,
          });
          expect(`${words}: ${back.kind}`).toBe(`${words}: read`);
          // Drops and sixteenths of an inch are as fine as it goes.
          if (back.kind === 'read' && amount > 5)
            expect(Math.abs(back.quantity.amount / amount - 1)).toBeLessThanOrEqual(0.13);
        },
      ),
      { seed: 73 },
    );
  });

  test('what holds no amount is the same object in every measure, and rows are drawn once', () => {
    const rows = { plain: [{ says: 'water it' }], told: [{ says: 'water {5 L}' }] };
    const us = spokenIn(rows, 'us');
    expect(us.plain).toBe(rows.plain);
    expect(us.told[0]?.says).toBe('water 1¼ gallons');
    expect(spokenIn(rows, 'us')).toBe(us);
  });

  test('fractions', () => {
    expect([0.5, 1.25, 2.125, 0.0625, 1.0625, 3].map(mixedFraction)).toEqual(['½', '1¼', '2⅛', '1/16', '1 1/16', '3']);
  });
});

describe('what can be measured', () => {
  const spoons = (ml: number, system: MeasureSystem) => spoonWords(measureWithSpoons(millilitres(ml), system));

  test('1⅛ teaspoons are measured as such, not as 1¼', () => {
    expect(spoons(5.625, 'metric')).toBe('1⅛ teaspoons');
    expect(spoons(5.545, 'us')).toBe('1⅛ teaspoons');
  });

  test('below a spoon there are a syringe, and drops where kitchens have no millilitres', () => {
    expect(spoons(0.7, 'metric')).toBe('0.7 mL by syringe');
    expect(spoons(0.4, 'us')).toBe('8 drops');
    expect(spoons(1.55, 'us')).toBe('¼ teaspoon + 6 drops');
  });

  test('every liquid is within five per cent, or something surer stands beside it (seed 74)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 4000, noNaN: true }),
        fc.constantFrom(...measureSystems),
        (ml, system) => {
          const { errorPercent, surer, pieces } = measureWithSpoons(millilitres(ml), system);
          expect(pieces.length).toBeGreaterThan(0);
          if (Math.abs(errorPercent) > 5 + 1e-6) expect([ml, system, surer?.kind]).toEqual([ml, system, 'two-step']);
        },
      ),
      { seed: 74, numRuns: 2000 },
    );
  });

  test('a powder is never drawn into a syringe or counted in drops, and what is surer is sure (seed 75)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 900, noNaN: true }),
        fc.double({ min: 0.3, max: 1.5, noNaN: true }),
        fc.constantFrom(...measureSystems),
        (weight, density, system) => {
          const { pieces, errorPercent, surer, wantedMl } = measurePowder(grams(weight), density, system);
          expect(pieces.some(({ tool }) => tool === 'syringe' || tool === 'drops')).toBe(false);
          if (Math.abs(errorPercent) <= 5 + 1e-6) return;
          if (surer?.kind === 'larger-batch') {
            const more = measurePowder(grams(weight * surer.times), density, system);
            expect(Math.abs(more.errorPercent)).toBeLessThanOrEqual(5 + 1e-6);
          }
          if (surer?.kind === 'two-step') {
            const tsp = system === 'us' ? 4.92892 : 5;
            const got = (surer.spoon.count * tsp * surer.useMl) / surer.intoMl;
            expect(Math.abs(got / wantedMl - 1)).toBeLessThanOrEqual(0.05 + 1e-6);
          }
        },
      ),
      { seed: 75, numRuns: 1000 },
    );
  });
});
