import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const lab: Icon = () => (
  <G>
    <Path
      d="M-8 -32 H8 M-5 -32 V-14 L-24 18 C-26 24 -24 28 -18 28 H18 C24 28 26 24 24 18 L5 -14 V-32"
      fill={ink.stone88}
      {...line}
      strokeWidth={2.4}
    />
    <Path d="M-17 8 H17 L24 20 C25 25 22 27 18 27 H-18 C-22 27 -25 25 -24 20Z" fill={ink.straw72} />
  </G>
);
