import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { drop, line } from '../../pieces';
import type { NamedMark } from '../mark';

export const hardTap: NamedMark = () => (
  <G>
    <Path d="M18 30 H58 C70 30 72 40 72 50 H58 V44 H18Z M36 30 V20 H26 H48" fill={ink.steel} {...line} />
    {drop(65, 66, 0.8)}
    {strewn(11, 3, { x: 60, y: 50, rx: 14, ry: 5 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={2.4} fill={ink.white} {...line} strokeWidth={0.7} />
    ))}
  </G>
);
