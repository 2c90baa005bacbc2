import { inputError } from '../../problem';
import { metres, said, squareMetres, toSi, usualUnit, type MeasureSystem, type Said } from '../../quantities';
import { choice, maybe, quantity, text } from './field';

/** The fields that describe a bed; any area tool takes them. */
export const bedFields = {
  shape: choice(['rectangle', 'circle', 'L', 'outline', 'area'], 'rectangle'),
  length: quantity('length', { usual: 3, to: 1000, when: { field: 'shape', is: ['rectangle', 'L'] } }),
  width: quantity('length', { usual: 1.2, to: 1000, when: { field: 'shape', is: ['rectangle', 'L'] } }),
  across: quantity('length', { usual: 1.5, to: 1000, when: { field: 'shape', is: ['circle'] } }),
  cutLength: quantity('length', { usual: 1, to: 1000, when: { field: 'shape', is: ['L'] } }),
  cutWidth: quantity('length', { usual: 0.5, to: 1000, when: { field: 'shape', is: ['L'] } }),
  outline: maybe(text({ when: { field: 'shape', is: ['outline'] } })),
  area: quantity('area', { usual: 4, to: 1e5, when: { field: 'shape', is: ['area'] } }),
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

/** Metres along and across. */
export type Corner = [number, number];

/** m² inside a closed outline, corners in order (shoelace formula). */
export function areaOfOutline(corners: readonly Corner[]): number {
  let twice = 0;
  corners.forEach(([x, y], at) => {
    const [nextX, nextY] = corners[(at + 1) % corners.length]!;
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}

/** Corners in metres, typed in what beds are paced out in there: metres or feet. @throws InputError naming the corner that cannot be read. */
export function cornersOf(outline: string | undefined, system: MeasureSystem): Corner[] {
  const one = toSi('length', 1, usualUnit('length', system), system) ?? 1;
  const words = (outline ?? '')
    .trim()
    .split(/[\s;]+/)
    .filter((word) => word !== '');
  const corners = words.map((word, at): Corner => {
    const [x, y, more] = word.split(',').map(Number);
    if (x === undefined || y === undefined || more !== undefined || !Number.isFinite(x) || !Number.isFinite(y))
      throw inputError('values.outline', 'corner-broken', { corner: at + 1, given: word });
    return [x * one, y * one];
  });
  if (corners.length < 3) throw inputError('values.outline', 'too-few-corners');
  return corners;
}

type AreaLine = `area-${Bed['shape']}`;

/** What its shape asks for. */
const drawnOf = ({ outline, ...bed }: Bed, system: MeasureSystem): DrawnSize =>
  bed.shape === 'outline' ? { shape: bed.shape, corners: cornersOf(outline, system) } : { ...bed, shape: bed.shape };

/** m² of a bed, with how it was worked out. */
export function areaOf(bed: Bed, system: MeasureSystem): { area: number; size: BedSize; working: Said<AreaLine> } {
  const { length, width, across, cutLength, cutWidth } = bed;
  const drawn = drawnOf(bed, system);
  const size = sized(drawn);
  const { area } = size;
  const found = (code: AreaLine, data: Said['with']) => ({
    area,
    size,
    working: said(code, { ...data, area: squareMetres(area) }),
  });
  switch (bed.shape) {
    case 'rectangle':
      return found('area-rectangle', { length: metres(length), width: metres(width) });
    case 'circle':
      return found('area-circle', { across: metres(across) });
    case 'L':
      return found('area-L', {
        length: metres(length),
        width: metres(width),
        cutLength: metres(cutLength),
        cutWidth: metres(cutWidth),
      });
    case 'outline':
      return found('area-outline', { corners: 'corners' in drawn ? drawn.corners.length : 0 });
    case 'area':
      return found('area-area', {});
    default:
      return bed.shape satisfies never;
  }
}

/** A bed as it is measured, in metres: only what its shape asks for. */
export type DrawnSize =
  | { readonly shape: 'rectangle'; readonly length: number; readonly width: number }
  | { readonly shape: 'circle'; readonly across: number }
  | {
      readonly shape: 'L';
      readonly length: number;
      readonly width: number;
      readonly cutLength: number;
      readonly cutWidth: number;
    }
  | { readonly shape: 'outline'; readonly corners: readonly Corner[] }
  | { readonly shape: 'area'; readonly area: number };

/** The same with the m² that it encloses. */
export type BedSize = DrawnSize & { readonly area: number };

/**
 * A bed's measures with the area they enclose.
 * @throws InputError where they enclose nothing, or the corners are not in order
 */
export function sized(drawn: DrawnSize): BedSize {
  switch (drawn.shape) {
    case 'rectangle': {
      const { shape, length, width } = drawn;
      return { shape, length, width, area: length * width };
    }
    case 'circle': {
      const { shape, across } = drawn;
      return { shape, across, area: (Math.PI * across ** 2) / 4 };
    }
    case 'L': {
      const { shape, length, width, cutLength, cutWidth } = drawn;
      if (cutLength >= length || cutWidth >= width) throw inputError('values.cutLength', 'corner-too-large');
      return { shape, length, width, cutLength, cutWidth, area: length * width - cutLength * cutWidth };
    }
    case 'outline': {
      const { shape, corners } = drawn;
      const area = areaOfOutline(corners);
      if (area === 0) throw inputError('values.outline', 'outline-empty');
      if (crossesItself(corners)) throw inputError('values.outline', 'outline-crosses');
      return { shape, corners, area };
    }
    case 'area':
      return { shape: 'area', area: drawn.area };
    default:
      return drawn satisfies never;
  }
}

/** Where a place of the garden lies: metres from an origin of the gardener's own to the left and upper edge of what it takes. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** The left and upper edge of some corners. */
export const edgeOf = (corners: readonly Corner[]): Spot => ({
  x: Math.min(...corners.map(([x]) => x)),
  y: Math.min(...corners.map(([, y]) => y)),
});

/** The corners of a bed from its own left and upper edge, in order round it; of a circle, those of the square round it. */
export function outlineOf(size: BedSize): readonly Corner[] {
  switch (size.shape) {
    case 'outline': {
      const { x, y } = edgeOf(size.corners);
      return size.corners.map(([along, across]) => [along - x, across - y]);
    }
    case 'L': {
      const { length, width, cutLength, cutWidth } = size;
      return [
        [0, 0],
        [length - cutLength, 0],
        [length - cutLength, cutWidth],
        [length, cutWidth],
        [length, width],
        [0, width],
      ];
    }
    case 'area':
      return rectangle(Math.sqrt(size.area), Math.sqrt(size.area));
    case 'circle':
      return rectangle(size.across, size.across);
    case 'rectangle':
      return rectangle(size.length, size.width);
    default:
      return size satisfies never;
  }
}

const rectangle = (length: number, width: number): readonly Corner[] => [
  [0, 0],
  [length, 0],
  [length, width],
  [0, width],
];

/** True where two sides of an outline cross: then its corners are not in order. */
export function crossesItself(corners: readonly Corner[]): boolean {
  const sides = corners.map((from, at) => [from, corners[(at + 1) % corners.length]!] as const);
  const side = ([ax, ay]: Corner, [bx, by]: Corner, [x, y]: Corner) =>
    Math.sign((bx - ax) * (y - ay) - (by - ay) * (x - ax));
  return sides.some(([a, b], at) =>
    sides.slice(at + 1).some(([c, d]) => side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0),
  );
}

/** Corners as they are typed, in what beds are paced out in there: "0,0 3,0 3,1". */
export function cornersText(corners: readonly Corner[], system: MeasureSystem): string {
  const one = toSi('length', 1, usualUnit('length', system), system) ?? 1;
  const told = (metre: number) => Number((metre / one).toFixed(2));
  return corners.map(([x, y]) => `${told(x)},${told(y)}`).join(' ');
}

/** A bed's size as it is typed into the fields of a bed. @throws InputError naming the field */
export function bedSizeOf(given: Readonly<Record<string, unknown>>, system: MeasureSystem): BedSize {
  const read = <Name extends keyof typeof bedFields>(name: Name) =>
    bedFields[name].parse(given[name], `values.${name}`, system);
  const bed = Object.fromEntries(
    Object.keys(bedFields).map((name) => [name, read(name as keyof typeof bedFields)]),
  ) as unknown as Bed;
  return sized(drawnOf(bed, system));
}
