import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const weedFlush: NamedMark = () => (
  <G>
    {strewn(17, 7, { x: 50, y: 66, rx: 44, ry: 20 }).map(({ x, y }, at) => (
      <G key={at}>
        <Path d={`M${x} ${y + 8} V${y}`} stroke={ink.healthy} strokeWidth={1.4} />
        <Path
          d={`M${x} ${y} c-7 -6 -10 0 -10 2 c4 2 8 1 10 -2 c7 -6 10 0 10 2 c-4 2 -8 1 -10 -2Z`}
          fill={ink.leaf72}
          {...line}
          strokeWidth={0.7}
        />
      </G>
    ))}
  </G>
);
