import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const arrow: Leaf = (fill) => (
  <Path d="M0 0 L0 -6 L-11 -1 C-8 -14 -5 -24 0 -33 C5 -24 8 -14 11 -1 L0 -6Z" fill={fill} {...soft} strokeWidth={0.8} />
);
