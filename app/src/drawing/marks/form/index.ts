import type { Draw, MarkOf } from '../mark';
import { bigBuds } from './big-buds';
import { blind } from './blind';
import { bolt } from './bolt';
import { broom } from './broom';
import { crook } from './crook';
import { dieback } from './dieback';
import { fall } from './fall';
import { lanky } from './lanky';
import { lean } from './lean';
import { many } from './many';
import { oneSide } from './one-side';
import { pucker } from './pucker';
import { rollUp } from './roll-up';
import { straps } from './straps';
import { tinyLeaves } from './tiny-leaves';
import { tube } from './tube';

const kinds: Record<MarkOf<'form'>['kind'], Draw<'form'>> = {
  'roll-up': rollUp,
  tube,
  straps,
  pucker,
  'tiny-leaves': tinyLeaves,
  lanky,
  lean,
  'big-buds': bigBuds,
  crook,
  broom,
  dieback,
  fall,
  'one-side': oneSide,
  bolt,
  many,
  blind,
};

export const form: Draw<'form'> = (drawn) => kinds[drawn.mark.kind](drawn);
