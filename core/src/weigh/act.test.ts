import fc from 'fast-check';
import { actionClasses, type ActionClass, type CauseRow, type RegretTable, type SignRow } from '../tables';
import { chooseAction, levelOf as levelWith } from './act';
import type { Situation } from './situation';

const aphids = { id: 'aphids', threshold: { sign: 'clusters', actAbove: 10, says: '' } } as unknown as CauseRow;
const signs = [{ id: 'slow', weakens: true }, { id: 'clusters' }] as unknown as SignRow[];
const levelOf = (cause: CauseRow, situation: Situation) => levelWith(cause, situation, signs);
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

/** Doing the right thing costs nothing, anything else one. */
const plain = Object.fromEntries(
  actionClasses.map((right) => [
    right,
    Object.fromEntries(actionClasses.map((chosen) => [chosen, chosen === right ? 0 : 1])),
  ]),
) as RegretTable;
const cause = (id: string, act: ActionClass, probability: number) => ({
  id,
  row: { id, act, weight: 1, signs: [] } as unknown as CauseRow,
  probability,
});
const ofKind = (kind: CauseRow['kind'], shows: readonly string[], of: ReturnType<typeof cause>) => ({
  ...of,
  row: { ...of.row, kind, signs: shows.map((sign) => ({ sign, strength: 0.8, why: '' })) },
});
const choose = (causes: ReturnType<typeof cause>[], noneOfThese = 0) =>
  chooseAction(plain, causes, [], noneOfThese, { evidence: [{ sign: 'dots', state: 'seen' }] }, []).class;

describe('what to do', () => {
  test('one likely cause is treated', () => expect(choose([cause('mites', 'treat-now', 0.8)])).toBe('treat-now'));

  test('two close rivals that would be treated each in its own way ask for another look, not for a third thing', () =>
    expect(choose([cause('mites', 'treat-now', 0.54), cause('aphids', 'treat-now', 0.4)])).toBe('watch'));

  test('nothing is treated before a cause to treat is likelier than not (300 random readings, seed 4)', () => {
    const causes = fc.array(fc.tuple(fc.constantFrom(...actionClasses), fc.double({ min: 0, max: 1, noNaN: true })), {
      maxLength: 6,
    });
    fc.assert(
      fc.property(causes, fc.double({ min: 0, max: 1, noNaN: true }), (rows, none) => {
        const weighed = rows.map(([act, probability], at) => cause(`cause-${at}`, act, probability));
        const isOneLikely = weighed.some(({ row, probability }) => row.act === 'treat-now' && probability > 0.5);
        if (!isOneLikely) expect(choose(weighed, none)).not.toBe('treat-now');
      }),
      { seed: 4, numRuns: 300 },
    );
  });

  test('a helper as likely as the pest: nothing is treated', () => {
    const aphids = ofKind('pest', ['dots'], cause('aphids', 'treat-now', 0.9));
    const ladybirds = (probability: number) => ofKind('helper', ['spines'], cause('ladybirds', 'leave', probability));
    // Two treated pests outvote what is left alone, until the helper is as likely as either.
    const mites = ofKind('pest', ['dots'], cause('mites', 'treat-now', 0.9));
    expect(choose([aphids, mites, ladybirds(0.95)])).toBe('leave');
    expect(choose([aphids, mites, ladybirds(0.6)])).toBe('treat-now');
  });

  test('a normal look stands before a disease only where it accounts for the same signs', () => {
    const rust = ofKind('disease', ['dots'], cause('rust', 'treat-now', 0.8));
    const blight = ofKind('disease', ['dots'], cause('blight', 'treat-now', 0.8));
    const spores = (shows: string) => ofKind('normal', [shows], cause('spores', 'leave', 0.85));
    expect(choose([rust, blight, spores('dots')])).toBe('leave');
    expect(choose([rust, blight, spores('something-else')])).toBe('treat-now');
  });
});
