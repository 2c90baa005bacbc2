import type { Draw, MarkOf } from '../mark';
import { halfMoons } from './half-moons';
import { lace } from './lace';
import { notches } from './notches';
import { ragged } from './ragged';
import { ribs } from './ribs';
import { round } from './round';
import { torn } from './torn';
import { windows } from './windows';

const kinds: Record<MarkOf<'holes'>['kind'], Draw<'holes'>> = {
  ragged,
  round,
  notches,
  'half-moons': halfMoons,
  windows,
  ribs,
  lace,
  torn,
};

export const holes: Draw<'holes'> = (drawn) => kinds[drawn.mark.kind](drawn);
