import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const gaps: Draw<'ground'> = () => (
  <G>
    {[
      [14, 56],
      [26, 56],
      [74, 56],
      [20, 80],
      [58, 80],
      [84, 80],
    ].map(([x = 0, y = 0]) => (
      <Path
        key={`${x} ${y}`}
        d={`M${x} ${y} v-8 M${x} ${y - 8} c-6 -2 -8 -6 -7 -9 c5 0 7 4 7 9 c0 -5 2 -9 7 -9 c1 3 -1 7 -7 9`}
        fill={ink.healthy}
        stroke={ink.rib}
        strokeWidth={1.3}
      />
    ))}
    {[
      [42, 54],
      [56, 54],
      [38, 78],
    ].map(([x = 0, y = 0]) => (
      <Circle
        key={`${x} ${y}`}
        cx={x}
        cy={y - 4}
        r={5}
        fill="none"
        stroke={ink.straw96}
        strokeWidth={1.3}
        strokeDasharray="2 2"
      />
    ))}
  </G>
);
