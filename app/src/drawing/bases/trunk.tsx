import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const trunk: Base = () => (
  <G>
    <Path d="M2 88 H98 V98 H2Z" fill={ink.soil} {...rim} strokeWidth={1} />
    <Path
      d="M30 2 C34 30 32 60 16 90 C30 86 38 86 44 94 C50 88 58 88 66 93 C70 86 78 88 86 90 C70 60 68 30 70 2Z"
      fill={ink.earth56}
      {...rim}
    />
    <Path
      d="M40 4 C42 30 40 56 34 78 M58 4 C58 34 60 56 66 80 M50 20 C49 40 51 56 50 70"
      fill="none"
      stroke={ink.earth40}
      strokeWidth={1.3}
    />
  </G>
);
