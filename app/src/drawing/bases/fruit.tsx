import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const fruit: Base = () => (
  <G>
    <Path
      d="M50 18 C24 14 10 36 14 58 C18 82 36 92 50 92 C64 92 82 82 86 58 C90 36 76 14 50 18Z"
      fill={ink.fruit}
      {...rim}
    />
    <Path d="M50 20 L38 12 L48 16 L50 4 L53 16 L63 11Z" fill={ink.dark} {...rim} />
    <Path d="M26 40 C28 32 34 28 40 27" fill="none" stroke={ink.card} strokeWidth={3} />
  </G>
);
