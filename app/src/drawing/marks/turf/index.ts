import type { Draw, MarkOf } from '../mark';
import { casts } from './casts';
import { coins } from './coins';
import { dog } from './dog';
import { even } from './even';
import { fairy } from './fairy';
import { frayed } from './frayed';
import { hill } from './hill';
import { lift } from './lift';
import { mat } from './mat';
import { moss } from './moss';
import { patch } from './patch';
import { pecked } from './pecked';
import { ring } from './ring';
import { thatch } from './thatch';
import { threads } from './threads';

const kinds: Record<MarkOf<'turf'>['kind'], Draw<'turf'>> = {
  patch,
  lift,
  ring,
  coins,
  threads,
  frayed,
  moss,
  casts,
  pecked,
  thatch,
  hill,
  dog,
  even,
  fairy,
  mat,
};

export const turf: Draw<'turf'> = (drawn) => kinds[drawn.mark.kind](drawn);
