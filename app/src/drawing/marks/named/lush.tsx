import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const lush: NamedMark = () => (
  <Path
    d="M50 84 C28 92 6 82 2 60 C26 52 46 62 50 84Z M50 70 C72 80 94 70 98 46 C74 40 54 50 50 70Z M50 48 C34 50 18 40 14 22 C34 16 48 28 50 48Z M50 42 C64 46 82 36 86 18 C66 12 52 24 50 42Z"
    fill={ink.dark}
    stroke={ink.line}
    strokeWidth={1.6}
  />
);
