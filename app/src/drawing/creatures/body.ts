import type { CreatureSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';

/** Draws a body in its colours, about 20 by 12 units, head to the right. */
export type Body = (drawn: { of: CreatureSpec; fill: string; accent: string; head: string }) => ReactElement;
