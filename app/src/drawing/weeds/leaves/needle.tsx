import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Leaf } from '../parts';

export const needle: Leaf = (fill) => (
  <G>
    <Path d="M0 0 V-30" stroke={ink.rib} strokeWidth={2} />
    <Path
      d="M0 -6 L-9 -12 M0 -6 L9 -12 M0 -13 L-9 -19 M0 -13 L9 -19 M0 -20 L-8 -26 M0 -20 L8 -26 M0 -27 L-5 -33 M0 -27 L5 -33"
      stroke={fill}
      strokeWidth={1.7}
    />
  </G>
);
