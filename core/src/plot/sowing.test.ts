import fc from 'fast-check';
import { addDays } from '../quantities';
import type { CauseRow, PlantRow, SowingRow } from '../tables';
import { stillToSow, type GrowingDay, type StillAsked } from './sowing';

const plants = [
  { id: 'radish', groups: ['brassica'] },
  { id: 'kale', groups: ['brassica'] },
  { id: 'tomato', groups: ['nightshade'] },
  { id: 'pepper', groups: ['nightshade'] },
  { id: 'bean', groups: ['legume'] },
] as unknown as PlantRow[];
const row = (plant: string, more: Partial<SowingRow> = {}): SowingRow => ({
  plant,
  months: [4, 5, 6, 7],
  days: [30, 40],
  growth: 'cool',
  stands: -3,
  source: 'extension',
  grade: 'guideline',
  ...more,
});
const good: GrowingDay = { mean: 16, low: 10, daylight: 15 };
const days = (of: (at: number) => Partial<GrowingDay>) =>
  Array.from({ length: 330 }, (_, at): GrowingDay => ({ ...good, ...of(at) }));
const today = '2026-06-10';
const asked = (more: Partial<StillAsked> = {}): StillAsked => ({
  today,
  season: { month: 6, latitude: 51 },
  days: days(() => ({})),
  isSheltered: false,
  grown: [],
  causes: [],
  ...more,
});
const blight = { id: 'blight', hosts: ['nightshade'] } as unknown as CauseRow;
const still = (sowing: SowingRow[], more?: Partial<StillAsked>) =>
  stillToSow({ sowing, plants, causes: [blight] }, asked(more));

describe('what can still be sown', () => {
  test('in good weather it is ripe after its days: 30 and 40 from 10 June', () => {
    expect(still([row('radish')]).fits).toMatchObject([{ from: '2026-07-10', to: '2026-07-20' }]);
  });

  test('at 10 °C what likes it cool takes twice as long (10 − 4 of 16 − 4), and what likes it warm stands still', () => {
    const cold = { days: days(() => ({ mean: 10 })) };
    expect(still([row('radish')], cold).fits).toMatchObject([{ from: addDays(today, 60), to: addDays(today, 80) }]);
    expect(still([row('bean', { growth: 'warm' })], cold).fits).toEqual([]);
  });

  test('warmer than good is no quicker; in days of less than ten hours of light it takes four times as long', () => {
    expect(still([row('radish')], { days: days(() => ({ mean: 30 })) }).fits[0]?.from).toBe('2026-07-10');
    expect(still([row('radish')], { days: days(() => ({ daylight: 9 })) }).fits[0]?.from).toBe(addDays(today, 120));
  });

  test('a night colder than it stands before the slow kinds are ripe rules it out; one after does not', () => {
    const frostAt = (day: number) => ({ days: days((at) => ({ low: at === day ? -5 : 10 })) });
    expect(still([row('radish')], frostAt(38)).fits).toEqual([]);
    expect(still([row('radish')], frostAt(45)).fits).toHaveLength(1);
    expect(still([row('radish', { stands: -6 })], frostAt(38)).fits).toHaveLength(1);
    // Under glass it does not reach them.
    expect(still([row('radish')], { ...frostAt(38), isSheltered: true }).fits).toHaveLength(1);
  });

  test('out of its months it is not offered; in the south they are six months on', () => {
    expect(still([row('radish', { months: [9] })]).fits).toEqual([]);
    expect(still([row('radish')], { season: { month: 6, latitude: -35 } }).fits).toEqual([]);
    expect(still([row('radish')], { season: { month: 11, latitude: -35 } }).fits).toHaveLength(1);
  });

  test('not where its family grew within three years, and not what gets the same trouble', () => {
    const kale = { plant: 'kale', label: 'Kale', from: '2024-03-01', to: '2024-10-01' };
    const found = still([row('radish'), row('bean'), row('pepper')], { grown: [kale], causes: ['blight'] });
    expect(found.fits.map(({ row: { plant } }) => plant)).toEqual(['bean']);
    expect(found.notHere.map(({ row: { plant }, because }) => [plant, because])).toEqual([
      ['radish', 'family'],
      ['pepper', 'same-trouble'],
    ]);
    expect(still([row('radish')], { grown: [{ ...kale, to: '2023-05-01' }] }).fits).toHaveLength(1);
  });

  test('the soonest first, and never ripe in colder or darker days sooner than in better ones (seed 3)', () => {
    const between = (min: number, max: number) => fc.integer({ min, max });
    fc.assert(
      fc.property(between(5, 25), between(0, 10), between(7, 16), (mean, less, daylight) => {
        const rows = [row('radish'), row('bean', { days: [60, 80] }), row('tomato', { days: [20, 90] })];
        const better = still(rows, { days: days(() => ({ mean, daylight })) });
        const worse = still(rows, { days: days(() => ({ mean: mean - less, daylight: daylight - 3 })) });
        for (const { row: one, to } of worse.fits) {
          const same = better.fits.find((other) => other.row.plant === one.plant);
          expect(same && same.to <= to).toBe(true);
        }
        const ends = better.fits.map(({ to }) => to);
        expect(ends).toEqual([...ends].sort());
      }),
      { seed: 3, numRuns: 50 },
    );
  });
});
