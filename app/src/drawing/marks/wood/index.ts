import type { Draw, MarkOf } from '../mark';
import { buried } from './buried';
import { canker } from './canker';
import { cone } from './cone';
import { cutRing } from './cut-ring';
import { dHoles } from './d-holes';
import { heart } from './heart';
import { holes } from './holes';
import { lichen } from './lichen';
import { split } from './split';
import { stain } from './stain';
import { string } from './string';

const kinds: Record<MarkOf<'wood'>['kind'], Draw<'wood'>> = {
  canker,
  holes,
  'd-holes': dHoles,
  split,
  cone,
  string,
  lichen,
  'cut-ring': cutRing,
  buried,
  stain,
  heart,
};

export const wood: Draw<'wood'> = (drawn) => kinds[drawn.mark.kind](drawn);
