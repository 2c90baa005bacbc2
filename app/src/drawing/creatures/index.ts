import type { CreatureSpec } from '@trowel/core/tables';
import type { Body } from './body';
import { fly } from './fly';
import { grub } from './grub';
import { looper } from './looper';
import { moth } from './moth';
import { oval } from './oval';
import { wasp } from './wasp';
import { wedge } from './wedge';
import { worm } from './worm';

export const bodies: Record<CreatureSpec['body'], Body> = {
  oval,
  round: oval,
  long: oval,
  shield: oval,
  wedge,
  worm,
  looper,
  grub,
  fly,
  moth,
  wasp,
};
