/** Heights of the layers in a jar test, any unit, sand at the bottom. */
export interface JarLayers {
  readonly sand: number;
  readonly silt: number;
  readonly clay: number;
}

/** Shares in %, together 100. */
export interface Texture {
  readonly sand: number;
  readonly silt: number;
  readonly clay: number;
}

export const textureClasses = [
  'sand',
  'loamy-sand',
  'sandy-loam',
  'loam',
  'silt-loam',
  'silt',
  'sandy-clay-loam',
  'clay-loam',
  'silty-clay-loam',
  'sandy-clay',
  'silty-clay',
  'clay',
] as const;
export type TextureClass = (typeof textureClasses)[number];

/**
 * Shares of sand, silt and clay from the heights in the jar. @throws RangeError when there is no layer
 * at all or one is negative.
 */
export function textureOf({ sand, silt, clay }: JarLayers): Texture {
  const total = sand + silt + clay;
  if (Math.min(sand, silt, clay) < 0 || !(total > 0))
    throw new RangeError('the layers must be heights, not all nothing');
  return { sand: (100 * sand) / total, silt: (100 * silt) / total, clay: (100 * clay) / total };
}

/**
 * The name of a soil in the texture triangle: the twelve classes of the common soil-survey triangle,
 * tested in the order in which they cut it.
 */
export function textureClass({ sand, silt, clay }: Texture): TextureClass {
  if (silt + 1.5 * clay < 15) return 'sand';
  if (silt + 2 * clay < 30) return 'loamy-sand';
  if (clay >= 40 && silt < 40 && sand <= 45) return 'clay';
  if (clay >= 40 && silt >= 40) return 'silty-clay';
  if (clay >= 35 && sand > 45) return 'sandy-clay';
  if (clay >= 27 && sand <= 20) return 'silty-clay-loam';
  if (clay >= 27 && sand <= 45) return 'clay-loam';
  if (clay >= 20 && silt < 28 && sand > 45) return 'sandy-clay-loam';
  if (silt >= 80 && clay < 12) return 'silt';
  if (silt >= 50 && clay < 27) return 'silt-loam';
  if (clay >= 7 && clay < 27 && silt >= 28 && sand <= 52) return 'loam';
  return 'sandy-loam';
}

/** Where a texture lies in a triangle of side 1: clay upwards, sand to the left corner, silt to the right. */
export function trianglePoint({ silt, clay }: Texture): { x: number; y: number } {
  return { x: (silt + clay / 2) / 100, y: clay / 100 };
}
