import { answerWeigh } from '@trowel/core/headless';
import { surelyHelps } from '@trowel/core/weigh';
import { rowById } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';

/** A remedy that was done as it should be and did not help speaks against what it is for. */
describe('failure as evidence', () => {
  const plant = 'broad bean';
  const signs = [{ sign: 'clusters' }, { sign: 'sticky' }];
  const chances = (failed: readonly string[]) => {
    const { causes } = answerWeigh(knowledge, { plant, month: 6, signs, failed: [...failed] });
    return new Map(causes.map((cause) => [cause.id, cause]));
  };
  const unknownAfter = (failed: readonly string[]) =>
    answerWeigh(knowledge, { plant, month: 6, signs, failed: [...failed] }).noneOfThese;
  const before = chances([]);
  const [leading] = [...before.keys()];
  const remedy = knowledge.remedies.find(
    ({ targets, expect: { reduction }, rung }) =>
      rung === 'home-made' &&
      reduction[0] >= 40 &&
      targets.some(({ of, fits, isBefore }) => of === leading && fits >= 0.7 && !isBefore),
  );

  test('the leader sinks, by no more than a home remedy’s failure can tell, and something else becomes likelier', () => {
    if (!remedy || leading === undefined) throw new Error('nothing home-made is for what leads here');
    const after = chances([remedy.id]);
    const odds = (of: ReadonlyMap<string, { probability: number }>) => {
      const { probability = 0 } = of.get(leading) ?? {};
      return probability / (1 - probability);
    };
    const ratio = odds(after) / odds(before);
    const fits = remedy.targets.find(({ of }) => of === leading)?.fits ?? 0;
    expect(ratio).toBeLessThan(0.9);
    // Rivals that it is for as well sink too, so the odds fall by at most what the failure says of this one alone.
    expect(ratio).toBeGreaterThan(1 - surelyHelps(remedy, fits) - 0.02);
    expect(after.get(leading)?.failed).toEqual([remedy.id]);
    expect(unknownAfter([remedy.id])).toBeGreaterThan(unknownAfter([]));
  });

  test('two failures say more than one; one that only prevents says nothing', () => {
    if (!remedy || leading === undefined) throw new Error('nothing home-made is for what leads here');
    const of = (failed: readonly string[]) => chances(failed).get(leading)?.probability ?? 0;
    expect(of([remedy.id, remedy.id])).toBeLessThan(of([remedy.id]));
    const preventive = knowledge.remedies.find(({ targets }) => targets.every(({ isBefore }) => isBefore));
    expect(of([preventive?.id ?? 'none'])).toBeCloseTo(of([]), 3);
  });

  test('the chance to help is bounded by fit and by what the remedy at least brings, and is never proof', () => {
    for (const row of knowledge.remedies)
      for (const { fits } of row.targets) {
        expect(surelyHelps(row, fits)).toBeLessThanOrEqual(Math.min(0.7, fits));
        expect(surelyHelps(row, fits)).toBeGreaterThanOrEqual(0);
      }
    expect(surelyHelps(rowById(knowledge.remedies, 'soap-spray', 'remedies'), 0.9)).toBeCloseTo(0.45, 9);
  });

  test('a remedy that is not known is named with its field', () => {
    expect(() => answerWeigh(knowledge, { plant, signs, failed: ['soap-spray', 'moon-dust'] })).toThrow(
      /failed\[1\].*"moon-dust"/,
    );
  });
});
