import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const fan: Leaf = (fill) => (
  <Path
    d="M0 0 C-14 -2 -18 -12 -14 -18 C-10 -14 -8 -16 -9 -22 C-4 -18 -2 -20 0 -26 C2 -20 4 -18 9 -22 C8 -16 10 -14 14 -18 C18 -12 14 -2 0 0Z M0 -2 V-16"
    fill={fill}
    {...soft}
    strokeWidth={0.9}
  />
);
