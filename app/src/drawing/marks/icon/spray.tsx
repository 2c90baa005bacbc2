import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const spray: Icon = () => (
  <G>
    <Path
      d="M-14 30 V-2 H10 V30Z M-8 -2 V-12 H4 V-2 M-8 -12 L-22 -16 V-22 H6 L4 -12"
      fill={ink.stone64}
      {...line}
      strokeWidth={2}
    />
    <Path
      d="M12 -18 L26 -26 M12 -14 L28 -14 M12 -10 L26 -2"
      stroke={ink.water}
      strokeWidth={2.8}
      strokeDasharray="3 3"
    />
  </G>
);
