import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const can: Icon = () => (
  <G>
    <Path
      d="M-18 -8 H12 V24 H-18Z M12 10 L28 -14 L33 -10 L14 20 M-14 -8 C-14 -26 10 -26 10 -8"
      fill={ink.stone56}
      {...line}
      strokeWidth={2.4}
    />
    <Path d="M30 -4 q-2 6 0 8 q2 -2 0 -8Z M36 2 q-2 6 0 8 q2 -2 0 -8Z" fill={ink.water} />
  </G>
);
