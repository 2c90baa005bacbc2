import type { CreatureSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { toneColours } from '../ink';
import { bodies } from './index';

/** A creature from its parts, about 20 by 12 units, head to the right. */
export function Creature({ of }: { of: CreatureSpec }): ReactElement {
  return bodies[of.body]({
    of,
    fill: toneColours[of.tone],
    accent: toneColours[of.accent ?? 'black'],
    head: toneColours[of.head ?? (of.body === 'grub' ? 'brown' : of.tone)],
  });
}
