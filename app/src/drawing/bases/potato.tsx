import { G, Path } from 'react-native-svg';
import { rim } from './pieces';
import type { Base } from './base';
import { ink } from '../ink';

export const potato: Base = () => (
  <G>
    <Path
      d="M14 58 C12 38 34 30 54 32 C76 32 90 44 88 60 C86 78 64 86 44 84 C26 84 16 74 14 58Z"
      fill={ink.straw72}
      {...rim}
    />
    <Path d="M30 52 q4 -4 8 0 M62 46 q4 -4 8 0 M52 70 q4 -4 8 0" fill="none" stroke={ink.straw48} strokeWidth={1.4} />
  </G>
);
