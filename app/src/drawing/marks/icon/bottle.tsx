import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const bottle: Icon = () => (
  <Path
    d="M-8 -32 H8 V-18 C18 -14 20 -6 20 4 V32 H-20 V4 C-20 -6 -18 -14 -8 -18Z M-20 8 H20"
    fill={ink.leaf80}
    {...line}
    strokeWidth={2}
  />
);
