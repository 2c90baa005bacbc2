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

/** m² of a bed, with how it was worked out. */
export function areaOf(bed: Bed, system: MeasureSystem): { area: number; working: Said<AreaLine> } {
  const { length, width, across, cutLength, cutWidth } = bed;
  const found = (area: number, code: AreaLine, data: Said['with']) => ({
    area,
    working: said(code, { ...data, area: squareMetres(area) }),
  });
  switch (bed.shape) {
    case 'rectangle':
      return found(length * width, 'area-rectangle', { length: metres(length), width: metres(width) });
    case 'circle':
      return found((Math.PI * across ** 2) / 4, 'area-circle', { across: metres(across) });
    case 'L':
      if (cutLength >= length || cutWidth >= width) throw inputError('values.cutLength', 'corner-too-large');
      return found(length * width - cutLength * cutWidth, 'area-L', {
        length: metres(length),
        width: metres(width),
        cutLength: metres(cutLength),
        cutWidth: metres(cutWidth),
      });
    case 'outline': {
      const corners = cornersOf(bed.outline, system);
      const area = areaOfOutline(corners);
      if (area === 0) throw inputError('values.outline', 'outline-empty');
      return found(area, 'area-outline', { corners: corners.length });
    }
    case 'area':
      return found(bed.area, 'area-area', {});
    default:
      return bed.shape satisfies never;
  }
}

/** Corners as they are typed, in what beds are paced out in there: "0,0 3,0 3,1". */
export function cornersText(corners: readonly Corner[], system: MeasureSystem): string {
  const one = toSi('length', 1, usualUnit('length', system), system) ?? 1;
  const told = (metre: number) => Number((metre / one).toFixed(2));
  return corners.map(([x, y]) => `${told(x)},${told(y)}`).join(' ');
}

/** A bed as it was measured, in metres and m²: only what its shape asks for. */
export interface BedSize {
  readonly shape: Bed['shape'];
  readonly length?: number;
  readonly width?: number;
  readonly across?: number;
  readonly cutLength?: number;
  readonly cutWidth?: number;
  readonly corners?: readonly Corner[];
  readonly area: number;
}

/** A bed's size as it is typed into the fields of a bed. @throws InputError naming the field */
export function bedSizeOf(given: Readonly<Record<string, unknown>>, system: MeasureSystem): BedSize {
  const read = <Name extends keyof typeof bedFields>(name: Name) =>
    bedFields[name].parse(given[name], `values.${name}`, system);
  const bed = Object.fromEntries(
    Object.keys(bedFields).map((name) => [name, read(name as keyof typeof bedFields)]),
  ) as unknown as Bed;
  const { area } = areaOf(bed, system);
  const asked = Object.entries(bedFields).flatMap(([name, { spec }]) =>
    spec.when?.is.includes(bed.shape) && name !== 'outline' && name !== 'area' ? [[name, bed[name as keyof Bed]]] : [],
  );
  return {
    ...Object.fromEntries(asked),
    shape: bed.shape,
    ...(bed.shape === 'outline' ? { corners: cornersOf(bed.outline, system) } : {}),
    area,
  };
}
