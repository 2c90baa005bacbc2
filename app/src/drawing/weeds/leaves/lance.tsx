import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const lance: Leaf = (fill) => (
  <Path d="M0 0 C-5 -10 -5 -26 0 -36 C5 -26 5 -10 0 0Z M0 -2 V-32" fill={fill} {...soft} strokeWidth={0.8} />
);
