import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const root: Base = () => (
  <G>
    <Path d="M2 22 H98" {...rim} />
    <Path
      d="M50 22 C46 14 48 8 50 2 M50 10 C42 8 38 4 36 2 M50 12 C58 10 62 6 64 3"
      fill="none"
      stroke={ink.rib}
      strokeWidth={3}
    />
  </G>
);
