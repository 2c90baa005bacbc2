import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const cabbage: Base = () => (
  <G>
    <Path
      d="M50 94 C20 96 4 74 8 52 C18 54 26 60 30 70 C24 46 30 24 50 12 C70 24 76 46 70 70 C74 60 82 54 92 52 C96 74 80 96 50 94Z"
      fill={ink.healthy}
      {...rim}
    />
    <Path d="M50 90 C30 84 28 52 50 30 C72 52 70 84 50 90Z" fill={ink.leaf72} {...rim} />
    <Path d="M50 88 V40 M50 70 L40 58 M50 70 L60 58" fill="none" stroke={ink.leaf56} strokeWidth={1.6} />
  </G>
);
