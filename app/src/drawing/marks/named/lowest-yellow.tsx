import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const lowestYellow: NamedMark = () => (
  <G>
    <Path d="M50 80 C34 84 20 78 14 66 C30 62 44 68 50 80Z" fill={ink.yellow} stroke={ink.line} strokeWidth={1.6} />
    <Path d="M50 92 C64 96 76 92 82 82 C68 78 56 82 50 92Z" fill={ink.yellow} stroke={ink.line} strokeWidth={1.6} />
  </G>
);
