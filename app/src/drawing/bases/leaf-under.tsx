import { G, Path } from 'react-native-svg';
import { leafPath } from '../pieces';
import { rim, veins } from './pieces';
import type { Base } from './base';
import { ink } from '../ink';

export const leafUnder: Base = () => (
  <G>
    <Path d={leafPath} fill={ink.leaf72} {...rim} />
    <Path d={veins} fill="none" stroke={ink.leaf56} strokeWidth={3.2} />
    <Path d="M50 93 V99" {...rim} />
    <Path d="M66 14 C78 10 88 16 90 26 L80 24 M90 26 L94 17" fill="none" {...rim} strokeWidth={1.2} />
  </G>
);
