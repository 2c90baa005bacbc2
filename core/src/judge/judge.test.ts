import fc from 'fast-check';
import type { AreaLimitRow, IngredientRow, LimitRow, PaceRow, RemedyRow, SafetyRule, Tables, Use } from '../tables';
import { againstPlant } from './on-plant';
import { beyondCap, doseOf, remedyUse, thingsOf, usualStrength } from './remedy-act';
import { judge, limitFor, type Act } from './judge';

const told = { source: 'extension', grade: 'guideline' } as const;
const limit = (of: string, use: Use, most: number, more: Partial<LimitRow> = {}): LimitRow => ({
  id: `${of}-${use}`,
  of,
  use,
  most,
  why: 'it burns',
  instead: 'thin it',
  ...told,
  ...more,
});
const rule = (id: string, level: SafetyRule['level'], when: SafetyRule['when'], more: Partial<SafetyRule> = {}) => ({
  id,
  level,
  when,
  says: 'mind it',
  instead: 'do not',
  ...told,
  ...more,
});
const pace = (row: Partial<PaceRow> & { id: string; of: string }): PaceRow => ({
  why: 'it adds up',
  instead: 'wait',
  ...told,
  ...row,
});
const area: AreaLimitRow = { id: 'ash-area', of: 'lime', most: 120, why: 'too limy', instead: 'less', ...told };
const recipe = {
  kind: 'percent-volume',
  ingredient: 'true-soap',
  cap: 2,
  strengths: [
    { id: 'mild', value: 0.5 },
    { id: 'usual', value: 1, byDefault: true },
  ],
} as unknown as NonNullable<RemedyRow['recipe']>;
const spray = {
  id: 'soap-spray',
  classes: ['soap', 'spray'],
  recipe,
  preHarvestDays: 1,
} as unknown as RemedyRow;
const tables = {
  limits: [
    limit('oil', 'leaf', 3, { id: 'oil-bare', when: 'bare-branches' }),
    limit('oil', 'leaf', 2),
    limit('soap', 'leaf', 2),
    limit('soap', 'seedling', 1),
    limit('peroxide', 'leaf', 0.3, { tested: 0.5 }),
    limit('gentle', 'leaf', 5),
    limit('copper', 'soil', 0),
  ],
  areaLimits: [area],
  paces: [
    pace({ id: 'pail-rounds', of: 'pail', rounds: { most: 3, inDays: 14 }, use: 'leaf' }),
    pace({ id: 'oil-pace', of: 'oil', everyDays: 7, use: 'leaf' }),
    pace({ id: 'soap-soak', of: 'soap', soakMinutes: 30, use: 'soak' }),
    pace({ id: 'brew-age', of: 'brew', ageDays: 27, thenMost: 3.5 }),
    pace({ id: 'manure-pick', of: 'manure', pickDays: 120 }),
  ],
  temperatures: [],
  depthLimits: [
    { id: 'dry-cut', of: 'cut', most: 5, when: 'dried', why: '', instead: '' },
    { id: 'cut', of: 'cut', most: 2.5, why: '', instead: '' },
  ],
  keepApart: [],
  remedies: [spray],
  ingredients: [{ id: 'true-soap', classes: ['soap'], density: 1, form: 'liquid' } as unknown as IngredientRow],
  safetyRules: [
    rule('gas', 'stop', { things: ['bleach', 'acid'] }),
    rule('dust', 'caution', { things: ['dust'] }, { metBy: ['masked'] }),
    rule('smell', 'note', { things: ['brew'] }),
  ],
} as unknown as Tables;

const of = (act: Partial<Act> & { things: Act['things'] }) =>
  judge(tables, act).map(
    (found) => `${found.level} ${'code' in found ? found.code : 'rule' in found ? found.rule : '?'}`,
  );
const thing = (name: string, dose?: number) => ({ classes: [name], ...(dose === undefined ? {} : { dose }) });

describe('the strength of a thing', () => {
  test.each([
    [thing('soap', 2), {}, []],
    [thing('soap', 2.2), {}, ['stop over-limit']],
    [thing('soap', 1.5), { isYoung: true as const }, ['stop over-limit']],
    [thing('peroxide', 0.4), {}, ['caution test-first']],
    [thing('peroxide', 0.4), { isTested: true as const }, []],
    [thing('peroxide', 0.6), { isTested: true as const }, ['stop over-limit']],
    [thing('oil', 2.5), {}, ['stop over-limit']],
    [thing('oil', 2.5), { facts: ['bare-branches' as const] }, []],
    [thing('soap'), {}, []],
    [thing('unknown', 50), {}, []],
  ])('%j %j: %j', (one, more, found) => expect(of({ things: [one], use: 'leaf', ...more })).toEqual(found));

  test('spoons are good to a twentieth, what is worked out is meant as it stands', () => {
    expect(of({ things: [thing('soap', 2.08)], use: 'leaf' })).toEqual(['stop over-limit']);
    expect(of({ things: [thing('soap', 2.08)], use: 'leaf', isHeard: true })).toEqual([]);
  });

  test('nothing of it is nothing, known strength or not', () =>
    expect(of({ things: [thing('copper')], use: 'soil' })).toEqual(['stop nothing-of-it']));

  test('the limit of the ingredient stands before that of its class, and the strictest class counts', () => {
    const both = { ingredient: 'gentle', classes: ['soap'] };
    expect(limitFor(tables, both, 'leaf')?.id).toBe('gentle-leaf');
    expect(limitFor(tables, { classes: ['soap', 'peroxide'] }, 'leaf')?.id).toBe('peroxide-leaf');
    expect(limitFor(tables, thing('soap'), 'tool')).toBeUndefined();
  });

  test('more than its label is too much, wherever it goes', () => {
    expect(of({ things: [{ classes: ['anything'], labelRate: 1.5 }] })).toEqual(['stop over-label']);
    expect(of({ things: [{ classes: ['anything'], labelRate: 1 }] })).toEqual([]);
  });

  test('stronger is never milder', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('soap', 'oil', 'peroxide'),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (name, dose, times) => {
          const weight = (found: string[]) =>
            found.some((one) => one.startsWith('stop')) ? 2 : found.some((one) => one.startsWith('caution')) ? 1 : 0;
          const mild = weight(of({ things: [thing(name, dose)], use: 'leaf' }));
          expect(weight(of({ things: [thing(name, dose * times)], use: 'leaf' }))).toBeGreaterThanOrEqual(mild);
        },
      ),
    ));
});

describe('what else is judged', () => {
  test('how thick a layer is: dried it may be thicker', () => {
    expect(of({ things: [thing('cut')], depth: 2.5 })).toEqual([]);
    expect(of({ things: [thing('cut')], depth: 4 })).toEqual(['caution over-depth']);
    expect(of({ things: [thing('cut')], depth: 4, facts: ['dried'] })).toEqual([]);
    expect(of({ things: [thing('cut')], depth: 8, facts: ['dried'] })).toEqual(['caution over-depth']);
  });

  test('how many rounds a span bears', () => {
    const rounds = (times: number, inDays: number) =>
      of({ things: [thing('pail')], use: 'leaf', rounds: { times, inDays } });
    expect(rounds(3, 14)).toEqual([]);
    expect(rounds(4, 14)).toEqual(['stop too-many']);
    expect(rounds(4, 60)).toEqual([]);
  });

  test('so much on so large a bed', () => {
    expect(of({ things: [{ classes: ['lime'], perArea: 130 }] })).toEqual(['stop over-area']);
    expect(of({ things: [{ classes: ['lime'], perArea: 120 }] })).toEqual([]);
  });
  test('how often: a little too often is minded, twice too often stops', () => {
    expect(of({ things: [thing('oil')], use: 'leaf', everyDays: 5 })).toEqual(['caution too-often']);
    expect(of({ things: [thing('oil')], use: 'leaf', everyDays: 3 })).toEqual(['stop too-often']);
    expect(of({ things: [thing('oil')], use: 'tool', everyDays: 3 })).toEqual([]);
  });
  test('how long it stands, and how old it is', () => {
    expect(of({ things: [thing('soap')], use: 'soak', soakMinutes: 60 })).toEqual(['stop too-long']);
    expect(of({ things: [thing('brew')], ageDays: 40 })).toEqual(['caution too-old', 'note smell']);
    expect(of({ things: [thing('brew', 3)], ageDays: 40 })).toEqual(['note smell']);
  });
  test('how near picking is: of what makes ill it stops', () => {
    expect(of({ things: [thing('manure')], daysToHarvest: 30 })).toEqual(['stop wait-to-pick']);
    expect(of({ things: [thing('soap')], daysToHarvest: 0 })).toEqual(['caution wait-to-pick']);
    expect(
      of({ things: [], before: [{ classes: ['manure'], where: 'plant', daysAgo: 100 }], daysToHarvest: 30 }),
    ).toEqual([]);
  });
  test('the gravest comes first, and what has been minded is only noted', () => {
    const things = ['dust', 'brew', 'bleach', 'acid'].map((name) => thing(name));
    expect(of({ things })).toEqual(['stop gas', 'caution dust', 'note smell']);
    expect(of({ things: [thing('dust')], facts: ['masked'] })).toEqual(['note dust']);
  });
  test('a test leaf has two days', () => {
    expect(of({ things: [], testLeafDaysAgo: 0 })).toEqual(['stop test-runs']);
    expect(of({ things: [], testLeafDaysAgo: 3, testLeafFound: 'not-looked' })).toEqual(['stop test-unseen']);
    expect(of({ things: [], testLeafDaysAgo: 3, testLeafFound: 'could-not' })).toEqual(['caution test-unseen']);
    expect(of({ things: [], testLeafDaysAgo: 3, testLeafFound: 'unharmed' })).toEqual([]);
    expect(of({ things: [], testLeafFound: 'harmed' })).toEqual(['stop test-harmed']);
    expect(of({ things: [], testLeafDaysAgo: 1 })).toEqual(['caution test-runs']);
    expect(of({ things: [], testLeafDaysAgo: 2 })).toEqual([]);
  });
});

describe('a remedy as an act', () => {
  test('what it puts on, where, and how strong', () => {
    expect(remedyUse(spray)).toBe('leaf');
    expect(remedyUse({ classes: ['drench', 'soak'] })).toBe('soak');
    expect(remedyUse({ classes: ['bait'] })).toBe('bait');
    expect(thingsOf(tables, spray, { strength: 1 })).toEqual([
      { ingredient: 'true-soap', classes: ['soap', 'spray'], dose: 1 },
    ]);
    expect(doseOf({ kind: 'one-to-n' } as never, 9)).toBe(10);
    expect(doseOf({ kind: 'grams-per-litre' } as never, 5)).toBe(0.5);
  });
  test('beyond its recipe it stops, with what is usual', () => {
    expect(usualStrength(recipe).value).toBe(1);
    expect(beyondCap(spray, 2)).toEqual([]);
    expect(beyondCap(spray, 2.5)).toMatchObject([{ level: 'stop', with: { most: 2, usual: 1 } }]);
    expect(beyondCap(spray, undefined)).toEqual([]);
  });
  test('a plant that is not there is against nothing', () =>
    expect(againstPlant({ ...tables, plants: [] }, spray, 'rose')).toBeUndefined());
});
