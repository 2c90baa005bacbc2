import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const soil: Base = () => (
  <G>
    <Path d="M16 58 C20 44 80 44 84 58 L76 88 H24Z" fill={ink.white} {...rim} />
    <Path d="M18 60 C30 50 70 50 82 60 C70 68 30 68 18 60Z" fill={ink.soil} {...rim} />
  </G>
);
