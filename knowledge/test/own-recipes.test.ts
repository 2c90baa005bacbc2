import { InputError, parseInput, recipeDocument, type RecipeDocument } from '@trowel/core/contract';
import { measureSystems } from '@trowel/core/quantities';
import { answerMix } from '@trowel/core/headless';
import { checkRecipe, recipeOf, shoppingList, costOf } from '@trowel/core/mix';
import { shoppingWords } from '@trowel/core/wording';
import { knowledge } from '../src';

const withRecipe = knowledge.remedies.filter(({ recipe }) => recipe && recipe.kind !== 'bait');
const soap = recipeOf(knowledge, 'soap-spray');
const withParts = (parts: RecipeDocument['parts'], more: Partial<RecipeDocument> = {}): RecipeDocument => ({
  ...soap,
  ...more,
  parts,
});

const mixOwn = (recipe: RecipeDocument, ml: number, measures = 'metric') =>
  answerMix(knowledge, { recipe, measures, volume: { amount: ml, unit: 'mL' } });

describe('recipes of one’s own', () => {
  test.each(withRecipe.map(({ id }) => [id] as const))('%s can be begun from, and passes as it is', (id) => {
    const document = recipeOf(knowledge, id);
    expect(parseInput(recipeDocument, JSON.parse(JSON.stringify(document)))).toEqual(document);
    expect(checkRecipe(knowledge, document).filter(({ level }) => level === 'stop')).toEqual([]);
    for (const measures of measureSystems) expect(mixOwn(document, 1500, measures).kind).toBe('mix');
  });

  test('the same amounts as the remedy it was begun from', () => {
    // 1 % is 10 mL a litre; 1 to 9 is 100 mL a litre.
    expect(soap.parts[0]).toMatchObject({ amount: 10, unit: 'mL/L' });
    expect(recipeOf(knowledge, 'milk-spray').parts[0]).toMatchObject({ amount: 100, unit: 'mL/L' });
    expect(recipeOf(knowledge, 'epsom-foliar').parts[0]).toMatchObject({ amount: 5, unit: 'g/L' });
  });

  test.each([
    [
      'more soap than leaves bear',
      withParts([{ ingredient: 'liquid soap', amount: 21, unit: 'mL/L' }]),
      /over the limit of 2 %/,
    ],
    [
      'acid beside soap',
      withParts([...soap.parts, { ingredient: 'vinegar', amount: 2, unit: 'mL/L' }]),
      /Acid turns soap/,
    ],
    [
      'borax on leaves',
      withParts([{ ingredient: 'borax', amount: 1, unit: 'g/L' }], { basedOn: undefined }),
      /not sprayed/,
    ],
    [
      'a brew on leaves',
      withParts([{ ingredient: 'weed brew', amount: 50, unit: 'mL/L' }], { basedOn: undefined }),
      /poured on soil, not sprayed/,
    ],
    [
      'strong vinegar on soil',
      withParts([{ ingredient: 'vinegar', amount: 50, unit: 'mL/L', percent: 20 }], {
        basedOn: undefined,
        goesOn: 'soil',
      }),
      /above 10 %/,
    ],
    [
      'bleach on soil',
      withParts([{ ingredient: 'bleach', amount: 5, unit: 'mL/L' }], { basedOn: undefined, goesOn: 'soil' }),
      /kills soil life/,
    ],
    [
      'salt',
      withParts([{ ingredient: 'salt', amount: 50, unit: 'g/L' }], { basedOn: undefined, goesOn: 'soil' }),
      /Salt stays/,
    ],
  ])('%s is stopped', (_, document, says) => {
    const answer = mixOwn(document, 1000);
    expect(answer.kind).toBe('refused');
    expect(answer.kind === 'refused' && answer.says).toMatch(says);
  });

  test('twice as much of it takes twice as much of everything', () => {
    const once = mixOwn(soap, 1000);
    const twice = mixOwn(soap, 2000);
    if (once.kind !== 'mix' || twice.kind !== 'mix') throw new Error('mixes expected');
    expect(twice.parts[0]?.ml).toBeCloseTo(2 * (once.parts[0]?.ml ?? 0));
    expect(twice.water.ml).toBeCloseTo(2 * once.water.ml);
  });

  test.each([
    [
      'an unknown ingredient',
      withParts([{ ingredient: 'unicorn', amount: 1, unit: 'mL/L' }]),
      /parts\[0\]\.ingredient/,
    ],
    ['an unknown remedy to begin from', withParts(soap.parts, { basedOn: 'spell' }), /basedOn: "spell"/],
  ])('%s is named', (_, document, message) => {
    expect(() => checkRecipe(knowledge, document)).toThrow(InputError);
    expect(() => checkRecipe(knowledge, document)).toThrow(message);
  });
});

describe('what to buy and what it costs', () => {
  const row = (ingredient: string, more: object = {}) => ({
    ingredient,
    amount: 100,
    packSize: 500,
    packPrice: 6,
    wanted: false,
    ...more,
  });
  /** Three rounds of a litre and a half at 1 %. */
  const soap = [{ remedy: 'soap-spray', parts: [{ ingredient: 'liquid-soap', ml: 15 }], times: 3 }];

  test('nothing is on the list while no cupboard is kept', () => {
    expect(shoppingList([], soap)).toEqual([]);
  });

  test('three sprays of 15 mL need 45 mL: enough is not listed, too little is', () => {
    expect(shoppingList([row('liquid-soap')], soap)).toEqual([]);
    const [item] = shoppingList([row('liquid-soap', { amount: 44 })], soap);
    if (!item) throw new Error('soap is to be bought');
    expect(shoppingWords(knowledge, item, 'metric')).toBe('45 mL for soap spray, 44 mL there');
    expect(shoppingWords(knowledge, item, 'us')).toBe('3 tablespoons for soap spray, 3 tablespoons there');
    expect(shoppingList([row('liquid-soap', { amount: null })], soap)).toEqual([]);
  });

  test('15 mL from 500 mL at 6.00 cost 0.18; where a price is missing nothing is said', () => {
    expect(costOf([{ ingredient: 'liquid-soap', ml: 15 }], [row('liquid-soap')])).toBeCloseTo(0.18);
    expect(
      costOf([{ ingredient: 'sugar', ml: 25, grams: 20 }], [row('sugar', { packSize: 1000, packPrice: 1.4 })]),
    ).toBeCloseTo(0.028);
    expect(costOf([{ ingredient: 'milk', ml: 15 }], [row('liquid-soap')])).toBeUndefined();
    expect(costOf([{ ingredient: 'liquid-soap', ml: 15 }], [row('liquid-soap', { packPrice: null })])).toBeUndefined();
  });
});
