import { Path } from 'react-native-svg';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const smell: NamedMark = () => (
  <Path
    d="M34 40 C28 32 40 26 34 16 M50 38 C44 30 56 22 50 10 M66 40 C60 32 72 26 66 16"
    stroke={ink.earth48}
    strokeWidth={3}
    fill="none"
    strokeLinecap="round"
  />
);
