import type { Draw, MarkOf } from '../mark';
import { bracket } from './bracket';
import { laces } from './laces';
import { pimples } from './pimples';
import { threads } from './threads';
import { toadstools } from './toadstools';

const kinds: Record<MarkOf<'fungus'>['kind'], Draw<'fungus'>> = {
  bracket,
  laces,
  toadstools,
  threads,
  pimples,
};

export const fungus: Draw<'fungus'> = (drawn) => kinds[drawn.mark.kind](drawn);
