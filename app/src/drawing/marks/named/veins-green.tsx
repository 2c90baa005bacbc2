import { Path } from 'react-native-svg';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const veinsGreen: NamedMark = () => (
  <Path
    d="M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26"
    stroke={ink.dark}
    strokeWidth={4}
    fill="none"
    strokeLinecap="round"
  />
);
