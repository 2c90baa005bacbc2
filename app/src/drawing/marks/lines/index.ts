import type { Draw, MarkOf } from '../mark';
import { cracks } from './cracks';
import { oak } from './oak';
import { rings } from './rings';
import { streaks } from './streaks';

const kinds: Record<MarkOf<'lines'>['kind'], Draw<'lines'>> = {
  rings,
  oak,
  cracks,
  streaks,
};

export const lines: Draw<'lines'> = (drawn) => kinds[drawn.mark.kind](drawn);
