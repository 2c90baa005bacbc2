import * as fc from 'fast-check';
import { sized, type BedSize, type Corner } from '../mix';
import type { PlantRow } from '../tables';
import {
  onGrid,
  outlineOf,
  plotOf,
  reshaped,
  sameFamilyBefore,
  stretched,
  turned,
  usualSize,
  withCorner,
  type PlotPlace,
} from '.';

const bed = (id: string, given: Partial<PlotPlace> = {}): PlotPlace => ({
  id,
  setting: 'bed',
  size: null,
  at: null,
  ...given,
});
const rectangle = (length: number, width: number) => sized({ shape: 'rectangle', length, width });

const side = fc.double({ min: 0.5, max: 40, noNaN: true });
const anySize = fc.oneof(
  fc.record({ length: side, width: side }).map(({ length, width }) => rectangle(length, width)),
  side.map((across) => sized({ shape: 'circle', across })),
  fc
    .record({ length: side, width: side })
    .map(({ length, width }) => sized({ shape: 'L', length, width, cutLength: length / 3, cutWidth: width / 2 })),
);
const overlap = (a: readonly Corner[], b: readonly Corner[]) => {
  const box = (corners: readonly Corner[]) => ({
    left: Math.min(...corners.map(([x]) => x)),
    right: Math.max(...corners.map(([x]) => x)),
    top: Math.min(...corners.map(([, y]) => y)),
    bottom: Math.max(...corners.map(([, y]) => y)),
  });
  const [one, other] = [box(a), box(b)];
  return one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;
};

describe('the garden as it is drawn', () => {
  it('leaves a place where the gardener has laid it, also left of the origin', () => {
    const { places, from } = plotOf([bed('a', { at: { x: -3, y: 1 }, size: rectangle(2, 1) })]);
    expect(places[0]?.corners).toEqual([
      [-3, 1],
      [-1, 1],
      [-1, 2],
      [-3, 2],
    ]);
    expect(from).toEqual({ x: -3, y: 0 });
  });

  it('stands places that were never laid out in rows, none on another, with a path between', () => {
    fc.assert(
      fc.property(fc.array(anySize, { minLength: 1, maxLength: 14 }), fc.integer({ min: 0, max: 3 }), (sizes, laid) => {
        const { places } = plotOf(
          sizes.map((size, at) => bed(String(at), { size, ...(at < laid ? { at: { x: at * 100, y: 0 } } : {}) })),
        );
        for (const [at, one] of places.entries())
          for (const other of places.slice(at + 1)) expect(overlap(one.corners, other.corners)).toBe(false);
      }),
    );
  });

  it('draws a place that nobody has measured as such places usually are, and says so', () => {
    const [drawn] = plotOf([bed('a', { setting: 'tree' })]).places;
    expect(drawn).toMatchObject({ isMeasured: false, isLaid: false, isRound: true, span: [2.5, 2.5] });
  });
});

describe('stretching a bed', () => {
  it('keeps the corner across from it where it is', () => {
    expect(stretched({ at: { x: 1, y: 1 }, size: rectangle(2, 1) }, 0, { x: 0.5, y: 0.2 })).toEqual({
      at: { x: 0.5, y: 0.2 },
      size: rectangle(2.5, 1.8),
    });
  });

  it('keeps the middle of a circle', () => {
    const { at, size } = stretched({ at: { x: 0, y: 0 }, size: sized({ shape: 'circle', across: 2 }) }, 2, {
      x: 3,
      y: 2,
    });
    expect(size).toMatchObject({ shape: 'circle', across: 4 });
    expect(at).toEqual({ x: -1, y: -1 });
    expect(size.area).toBeCloseTo(12.566, 3);
  });

  it('takes a line of an L with it: the missing corner grows, the outer walls stay', () => {
    const l = sized({ shape: 'L', length: 4, width: 3, cutLength: 1, cutWidth: 1 });
    const { size } = stretched({ at: { x: 0, y: 0 }, size: l }, 2, { x: 2, y: 2 });
    expect(size).toMatchObject({ length: 4, width: 3, cutLength: 2, cutWidth: 2, area: 8 });
  });

  it('refuses a corner that would cross a side', () => {
    const square = sized({
      shape: 'outline',
      corners: [
        [0, 0],
        [2, 0],
        [2, 2],
        [0, 2],
      ],
    });
    const before = { at: { x: 0, y: 0 }, size: square };
    expect(stretched(before, 0, { x: 3, y: 1 })).toEqual(before);
  });

  it('never makes a bed of no size, and puts the corner where it was taken wherever the shape allows it', () => {
    const point = fc.record({
      x: fc.double({ min: -50, max: 50, noNaN: true }),
      y: fc.double({ min: -50, max: 50, noNaN: true }),
    });
    fc.assert(
      fc.property(anySize, fc.nat(5), point, (size, corner, to) => {
        const index = corner % outlineOf(size).length;
        const { at, size: after } = stretched({ at: { x: 0, y: 0 }, size }, index, to);
        expect(after.area).toBeGreaterThan(0);
        expect(after.shape).toBe(size.shape);
        // Stretched again to where its corner now is, nothing changes.
        const [x = 0, y = 0] = outlineOf(after)[index] ?? [];
        const again = stretched({ at, size: after }, index, { x: x + at.x, y: y + at.y });
        expect(again.size.area).toBeCloseTo(after.area, 1);
        expect(again.at.x).toBeCloseTo(at.x, 2);
      }),
    );
  });

  it('takes about the same room in another shape', () => {
    const size: BedSize = rectangle(4, 2);
    expect(reshaped(size, 'L').area).toBe(6);
    expect(reshaped(size, 'circle')).toMatchObject({ across: 2 });
    expect(outlineOf(reshaped(size, 'outline'))).toHaveLength(5);
    expect(withCorner(reshaped(size, 'outline')).area).toBeCloseTo(8, 6);
    expect(reshaped(usualSize('tree'), 'rectangle')).toMatchObject({ length: 2.5, width: 2.5 });
  });

  it('keeps its area when turned, and four quarter turns bring it back', () => {
    fc.assert(
      fc.property(anySize, (size) => {
        const all = [1, 2, 3, 4].reduce(turned, size);
        expect(all.area).toBeCloseTo(size.area, 2);
        const [from, to] = [outlineOf(size), outlineOf(all)];
        for (const [index, [x, y]] of from.entries()) {
          expect(to[index]?.[0]).toBeCloseTo(x, 2);
          expect(to[index]?.[1]).toBeCloseTo(y, 2);
        }
      }),
    );
  });

  it('lays beds to tenths of a metre, or quarters of a foot', () => {
    expect(onGrid({ x: 1.2345, y: 0.06 }, 'metric')).toEqual({ x: 1.2, y: 0.1 });
    expect(onGrid({ x: 0.3, y: 0 }, 'us').x).toBeCloseTo(0.3048, 4);
  });
});

describe('rotation', () => {
  const row = (id: string, groups: string[]) => ({ id, groups }) as unknown as PlantRow;
  const plants = [
    row('kale', ['brassica', 'leaf']),
    row('radish', ['brassica']),
    row('lettuce', ['leaf']),
    row('rose', []),
  ];
  const grew = (plant: string, from: string, to: string) => ({ plant, label: plant, from, to });

  it('remembers the family, not the plant, for three years', () => {
    const before = [grew('radish', '2024-03-01', '2024-06-01'), grew('lettuce', '2025-03-01', '2025-06-01')];
    expect(sameFamilyBefore(plants, 'kale', '2026-05-01', before)?.label).toBe('radish');
    expect(sameFamilyBefore(plants, 'kale', '2027-08-01', before)).toBeUndefined();
    // "Leaf crop" is no family.
    expect(
      sameFamilyBefore(plants, 'lettuce', '2026-05-01', [grew('kale', '2025-03-01', '2025-06-01')]),
    ).toBeUndefined();
    expect(sameFamilyBefore(plants, 'rose', '2026-05-01', [grew('rose', '2025-03-01', '2025-06-01')])).toBeUndefined();
  });

  it('does not count what was planted later', () => {
    const after = [grew('radish', '2026-06-01', '2026-07-01')];
    expect(sameFamilyBefore(plants, 'kale', '2026-05-01', after)).toBeUndefined();
  });
});
