import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const sun: Icon = () => (
  <G>
    <Circle r={14} fill={ink.yellow} {...line} />
    <Path
      d="M0 -20 V-30 M0 20 V30 M-20 0 H-30 M20 0 H30 M-14 -14 L-21 -21 M14 14 L21 21 M14 -14 L21 -21 M-14 14 L-21 21"
      {...line}
      strokeWidth={2.6}
    />
  </G>
);
