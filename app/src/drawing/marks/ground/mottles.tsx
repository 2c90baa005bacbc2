import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const mottles: Draw<'ground'> = () => (
  <G>
    {strewn(12, 5, { x: 50, y: 76, rx: 40, ry: 18 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        d="M-7 0 C-6 -5 4 -6 7 -1 C5 5 -5 5 -7 0Z"
        fill={at % 2 ? ink.stone64 : ink.rust48}
      />
    ))}
  </G>
);
