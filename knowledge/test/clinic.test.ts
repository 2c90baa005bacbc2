import { knowledge } from '../src/reader';
import { grade, score } from './clinic';
import { keptAside, vignettes } from './vignettes';

describe('the clinic, on vignettes in gardeners’ words', () => {
  const graded = vignettes.map(grade);

  test('there are enough of them, every id is known, and no telling stands twice', () => {
    const causes = new Set(knowledge.causes.map(({ id }) => id));
    const conditions = new Set(knowledge.conditions.map(({ id }) => id));
    for (const { truth, of } of vignettes)
      for (const id of truth) expect((of === 'conditions' ? conditions : causes).has(id)).toBe(true);
    expect(new Set(vignettes.map(({ tells }) => tells)).size).toBe(vignettes.length);
    expect(vignettes.length).toBeGreaterThanOrEqual(150);
    expect(vignettes.filter(({ alike }) => alike).length).toBeGreaterThanOrEqual(30);
    expect(vignettes.filter(({ truth, of }) => truth.length > 1 && !of).length).toBeGreaterThanOrEqual(25);
    const kinds = new Set(
      vignettes.flatMap(({ truth }) =>
        truth.flatMap((id) => knowledge.causes.find((row) => row.id === id)?.kind ?? []),
      ),
    );
    expect([...kinds].sort()).toEqual(['care', 'disease', 'excess', 'helper', 'normal', 'pest', 'shortage', 'weather']);
  });

  test('the half kept aside: the leading cause is right, all stand among the first, no advice does harm', () => {
    const { count, top1, top3, harmful } = score(graded.filter(({ index }) => keptAside(index)));
    expect(count).toBeGreaterThanOrEqual(75);
    expect(top1).toBeGreaterThanOrEqual(0.85);
    expect(top3).toBeGreaterThanOrEqual(0.95);
    expect(harmful).toBe(0);
  });

  test('the other half does no harm either', () => {
    expect(graded.filter(({ index, harmful }) => !keptAside(index) && harmful.length > 0)).toEqual([]);
  });
});
