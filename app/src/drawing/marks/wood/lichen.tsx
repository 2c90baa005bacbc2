import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const lichen: Draw<'wood'> = () => (
  <G>
    {strewn(9, 3, { x: 50, y: 46, rx: 15, ry: 36 }).map(({ x, y }, at) => (
      <G key={at} transform={`translate(${x} ${y})`}>
        <Path
          d="M-6 0 C-7 -5 -2 -7 0 -5 C4 -8 8 -3 6 0 C8 4 2 7 0 5 C-4 7 -7 4 -6 0Z"
          fill={[ink.leaf80, ink.gold88, ink.stone72][at % 3]}
          stroke={ink.stone56}
          strokeWidth={0.8}
        />
      </G>
    ))}
  </G>
);
