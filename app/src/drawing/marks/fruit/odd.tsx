import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const odd: Draw<'fruit'> = () => (
  <Path
    d="M56 44 C66 40 76 46 72 58 C70 68 62 74 58 70 C60 62 54 52 56 44Z"
    fill={ink.straw72}
    {...line}
    strokeWidth={1}
  />
);
