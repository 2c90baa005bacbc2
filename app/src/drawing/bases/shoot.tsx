import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const shoot: Base = (tint) => (
  <G>
    <Path d="M50 98 C50 70 49 40 50 22" fill="none" stroke={ink.rib} strokeWidth={3.2} />
    <Path
      d="M50 80 C34 84 20 78 14 66 C30 62 44 68 50 80Z M50 66 C66 72 80 66 86 54 C70 50 56 54 50 66Z M50 50 C38 50 26 44 22 34 C36 32 46 38 50 50Z M50 40 C60 42 72 36 76 26 C64 22 52 28 50 40Z M50 26 C44 20 44 12 50 6 C56 12 56 20 50 26Z"
      fill={ink[tint]}
      {...rim}
    />
  </G>
);
