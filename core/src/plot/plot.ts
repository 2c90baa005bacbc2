import { outlineOf, sized, type BedSize, type Corner, type Spot } from '../mix/bench/shapes';
import type { Setting } from '../tables';

export { edgeOf, outlineOf, type Spot } from '../mix/bench/shapes';

/** A place of the garden, as its picture takes it. */
export interface PlotPlace {
  readonly id: string;
  readonly setting: Setting;
  /** Null: nobody has measured it. */
  readonly size: BedSize | null;
  /** Null: nobody has laid it out yet. */
  readonly at: Spot | null;
}

/** A place as it lies in the picture, in metres. */
export interface LaidPlace {
  readonly id: string;
  readonly setting: Setting;
  readonly at: Spot;
  /** Along and across of the smallest rectangle round it. */
  readonly span: readonly [number, number];
  /** In order round it, in the garden; the four of its rectangle where it is round. */
  readonly corners: readonly Corner[];
  readonly isRound: boolean;
  readonly isMeasured: boolean;
  readonly isLaid: boolean;
}

export interface Plot {
  readonly places: readonly LaidPlace[];
  readonly from: Spot;
  readonly to: Spot;
}

/** How large a place is drawn until somebody measures it, m: as such places usually are. */
const usualSpan: Readonly<Record<Setting, readonly [number, number]>> = {
  bed: [3, 1.2],
  pot: [1.2, 0.8],
  indoors: [1.5, 0.6],
  greenhouse: [3, 2],
  lawn: [5, 3.5],
  tree: [2.5, 2.5],
};

/** What a place takes until it is measured. */
export function usualSize(setting: Setting): BedSize {
  const [length, width] = usualSpan[setting];
  return sized(setting === 'tree' ? { shape: 'circle', across: length } : { shape: 'rectangle', length, width });
}

const spanOf = (corners: readonly Corner[]): readonly [number, number] => [
  Math.max(...corners.map(([x]) => x)),
  Math.max(...corners.map(([, y]) => y)),
];

/** A path between places, m. */
const path = 0.6;
/** Places that nobody has laid out stand in rows about this long, m; longer where one place is. */
const rowLength = 9;

/**
 * The garden as it is drawn: every place where the gardener has laid it, and the others in rows below, in walking
 * order, with a path between them.
 */
export function plotOf(places: readonly PlotPlace[]): Plot {
  const outlines = new Map(places.map((place) => [place.id, outlineOf(place.size ?? usualSize(place.setting))]));
  const outline = (id: string) => outlines.get(id) ?? [];
  const laid = places.flatMap(({ id, at }) => (at ? [{ id, at, span: spanOf(outline(id)) }] : []));
  const left = Math.min(...laid.map(({ at }) => at.x));
  const inRows = rowsOf(
    places.flatMap(({ id, at }) => (at ? [] : [{ id, span: spanOf(outline(id)) }])),
    laid.length === 0 ? { x: 0, y: 0 } : { x: left, y: Math.max(...laid.map(({ at, span }) => at.y + span[1])) + path },
  );
  const drawn = places.map((place): LaidPlace => {
    const at = place.at ?? inRows.get(place.id) ?? { x: 0, y: 0 };
    return {
      id: place.id,
      setting: place.setting,
      at,
      span: spanOf(outline(place.id)),
      corners: outline(place.id).map(([x, y]) => [at.x + x, at.y + y]),
      isRound: (place.size ?? usualSize(place.setting)).shape === 'circle',
      isMeasured: place.size !== null,
      isLaid: place.at !== null,
    };
  });
  return {
    places: drawn,
    from: { x: Math.min(0, ...drawn.map(({ at }) => at.x)), y: Math.min(0, ...drawn.map(({ at }) => at.y)) },
    to: {
      x: Math.max(...drawn.map(({ at, span }) => at.x + span[0]), 1),
      y: Math.max(...drawn.map(({ at, span }) => at.y + span[1]), 1),
    },
  };
}

function rowsOf(
  places: readonly { readonly id: string; readonly span: readonly [number, number] }[],
  from: Spot,
): Map<string, Spot> {
  const spots = new Map<string, Spot>();
  let { x, y } = from;
  let deepest = 0;
  for (const { id, span } of places) {
    if (x > from.x && x + span[0] > from.x + rowLength) {
      x = from.x;
      y += deepest + path;
      deepest = 0;
    }
    spots.set(id, { x, y });
    x += span[0] + path;
    deepest = Math.max(deepest, span[1]);
  }
  return spots;
}

/** The middle of the rectangle round a place, in the garden. */
export const middleOf = ({ at, span }: Pick<LaidPlace, 'at' | 'span'>): Spot => ({
  x: at.x + span[0] / 2,
  y: at.y + span[1] / 2,
});
