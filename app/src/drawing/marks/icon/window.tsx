import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const window: Icon = () => (
  <G>
    <Path d="M-26 -26 H26 V26 H-26Z" fill="none" {...line} strokeWidth={2.6} strokeDasharray="6 4" />
    <Path
      d="M-26 -10 H26 M-26 8 H26 M-10 -26 V26 M10 -26 V26"
      stroke={ink.stone72}
      strokeWidth={1.4}
      strokeDasharray="2 5"
    />
  </G>
);
