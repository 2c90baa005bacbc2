import fc from 'fast-check';
import type { IngredientRow, KeepApartRow, PaceRow, RemedyRow } from '../tables';
import { judge } from './judge';
import { apartOf, kindOf, repeatsOf, tooNear, type Neighbour } from './timing';

const told = { source: 'judgement', grade: 'practice' } as const;
const row = (a: string, b: string, days: number, scope: KeepApartRow['scope'] = 'plant'): KeepApartRow => ({
  id: `${a}-${b}`,
  a,
  b,
  days,
  scope,
  why: 'they harm each other',
  ...told,
});
const soap = { id: 'true-soap', classes: ['soap'] } as unknown as IngredientRow;
const spray = {
  id: 'soap-spray',
  classes: ['soap', 'spray'],
  recipe: { ingredient: 'true-soap' },
  repeat: { everyDays: [4, 7], most: 3, inDays: 21 },
  preHarvestDays: 1,
} as unknown as RemedyRow;
const pace: PaceRow = { id: 'oil-pace', of: 'oil', everyDays: 7, why: 'leaves breathe', instead: 'wait', ...told };
const tables = { keepApart: [], remedies: [spray], ingredients: [soap], paces: [pace] };
const at = (daysAgo: number, classes = ['soap', 'spray'], more: Partial<Neighbour> = {}): Neighbour => ({
  classes,
  where: 'plant',
  daysAgo,
  ...more,
});
const codes = (found: readonly object[]) => found.map((one) => ('code' in one ? one.code : '?'));

describe('days to keep apart', () => {
  test('count either way round, to the day', () => {
    const keepApart = [row('soap', 'living', 3)];
    expect(tooNear({ keepApart }, ['soap'], ['living'], 2)?.id).toBe('soap-living');
    expect(tooNear({ keepApart }, ['living'], ['soap'], -2)?.id).toBe('soap-living');
    expect(tooNear({ keepApart }, ['soap'], ['living'], 3)).toBeUndefined();
    expect(tooNear({ keepApart }, ['soap'], ['copper'], 0)).toBeUndefined();
  });

  test('what is kept from a bed does not bind a plant elsewhere, and the other way round', () => {
    const keepApart = [row('lime', 'manure', 21, 'bed')];
    expect(apartOf({ keepApart }, [{ classes: ['lime'] }], [at(2, ['manure'], { where: 'bed' })])).toHaveLength(1);
    expect(apartOf({ keepApart }, [{ classes: ['lime'] }], [at(2, ['manure'])])).toEqual([]);
  });

  test('say how many days are still to wait', () => {
    const [found] = apartOf({ keepApart: [row('oil', 'sulphur', 14)] }, [{ classes: ['oil'] }], [at(9, ['sulphur'])]);
    expect(found).toMatchObject({ level: 'caution', with: { wanted: 14, wait: 5 } });
  });
});

describe('rounds', () => {
  test('three in three weeks is the most of soap, counted over what was and what will be', () => {
    expect(codes(repeatsOf(tables, [{ classes: ['soap', 'spray'] }], [at(5), at(10)]))).toEqual([]);
    expect(codes(repeatsOf(tables, [{ classes: ['soap', 'spray'] }], [at(5), at(10), at(15)]))).toEqual(['too-many']);
    expect(codes(repeatsOf(tables, [{ classes: ['soap', 'spray'] }], [at(10), at(-5), at(-9)]))).toEqual(['too-many']);
    expect(codes(repeatsOf(tables, [{ classes: ['soap', 'spray'] }], [at(21), at(10), at(5)]))).toEqual([]);
  });

  test('what holds soap counts as soap, what holds none does not', () => {
    const pepper = at(5, ['irritant', 'soap', 'spray']);
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [pepper, at(9), at(12)]))).toEqual(['too-many']);
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [at(5, ['milk']), at(9), at(12)]))).toEqual([]);
  });

  test('a remedy’s own pace counts only between rounds of itself', () => {
    const again = at(2, ['soap', 'spray'], { remedy: 'soap-spray' });
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [again], 'soap-spray'))).toEqual(['too-soon']);
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [again], 'pepper-spray'))).toEqual([]);
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [at(4, ['soap'], { remedy: 'soap-spray' })]))).toEqual([]);
  });

  test('the pace of a substance counts whatever remedy it comes in', () => {
    expect(codes(repeatsOf(tables, [{ classes: ['oil'] }], [at(3, ['neem', 'oil'])]))).toEqual(['too-often']);
    expect(codes(repeatsOf(tables, [{ classes: ['oil'] }], [at(7, ['neem', 'oil'])]))).toEqual([]);
  });

  test('what went on the bed, on another plant, is no round of this one', () =>
    expect(codes(repeatsOf(tables, [{ classes: ['soap'] }], [at(1), at(2), at(3)].map(onBed)))).toEqual([]));
  const onBed = (one: Neighbour): Neighbour => ({ ...one, where: 'bed' });

  test('never more than the most in any span of days, by trying every span', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -30, max: 30 }), { maxLength: 8 }), (days) => {
        const all = [0, ...days];
        const spans = Array.from({ length: 21 }, (_, from) => all.filter((day) => day >= from - 20 && day <= from));
        const isTooMany = Math.max(...spans.map(({ length }) => length)) > 3;
        const found = codes(
          repeatsOf(
            tables,
            [{ classes: ['soap'] }],
            days.map((day) => at(day)),
          ),
        );
        expect(found.includes('too-many')).toBe(isTooMany);
      }),
    );
  });
});

describe('the judge', () => {
  const all = {
    ...tables,
    keepApart: [row('soap', 'living', 3)],
    safetyRules: [],
    limits: [],
    areaLimits: [],
    depthLimits: [],
    temperatures: [
      { id: 'warm', of: 'soap', most: 30, level: 'caution', why: 'it burns', instead: 'later', ...told },
      { id: 'cold', of: 'soap', least: 4, level: 'caution', why: 'it freezes', instead: 'later', ...told },
    ],
  } as unknown as Parameters<typeof judge>[0];
  const of = (act: Omit<Parameters<typeof judge>[1], 'things'>) =>
    codes(judge(all, { things: [{ classes: ['soap', 'spray'] }], ...act }));

  test('sees what is planned as well as what was', () => {
    expect(of({ before: [{ classes: ['living'], where: 'plant', daysAgo: 1 }] })).toEqual(['days-between']);
    expect(of({ planned: [{ classes: ['living'], where: 'plant', inDays: 2 }] })).toEqual(['days-between']);
    expect(of({ planned: [{ classes: ['living'], where: 'plant', inDays: 3 }] })).toEqual([]);
  });

  test('knows too cold from too warm, and nothing where no degrees are said', () => {
    expect(of({ temperature: 31 })).toEqual(['too-warm']);
    expect(of({ temperature: 3 })).toEqual(['too-cold']);
    expect(of({ temperature: 30 })).toEqual([]);
    expect(of({})).toEqual([]);
  });

  test('the kind of a remedy is what its mix is made of, or its classes where nothing is mixed', () => {
    expect(kindOf({ ingredients: [soap] }, spray)).toEqual(['soap']);
    expect(kindOf({ ingredients: [soap] }, { classes: ['copper', 'spray'] })).toEqual(['copper', 'spray']);
  });
});
