import type { Draw, MarkOf } from '../mark';
import { beads } from './beads';
import { cavity } from './cavity';
import { circling } from './circling';
import { fingers } from './fingers';
import { fork } from './fork';
import { green } from './green';
import { heart } from './heart';
import { lice } from './lice';
import { nodules } from './nodules';
import { rot } from './rot';
import { scabs } from './scabs';
import { tunnels } from './tunnels';

const kinds: Record<MarkOf<'roots'>['kind'], Draw<'roots'>> = {
  beads,
  fingers,
  nodules,
  tunnels,
  heart,
  fork,
  circling,
  scabs,
  rot,
  lice,
  green,
  cavity,
};

export const roots: Draw<'roots'> = (drawn) => kinds[drawn.mark.kind](drawn);
