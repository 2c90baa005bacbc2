import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { leafPath } from '../pieces';
import { rim, veins } from './pieces';
import type { Base } from './base';

export const leaf: Base = (tint) => (
  <G>
    <Path d={leafPath} fill={ink[tint]} {...rim} />
    <Path d={veins} fill="none" stroke={ink.rib} strokeWidth={1.4} />
    <Path d="M50 93 V99" {...rim} />
  </G>
);
