import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const lamp: Icon = () => (
  <G>
    <Path d="M0 -34 V-20 M-18 -4 C-16 -20 16 -20 18 -4Z" fill={ink.steel} {...line} strokeWidth={2.4} />
    <Path d="M-14 2 L-22 24 M0 2 V26 M14 2 L22 24" stroke={ink.gold64} strokeWidth={3} strokeDasharray="5 3" />
  </G>
);
