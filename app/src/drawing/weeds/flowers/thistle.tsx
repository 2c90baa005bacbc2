import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const thistle: Flower = (bloom) => (
  <G>
    <Path d="M-6 10 C-9 2 -6 -2 0 -2 C6 -2 9 2 6 10Z" fill={ink.healthy} {...soft} />
    <Path
      d="M-8 -12 L-3 -1 M-4 -14 L-1 -2 M0 -15 V-2 M4 -14 L1 -2 M8 -12 L3 -1"
      stroke={bloom}
      strokeWidth={2.6}
      strokeLinecap="round"
    />
  </G>
);
