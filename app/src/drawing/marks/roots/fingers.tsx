import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const fingers: Draw<'roots'> = () => (
  <Path
    d="M40 24 C30 34 20 46 22 66 C24 76 32 74 34 64 C34 78 34 92 42 92 C50 90 46 74 48 62 C50 78 52 94 60 92 C68 88 62 70 62 60 C66 72 76 78 80 68 C80 50 68 36 60 24Z"
    fill={ink.straw80}
    {...line}
  />
);
