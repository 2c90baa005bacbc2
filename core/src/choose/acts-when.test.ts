import type { Tables } from '../tables';
import { actsWhen, paceOf } from './acts-when';

const row = (id: string, days: readonly [number, number], of: string, fits = 1, rung = 'care') => ({
  id,
  rung,
  targets: [{ of, fits, why: 'it does' }],
  expect: { days },
});
const tables = {
  conditions: [
    { id: 'poor', about: 'soil' },
    { id: 'wet', about: 'water' },
  ],
  causes: [
    { id: 'hungry', kind: 'shortage' },
    { id: 'aphids', kind: 'pest' },
  ],
  remedies: [
    row('compost', [60, 365], 'poor'),
    row('feed', [5, 10], 'hungry'),
    row('chelate', [14, 23], 'hungry'),
    row('rock', [180, 700], 'hungry'),
    row('soap', [2, 4], 'aphids'),
    row('drain', [14, 60], 'wet'),
    row('pinch', [3, 9], 'poor', 0.1),
    row('ask', [7, 21], 'hungry', 1, 'professional'),
  ],
} as unknown as Tables;

test('what feeds or mends the ground stands by how soon it acts; what is for something else does not', () => {
  expect(actsWhen(tables).map(({ pace, rows }) => [pace, rows.map(({ id }) => id)])).toEqual([
    ['days', ['feed']],
    ['weeks', ['chelate']],
    ['months', ['compost']],
    ['next-season', ['rock']],
  ]);
});

test.each([
  [0, 'days'],
  [9, 'days'],
  [10, 'weeks'],
  [29, 'weeks'],
  [30, 'months'],
  [119, 'months'],
  [120, 'next-season'],
] as const)('what is first seen on day %i acts in %s', (first, pace) =>
  expect(paceOf({ expect: { days: [first, first + 10] } } as never)).toBe(pace),
);
