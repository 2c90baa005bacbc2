import type { WeedDrawing } from '@trowel/core/tables';
import type { Flower } from '../parts';
import { bell } from './bell';
import { button } from './button';
import { cross } from './cross';
import { daisy } from './daisy';
import { pea } from './pea';
import { plume } from './plume';
import { spike } from './spike';
import { star } from './star';
import { thistle } from './thistle';
import { umbel } from './umbel';

export const flowers: Record<Exclude<WeedDrawing['flower'], 'none'>, Flower> = {
  daisy,
  button,
  umbel,
  spike,
  pea,
  cross,
  bell,
  star,
  thistle,
  plume,
};
