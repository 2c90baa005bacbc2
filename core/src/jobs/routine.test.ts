import fc from 'fast-check';
import { batchState, type Batch } from '../mix';
import { addDays, daysBetween } from '../quantities';
import type { RemedyRow, RoutinePart, RoutineRow, StepSpec } from '../tables';
import { isHaltedBy } from './chain';
import { nextBrewOn, type Drawing } from './brews';
import { spreadOver } from './layer';
import { daysOfParts, partRow, partsAfter, partsFor, partsOf, roundsOf, shareOfLabel, stockFor } from './routine';
import { firstRound, roundNow } from './rounds';
import { compostShareFor } from './share';

const day = '2026-06-10';
const step = (id: string, phase: StepSpec['phase'], more: Partial<StepSpec> = {}): StepSpec => ({
  id,
  phase,
  does: id,
  why: id,
  gap: [0, 1],
  minutes: 5,
  window: { part: 'any' },
  ...more,
});
const feeding: RoutineRow = {
  id: 'feeding',
  name: 'Feeding',
  plain: '',
  honest: '',
  begins: { asks: 'From', says: '' },
  ends: { asks: 'Until', days: 40 },
  ways: {
    asks: 'How large',
    of: [
      { id: 'small', name: 'Small', why: '', parts: {} },
      { id: 'large', name: 'Large', why: '', parts: { feed: { everyDays: 6 }, mulch: { cm: 1 } } },
    ],
  },
  parts: [
    { id: 'stock', name: 'stock', starts: { days: -14 }, steps: [step('do', 'apply')] },
    { id: 'feed', name: 'feed', starts: { days: 0, needs: 'stock' }, everyDays: 10, steps: [step('do', 'apply')] },
    {
      id: 'flush',
      name: 'flush',
      starts: { after: 'feed', days: 1, found: ['overfed'] },
      steps: [step('do', 'apply')],
    },
    {
      id: 'look',
      name: 'look',
      starts: { after: 'feed', days: 2 },
      everyDays: 1,
      forDays: 3,
      steps: [step('do', 'after')],
    },
    { id: 'harden', name: 'harden', starts: { fromEnd: true, days: -7 }, steps: [step('do', 'apply')] },
    {
      id: 'mulch',
      name: 'mulch',
      starts: { after: 'look', days: 0 },
      steps: [step('lay', 'apply', { layer: { of: 'compost', cm: 2.5 } })],
    },
  ],
  source: 'judgement',
  grade: 'practice',
};

describe('the parts of a routine', () => {
  test('stand on their days, counted from its day, from one another and from its end; what waits for a finding has none', () => {
    const days = daysOfParts(feeding.parts, { begins: '2026-07-01', ends: '2026-07-31' }, day);
    expect(days.map(({ part, from, rounds }) => [part.id, from, rounds])).toEqual([
      ['stock', '2026-06-17', 1],
      ['feed', '2026-07-01', 4],
      ['look', '2026-07-03', 4],
      ['harden', '2026-07-24', 1],
      ['mulch', '2026-07-03', 1],
    ]);
  });

  test('begun too late, none stands before today, and what needs another does not stand before it', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40, max: 40 }), fc.integer({ min: 0, max: 60 }), (late, long) => {
        const begins = addDays(day, late);
        const days = new Map(
          daysOfParts(feeding.parts, { begins, ends: addDays(begins, long) }, day).map((one) => [
            one.part.id,
            one.from,
          ]),
        );
        for (const from of days.values()) expect(from >= day).toBe(true);
        expect((days.get('feed') ?? '') >= (days.get('stock') ?? '')).toBe(true);
        expect(daysBetween(days.get('feed') ?? '', days.get('look') ?? '')).toBe(2);
      }),
      { seed: 51 },
    );
  });

  test('rounds are as many as a calendar counts', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: -5, max: 200 }), (everyDays, long) => {
        let counted = 0;
        for (let on = day; on <= addDays(day, long); on = addDays(on, everyDays)) counted++;
        expect(roundsOf({ everyDays }, day, addDays(day, long)).rounds).toBe(counted);
      }),
      { seed: 52 },
    );
    expect(roundsOf({ everyDays: 7 }, day, null)).toEqual({ until: null, rounds: null });
    expect(roundsOf({}, day, null)).toEqual({ until: null, rounds: 1 });
  });

  test('a way changes what it names and nothing else; one that is no longer known is the usual one', () => {
    const of = (way: string | null) => new Map(partsOf(feeding, way).map((part) => [part.id, part]));
    expect(of('large').get('feed')?.everyDays).toBe(6);
    expect(of('large').get('mulch')?.steps?.[0]?.layer?.cm).toBe(1);
    expect(of('large').get('stock')).toEqual(feeding.parts[0]);
    expect([...of('gone').values()]).toEqual([...feeding.parts]);
  });

  test('what follows and what is called for are told apart', () => {
    expect(partsAfter(feeding.parts, 'feed').map(({ id }) => id)).toEqual(['look']);
    expect(partsFor(feeding.parts, 'feed', 'overfed').map(({ id }) => id)).toEqual(['flush']);
    expect(partsFor(feeding.parts, 'feed', 'pale')).toEqual([]);
  });

  test('a part that puts something on is its remedy by another name; without the remedy there is none', () => {
    const remedy = {
      id: 'soap',
      name: 'Soap',
      steps: [
        step('count', 'before', { kind: 'count' }),
        step('test-leaf', 'before', { kind: 'test-leaf', after: 'count' }),
        step('spray', 'apply', { applies: true, after: 'test-leaf' }),
        step('again', 'apply', { applies: true, after: 'spray' }),
        step('look', 'look', { after: 'again' }),
      ],
    } as unknown as RemedyRow;
    const part: RoutinePart = { id: 'adults', name: 'adults', remedy: 'soap', once: true, starts: { days: 0 } };
    const row = partRow({ remedies: [remedy] }, feeding, part);
    expect([row?.id, row?.name]).toEqual(['soap', 'Feeding: adults']);
    // One round, tried on a leaf first; the count is left to the series, and nothing hangs on it.
    expect(row?.steps.map(({ id, after }) => [id, after])).toEqual([
      ['test-leaf', undefined],
      ['spray', 'test-leaf'],
    ]);
    expect(firstRound(remedy)).toEqual(row?.steps);
    expect(partRow({ remedies: [] }, feeding, part)).toBeUndefined();
  });
});

describe('what is found', () => {
  const chain = { steps: [step('feed', 'apply'), step('look', 'after', { after: 'feed', halts: ['burnt'] })] };
  const rhythm = { chosenOn: day, everyDays: 8, until: null, pace: { pale: 5, overfed: 14 } };
  const after = (result: string) =>
    roundNow(
      chain,
      [
        { step: 'feed', round: 1, outcome: 'done', on: day },
        { step: 'look', round: 1, outcome: 'done', on: addDays(day, 4), result },
      ],
      rhythm,
    );
  test('changes how soon the next round comes, counted from the day it was done and not from the look', () => {
    expect(['thriving', 'pale', 'overfed'].map((result) => daysBetween(day, after(result).begins))).toEqual([8, 5, 14]);
  });
  test('ends the putting on where the step says so', () => {
    expect(after('burnt')).toMatchObject({ round: 2, isHalted: true, haltedBy: 'burnt' });
    expect(after('thriving').isHalted).toBe(false);
    expect(isHaltedBy({ kind: 'test-look' }, 'harmed')).toBe(true);
    expect(isHaltedBy({ kind: 'cards' }, 'harmed')).toBe(false);
  });
  test('after a rest no round begins before it was taken up again; one under way goes on', () => {
    const done = [{ step: 'feed', round: 1, outcome: 'done', on: day } as const];
    expect(roundNow({ steps: [step('feed', 'apply')] }, done, { ...rhythm, notBefore: '2026-08-01' }).begins).toBe(
      '2026-08-01',
    );
    expect(roundNow(chain, done, { ...rhythm, notBefore: '2026-08-01' })).toMatchObject({ round: 1, begins: day });
  });
});

describe('amounts', () => {
  const bed = (length: number, width: number) => ({
    area: length * width,
    plants: null,
    bed: { shape: 'rectangle' as const, length, width, area: length * width },
  });
  const layer = { of: 'chips' as const, cm: 10 };

  test('a layer by its bed, in all and each; whole sheets under it; what there is, as thin as it goes', () => {
    const places = [bed(3, 1.2), bed(2, 1)];
    expect(spreadOver({ layer, sheets: true }, places)).toMatchObject({
      litres: [360, 200],
      inAll: 560,
      // Two metres by one: five laid across, each as long as the bed is wide.
      sheets: 12 + 5,
    });
    const little = spreadOver({ layer }, places, 56_000);
    expect(little?.cm).toBeCloseTo(1, 9);
    expect(little?.litres.map((one) => Math.round(one ?? 0))).toEqual([36, 20]);
    // Of a bed that nobody measured nothing is made up.
    const unknown = spreadOver({ layer, sheets: true }, [bed(3, 1.2), { area: null, plants: null }]);
    expect(unknown).toMatchObject({ litres: [360, null], inAll: null, sheets: null });
    expect(spreadOver({}, places)).toBeUndefined();
  });

  test('a share of a label is never more than seedlings bear, nor more than the share', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 100, noNaN: true }),
        fc.double({ min: 0.1, max: 50, noNaN: true }),
        (mlPerLitre, nitrogen) => {
          const given = shareOfLabel({ mlPerLitre, nitrogen }, 0.25, 100, 3);
          expect(given.mlPerLitre).toBeLessThanOrEqual(mlPerLitre / 4 + 1e-9);
          expect(given.nitrogen).toBeLessThanOrEqual(100 + 1e-6);
          // mg/L = mL/L × g/mL × % × 10.
          expect(given.nitrogen).toBeCloseTo(given.mlPerLitre * 1.1 * nitrogen * 10, 6);
          expect(given.isHeld).toBe(given.mlPerLitre < mlPerLitre / 4 - 1e-9);
        },
      ),
      { seed: 53 },
    );
    expect(stockFor(100)).toBeCloseTo(110, 9);
  });

  test('compost goes where something takes much and it is worth it', () => {
    expect(compostShareFor({ poor: 0.9, isHungry: true }).share).toBe('little');
    expect(compostShareFor({ poor: 0.6, isHungry: true }).share).toBe('gets');
    expect(compostShareFor({ poor: undefined, isHungry: true }).share).toBe('gets');
    expect(compostShareFor({ poor: 0.6, isHungry: false }).share).toBe('little');
    expect(compostShareFor({ poor: 0.1, isHungry: false }).share).toBe('skips');
    expect(compostShareFor({ poor: undefined, isHungry: false })).toEqual({ share: 'skips', because: 'not-read' });
  });
});

test('the next brew is begun so that it is ready on the day on which this one no longer gives a round (seed 54)', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 200, max: 20_000 }),
      fc.integer({ min: 50, max: 3000 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 5, max: 30 }),
      (volumeMl, takesMl, everyDays, warmth) => {
        const batch: Batch = { kind: 'weed', startedOn: addDays(day, -60), volumeMl, warmth, events: [] };
        const job: Drawing = { takesMl, everyDays, nextOn: day, until: addDays(day, 120) };
        const found = nextBrewOn(batch, [job], day);
        // Poured round by round, by hand.
        const { bestBefore } = batchState(batch, day);
        let left = volumeMl;
        let dry: string | undefined;
        for (let on = day; on <= addDays(day, 120) && dry === undefined; on = addDays(on, everyDays)) {
          if (left + 0.5 < takesMl || on > bestBefore) dry = on;
          left -= takesMl;
        }
        if (dry === undefined) expect(found).toBeUndefined();
        else {
          const next = batchState({ ...batch, startedOn: found ?? '', events: [] }, found ?? '');
          expect(next.readyOn).toBe(dry);
        }
      },
    ),
    { seed: 54 },
  );
});
