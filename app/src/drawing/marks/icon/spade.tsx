import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const spade: Icon = () => (
  <Path
    d="M0 -32 V4 M-10 -32 H10 M-12 4 H12 V16 C12 24 6 30 0 33 C-6 30 -12 24 -12 16Z"
    fill={ink.steel}
    {...line}
    strokeWidth={3}
  />
);
