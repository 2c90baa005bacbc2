import { Circle, G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const clock: Icon = () => (
  <G>
    <Circle r={26} fill={ink.white} {...line} strokeWidth={2.6} />
    <Path d="M0 0 V-18 M0 0 L12 8" {...line} strokeWidth={3.4} />
  </G>
);
