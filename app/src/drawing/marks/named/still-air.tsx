import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const stillAir: NamedMark = () => (
  <G>
    <Path d="M30 78 V44 M44 78 V36 M58 78 V42 M72 78 V46" stroke={ink.rib} strokeWidth={3} />
    {[
      [30, 44],
      [44, 36],
      [58, 42],
      [72, 46],
    ].map(([x = 0, y = 0]) => (
      <Path
        key={x}
        d={`M${x} ${y + 10} c-16 -2 -16 -16 -10 -20 c8 2 12 10 10 20 c2 -12 10 -18 16 -16 c4 8 -6 16 -16 16Z`}
        fill={ink.healthy}
        {...line}
      />
    ))}
    <Path d="M20 22 H80 M26 14 H74" stroke={ink.water} strokeWidth={2.4} strokeDasharray="2 5" strokeLinecap="round" />
  </G>
);
