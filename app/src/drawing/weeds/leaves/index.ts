import type { WeedDrawing } from '@trowel/core/tables';
import type { Leaf } from '../parts';
import { arrow } from './arrow';
import { fan } from './fan';
import { feather } from './feather';
import { grass } from './grass';
import { heart } from './heart';
import { lance } from './lance';
import { lobed } from './lobed';
import { needle } from './needle';
import { oval } from './oval';
import { round } from './round';
import { scale } from './scale';
import { spiny } from './spiny';
import { three } from './three';
import { toothed } from './toothed';

export const leaves: Record<WeedDrawing['leaf'], Leaf> = {
  round,
  oval,
  lance,
  toothed,
  lobed,
  feather,
  three,
  grass,
  arrow,
  heart,
  spiny,
  needle,
  fan,
  scale,
};
