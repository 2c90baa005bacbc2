import { outlineOf, type Corner, type BedSize } from './shapes';

const { PI, cos, sin } = Math;

/** A sheet of card, m. */
export interface SheetSize {
  readonly length: number;
  readonly width: number;
  /** By which each lies over its neighbours, both ways. */
  readonly overlap: number;
}

/** What one flattened box gives, and an overlap through which runners do not find (growers). */
export const usualSheet: SheetSize = { length: 1, width: 0.6, overlap: 0.15 };

/** Sheets end to end over a stretch: each but the first covers its overlap less. */
const inRow = (stretch: number, sheet: number, overlap: number): number =>
  stretch <= 1e-9 ? 0 : Math.max(1, Math.ceil((stretch - overlap) / (sheet - overlap) - 1e-9));

/** How far an outline reaches within a strip across it. */
function reachIn(corners: readonly Corner[], from: number, to: number): number {
  const inside: number[] = [];
  corners.forEach(([x, y], at) => {
    const [nextX, nextY] = corners[(at + 1) % corners.length]!;
    if (y >= from - 1e-9 && y <= to + 1e-9) inside.push(x);
    for (const edge of [from, to])
      if ((y - edge) * (nextY - edge) < 0) inside.push(x + ((edge - y) / (nextY - y)) * (nextX - x));
  });
  return inside.length === 0 ? 0 : Math.max(...inside) - Math.min(...inside);
}

/** Sheets in rows along the first axis: row by row, as far as the bed reaches there. */
function inRows(corners: readonly Corner[], { length, width, overlap }: SheetSize): { rows: number; sheets: number } {
  const across = corners.map(([, y]) => y);
  const [low, high] = [Math.min(...across), Math.max(...across)];
  const rows = inRow(high - low, width, overlap);
  const sheets = Array.from({ length: rows }, (_, row) => {
    const from = low + row * (width - overlap);
    return Math.max(1, inRow(reachIn(corners, from, Math.min(high, from + width)), length, overlap));
  }).reduce((sum, row) => sum + row, 0);
  return { rows, sheets };
}

/** Corners round a circle, just outside it. */
const round = (across: number): Corner[] =>
  Array.from({ length: 48 }, (_, at): Corner => {
    const angle = (2 * PI * at) / 48;
    const radius = across / 2 / cos(PI / 48);
    return [radius * cos(angle), radius * sin(angle)];
  });

/**
 * Whole sheets that cover a bed in rows, overlapping both ways, laid along or across, whichever takes fewer. Of a bed of
 * which only the area is known, a square of it is taken. Source: geometry.
 */
export function sheetsFor(size: BedSize, sheet: SheetSize): { readonly rows: number; readonly sheets: number } {
  const corners = size.shape === 'circle' ? round(size.across) : outlineOf(size);
  const turned = corners.map(([x, y]): Corner => [y, x]);
  const [along, across] = [inRows(corners, sheet), inRows(turned, sheet)];
  return along.sheets <= across.sheets ? along : across;
}
