import type { Place } from '@trowel/core/plan';

/** The stand-in's climates, from nowhere on earth in particular: what a year is like there, by latitude. */
export const skies = ['maritime', 'continental', 'mediterranean', 'humid-summer', 'dry', 'tropical'] as const;
export type SkyKind = (typeof skies)[number];

/** Everything in °C is a straight line of the latitude, without its sign. */
export interface SkySpec {
  /** Mean of the year: at the equator, and less for each degree. */
  readonly mean: readonly [atEquator: number, perDegree: number];
  /** Half of what lies between the coldest and the warmest time of the year. */
  readonly swing: readonly [atEquator: number, perDegree: number];
  /** It rains where wetness, even between 0 and 1, is more: over the year, and so much more of it in high summer. */
  readonly wetFrom: number;
  readonly drierSummer: number;
  /** Half of what lies between night and noon, on dry days and on wet ones. */
  readonly day: readonly [dry: number, wet: number];
  /** mm in the hour of rain that a wetness one tenth beyond brings. */
  readonly pours: number;
}

/** Rough lines through the climate normals of a few towns of each kind (World Meteorological Organization, 1991–2020). */
export const skySpecs: Readonly<Record<SkyKind, SkySpec>> = {
  maritime: { mean: [28, 0.34], swing: [1.5, 0.105], wetFrom: 0.56, drierSummer: 0, day: [5, 2.5], pours: 0.6 },
  continental: { mean: [30, 0.45], swing: [3, 0.22], wetFrom: 0.59, drierSummer: -0.04, day: [6.5, 3], pours: 0.8 },
  mediterranean: { mean: [29, 0.33], swing: [2, 0.14], wetFrom: 0.66, drierSummer: 0.16, day: [6.5, 3], pours: 0.8 },
  'humid-summer': { mean: [31, 0.42], swing: [1, 0.27], wetFrom: 0.55, drierSummer: -0.06, day: [5.5, 3], pours: 1.2 },
  dry: { mean: [36, 0.42], swing: [2, 0.27], wetFrom: 0.86, drierSummer: 0, day: [8, 5], pours: 0.8 },
  tropical: { mean: [27.5, 0.05], swing: [0.5, 0.12], wetFrom: 0.54, drierSummer: -0.16, day: [4.5, 2.5], pours: 1.6 },
};

/** Where such climates are: a place is like the nearest of these. Degrees north and east. */
const like: Readonly<Record<SkyKind, readonly (readonly [north: number, east: number])[]>> = {
  maritime: [
    ...([
      [52, -1],
      [52, -6],
      [57, -4],
      [48, 0],
      [51, 5],
      [54, 9],
      [60, 5],
      [64, -21],
      [43, -6],
      [47, 8],
    ] as const),
    ...([
      [48, -123],
      [45, -124],
      [57, -135],
      [-38, 145],
      [-42, 147],
      [-41, 175],
      [-45, 170],
      [-40, -73],
    ] as const),
    ...([
      [-34, 25],
      [56, 12],
      [4.6, -74],
      [-0.2, -78.5],
      [19.4, -99.1],
      [9, 38.7],
      [-1.3, 36.8],
    ] as const),
  ],
  continental: [
    ...([
      [52, 21],
      [50, 14.5],
      [47.5, 19],
      [44, 26],
      [56, 38],
      [60, 30],
      [50, 30],
      [55, 83],
      [48, 107],
      [43, 77],
    ] as const),
    ...([
      [42, -88],
      [45, -93],
      [40, -83],
      [43, -79],
      [46, -72],
      [50, -97],
      [51, -114],
      [42, -72],
      [39, -95],
    ] as const),
    ...([
      [43, 142],
      [44, 126],
      [40, 116],
      [59, 18],
      [62, 26],
      [65, 26],
      [40, -105],
      [47, -117],
    ] as const),
  ],
  mediterranean: [
    ...([
      [38, -9],
      [41, 2],
      [43, 5],
      [42, 12.5],
      [38, 24],
      [41, 29],
      [37, 10],
      [36, 3],
      [33.5, 36],
      [32, 35],
    ] as const),
    ...([
      [34, -118],
      [38, -122],
      [37, -120],
      [-33, -71],
      [-34, 18.5],
      [-32, 116],
      [-35, 138.5],
      [36, -5],
      [40, 18],
    ] as const),
  ],
  'humid-summer': [
    ...([
      [34, -84],
      [30, -90],
      [36, -79],
      [39, -77],
      [33, -90],
      [30, -95.5],
      [28, -82],
      [36, 140],
      [35, 136],
    ] as const),
    ...([
      [31, 121],
      [23, 113],
      [30, 104],
      [37, 127],
      [22, 114],
      [-34, 151],
      [-27, 153],
      [-35, -58],
      [-31, -64],
    ] as const),
    ...([
      [-23.5, -46.6],
      [-30, 31],
      [-26, 28],
      [28, 77],
      [25, 85],
      [28, 84],
      [45, 12],
      [45.5, 9],
    ] as const),
  ],
  dry: [
    ...([
      [33, -112],
      [36, -115],
      [32, -106],
      [40, -112],
      [43, -116],
      [30, 31],
      [25, 45],
      [25, 55],
      [32, 53],
      [35, 51],
    ] as const),
    ...([
      [25, 67],
      [41, 69],
      [38, 58],
      [-24, 134],
      [-31, 142],
      [-23, -68],
      [-12, -77],
      [-22.6, 17],
      [15, 32],
      [12, 8],
    ] as const),
    ...([
      [14, -17],
      [31, -8],
      [41, -4],
      [26, -102],
      [-34, -68],
    ] as const),
  ],
  tropical: [
    ...([
      [1, 104],
      [14, 101],
      [21, 106],
      [16, 108],
      [14.6, 121],
      [-6, 107],
      [19, 73],
      [13, 80],
      [7, 80],
      [22, 88],
    ] as const),
    ...([
      [6, 3],
      [5.6, 0],
      [0.3, 32.6],
      [-6.8, 39],
      [-19, 47],
      [-12.5, 131],
      [-17, 146],
      [10, -67],
      [18, -77],
    ] as const),
    ...([
      [23, -82],
      [14, -90],
      [9, -80],
      [10, -84],
      [-3, -60],
      [-13, -38.5],
      [-23, -43],
      [21, -157],
      [25.7, -80.2],
    ] as const),
  ],
};

/** The climate at a place. */
export function skyAt({ latitude, longitude }: Pick<Place, 'latitude' | 'longitude'>): SkyKind {
  let best: { kind: SkyKind; far: number } = { kind: 'maritime', far: Infinity };
  for (const kind of skies)
    for (const [north, east] of like[kind]) {
      const far = apart(latitude, longitude, north, east);
      if (far < best.far) best = { kind, far };
    }
  return best.kind;
}

/** How far two places are from each other, as a share of what lies between the poles: along the great circle. */
function apart(north: number, east: number, otherNorth: number, otherEast: number): number {
  const turn = Math.PI / 180;
  const cos =
    Math.sin(north * turn) * Math.sin(otherNorth * turn) +
    Math.cos(north * turn) * Math.cos(otherNorth * turn) * Math.cos((east - otherEast) * turn);
  return Math.acos(Math.min(1, Math.max(-1, cos))) / Math.PI;
}
