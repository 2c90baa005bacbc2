import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const green: Draw<'roots'> = () => (
  <Path
    d="M54 32 C76 32 90 44 88 60 C87 70 80 78 68 82 C72 66 66 46 54 32Z"
    fill={ink.leaf64}
    {...line}
    strokeWidth={1}
  />
);
