import { Path } from 'react-native-svg';
import { straw } from './pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const patch: Draw<'turf'> = () => (
  <Path
    d="M22 62 C26 48 48 46 58 54 C74 52 82 66 72 78 C60 90 36 88 28 80 C18 78 18 68 22 62Z"
    fill={straw}
    stroke={ink.straw56}
    strokeWidth={1.2}
  />
);
