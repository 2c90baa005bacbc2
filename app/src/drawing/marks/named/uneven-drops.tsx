import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { drop } from '../../pieces';
import type { NamedMark } from '../mark';

export const unevenDrops: NamedMark = () => (
  <G>
    {drop(28, 46, 0.7, false)}
    {drop(50, 46, 0.7, false)}
    {drop(74, 46, 1.5)}
    <Path d="M20 72 H60 M66 72 H84" stroke={ink.line} strokeWidth={2} />
    <Path d="M20 72 l2 -4 m6 4 l2 -4 m6 4 l2 -4 m6 4 l2 -4 m6 4 l2 -4" stroke={ink.line} strokeWidth={1.2} />
  </G>
);
