import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const shoulders: Draw<'fruit'> = () => (
  <Path
    d="M50 20 C30 16 18 28 15 44 C24 38 34 50 44 40 C54 50 66 38 85 46 C82 28 70 16 50 20Z"
    fill={ink.yellow}
    {...line}
    strokeWidth={1}
  />
);
