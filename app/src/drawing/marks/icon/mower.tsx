import { Circle, G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const mower: Icon = () => (
  <G>
    <Path d="M-24 8 H16 L20 -4 H-14Z M16 2 L32 -24" fill={ink.pot} {...line} strokeWidth={2.6} />
    <Circle cx={-16} cy={14} r={8} fill={ink.stone40} {...line} strokeWidth={2} />
    <Circle cx={12} cy={14} r={8} fill={ink.stone40} {...line} strokeWidth={2} />
    <Path d="M-32 28 H32 M-26 28 v-4 M-22 28 v-5 M24 28 v-5 M28 28 v-4" stroke={ink.leaf48} strokeWidth={2.4} />
  </G>
);
