import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const trowel: Icon = () => (
  <G>
    <Path d="M0 -34 V-16 M-6 -34 H6" {...line} strokeWidth={5} />
    <Path d="M-11 -14 H11 C14 6 8 22 0 30 C-8 22 -14 6 -11 -14Z" fill={ink.stone64} {...line} strokeWidth={2} />
  </G>
);
