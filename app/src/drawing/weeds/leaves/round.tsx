import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const round: Leaf = (fill) => (
  <Path d="M0 0 V-8 C-12 -8 -12 -26 0 -27 C12 -26 12 -8 0 -8" fill={fill} {...soft} />
);
