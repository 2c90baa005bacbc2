import { inputError } from '../../contract/problem';
import { trim } from '../../measures';
import { choice, maybe, quantity, text } from './field';
import { line } from './tool';

/** The fields that describe a bed; any area tool takes them. */
export const bedFields = {
  shape: choice(
    'Bed',
    { rectangle: 'rectangle', circle: 'circle', L: 'L', outline: 'other outline', area: 'I know its area' },
    'rectangle',
  ),
  length: quantity('length', 'Length', { usual: 3, to: 1000, when: { field: 'shape', is: ['rectangle', 'L'] } }),
  width: quantity('length', 'Width', { usual: 1.2, to: 1000, when: { field: 'shape', is: ['rectangle', 'L'] } }),
  across: quantity('length', 'Across', { usual: 1.5, to: 1000, when: { field: 'shape', is: ['circle'] } }),
  cutLength: quantity('length', 'Missing corner, length', { usual: 1, to: 1000, when: { field: 'shape', is: ['L'] } }),
  cutWidth: quantity('length', 'Missing corner, width', { usual: 0.5, to: 1000, when: { field: 'shape', is: ['L'] } }),
  outline: maybe(
    text('Corners in metres', {
      hint: 'In order round the bed: 0,0  3,0  3,1  0,2',
      when: { field: 'shape', is: ['outline'] },
    }),
  ),
  area: quantity('area', 'Area', { usual: 4, to: 1e5, when: { field: 'shape', is: ['area'] } }),
} as const;

export interface Bed {
  readonly shape: 'rectangle' | 'circle' | 'L' | 'outline' | 'area';
  readonly length: number;
  readonly width: number;
  readonly across: number;
  readonly cutLength: number;
  readonly cutWidth: number;
  readonly outline: string | undefined;
  readonly area: number;
}

export type Corner = readonly [number, number];

/** m² inside a closed outline, corners in order (shoelace formula). */
export function areaOfOutline(corners: readonly Corner[]): number {
  let twice = 0;
  corners.forEach(([x, y], at) => {
    const [nextX, nextY] = corners[(at + 1) % corners.length]!;
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}

/** @throws InputError naming the corner that cannot be read. */
export function cornersOf(outline: string | undefined): Corner[] {
  const words = (outline ?? '')
    .trim()
    .split(/[\s;]+/)
    .filter((word) => word !== '');
  const corners = words.map((word, at): Corner => {
    const [x, y, more] = word.split(',').map(Number);
    if (x === undefined || y === undefined || more !== undefined || !Number.isFinite(x) || !Number.isFinite(y))
      throw inputError('values.outline', `corner ${at + 1}, "${word}", must be two numbers like 3,1.5`);
    return [x, y];
  });
  if (corners.length < 3) throw inputError('values.outline', 'needs at least three corners, like 0,0 3,0 3,2');
  return corners;
}

/** m² of a bed, with how it was worked out. */
export function areaOf(bed: Bed): { area: number; working: ReturnType<typeof line> } {
  const m = (value: number) => trim(value, 3);
  switch (bed.shape) {
    case 'rectangle': {
      const area = bed.length * bed.width;
      return { area, working: line('Area', `${m(bed.length)} m × ${m(bed.width)} m`, `${m(area)} m²`) };
    }
    case 'circle': {
      const area = (Math.PI * bed.across ** 2) / 4;
      return { area, working: line('Area', `π × (${m(bed.across)} m ÷ 2)²`, `${m(area)} m²`) };
    }
    case 'L': {
      if (bed.cutLength >= bed.length || bed.cutWidth >= bed.width)
        throw inputError('values.cutLength', 'the missing corner must be smaller than the bed');
      const area = bed.length * bed.width - bed.cutLength * bed.cutWidth;
      return {
        area,
        working: line(
          'Area',
          `${m(bed.length)} × ${m(bed.width)} − ${m(bed.cutLength)} × ${m(bed.cutWidth)}`,
          `${m(area)} m²`,
        ),
      };
    }
    case 'outline': {
      const corners = cornersOf(bed.outline);
      const area = areaOfOutline(corners);
      if (area === 0) throw inputError('values.outline', 'encloses nothing; give the corners in order round the bed');
      return { area, working: line('Area', `${corners.length} corners, shoelace formula`, `${m(area)} m²`) };
    }
    case 'area':
      return { area: bed.area, working: line('Area', 'as given', `${m(bed.area)} m²`) };
    default:
      return bed.shape satisfies never;
  }
}
