import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const split: Draw<'wood'> = () => (
  <Path d="M48 8 C44 30 52 50 46 82 C52 84 56 82 56 78 C60 52 54 30 56 8Z" fill={ink.straw80} {...line} />
);
