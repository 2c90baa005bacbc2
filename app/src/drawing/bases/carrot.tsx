import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const carrot: Base = () => (
  <G>
    <Path d="M2 28 H98" {...rim} />
    <Path
      d="M50 26 C44 14 36 10 30 4 M50 26 C50 14 50 8 50 2 M50 26 C56 14 64 10 70 4"
      fill="none"
      stroke={ink.rib}
      strokeWidth={3}
    />
    <Path d="M34 30 C38 24 62 24 66 30 C64 60 56 84 50 97 C44 84 36 60 34 30Z" fill={ink.orange} {...rim} />
    <Path d="M38 42 H46 M54 52 H61 M42 62 H48" stroke={ink.ochre48} strokeWidth={1.1} />
  </G>
);
