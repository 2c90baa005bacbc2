import { Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const tunnels: Draw<'roots'> = () => (
  <Path
    d="M40 38 C50 42 42 50 52 54 C62 58 48 64 54 72 C58 78 50 82 52 88 M60 36 C54 44 62 48 58 56"
    fill="none"
    stroke={ink.rust24}
    strokeWidth={3.4}
    strokeLinecap="round"
  />
);
