import { G, Path } from 'react-native-svg';
import { fine } from '../pieces';
import type { Body } from './body';

export const wedge: Body = ({ fill }) => (
  <G>
    <Path d="M-11 2 C-6 -6 6 -6 11 0 C8 4 -4 5 -11 2Z" fill={fill} {...fine} />
    <Path d="M2 4 L-2 9 M6 3 L6 9" {...fine} />
  </G>
);
