import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim, veins } from './pieces';
import type { Base } from './base';

const lobedPath =
  'M50 94 C44 84 22 88 20 72 C6 68 10 52 18 46 C8 36 20 22 32 26 C34 10 66 10 68 26 C80 22 92 36 82 46 C90 52 94 68 80 72 C78 88 56 84 50 94Z';

export const lobedLeaf: Base = (tint) => (
  <G>
    <Path d={lobedPath} fill={ink[tint]} {...rim} />
    <Path d={veins} fill="none" stroke={ink.rib} strokeWidth={1.6} />
  </G>
);
