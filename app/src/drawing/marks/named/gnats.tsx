import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { Bug, pair, stalk } from '../../pieces';
import type { NamedMark } from '../mark';

export const gnats: NamedMark = () => (
  <G>
    <Path d="M50 44 V22" {...stalk} />
    {pair(50, 24, 0.5, ink.healthy)}
    {[
      [24, 38, -30],
      [76, 34, 40],
      [66, 16, 20],
      [30, 14, -60],
      [84, 54, 10],
      [40, 40, 80],
    ].map(([x = 0, y = 0, turn = 0]) => (
      <G key={x}>
        <Bug x={x} y={y} size={0.75} fill={ink.soot} turn={turn} />
        <Path d={`M${x} ${y} l-5 4 M${x} ${y} l5 4`} stroke={ink.stone64} strokeWidth={1.8} />
      </G>
    ))}
  </G>
);
