import fc from 'fast-check';
import {
  aroundOn,
  daysToHarvest,
  judge,
  nextRoundOn,
  onlyWaits,
  remedyUse,
  thingsOf,
  type Round,
} from '@trowel/core/judge';
import { addDays, daysBetween } from '@trowel/core/quantities';
import { knowledge } from '@trowel/knowledge';

const day = '2026-06-01';
const remedies = knowledge.remedies.filter(({ steps }) => steps.some(({ applies }) => applies));
const remedy = (id: string) => {
  const found = remedies.find((row) => row.id === id);
  if (!found) throw new Error(`no remedy ${id}`);
  return found;
};
const own = (id: string, ...days: number[]): Round[] =>
  days.map((after) => ({ remedy: remedy(id), on: addDays(day, after), isOwn: true, isOnPlant: true }));
const other = (id: string, after: number): Round => ({
  remedy: remedy(id),
  on: addDays(day, after),
  isOwn: false,
  isOnPlant: true,
});
const against = (id: string, rounds: readonly Round[]) => (on: string, strength?: number) => {
  const use = remedyUse(remedy(id));
  return judge(knowledge, {
    remedy: remedy(id).id,
    things: thingsOf(knowledge, remedy(id), { strength }),
    ...(use === undefined ? {} : { use }),
    ...aroundOn(knowledge, rounds, on),
  });
};

describe('the next round of a remedy', () => {
  const { repeat } = remedy('soap-spray');
  if (!repeat) throw new Error('soap has rounds');

  test('counts from the last, not the first, and never before the look', () => {
    const after = (last: number, look: number) =>
      nextRoundOn(against('soap-spray', own('soap-spray', 0, last)), addDays(day, look));
    expect(after(5, 6)).toBe(addDays(day, 5 + repeat.everyDays[0]));
    expect(after(1, 30)).toBe(addDays(day, 30));
  });

  test('is none where the most lies within its span, and one again when that is over', () => {
    const days = Array.from({ length: repeat.most }, (_, round) => round * repeat.everyDays[0]);
    const asked = against('soap-spray', own('soap-spray', ...days));
    expect(nextRoundOn(asked, addDays(day, (days[days.length - 1] ?? 0) + 1))).toBeUndefined();
    expect(nextRoundOn(asked, addDays(day, repeat.inDays))).toBe(addDays(day, repeat.inDays));
  });

  test('keeps apart from what else the place has had, and from what is to come (seed 9)', () => {
    const ids = remedies.filter(({ repeat: rounds }) => rounds !== undefined).map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.array(fc.tuple(fc.constantFrom(...remedies.map(({ id }) => id)), fc.integer({ min: -10, max: 25 })), {
          maxLength: 4,
        }),
        (id, others) => {
          const asked = against(id, [...own(id, 0), ...others.map(([name, after]) => other(name, after))]);
          const on = nextRoundOn(asked, addDays(day, 3));
          if (on === undefined) return;
          expect(asked(on).filter((found) => found.level === 'stop' || onlyWaits(found))).toEqual([]);
          // No day before it would have done.
          for (let ahead = 3; ahead < daysBetween(day, on); ahead += 1)
            expect(asked(addDays(day, ahead)).some((found) => found.level === 'stop' || onlyWaits(found))).toBe(true);
        },
      ),
      { seed: 9, numRuns: 60 },
    );
  });
});

test('a day of picking counts until a week after it', () => {
  expect(daysToHarvest(day, addDays(day, 5))).toBe(5);
  expect(daysToHarvest(day, addDays(day, -7))).toBe(0);
  expect(daysToHarvest(day, addDays(day, -8))).toBeUndefined();
  expect(daysToHarvest(day, undefined)).toBeUndefined();
});
