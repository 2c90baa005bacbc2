import type { CauseRow } from '../tables';
import { levelOf } from './act';

const aphids = { id: 'aphids', threshold: { sign: 'clusters', actAbove: 10, says: '' } } as unknown as CauseRow;
const seen = (amount: number, ...more: string[]) => [
  { sign: 'clusters', state: 'seen' as const, amount },
  ...more.map((sign) => ({ sign, state: 'seen' as const })),
];

describe('act or wait', () => {
  test('six a leaf are below ten', () => expect(levelOf(aphids, { evidence: seen(6) }).below).toBe(true));

  test('six that were three two days ago will be twenty-four at the next look', () => {
    const level = levelOf(aphids, { evidence: seen(6), earlier: [{ sign: 'clusters', amount: 3, daysAgo: 2 }] });
    expect(level.doublingDays).toBeCloseTo(2, 9);
    expect(level.timesThreshold).toBeCloseTo(2.4, 9);
    expect(level.below).toBe(false);
  });

  test('the same, picked within the week, is judged as it stands', () =>
    expect(
      levelOf(aphids, {
        evidence: seen(6),
        earlier: [{ sign: 'clusters', amount: 3, daysAgo: 2 }],
        daysToHarvest: 3,
      }).below,
    ).toBe(true));

  test('a number that shrinks is not carried forward', () =>
    expect(levelOf(aphids, { evidence: seen(6), earlier: [{ sign: 'clusters', amount: 12, daysAgo: 3 }] }).below).toBe(
      true,
    ));

  test('a plant that stands still bears less', () => {
    expect(levelOf(aphids, { evidence: seen(7, 'slow') }).below).toBe(false);
    expect(levelOf(aphids, { evidence: seen(5, 'slow') }).below).toBe(true);
  });

  test('the gardener’s own level counts', () =>
    expect(levelOf(aphids, { evidence: seen(6), thresholds: { aphids: 5 } }).below).toBe(false));

  test('without a count nothing is below anything', () =>
    expect(levelOf(aphids, { evidence: [{ sign: 'clusters', state: 'seen' }] })).toEqual({
      below: false,
      timesThreshold: 1,
    }));
});
