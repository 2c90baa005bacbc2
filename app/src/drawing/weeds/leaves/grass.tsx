import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const grass: Leaf = (fill) => (
  <Path d="M-2 0 C-3 -18 -1 -30 3 -42 C2 -28 3 -14 2 0Z" fill={fill} {...soft} strokeWidth={0.8} />
);
