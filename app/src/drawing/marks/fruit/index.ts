import type { Draw, MarkOf } from '../mark';
import { blackEye } from './black-eye';
import { bristlyBud } from './bristly-bud';
import { brownBuds } from './brown-buds';
import { deadCluster } from './dead-cluster';
import { eyeHole } from './eye-hole';
import { few } from './few';
import { flowerDrop } from './flower-drop';
import { hollow } from './hollow';
import { maggot } from './maggot';
import { odd } from './odd';
import { pits } from './pits';
import { rings } from './rings';
import { rough } from './rough';
import { scars } from './scars';
import { shoulders } from './shoulders';
import { smallDrop } from './small-drop';
import { smutCob } from './smut-cob';
import { zip } from './zip';

const kinds: Record<MarkOf<'fruit'>['kind'], Draw<'fruit'>> = {
  maggot,
  'eye-hole': eyeHole,
  scars,
  zip,
  shoulders,
  pits,
  rough,
  'small-drop': smallDrop,
  odd,
  rings,
  few,
  hollow,
  'brown-buds': brownBuds,
  'bristly-bud': bristlyBud,
  'dead-cluster': deadCluster,
  'smut-cob': smutCob,
  'black-eye': blackEye,
  'flower-drop': flowerDrop,
};

export const fruit: Draw<'fruit'> = (drawn) => kinds[drawn.mark.kind](drawn);
