import { Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const string: Draw<'wood'> = () => (
  <Path d="M33 50 C44 56 58 56 68 50 M33 54 C44 60 58 60 68 54" fill="none" stroke={ink.straw96} strokeWidth={2.4} />
);
