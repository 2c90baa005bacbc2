import type { Draw, MarkOf } from '../mark';
import { drops } from './drops';
import { froth } from './froth';
import { gum } from './gum';
import { thread } from './thread';

const kinds: Record<MarkOf<'ooze'>['kind'], Draw<'ooze'>> = {
  froth,
  gum,
  thread,
  drops,
};

export const ooze: Draw<'ooze'> = (drawn) => kinds[drawn.mark.kind](drawn);
