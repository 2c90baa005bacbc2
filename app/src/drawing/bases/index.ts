import type { PlateBase } from '@trowel/core/tables';
import type { Base } from './base';
import { apple } from './apple';
import { bed } from './bed';
import { berry } from './berry';
import { bulb } from './bulb';
import { cabbage } from './cabbage';
import { care } from './care';
import { carrot } from './carrot';
import { cucumber } from './cucumber';
import { fernFrond } from './fern-frond';
import { flower } from './flower';
import { fruit } from './fruit';
import { insect } from './insect';
import { lawn } from './lawn';
import { leaf } from './leaf';
import { leafUnder } from './leaf-under';
import { lobedLeaf } from './lobed-leaf';
import { longLeaf } from './long-leaf';
import { pod } from './pod';
import { pot } from './pot';
import { potato } from './potato';
import { profile } from './profile';
import { root } from './root';
import { seedling } from './seedling';
import { shoot } from './shoot';
import { soil } from './soil';
import { stem } from './stem';
import { trunk } from './trunk';
import { turf } from './turf';
import { water } from './water';
import { weed } from './weed';

/** What lies under the marks of a plate. Coordinates are on a card of 100 by 100. */
export const bases: Record<PlateBase, Base> = {
  leaf,
  'leaf-under': leafUnder,
  'lobed-leaf': lobedLeaf,
  shoot,
  stem,
  fruit,
  'long-leaf': longLeaf,
  'fern-frond': fernFrond,
  trunk,
  flower,
  apple,
  berry,
  pod,
  cucumber,
  carrot,
  potato,
  bulb,
  cabbage,
  seedling,
  pot,
  soil,
  profile,
  lawn,
  turf,
  water,
  root,
  insect,
  weed,
  bed,
  care,
};
