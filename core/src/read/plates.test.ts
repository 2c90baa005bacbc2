import type { PlateSpec } from '../tables';
import { tellingMarks } from './plates';

const leaf = (...marks: PlateSpec['marks']): PlateSpec => ({ base: 'leaf', marks });
const brown = { draw: 'spots', tone: 'brown' } as const;
const yellow = { draw: 'spots', tone: 'yellow' } as const;
const burnt = { draw: 'edge', tone: 'brown' } as const;

describe('what a plate is told by from those beside it', () => {
  test('what stands on both is not it; what only one has, is', () => {
    const [one, other] = [leaf(burnt, brown), leaf(burnt, yellow)];
    expect(tellingMarks(one, [other])).toEqual([1]);
    expect(tellingMarks(other, [one])).toEqual([1]);
    expect(tellingMarks(leaf(burnt), [one])).toEqual([]);
  });

  test('of another base, or with marks of another kind, it is told at once, and by itself from nothing', () => {
    const one = leaf(brown);
    expect(tellingMarks(one, [leaf(burnt)])).toEqual([]);
    expect(tellingMarks(one, [{ base: 'root', marks: [burnt] }])).toEqual([]);
    expect(tellingMarks(one, [one])).toEqual([]);
    expect(tellingMarks(one, [])).toEqual([]);
  });

  test('beside several alike, what none of them has', () => {
    expect(
      tellingMarks(leaf(brown, yellow, burnt), [leaf(brown), leaf(burnt), { base: 'pod', marks: [yellow] }]),
    ).toEqual([1]);
  });
});
