import type { Draw, MarkOf } from '../mark';
import { blisters } from './blisters';
import { felt } from './felt';
import { nails } from './nails';
import { scales } from './scales';
import { warts } from './warts';

const kinds: Record<MarkOf<'bumps'>['kind'], Draw<'bumps'>> = {
  scales,
  warts,
  blisters,
  nails,
  felt,
};

export const bumps: Draw<'bumps'> = (drawn) => kinds[drawn.mark.kind](drawn);
