/** What is sown or set out when, how long it takes, and what cold it stands: seed packets and extension sowing tables. */
import type { Growth, SowingRow } from '@trowel/core/tables';

const row = (
  plant: string,
  months: readonly number[],
  days: readonly [number, number],
  growth: Growth,
  stands: number,
  more: Partial<SowingRow> = {},
): SowingRow => ({ plant, months, days, growth, stands, source: 'extension', grade: 'guideline', ...more });
const setOut = { isSetOut: true } as const;

export const sowing: readonly SowingRow[] = [
  row('radish', [3, 4, 5, 6, 7, 8, 9], [25, 35], 'cool', -3),
  row('rocket', [3, 4, 5, 7, 8, 9], [30, 45], 'cool', -6),
  row('lettuce', [3, 4, 5, 6, 7, 8], [45, 65], 'cool', -3),
  row('spinach', [3, 4, 8, 9], [40, 55], 'cool', -9),
  row('chard', [4, 5, 6, 7, 8], [50, 65], 'cool', -5),
  row('beetroot', [4, 5, 6, 7], [60, 85], 'cool', -3),
  row('carrot', [3, 4, 5, 6, 7], [70, 100], 'cool', -5),
  row('parsnip', [3, 4, 5], [120, 170], 'cool', -15),
  row('pea', [3, 4, 5, 6], [60, 85], 'cool', -3),
  row('broad-bean', [2, 3, 4, 11], [75, 100], 'cool', -9),
  row('runner-bean', [5, 6, 7], [50, 70], 'warm', 1, { as: 'dwarf or runner beans' }),
  row('courgette', [5, 6, 7], [45, 60], 'warm', 1),
  row('cucumber', [5, 6, 7], [50, 70], 'warm', 1),
  row('squash', [5, 6], [85, 115], 'warm', 1),
  row('corn', [5, 6], [70, 100], 'warm', 1),
  row('potato', [3, 4, 5], [75, 120], 'cool', 0, { ...setOut, as: 'seed potatoes' }),
  row('onion', [3, 4], [90, 120], 'cool', -8, { ...setOut, as: 'onion sets' }),
  row('garlic', [10, 11, 2], [100, 130], 'cool', -18, { ...setOut, as: 'garlic cloves' }),
  row('leek', [5, 6, 7, 8], [90, 130], 'cool', -14, setOut),
  row('cabbage', [4, 5, 6, 7, 8], [65, 100], 'cool', -8, { ...setOut, as: 'cabbage, kale or broccoli plants' }),
  row('celery', [5, 6, 7], [80, 110], 'cool', -2, setOut),
  row('tomato', [5, 6], [60, 85], 'warm', 1, setOut),
  row('pepper', [5, 6], [65, 90], 'warm', 2, setOut),
  row('aubergine', [5, 6], [65, 90], 'warm', 2, setOut),
  row('sweet-potato', [5, 6], [100, 130], 'warm', 3, { ...setOut, as: 'sweet potato slips' }),
  row('basil', [5, 6, 7], [30, 45], 'warm', 3),
  row('parsley', [3, 4, 5, 6, 7, 8], [65, 85], 'cool', -7),
];
