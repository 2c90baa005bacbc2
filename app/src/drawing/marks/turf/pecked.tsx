import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const pecked: Draw<'turf'> = () => (
  <G>
    {strewn(7, 3, { x: 46, y: 72, rx: 34, ry: 16 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        d="M-6 2 L-2 -4 L3 -2 L7 3 L0 5Z"
        fill={ink.soil}
        {...line}
        strokeWidth={0.9}
      />
    ))}
    <G transform="translate(66 30) scale(1.2)">
      <Path d="M-14 4 C-12 -8 4 -10 9 -3 L18 4 L8 3 C4 10 -8 11 -14 4Z" fill={ink.stone24} {...line} strokeWidth={1} />
      <Path d="M-4 9 V18 M1 9 V18" {...line} strokeWidth={1.2} />
      <Circle cx={6} cy={-2} r={1.2} fill={ink.card} />
    </G>
  </G>
);
