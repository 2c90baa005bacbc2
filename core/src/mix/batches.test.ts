import fc from 'fast-check';
import { addDays } from '../quantities/days';
import { batchKinds } from '../tables';
import { batchState, type Batch, type BatchEvent } from './batches';

const start = '2026-05-01';
const batch = (more: Partial<Batch> = {}): Batch => ({
  kind: 'weed',
  startedOn: start,
  volumeMl: 10_000,
  warmth: 22,
  events: [],
  ...more,
});
const on = (day: number, more: Partial<Batch> = {}) => batchState(batch(more), addDays(start, day));

describe('where a brew stands', () => {
  test.each([
    // Ready after 7 days at 22 °C, 14 at 12 °C, 3½ (so 4) at 32 °C.
    [22, '2026-05-08'],
    [12, '2026-05-15'],
    [32, '2026-05-05'],
  ])('a weed brew at %s °C is ready on %s', (warmth, readyOn) => {
    expect(on(0, { warmth }).readyOn).toBe(readyOn);
  });

  test.each([
    ['working', 3, {}],
    ['ready', 10, {}],
    ['past', 400, {}],
    ['gone', 10, { events: [{ kind: 'thrown-out', on: '2026-05-09' }] }],
    ['gone', 10, { events: [{ kind: 'used', on: '2026-05-09', ml: 10_000 }] }],
  ] as const)('it is %s on day %i', (stage, day, more) => {
    expect(on(day, more as Partial<Batch>).stage).toBe(stage);
  });

  test('neem leaf keeps two days from straining, whatever the warmth', () => {
    const events: BatchEvent[] = [{ kind: 'strained', on: '2026-05-04' }];
    expect(on(4, { kind: 'neem', events })).toMatchObject({
      readyOn: '2026-05-04',
      bestBefore: '2026-05-06',
      parts: 1,
    });
    expect(on(6, { kind: 'neem', events }).stage).toBe('past');
  });

  test('a stirred brew wants no stirring that day, and again the next', () => {
    const events: BatchEvent[] = [{ kind: 'stirred', on: '2026-05-03' }];
    const due = (day: number) => on(day, { events }).chores.filter((chore) => chore.due).length;
    expect(due(2)).toBe(0);
    expect(due(3)).toBe(2);
  });

  test('what was used is gone from it, and never more than there was (seed 51)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...batchKinds),
        fc.array(fc.integer({ min: 1, max: 4000 }), { maxLength: 8 }),
        fc.integer({ min: 0, max: 500 }),
        fc.integer({ min: 5, max: 35 }),
        (kind, uses, day, warmth) => {
          const events = uses.map((ml): BatchEvent => ({ kind: 'used', on: addDays(start, 1), ml }));
          const state = on(day, { kind, events, warmth });
          const used = uses.reduce((sum, ml) => sum + ml, 0);
          expect(state.leftMl).toBe(Math.max(0, 10_000 - used));
          expect(state.givesMl).toBeCloseTo(state.leftMl * (state.parts + 1), 6);
          expect(state.bestBefore >= state.readyOn).toBe(true);
          if (state.startNextBy !== undefined) expect(state.startNextBy >= addDays(start, day)).toBe(true);
        },
      ),
      { seed: 51 },
    );
  });

  test('days pass in one direction: working, ready, past; thinned ever more (seed 52)', () => {
    const order = ['working', 'ready', 'past', 'gone'];
    fc.assert(
      fc.property(
        fc.constantFrom(...batchKinds),
        fc.integer({ min: 0, max: 400 }),
        fc.integer({ min: 1, max: 100 }),
        (kind, day, more) => {
          const now = on(day, { kind });
          const later = on(day + more, { kind });
          expect(order.indexOf(later.stage)).toBeGreaterThanOrEqual(order.indexOf(now.stage));
          expect(later.parts).toBeGreaterThanOrEqual(now.parts);
        },
      ),
      { seed: 52 },
    );
  });
});
