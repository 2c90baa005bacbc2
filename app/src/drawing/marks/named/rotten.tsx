import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const rotten: NamedMark = () => (
  <G>
    <Path
      d="M50 22 C48 40 40 52 26 66 C22 72 18 84 16 92 M50 22 C52 42 48 60 50 92 M50 34 C60 48 72 54 80 70 C84 78 84 86 86 94 M44 50 C36 54 26 54 20 56"
      stroke={ink.earth32}
      strokeWidth={6}
      fill="none"
      strokeLinecap="round"
    />
    <Path d="M66 58 C72 60 78 66 82 74" stroke={ink.card} strokeWidth={2} fill="none" />
    <Path d="M82 62 C90 64 92 72 90 80" stroke={ink.earth32} strokeWidth={3} fill="none" />
  </G>
);
