import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { drop } from '../../pieces';
import type { NamedMark } from '../mark';

export const noDrops: NamedMark = () => (
  <G>
    {drop(50, 50, 2, false)}
    <Path d="M26 76 L74 26" stroke={ink.fruit} strokeWidth={4} strokeLinecap="round" />
  </G>
);
