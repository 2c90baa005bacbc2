import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const tap: Icon = () => (
  <G>
    <Path
      d="M-26 -14 H6 C16 -14 18 -8 18 2 H8 C8 -4 6 -6 2 -6 H-26Z M-10 -14 V-24 M-18 -26 H-2"
      fill={ink.steel}
      {...line}
      strokeWidth={2.4}
    />
    <Path d="M13 8 q-6 10 0 14 q6 -4 0 -14Z" fill={ink.water} {...line} strokeWidth={1.4} />
  </G>
);
