import { crossesItself, sized, type BedSize, type Corner } from '../mix/bench/shapes';
import type { MeasureSystem } from '../quantities';
import { edgeOf, outlineOf, type Spot } from './plot';

/** Beds are laid to a tenth of a metre, or to a quarter of a foot: as they are paced out. */
export const gridStep = (system: MeasureSystem): number => (system === 'us' ? 0.0762 : 0.1);

/** The nearest point of the grid. */
export function onGrid({ x, y }: Spot, system: MeasureSystem): Spot {
  const step = gridStep(system);
  const to = (metre: number) => Number((Math.round(metre / step) * step).toFixed(4));
  return { x: to(x), y: to(y) };
}

/** A place after it was stretched: where its edge is now, and how large it is. */
export interface Stretched {
  readonly at: Spot;
  readonly size: BedSize;
}

/** No side is drawn shorter, m. */
const shortest = 0.2;

/**
 * Takes a corner of a place to a point of the garden; the corner across from it stays where it is. Of a circle the
 * middle stays. Whatever was known by its area alone becomes a rectangle.
 * @param corner index of the corner, in the order of `outlineOf`
 * @returns the place as it was, where the corner would cross a side
 */
export function stretched({ at, size }: Stretched, corner: number, to: Spot): Stretched {
  const here = outlineOf(size).map(([x, y]): Corner => [x + at.x, y + at.y]);
  switch (size.shape) {
    case 'circle': {
      const { across } = size;
      const middle = { x: at.x + across / 2, y: at.y + across / 2 };
      const wide = Math.max(shortest, 2 * Math.max(Math.abs(to.x - middle.x), Math.abs(to.y - middle.y)));
      return {
        at: { x: middle.x - wide / 2, y: middle.y - wide / 2 },
        size: sized({ shape: 'circle', across: metre(wide) }),
      };
    }
    case 'outline': {
      const moved = here.map((old, index): Corner => (index === corner ? [to.x, to.y] : old));
      return crossesItself(moved) ? { at, size } : asOutline(moved);
    }
    case 'L':
      return stretchedL(at, size, corner, to);
    case 'area':
    case 'rectangle': {
      const [fixedX, fixedY] = here[(corner + 2) % 4] ?? [0, 0];
      const isRight = corner === 1 || corner === 2;
      const isLower = corner === 2 || corner === 3;
      const x = isRight ? Math.max(to.x, fixedX + shortest) : Math.min(to.x, fixedX - shortest);
      const y = isLower ? Math.max(to.y, fixedY + shortest) : Math.min(to.y, fixedY - shortest);
      return {
        at: { x: Math.min(x, fixedX), y: Math.min(y, fixedY) },
        size: sized({ shape: 'rectangle', length: metre(Math.abs(x - fixedX)), width: metre(Math.abs(y - fixedY)) }),
      };
    }
    default:
      return size satisfies never;
  }
}

const metre = (value: number): number => Number(value.toFixed(4));

/** An L has three lines across and three along; each corner takes one of each with it. */
function stretchedL(at: Spot, size: BedSize & { readonly shape: 'L' }, corner: number, to: Spot): Stretched {
  const { length, width, cutLength, cutWidth } = size;
  const across = [at.x, at.x + length - cutLength, at.x + length];
  const along = [at.y, at.y + cutWidth, at.y + width];
  const linesOf = [
    [0, 0],
    [1, 0],
    [1, 1],
    [2, 1],
    [2, 2],
    [0, 2],
  ] as const;
  const [ofX, ofY] = linesOf[corner] ?? [0, 0];
  across[ofX] = to.x;
  along[ofY] = to.y;
  const [left = 0, inner = 0, right = 0] = across;
  const [top = 0, ledge = 0, bottom = 0] = along;
  const isOrdered =
    inner - left >= shortest && right - inner >= shortest && ledge - top >= shortest && bottom - ledge >= shortest;
  if (!isOrdered) return { at, size };
  return {
    at: { x: left, y: top },
    size: sized({
      shape: 'L',
      length: metre(right - left),
      width: metre(bottom - top),
      cutLength: metre(right - inner),
      cutWidth: metre(ledge - top),
    }),
  };
}

function asOutline(corners: readonly Corner[]): Stretched {
  const at = edgeOf(corners);
  return {
    at,
    size: sized({ shape: 'outline', corners: corners.map(([x, y]) => [metre(x - at.x), metre(y - at.y)]) }),
  };
}

/** The same place in another shape that takes about the same room. */
export function reshaped(size: BedSize, shape: 'rectangle' | 'circle' | 'L' | 'outline'): BedSize {
  const corners = outlineOf(size);
  const length = Math.max(...corners.map(([x]) => x));
  const width = Math.max(...corners.map(([, y]) => y));
  switch (shape) {
    case 'rectangle':
      return sized({ shape, length: metre(length), width: metre(width) });
    case 'circle':
      return sized({ shape, across: metre(Math.max(Math.min(length, width), shortest)) });
    case 'L':
      return sized({
        shape,
        length: metre(length),
        width: metre(width),
        cutLength: metre(length / 2),
        cutWidth: metre(width / 2),
      });
    case 'outline':
      return sized({ shape, corners: size.shape === 'outline' ? corners : midwayOnLongest(corners) });
    default:
      return shape satisfies never;
  }
}

/** One corner more, midway on the longest side: there to be pulled out. */
export const withCorner = (size: BedSize): BedSize =>
  sized({ shape: 'outline', corners: midwayOnLongest(outlineOf(size)) });

function midwayOnLongest(corners: readonly Corner[]): readonly Corner[] {
  const lengths = corners.map(([x, y], at) => {
    const [nextX, nextY] = corners[(at + 1) % corners.length] ?? [x, y];
    return Math.hypot(nextX - x, nextY - y);
  });
  const longest = lengths.indexOf(Math.max(...lengths));
  const [[fromX, fromY] = [0, 0], [toX, toY] = [0, 0]] = [corners[longest], corners[(longest + 1) % corners.length]];
  const middle: Corner = [metre((fromX + toX) / 2), metre((fromY + toY) / 2)];
  return [...corners.slice(0, longest + 1), middle, ...corners.slice(longest + 1)];
}

/** A quarter turn: what lay along lies across. */
export function turned(size: BedSize): BedSize {
  if (size.shape === 'circle' || size.shape === 'area') return size;
  if (size.shape === 'rectangle') return sized({ shape: 'rectangle', length: size.width, width: size.length });
  const corners = outlineOf(size);
  const width = Math.max(...corners.map(([, y]) => y));
  // An L has its missing corner in one place only: turned, it is an outline of its own.
  return sized({ shape: 'outline', corners: corners.map(([x, y]) => [metre(width - y), x]) });
}
