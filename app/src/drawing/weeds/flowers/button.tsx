import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const button: Flower = (bloom) => (
  <G>
    <Circle r={7} fill={bloom} {...soft} />
    <Path d="M-4 -3 L4 3 M-4 3 L4 -3 M0 -5 V5" stroke={ink.line} strokeWidth={0.6} />
  </G>
);
