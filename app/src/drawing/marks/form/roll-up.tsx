import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

export const rollUp: Draw<'form'> = () => (
  <G>
    <Rect x={4} y={2} width={92} height={97} {...card} />
    <Path d="M50 96 C38 76 34 40 44 10 C48 30 52 30 56 10 C66 40 62 76 50 96Z" fill={ink.healthy} {...line} />
    <Path d="M44 10 C46 36 46 66 50 94 M56 10 C54 36 54 66 50 94" {...line} fill="none" />
    <Path
      d="M24 44 C28 34 34 32 38 34 M76 44 C72 34 66 32 62 34 M36 30 l3 4 l-5 1 M64 30 l-3 4 l5 1"
      {...line}
      strokeWidth={1.2}
      fill="none"
    />
  </G>
);
