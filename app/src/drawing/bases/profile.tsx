import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const profile: Base = () => (
  <G>
    <Path d="M2 30 C20 26 40 32 60 28 C76 26 90 30 98 28 V98 H2Z" fill={ink.soil} {...rim} />
    <Path
      d="M2 56 C24 52 50 60 74 54 C86 52 94 56 98 54"
      fill="none"
      stroke={ink.earth40}
      strokeWidth={1.2}
      strokeDasharray="4 3"
    />
    <Path d="M8 28 l3 -10 M14 28 l-1 -12 M84 28 l3 -10 M90 28 l-2 -12" stroke={ink.healthy} strokeWidth={2} />
  </G>
);
