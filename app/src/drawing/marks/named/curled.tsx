import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const curled: NamedMark = () => (
  <G>
    <Path
      d="M50 34 C36 34 24 26 26 12 C40 10 48 18 50 30 C52 16 62 8 76 14 C76 28 64 36 50 34Z"
      fill={ink.healthy}
      stroke={ink.line}
      strokeWidth={1.6}
    />
    <Path
      d="M30 16 C38 16 42 22 38 27 C34 29 31 25 34 22 M70 17 C62 17 58 23 62 28 C66 30 69 26 66 23"
      fill="none"
      stroke={ink.line}
      strokeWidth={1.8}
    />
  </G>
);
