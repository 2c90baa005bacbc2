import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const box: Icon = () => (
  <G>
    <Path
      d="M-26 -4 L0 -14 L26 -4 V22 L0 32 L-26 22Z M-26 -4 L0 6 L26 -4 M0 6 V32"
      fill={ink.straw72}
      {...line}
      strokeWidth={2}
    />
    <Path
      d="M0 -8 V-24 M0 -20 C-8 -20 -12 -26 -11 -31 C-4 -31 0 -26 0 -20 C0 -26 4 -31 11 -31 C12 -26 8 -20 0 -20"
      fill={ink.healthy}
      stroke={ink.rib}
      strokeWidth={2}
    />
  </G>
);
