import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const casts: Draw<'turf'> = () => (
  <G>
    {strewn(6, 3, { x: 50, y: 68, rx: 34, ry: 18 }).map(({ x, y }, at) => (
      <G key={at} transform={`translate(${x} ${y})`}>
        <Path
          d="M-8 4 C-8 0 8 0 8 4 M-6 0 C-6 -4 6 -4 6 0 M-3.6 -4 C-3.6 -7 3.6 -7 3.6 -4"
          fill="none"
          stroke={ink.earth32}
          strokeWidth={3.6}
          strokeLinecap="round"
        />
      </G>
    ))}
  </G>
);
