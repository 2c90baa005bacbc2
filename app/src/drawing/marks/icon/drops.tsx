import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const drops: Icon = () => (
  <Path
    d="M-14 -12 q-10 16 0 22 q10 -6 0 -22Z M12 -22 q-12 20 0 28 q12 -8 0 -28Z M6 14 q-6 10 0 14 q6 -4 0 -14Z"
    fill={ink.water}
    {...line}
  />
);
