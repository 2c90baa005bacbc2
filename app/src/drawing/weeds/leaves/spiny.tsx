import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const spiny: Leaf = (fill) => (
  <Path
    d="M0 0 L-3 -6 L-11 -8 L-5 -12 L-12 -18 L-4 -20 L-8 -28 L0 -36 L8 -28 L4 -20 L12 -18 L5 -12 L11 -8 L3 -6Z M0 -2 V-32 M-11 -8 l-3 0 M-12 -18 l-3 -1 M-8 -28 l-2 -3 M11 -8 l3 0 M12 -18 l3 -1 M8 -28 l2 -3"
    fill={fill}
    {...soft}
    strokeWidth={0.8}
  />
);
