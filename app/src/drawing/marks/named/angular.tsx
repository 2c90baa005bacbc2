import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const angular: NamedMark = () => (
  <Path
    d="M51 73 L69 60 L66 46 L51 55Z M49 55 L30 42 L32 56 L42 62Z M51 37 L64 28 L70 38 L58 44Z"
    fill={ink.yellow}
    stroke={ink.gold56}
    strokeWidth={1}
  />
);
