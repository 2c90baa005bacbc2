import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const crumbs: Draw<'ground'> = () => (
  <G>
    {strewn(20, 3, { x: 50, y: 54, rx: 28, ry: 10 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        d="M-5 1 C-6 -4 -1 -5 1 -4 C5 -5 6 0 4 3 C1 5 -4 5 -5 1Z"
        fill={ink.earth24}
        stroke={ink.earth16}
        strokeWidth={0.7}
      />
    ))}
    <Path d="M66 46 c4 -8 10 -8 12 -14" stroke={ink.healthy} strokeWidth={2} fill="none" />
  </G>
);
