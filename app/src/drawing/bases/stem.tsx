import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const stem: Base = () => (
  <G>
    <Path d="M44 98 C46 60 44 30 46 4 L56 4 C55 30 57 60 56 98Z" fill={ink.moss64} {...rim} />
    <Path
      d="M46 60 C30 58 20 48 16 36 C32 36 42 46 46 60Z M56 36 C70 34 80 26 84 14 C70 14 60 22 56 36Z"
      fill={ink.healthy}
      {...rim}
    />
  </G>
);
