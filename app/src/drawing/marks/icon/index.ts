import type { Icon, MarkOf } from '../mark';
import { bag } from './bag';
import { bale } from './bale';
import { bottle } from './bottle';
import { box } from './box';
import { can } from './can';
import { clock } from './clock';
import { cutShort } from './cut-short';
import { dark } from './dark';
import { drops } from './drops';
import { dust } from './dust';
import { hail } from './hail';
import { lab } from './lab';
import { lamp } from './lamp';
import { moon } from './moon';
import { mower } from './mower';
import { paw } from './paw';
import { snow } from './snow';
import { spade } from './spade';
import { spray } from './spray';
import { sun } from './sun';
import { tap } from './tap';
import { tree } from './tree';
import { trowel } from './trowel';
import { turn } from './turn';
import { wind } from './wind';
import { window } from './window';

export const icons: Record<MarkOf<'icon'>['of'], Icon> = {
  sun,
  moon,
  drops,
  wind,
  snow,
  lamp,
  dark,
  box,
  spray,
  bale,
  turn,
  can,
  dust,
  tree,
  tap,
  bag,
  spade,
  mower,
  clock,
  hail,
  bottle,
  lab,
  window,
  'cut-short': cutShort,
  paw,
  trowel,
};
