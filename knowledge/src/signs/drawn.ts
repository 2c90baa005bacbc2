/** Signs that are drawn or told in the same way. */
import type { CreatureSpec } from '@trowel/core/tables';
import { plate } from './build';

export const one = (of: CreatureSpec, size = 2.6) => plate('insect', [{ draw: 'creature', of, size }]);
