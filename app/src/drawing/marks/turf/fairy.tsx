import { G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const fairy: Draw<'turf'> = () => (
  <G>
    <Path d="M14 84 C14 44 86 44 86 84" fill="none" stroke={ink.leaf40} strokeWidth={9} />
    <Path d="M14 84 C14 44 86 44 86 84" fill="none" stroke={ink.leaf48} strokeWidth={3} strokeDasharray="2 3" />
  </G>
);
