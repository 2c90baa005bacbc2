import { Path } from 'react-native-svg';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const snow: Icon = () => (
  <Path
    d="M0 -28 V28 M-24 -14 L24 14 M-24 14 L24 -14 M-5 -24 L0 -18 L5 -24 M-5 24 L0 18 L5 24 M-23 -6 L-16 -9 L-19 -17 M23 6 L16 9 L19 17"
    fill="none"
    stroke={ink.slate48}
    strokeWidth={3.4}
    strokeLinecap="round"
  />
);
