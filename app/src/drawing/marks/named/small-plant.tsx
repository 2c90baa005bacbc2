import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { pair, stalk } from '../../pieces';
import type { NamedMark } from '../mark';

export const smallPlant: NamedMark = () => (
  <G>
    <Path d="M30 82 V68" {...stalk} />
    {pair(30, 68, 0.45, ink.healthy)}
    <Path d="M72 82 V30" {...stalk} strokeDasharray="2 5" />
    <Path
      d="M72 34 C64 22 56 22 50 28 C58 36 66 38 72 34Z M72 34 C80 22 88 22 94 28 C86 36 78 38 72 34Z M72 56 C64 46 56 46 50 52 C58 60 66 60 72 56Z"
      fill="none"
      stroke={ink.line}
      strokeWidth={1.2}
      strokeDasharray="3 3"
    />
  </G>
);
