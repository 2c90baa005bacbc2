import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const turn: Icon = () => (
  <G>
    <Path d="M-22 4 A22 22 0 1 1 0 24" fill="none" {...line} strokeWidth={4} />
    <Path d="M-30 -4 L-22 8 L-12 -2" fill="none" {...line} strokeWidth={4} />
    <Path
      d="M0 10 V-8 M0 -4 C-8 -4 -10 -10 -9 -14 C-3 -14 0 -10 0 -4 C0 -10 3 -14 9 -14 C10 -10 8 -4 0 -4"
      fill={ink.healthy}
      stroke={ink.rib}
      strokeWidth={1.8}
    />
  </G>
);
