import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const longLeaf: Base = (tint) => (
  <G>
    <Path d="M50 98 C40 70 40 34 50 4 C60 34 60 70 50 98Z" fill={ink[tint]} {...rim} />
    <Path
      d="M50 96 V10 M46 84 C44 60 45 40 48 24 M54 84 C56 60 55 40 52 24"
      fill="none"
      stroke={ink.rib}
      strokeWidth={1}
    />
    <Path
      d="M50 98 C30 76 20 54 18 30 C32 42 44 62 50 86 M50 98 C70 78 80 58 84 36 C68 46 56 64 50 86"
      fill={ink[tint]}
      fillOpacity={0.55}
      {...rim}
      strokeWidth={1}
    />
  </G>
);
