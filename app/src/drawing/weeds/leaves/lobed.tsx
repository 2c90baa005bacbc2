import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const lobed: Leaf = (fill) => (
  <Path
    d="M0 0 L-2 -7 L-9 -6 L-4 -12 L-11 -14 L-4 -19 L-10 -24 L-3 -25 L0 -36 L3 -25 L10 -24 L4 -19 L11 -14 L4 -12 L9 -6 L2 -7Z"
    fill={fill}
    {...soft}
    strokeWidth={0.8}
  />
);
