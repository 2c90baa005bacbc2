import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const wedgeBurn: NamedMark = () => (
  <Path
    d="M50 8 C72 28 84 50 78 70 C70 52 58 38 50 34 C44 30 44 16 50 8Z"
    fill={ink.burnt}
    stroke={ink.line}
    strokeWidth={1}
  />
);
