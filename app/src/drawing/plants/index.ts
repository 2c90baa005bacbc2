import type { PlantRow } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { bush } from './bush';
import { podded } from './podded';
import { potted } from './potted';
import { rosette } from './rosette';
import { stalk } from './stalk';
import { tree } from './tree';
import { vine } from './vine';

/** A plant to point at, by its habit. */
export const outlines: Record<PlantRow['drawing'], ReactElement> = {
  bush,
  vine,
  podded,
  rosette,
  stalk,
  potted,
  tree,
};
