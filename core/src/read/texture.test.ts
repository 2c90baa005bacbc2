import fc from 'fast-check';
import { textureClass, textureClasses, textureOf, trianglePoint } from './texture';

describe('the jar', () => {
  test('heights become shares', () => {
    expect(textureOf({ sand: 40, silt: 40, clay: 20 })).toEqual({ sand: 40, silt: 40, clay: 20 });
    expect(textureOf({ sand: 3, silt: 2, clay: 1 }).sand).toBeCloseTo(50, 9);
    expect(() => textureOf({ sand: 0, silt: 0, clay: 0 })).toThrow(/heights/);
    expect(() => textureOf({ sand: -1, silt: 2, clay: 1 })).toThrow(/heights/);
  });

  // Points well inside each field of the published triangle.
  test.each([
    [92, 5, 3, 'sand'],
    [82, 12, 6, 'loamy-sand'],
    [65, 25, 10, 'sandy-loam'],
    [40, 40, 20, 'loam'],
    [20, 65, 15, 'silt-loam'],
    [6, 88, 6, 'silt'],
    [60, 15, 25, 'sandy-clay-loam'],
    [33, 34, 33, 'clay-loam'],
    [10, 56, 34, 'silty-clay-loam'],
    [52, 8, 40, 'sandy-clay'],
    [7, 47, 46, 'silty-clay'],
    [20, 20, 60, 'clay'],
  ])('%d sand, %d silt, %d clay is %s', (sand, silt, clay, name) =>
    expect(textureClass({ sand, silt, clay })).toBe(name),
  );

  test('every soil has a name, its point lies in the triangle, and scaling the jar changes nothing (seed 11)', () => {
    const met = new Set<string>();
    fc.assert(
      fc.property(
        fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 100 })),
        ([sand, silt, clay]) => {
          const texture = textureOf({ sand, silt, clay });
          met.add(textureClass(texture));
          expect(texture.sand + texture.silt + texture.clay).toBeCloseTo(100, 9);
          const { x, y } = trianglePoint(texture);
          expect(y).toBeLessThanOrEqual(1);
          expect(x).toBeGreaterThanOrEqual(y / 2 - 1e-9);
          expect(x).toBeLessThanOrEqual(1 - y / 2 + 1e-9);
          expect(textureClass(textureOf({ sand: sand * 3, silt: silt * 3, clay: clay * 3 }))).toBe(
            textureClass(texture),
          );
        },
      ),
      { seed: 11, numRuns: 800 },
    );
    expect([...met].every((name) => (textureClasses as readonly string[]).includes(name))).toBe(true);
    expect(met.size).toBeGreaterThan(9);
  });
});
