import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const heart: Leaf = (fill) => (
  <Path
    d="M0 0 V-6 C-6 -2 -14 -6 -13 -14 C-12 -22 -4 -28 0 -36 C4 -28 12 -22 13 -14 C14 -6 6 -2 0 -6Z"
    fill={fill}
    {...soft}
    strokeWidth={0.8}
  />
);
