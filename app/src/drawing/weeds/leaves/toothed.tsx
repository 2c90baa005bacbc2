import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const toothed: Leaf = (fill) => (
  <Path
    d="M0 0 L-6 -5 L-4 -8 L-9 -12 L-6 -15 L-9 -20 L-5 -22 L-5 -27 L0 -32 L5 -27 L5 -22 L9 -20 L6 -15 L9 -12 L4 -8 L6 -5Z M0 -2 V-28"
    fill={fill}
    {...soft}
    strokeWidth={0.8}
  />
);
