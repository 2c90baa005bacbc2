import type { Draw, MarkOf } from '../mark';
import { cocoons } from './cocoons';
import { round } from './round';
import { stalked } from './stalked';
import { upright } from './upright';

const kinds: Record<MarkOf<'eggs'>['kind'], Draw<'eggs'>> = {
  upright,
  cocoons,
  stalked,
  round,
  barrels: round,
  raft: round,
};

export const eggs: Draw<'eggs'> = (drawn) => kinds[drawn.mark.kind](drawn);
