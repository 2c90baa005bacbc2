import { againstPlant } from '@trowel/core/judge';
import { answerMix } from '@trowel/core/headless';
import type { Mixed } from '@trowel/core/contract';
import { measureSystems } from '@trowel/core/quantities';
import { knowledge } from '../src';

const mixed = (body: unknown): Mixed => {
  const answer = answerMix(knowledge, body);
  if (answer.kind !== 'mix') throw new Error(`expected a mix, got ${JSON.stringify(answer)}`);
  return answer;
};
const litres = (amount: number) => ({ amount, unit: 'L' });

describe('mixing, against worked figures', () => {
  test('soap 1 % in 1.5 L of 180 mg/L water: 15 mL, a third lost at most', () => {
    const answer = mixed({ remedy: 'soap-spray', volume: litres(1.5), water: { hardness: 180 } });
    expect(answer.parts[0]).toMatchObject({ ml: 15, spoons: '1 tablespoon' });
    expect(answer.water.ml).toBe(1485);
    // 2 × 180 / 100.09 × 320.55 / 1000 = 1.153 g/L of 3.5 g/L.
    expect(answer.hardWater?.shareLost.high).toBeCloseTo(1.153 / 3.5, 3);
    expect(answer.hardWater?.says).toMatch(/a sixth to a third/);
    // 1.153 / 0.35 = 3.29 mL/L, × 1.5 L = 4.9 mL.
    expect(answer.hardWater?.extra).toMatchObject({ ml: 4.9, spoons: '1 teaspoon (4.94 mL)' });
  });

  test('hardness in degrees is the same water: 10 °dH is 178.5 mg/L', () => {
    const order = { remedy: 'soap-spray', volume: { amount: 2, unit: 'litres' } };
    const degrees = mixed({ ...order, water: { hardness: { amount: 10, unit: '°dH' } } });
    expect(degrees.hardWater).toEqual(mixed({ ...order, water: { hardness: 178.5 } }).hardWater);
    expect(degrees.totalMl).toBe(2000);
    expect(() => mixed({ ...order, water: { hardness: { amount: 10, unit: 'stones' } } })).toThrow(
      /water\.hardness\.unit: "stones"/,
    );
  });

  test('soap 0.5 % in very hard water: all of it can go, so rain water and no extra', () => {
    const answer = mixed({ remedy: 'soap-spray', strength: 'gentle', volume: litres(1), water: { hardness: 300 } });
    expect(answer.hardWater).toMatchObject({ useRainWater: true });
    expect(answer.hardWater?.extra).toBeUndefined();
    expect(answer.hardWater?.shareLost.high).toBe(1);
  });

  test.each([
    ['metric', { amount: 1, unit: 'L' }, 10, '2 teaspoons'],
    ['us', { amount: 1, unit: 'gal' }, 37.85, '2 tablespoons + 1¾ teaspoons'],
    ['us', { amount: 1, unit: 'qt' }, 9.46, '2 teaspoons'],
    ['imperial', { amount: 1, unit: 'gal' }, 45.46, '3 tablespoons'],
    ['australian', { amount: 2, unit: 'L' }, 20, '1 tablespoon'],
  ])('soap 1 %% in %s measures', (measures, volume, ml, spoons) => {
    expect(mixed({ remedy: 'soap-spray', volume, measures }).parts[0]).toMatchObject({ ml, spoons });
  });

  test('milk 1 to 9 in 1 L is 100 mL of milk, not 111', () => {
    expect(mixed({ remedy: 'milk-spray', volume: litres(1) })).toMatchObject({
      parts: [{ ml: 100 }],
      water: { ml: 900 },
    });
  });

  test('a plain dilution of 1 to 10 in 1.1 L is 100 mL', () => {
    expect(mixed({ oneTo: 10, volume: litres(1.1) }).parts[0]?.ml).toBeCloseTo(100);
  });

  test('bait of 1 % in 100 mL of syrup: 1.08 g boric acid, 21.6 g sugar', () => {
    const [sugar, boric] = mixed({ remedy: 'ant-bait', volume: { amount: 100, unit: 'mL' } }).parts;
    expect(sugar?.grams).toBeCloseTo(21.6);
    expect(boric?.grams).toBeCloseTo(1.08);
  });

  test('borax in place of boric acid takes 1.54 times as much', () => {
    const [, borax] = mixed({ remedy: 'ant-bait', product: 'borax', volume: { amount: 100, unit: 'mL' } }).parts;
    expect(borax?.grams).toBeCloseTo(1.08 * 1.541, 2);
  });

  test('Epsom salts 5 g per litre', () => {
    expect(mixed({ remedy: 'epsom-foliar', volume: litres(2) }).parts[0]).toMatchObject({
      grams: 10,
      spoons: '2 teaspoons',
      approximate: true,
    });
  });

  test('above the plant’s limit it is refused, with what to do instead', () => {
    expect(answerMix(knowledge, { remedy: 'soap-spray', volume: litres(1), strength: 3 })).toMatchObject({
      kind: 'refused',
      says: expect.stringMatching(/beyond the limit of 2 %.*Use 1 %/),
    });
  });

  test('the limit is on soap, not on millilitres: 2 % of a 49 % soap is refused', () => {
    expect(
      answerMix(knowledge, { remedy: 'soap-spray', volume: litres(1), strength: 2, soapPercent: 49 }),
    ).toMatchObject({ kind: 'refused', says: expect.stringMatching(/9\.8 g.*7 g.*at most 1\.43 %/) });
  });

  test('a fern is never sprayed with soap, and one nearby is warned of', () => {
    expect(answerMix(knowledge, { remedy: 'soap-spray', volume: litres(1), plants: ['maidenhair fern'] }).kind).toBe(
      'refused',
    );
    const answer = mixed({ remedy: 'soap-spray', volume: litres(1), plants: ['redcurrant'], nearby: ['fern'] });
    expect(answer.cautions.map(({ says }) => says).join()).toMatch(
      /Maidenhair fern stands near.*Do not let it be wetted/,
    );
  });

  test.each([
    ['metric', { count: 1, spoon: 'tbsp' }, 0.5, /Did you mean teaspoons\? A tablespoon is three/],
    ['australian', { count: 1, spoon: 'tbsp' }, 0.5, /Did you mean teaspoons\? A tablespoon is four/],
    ['metric', { count: 1, spoon: 'tsp' }, 1.5, /Did you mean tablespoons/],
    ['us', { count: 40, spoon: 'mL' }, 1, /gallon in a quart/],
  ])('a slip in %s is asked about', (measures, typed, volume, says) => {
    expect(mixed({ remedy: 'soap-spray', volume: litres(volume), measures, typed }).slip?.says).toMatch(says);
  });

  test('the right spoon is not a slip', () => {
    expect(
      mixed({ remedy: 'soap-spray', volume: litres(1.5), typed: { count: 1, spoon: 'tbsp' } }).slip,
    ).toBeUndefined();
  });

  test.each([
    ['bleach', 'vinegar'],
    ['bleach', 'ammonia'],
    ['bleach', 'peroxide'],
    ['vinegar', 'hydrogen peroxide'],
    ['lime sulphur', 'vinegar'],
    ['white vinegar', 'Bleach'],
  ])('%s with %s is stopped', (a, b) => {
    expect(answerMix(knowledge, { together: [a, b] }).kind).toBe('refused');
  });

  test('what goes in beside the main thing is measured too: oil with its soap, creamed first', () => {
    const answer = mixed({ remedy: 'oil-spray', volume: litres(2) });
    expect(answer.parts.map(({ ingredient, ml }) => [ingredient, ml])).toEqual([
      ['oil', 20],
      ['liquid-soap', 10],
    ]);
    expect(answer.water.ml).toBe(1970);
    expect(answer.order[0]?.says).toMatch(/^Shake .* with .* to a cream/);
  });

  test('the card can be followed by itself: before, wear, where, when, how often, the wait, what to expect', () => {
    const { card } = mixed({ remedy: 'soap-spray', volume: litres(1.5) });
    expect(card?.before.join()).toMatch(/soft water.*Wet two or three leaves/);
    expect(card?.wear).toEqual(['glasses']);
    expect(card?.putOn.join()).toMatch(/undersides.*in the evening, out of the sun, 2 dry hours after/);
    expect(card?.after.join()).toMatch(
      /after 2 days.*every 4–7 days, at most 3 times in 21 days.*Wait 1 day before picking/,
    );
    expect(card?.expect).toMatch(/50–95 % fewer .* 2–8 days on/);
    expect(mixed({ remedy: 'peroxide-drench', volume: litres(1) }).card?.putOn.join()).toMatch(/Where: moist soil/);
  });

  test('what is not known is not called safe', () => {
    expect(answerMix(knowledge, { together: ['milk', 'plutonium'] })).toMatchObject({
      kind: 'checked',
      notUnderstood: ['plutonium'],
      says: expect.stringMatching(/cannot be called safe/),
    });
  });

  const recipes = knowledge.remedies.filter(({ recipe }) => recipe);

  test.each(recipes.map((remedy) => [remedy.id, remedy] as const))(
    '%s: a card for every plant that it allows, every strength, in all four systems',
    (_, remedy) => {
      const plants = knowledge.plants.filter(({ id }) => againstPlant(knowledge, remedy, id) === undefined);
      expect(plants.length).toBeGreaterThan(0);
      for (const { id: strength } of remedy.recipe?.strengths ?? [])
        for (const measures of measureSystems)
          for (const plant of plants) {
            const order = { remedy: remedy.id, strength, measures, plants: [plant.id], volume: litres(1.5) };
            // Seedlings bear less than the rest; what is too strong for them is refused by their limit, by name.
            const tooStrong = answerMix(knowledge, order);
            if (plant.groups.includes('seedling') && tooStrong.kind === 'refused') {
              expect(tooStrong.because[0]?.rule).toMatch(/-seedling$/);
              continue;
            }
            const answer = mixed(order);
            expect(answer.parts.every(({ pieces }) => pieces.length > 0)).toBe(true);
            expect(answer.order.length).toBeGreaterThan(1);
            expect(answer.working.length).toBeGreaterThan(0);
            // What spoons can measure is near what is wanted, or says how far off it is.
            for (const part of answer.parts)
              expect(part.measuredMl).toBeCloseTo(part.ml * (1 + part.errorPercent / 100), 0);
          }
    },
  );

  test('there are recipes enough to mean something, and plants that none of the harsh ones may touch', () => {
    expect(recipes.length).toBeGreaterThan(20);
    expect(answerMix(knowledge, { remedy: 'soap-spray', volume: litres(1), plants: ['maidenhair fern'] }).kind).toBe(
      'refused',
    );
  });

  test.each([
    ['an unknown remedy', { remedy: 'moon-dust', volume: litres(1) }, /remedy: "moon-dust" is not known/],
    ['no volume', { remedy: 'soap-spray' }, /volume: /],
    ['an unknown unit', { remedy: 'soap-spray', volume: { amount: 1, unit: 'thimble' } }, /volume\.unit: "thimble"/],
    ['a negative amount', { remedy: 'soap-spray', volume: { amount: -1, unit: 'L' } }, /volume\.amount: .*above zero/],
    ['a remedy with nothing to mix', { remedy: 'hand-pick', volume: litres(1) }, /has nothing to mix/],
    [
      'an unknown plant',
      { remedy: 'soap-spray', volume: litres(1), plants: ['triffid'] },
      /plants: the plant "triffid"/,
    ],
    [
      'a stand-in that is none',
      { remedy: 'soap-spray', volume: litres(1), product: 'vinegar' },
      /product: "vinegar" cannot stand in/,
    ],
  ])('%s is refused by name', (_, body, message) => {
    expect(() => answerMix(knowledge, body)).toThrow(message);
  });
});
