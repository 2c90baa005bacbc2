import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const split: NamedMark = () => (
  <Path
    d="M46 22 C42 40 56 52 46 72 C44 80 48 86 52 90 C52 82 60 74 56 58 C52 44 56 34 52 22Z"
    fill={ink.rust72}
    stroke={ink.line}
    strokeWidth={1.4}
  />
);
