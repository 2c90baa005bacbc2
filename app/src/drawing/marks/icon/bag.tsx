import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const bag: Icon = () => (
  <Path
    d="M-20 -20 C-10 -26 10 -26 20 -20 C16 -8 26 4 22 28 H-22 C-26 4 -16 -8 -20 -20Z M-16 -14 H16"
    fill={ink.straw80}
    {...line}
    strokeWidth={2}
  />
);
