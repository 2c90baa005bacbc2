import type { Draw, MarkOf } from '../mark';
import { cutLow } from './cut-low';
import { dug } from './dug';
import { fray } from './fray';
import { gone } from './gone';
import { hollow } from './hollow';
import { pecked } from './pecked';
import { ring } from './ring';
import { slant } from './slant';
import { torn } from './torn';

const kinds: Record<MarkOf<'gnaw'>['kind'], Draw<'gnaw'>> = {
  slant,
  torn,
  ring,
  pecked,
  gone,
  dug,
  fray,
  'cut-low': cutLow,
  hollow,
};

export const gnaw: Draw<'gnaw'> = (drawn) => kinds[drawn.mark.kind](drawn);
