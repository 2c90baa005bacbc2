import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const oval: Leaf = (fill) => (
  <Path
    d="M0 0 C-10 -6 -10 -26 0 -32 C10 -26 10 -6 0 0Z M0 -2 V-28 M-4 -8 C-5 -16 -4 -22 -2 -27 M4 -8 C5 -16 4 -22 2 -27"
    fill={fill}
    {...soft}
    strokeWidth={0.8}
  />
);
