import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const water: Base = () => (
  <G>
    <Path d="M14 26 H86 L80 96 H20Z" fill={ink.slate80} {...rim} />
    <Path d="M16 40 C30 36 40 44 52 40 C64 36 74 44 84 40 L80 95 H20Z" fill={ink.water} fillOpacity={0.65} />
    <Path d="M16 40 C30 36 40 44 52 40 C64 36 74 44 84 40" fill="none" {...rim} strokeWidth={1.2} />
  </G>
);
