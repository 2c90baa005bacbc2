import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const tree: Icon = () => (
  <G>
    <Path d="M-4 30 V4 H4 V30Z" fill={ink.brown} {...line} />
    <Path
      d="M0 -32 C-26 -30 -30 -4 -14 6 C-6 12 6 12 14 6 C30 -4 26 -30 0 -32Z"
      fill={ink.dark}
      {...line}
      strokeWidth={2}
    />
    <Circle cx={-8} cy={-10} r={4} fill={ink.moss72} {...line} strokeWidth={1} />
    <Circle cx={9} cy={-16} r={4} fill={ink.moss72} {...line} strokeWidth={1} />
  </G>
);
