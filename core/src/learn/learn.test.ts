import fc from 'fast-check';
import type { RemedyRow } from '../tables';
import { strengthsWords } from '../wording';
import { endOf, learntOf, likelyAgain, type Trial } from './index';

const soap = { id: 'soap-spray', expect: { reduction: [50, 95] } } as unknown as RemedyRow;
const trial = (end: Trial['end'], more: Partial<Trial> = {}): Trial => ({
  remedy: 'soap-spray',
  cause: 'aphids',
  end,
  isCounted: true,
  strength: 1,
  on: '2026-06-10',
  ...more,
});

describe('what this garden has learnt of a remedy', () => {
  test('one trial that worked says hardly anything: the range stays wide and the rank nearly where it was', () => {
    const learnt = learntOf(soap, [trial('worked')]);
    expect(learnt).toMatchObject({ worked: 1, failed: 0, harmed: 0 });
    // Beta(3, 2): 5 % at 0.249, 95 % at 0.902, from tables.
    expect(learnt?.share.low).toBeCloseTo(0.249, 2);
    expect(learnt?.share.high).toBeCloseTo(0.902, 2);
    // (12 · 0.5 + 1) / 13 over 0.5.
    expect(learnt?.factor).toBeCloseTo(1.077, 3);
  });

  test('what failed again and again sinks, to a floor; what hurt sinks at once', () => {
    const failed = learntOf(
      soap,
      Array.from({ length: 12 }, () => trial('failed')),
    );
    expect(failed?.factor).toBe(0.6);
    expect(failed?.share.high).toBeLessThan(0.4);
    expect(learntOf(soap, [trial('worked'), trial('harmed')])?.factor).toBeLessThanOrEqual(0.6);
  });

  test('what went by itself, or cannot be told, is no trial', () => {
    expect(learntOf(soap, [trial('by-itself'), trial('open')])).toBeUndefined();
    expect(learntOf(soap, [trial('worked', { remedy: 'milk-spray' })])).toBeUndefined();
  });

  test('a gardener’s word moves less than a count', () => {
    const byWord = learntOf(soap, [trial('worked', { isCounted: false })])?.factor ?? 0;
    expect(byWord).toBeGreaterThan(1);
    expect(byWord).toBeLessThan(learntOf(soap, [trial('worked')])?.factor ?? 0);
  });

  test('at which strengths it worked and did not', () => {
    const trials = [trial('worked'), trial('failed', { strength: 0.5 }), trial('worked', { strength: 1.5 })];
    expect(learntOf(soap, trials)?.strengths).toEqual({
      worked: [{ strength: 1 }, { strength: 1.5 }],
      failed: [{ strength: 0.5 }],
    });
  });

  test('the same strength in another water is another rate: what hard water binds is learnt with it', () => {
    const rain = { strength: 1, water: 'butt' } as const;
    const hard = { strength: 1, water: 'tap' } as const;
    const learnt = learntOf(soap, [trial('worked', rain), trial('worked', rain), trial('failed', hard)]);
    expect(learnt?.strengths).toEqual({ worked: [rain], failed: [hard] });
    if (!learnt) throw new Error('something is learnt');
    expect(strengthsWords({ kind: 'percent-volume' }, learnt, 'metric')).toBe(
      'Worked at 1 % by volume in rainwater; not at 1 % by volume in tap water.',
    );
  });

  test('more that worked never sinks it, more that failed never lifts it, and it stays in its bounds (seed 3)', () => {
    const count = fc.integer({ min: 0, max: 12 });
    fc.assert(
      fc.property(count, count, (worked, failed) => {
        const of = (good: number, bad: number) =>
          learntOf(soap, [
            ...Array.from({ length: good }, () => trial('worked')),
            ...Array.from({ length: bad }, () => trial('failed')),
          ])?.factor ?? 1;
        expect(of(worked + 1, failed)).toBeGreaterThanOrEqual(of(worked, failed));
        expect(of(worked, failed + 1)).toBeLessThanOrEqual(of(worked, failed));
        expect(of(worked, failed)).toBeGreaterThanOrEqual(0.6);
        expect(of(worked, failed)).toBeLessThanOrEqual(1.25);
      }),
      { seed: 3, numRuns: 60 },
    );
  });

  test('how a verdict ends a trial; what was missed in doing it is no failure', () => {
    expect(endOf({ verdict: 'no-change', finding: 'no-effect' }, false)).toBe('failed');
    expect(endOf({ verdict: 'no-change', finding: 'no-effect' }, true)).toBe('open');
    expect(endOf({ verdict: 'no-change', finding: 'weak' }, false)).toBe('failed');
    expect(endOf({ verdict: 'worse', finding: 'more' }, false)).toBe('failed');
    // It reached what was there; what hatched since is no fault of it.
    expect(endOf({ verdict: 'no-change', finding: 'came-back' }, false)).toBe('open');
    expect(endOf({ verdict: 'worse', finding: 'came-back' }, false)).toBe('open');
    expect(endOf({ verdict: 'solved', finding: 'by-itself' }, false)).toBe('by-itself');
    expect(endOf({ verdict: 'solved', finding: 'as-it-should' }, true)).toBe('worked');
    expect(endOf({ verdict: 'too-early', finding: 'open' }, false)).toBe('open');
    expect(endOf({ verdict: 'plant-harmed', finding: 'open' }, false)).toBe('harmed');
  });
});

describe('what comes again at this time of the year', () => {
  const had = (on: string, bed = 'kiln', cause = 'mildew') => ({ bed, cause, on });

  test('said from ten days before until a week after, of earlier years only', () => {
    const of = (today: string) => likelyAgain([had('2024-07-03'), had('2025-07-08'), had('2026-07-01')], today);
    expect(of('2026-06-22')).toEqual([]);
    expect(of('2026-06-24')).toMatchObject([{ on: '2026-07-03', years: [2024] }]);
    expect(of('2026-06-29')).toMatchObject([{ on: '2026-07-03', years: [2024, 2025] }]);
    expect(of('2026-07-16')).toEqual([]);
  });

  test('the soonest first, place by place; over the turn of the year and on a leap day too', () => {
    const list = likelyAgain([had('2025-06-20', 'b'), had('2025-06-14', 'a')], '2026-06-12');
    expect(list.map(({ bed }) => bed)).toEqual(['a', 'b']);
    expect(likelyAgain([had('2025-01-03')], '2026-12-28')).toMatchObject([{ on: '2027-01-03' }]);
    expect(likelyAgain([had('2024-02-29')], '2026-02-25')).toMatchObject([{ on: '2026-03-01' }]);
  });
});
