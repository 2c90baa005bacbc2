import type { GardenView } from '@trowel/core/contract';
import type { PicturedPlace } from '@/drawing/garden/GardenPicture';

/** The places of a garden as its picture takes them. */
export const pictured = ({ beds }: Pick<GardenView, 'beds'>): PicturedPlace[] =>
  beds.map(({ id, name, setting, size, at, open, due }) => ({ id, name, setting, size, at, open: open.length, due }));
