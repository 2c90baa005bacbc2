import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const torn: Draw<'holes'> = () => (
  <Path
    d="M84 34 L66 42 L78 46 L60 56 L80 58 L62 68 L74 74 M22 44 L36 50 L24 56 L38 62 L28 70"
    fill="none"
    stroke={ink.card}
    strokeWidth={4.4}
  />
);
