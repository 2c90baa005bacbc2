import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const silverStreaks: NamedMark = () => (
  <G>
    {strewn(9, 2).map(({ x, y }, at) => (
      <Path
        key={at}
        d={`M${x - 7} ${y + 5} C${x - 3} ${y - 3} ${x + 2} ${y + 1} ${x + 7} ${y - 5}`}
        stroke={ink.stone88}
        strokeWidth={3.6}
        strokeLinecap="round"
        fill="none"
      />
    ))}
    {strewn(16, 7).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.1} fill={ink.soot} />
    ))}
  </G>
);
